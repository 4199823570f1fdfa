/** What a surface is made of: each has its own tone on screen and on paper. */
export const TONES = [
  'skin',
  'nail',
  'top',
  'trousers',
  'shoe',
  'hair',
  'wood',
  'rib',
  'board',
  'bow',
  'rest',
  'seat',
  'metal'
] as const;
export type Tone = (typeof TONES)[number];

/** What every shape has. */
export interface Common {
  /** What it belongs to, for marks and for leaving out: `leftFinger2`, `torso`, `scroll`. */
  readonly part: string;
  /** Shapes of one flesh melt into each other: between them a line needs a jump in depth. */
  readonly flesh?: string;
  /** That jump, mm; `softEnd` at the far end of a cone. */
  readonly soft?: number;
  readonly softEnd?: number;
  /** Pieces of a line shorter than this are not drawn, mm. */
  readonly shortest?: number;
}
