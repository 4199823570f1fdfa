import type { Heard } from './hear';

/** How many stretches are taken together: about half a second. */
export const STEADY_OVER = 5;

/**
 * What a needle shows: the middle one of what was heard of the string that sounds now, so that neither the bow's scratch
 * nor the beginning of a tone makes it jump.
 *
 * @param heard what was heard, the newest last; only the last `STEADY_OVER` count
 */
export function steadied(heard: readonly Heard[]): Heard {
  const last = heard.at(-1);
  if (last?.kind !== 'tone') return last ?? { kind: 'silence' };
  const same = heard
    .slice(-STEADY_OVER)
    .flatMap((one) => (one.kind === 'tone' && one.string === last.string ? [one] : []));
  same.sort((a, b) => a.cents - b.cents);
  return same[Math.floor(same.length / 2)] ?? last;
}
