import { isShoulderFamily, type Family } from '../instruments';
import type { IsoDay } from '../time';

/** What belongs to playing beside instrument and bow. */
export const KIT_ITEMS = [
  'rest',
  'anchor',
  'rosin',
  'cloth',
  'strings',
  'mute',
  'pencil',
  'tape-measure'
] as const;
export type KitItem = (typeof KIT_ITEMS)[number];

/** What is not there, or not the player's own. */
export const KIT_STATES = ['missing', 'lent'] as const;
export type KitState = (typeof KIT_STATES)[number];

/** One thing of a player's kit that is missing, or that was lent to the player. */
export interface KitGap {
  readonly item: KitItem;
  readonly state: KitState;
  /** Whose it is; empty where nobody said. */
  readonly whose: string;
  /** The day by which it goes back; null for none. */
  readonly until: IsoDay | null;
}

/** The kit of a family: shoulder rests or sponges for the shoulder families, an anchor for the cello's pin. */
export const kitOf = (family: Family): readonly KitItem[] =>
  KIT_ITEMS.filter((item) =>
    item === 'rest' ? isShoulderFamily(family) : item === 'anchor' ? family === 'cello' : true
  );

/** Whether something that was lent should have gone back. */
export const isOverdue = ({ state, until }: KitGap, today: IsoDay): boolean =>
  state === 'lent' && until !== null && until < today;

/** How many of an item are missing, and how many are lent. */
export interface KitCount {
  readonly item: KitItem;
  readonly missing: number;
  readonly lent: number;
}

/** What is missing and lent over several kits, each item once and in the usual order; only where there is something. */
export function kitCounts(kits: readonly (readonly KitGap[])[]): readonly KitCount[] {
  const gaps = kits.flat();
  return KIT_ITEMS.map((item) => {
    const count = (state: KitState) => gaps.filter((gap) => gap.item === item && gap.state === state).length;
    return { item, missing: count('missing'), lent: count('lent') };
  }).filter(({ missing, lent }) => missing + lent > 0);
}
