import { dimensionTable, type DimensionOverrides, type NominalInstrument, type Size } from '../instruments';
import { seatedPosture, startPlacement } from './posture';
import { averageSeatedBody } from './seated-body';

/** The most that a size may ask of a player at the start position. */
export interface SeatedLimit {
  /** Distance from the right shoulder to where the bow plays, as a share of the arm's reach. */
  readonly armLoad: number;
  /** Lowest peg above the ear canal, mm. */
  readonly pegAboveEarMm: number;
}

const NONE: SeatedLimit = { armLoad: Infinity, pegAboveEarMm: Infinity };

/**
 * Limits of each cello size: what it asks of the average player whose height is the middle of the overlap of its
 * height band with that of the next smaller size. The smallest has none.
 *
 * @param overrides the teacher's own dimensions, for which the limits follow
 */
export function seatedLimits(overrides: DimensionOverrides = {}): ReadonlyMap<Size, SeatedLimit> {
  const table = dimensionTable('cello', overrides);
  const known = cache.get(table);
  if (known) return known;
  const limits = new Map(table.map((cello, index) => [cello.size, limitOf(cello, table[index + 1])]));
  cache.set(table, limits);
  return limits;
}

/** The table of nominal dimensions is one object, so its limits are computed once. */
const cache = new WeakMap<readonly NominalInstrument[], ReadonlyMap<Size, SeatedLimit>>();

function limitOf(cello: NominalInstrument, nextSmaller: NominalInstrument | undefined): SeatedLimit {
  if (!nextSmaller || cello.heightFromMm === null || nextSmaller.heightToMm === null) return NONE;
  const body = averageSeatedBody((cello.heightFromMm + nextSmaller.heightToMm) / 2);
  return seatedPosture(body, cello, startPlacement(body));
}
