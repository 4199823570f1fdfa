import { dimensionTable, type DimensionOverrides, type Family, type Size } from '../instruments';

/** Leaning less than this is within the error of a tape. */
const STEP = 0.1;

/**
 * The share by which an instrument plays as the next size up, from its length between the two; below 0 as the next one
 * down. In steps of a tenth: a millimetre makes no other instrument of it.
 *
 * @param sizes that count as steps, smallest first
 * @example A half of 530 mm, where halves have 520 and three quarters 560, leans by 0.3 (0.25, rounded up).
 */
export function leansOf(
  { family, size, overallMm }: { family: Family; size: Size; overallMm: number | null },
  sizes: readonly Size[],
  overrides?: DimensionOverrides
): number {
  if (overallMm === null) return 0;
  const lengthOf = new Map(dimensionTable(family, overrides).map((one) => [one.size, one.overallMm]));
  const own = lengthOf.get(size) ?? overallMm;
  const at = sizes.indexOf(size);
  const [up, down] = [sizes[at + 1], sizes[at - 1]];
  const next = overallMm > own ? up : down;
  // Beyond the largest and the smallest a step is as wide as the one before.
  const neighbour = lengthOf.get(next ?? (overallMm > own ? down : up) ?? size) ?? own;
  const gap = Math.abs(neighbour - own);
  if (gap === 0) return 0;
  const leans = Math.round((overallMm - own) / gap / STEP) * STEP;
  return Math.max(-1, Math.min(1, Math.round(leans * 10) / 10)) || 0;
}
