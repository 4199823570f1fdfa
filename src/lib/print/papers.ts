import type { LengthUnit } from '$lib/core/length';

/** Papers that schools have, breadth and height in mm; A6 is a card. */
export const PAPERS = { a6: [105, 148], a4: [210, 297], letter: [215.9, 279.4] } as const;
export type Paper = keyof typeof PAPERS;

/** The sheet that lies in the printer where lengths are read in a unit. */
export const paperOf = (unit: LengthUnit): Paper => (unit === 'in' ? 'letter' : 'a4');
