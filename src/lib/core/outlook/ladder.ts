import type { Size } from '../instruments';
import type { IsoDay } from '../time';

/** One size of a player's ladder: when it was, is or will be theirs. */
export type Rung =
  | { readonly size: Size; readonly when: 'past' | 'now'; readonly since: IsoDay }
  | { readonly size: Size; readonly when: 'coming'; readonly about: IsoDay };

/**
 * The ladder of sizes, smallest first: past ones, the one in use, and those that come, each when the one before it is
 * outgrown. It ends with the size whose end can't be foreseen.
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
  const now = decided.at(-1);
  if (!now) return [];
  const sinceOf = (size: Size) => decided.find((one) => one.size === size)?.day;
  const known = sizes.includes(now.size) ? sizes : [...sizes, now.size];
  const at = known.indexOf(now.size);
  const rungs: Rung[] = [];
  known.slice(0, at).forEach((size) => {
    const since = sinceOf(size);
    if (since) rungs.push({ size, when: 'past', since });
  });
  rungs.push({ size: now.size, when: 'now', since: sinceOf(now.size) ?? now.day });
  let about = outgrownAbout(now.size);
  for (const size of known.slice(at + 1)) {
    if (about === null) break;
    rungs.push({ size, when: 'coming', about });
    about = outgrownAbout(size);
  }
  return rungs;
}
