import { dimensionTable, type NominalInstrument, type Size } from '../instruments';
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
 * By nominal dimensions: what a teacher types for a size changes where it stands, not what a body is held against.
 */
export const seatedLimits = (): ReadonlyMap<Size, SeatedLimit> =>
  (limits ??= limitsOf(dimensionTable('cello')));
let limits: ReadonlyMap<Size, SeatedLimit> | undefined;

const limitsOf = (table: readonly NominalInstrument[]) =>
  new Map(table.map((cello, index) => [cello.size, limitOf(cello, table[index + 1])]));

function limitOf(cello: NominalInstrument, nextSmaller: NominalInstrument | undefined): SeatedLimit {
  if (!nextSmaller || cello.heightFromMm === null || nextSmaller.heightToMm === null) return NONE;
  const body = averageSeatedBody((cello.heightFromMm + nextSmaller.heightToMm) / 2);
  return seatedPosture(body, cello, startPlacement(body));
}
