import type { Size } from '../instruments';
import type { IsoDay } from '../time';

/** One size of a player's ladder: when it was, is or will be theirs. */
export type Rung =
  | { readonly size: Size; readonly when: 'past' | 'now'; readonly since: IsoDay }
  | { readonly size: Size; readonly when: 'coming'; readonly about: IsoDay };

/**
 * The ladder of sizes: past ones in the order in which they were had, the one in use, and those that come, each when the
 * one before it is outgrown. One that was left and taken again stands there for each time. It ends with the size whose
 * end can't be foreseen.
 *
 * @param sizes those in use, smallest first
 * @param decided sizes as they were decided, oldest first
 * @param outgrownAbout the middle day on which a size is outgrown; null where it can't be foreseen
 */
export function sizeLadder(
  sizes: readonly Size[],
  decided: readonly { readonly size: Size; readonly day: IsoDay }[],
  outgrownAbout: (size: Size) => IsoDay | null
): readonly Rung[] {
  const had = decided.filter(({ size }, i) => size !== decided[i - 1]?.size);
  const now = had.at(-1);
  if (!now) return [];
  const rungs: Rung[] = had.map((one) => ({
    size: one.size,
    when: one === now ? 'now' : 'past',
    since: one.day
  }));
  let about = outgrownAbout(now.size);
  for (const size of sizes.slice(sizes.indexOf(now.size) + 1)) {
    if (about === null || !sizes.includes(now.size)) break;
    rungs.push({ size, when: 'coming', about });
    about = outgrownAbout(size);
  }
  return rungs;
}
