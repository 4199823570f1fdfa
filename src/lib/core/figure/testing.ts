import { dimensionsOf, type Family } from '../instruments';
import type { PictureQuestion } from './picture';

/** A size of each family, and the height of a player whom it fits, mm. */
export const SAMPLES: Readonly<Record<Family, readonly [size: string, heightMm: number]>> = {
  violin: ['1/4', 1260],
  viola: ['13 in', 1420],
  cello: ['1/2', 1310],
  bass: ['1/2', 1480]
};

/** A player of a family with the instrument that fits, as it is asked for in tests. */
export const sample = (family: Family, more: Partial<PictureQuestion> = {}): PictureQuestion => ({
  family,
  instrument: dimensionsOf(family, SAMPLES[family][0]),
  readings: { height: [SAMPLES[family][1]] },
  ...more
});
