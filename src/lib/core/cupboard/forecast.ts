import { daysBetween, type IsoDay } from '../time';
import type { Size } from '../instruments';
import type { Wanted } from './assign/types';

/** Days on which a size is outgrown with a chance of 10, 50 and 90 %; null where that is not to be seen. */
interface Outgrown {
  readonly early: IsoDay | null;
  readonly middle: IsoDay | null;
  readonly late: IsoDay | null;
}

/** Before the first and after the last of the days that are known. */
const ENDS = [0.02, 0.98] as const;

/**
 * The chance that a size is outgrown on a day: between the days of 10, 50 and 90 % along a line.
 *
 * @example
 * // half way between the days of 10 and 50 %
 * chanceOutgrown({ early: '2027-01-01', middle: '2027-03-02', late: null }, '2027-01-31') // 0.3
 */
export function chanceOutgrown(outgrown: Outgrown | null, day: IsoDay): number {
  const known = (
    [
      [outgrown?.early, 0.1],
      [outgrown?.middle, 0.5],
      [outgrown?.late, 0.9]
    ] as const
  ).flatMap(([on, chance]) => (on ? [{ on, chance }] : []));
  const next = known.findIndex(({ on }) => day < on);
  if (next === 0 || known.length === 0) return known.length === 0 ? 0 : ENDS[0];
  const before = known[next === -1 ? known.length - 1 : next - 1];
  const after = known[next];
  if (!before) return 0;
  // Beyond what is known it is at least as likely as on the last day that is.
  if (next === -1 || !after) return day === before.on || known.length < 3 ? before.chance : ENDS[1];
  const share = daysBetween(before.on, day) / daysBetween(before.on, after.on);
  return before.chance + share * (after.chance - before.chance);
}

/**
 * What is wanted on a day of somebody who plays a size: it, or the next one once it is outgrown.
 *
 * @param sizes that count, smallest first
 */
export function wantedOn(
  size: Size,
  outgrown: Outgrown | null,
  sizes: readonly Size[],
  day: IsoDay
): readonly Wanted[] {
  const next = sizes[sizes.indexOf(size) + 1];
  const chance = next === undefined || !sizes.includes(size) ? 0 : chanceOutgrown(outgrown, day);
  const both = [
    { size, chance: 1 - chance },
    { size: next ?? size, chance }
  ];
  return both.filter((one) => one.chance > 0);
}
