import type { Size } from '../instruments';
import type { AssignQuestion } from './assign';

/** How many of a size are wanted in a term, and how many there are. */
export interface Shortage {
  readonly size: Size;
  readonly term: number;
  readonly there: number;
  /** Expected. */
  readonly wanted: number;
  /** So many suffice with a chance of 10 and of 90 %. */
  readonly likely: readonly [least: number, most: number];
  /** The chance that more are wanted than there are. */
  readonly chanceShort: number;
  /** The chance that some stay on the shelf. */
  readonly chanceOver: number;
}

/** The chances of 0, 1, 2, … of independent things that are likely by so much each. */
function countChances(chances: readonly number[]): readonly number[] {
  let counts = [1];
  for (const chance of chances)
    counts = Array.from(
      { length: counts.length + 1 },
      (_, n) => (counts[n] ?? 0) * (1 - chance) + (counts[n - 1] ?? 0) * chance
    );
  return counts;
}

/** The least number that suffices with a chance. */
function sufficing(counts: readonly number[], chance: number): number {
  let sum = 0;
  for (const [n, one] of counts.entries()) {
    sum += one;
    if (sum >= chance - 1e-9) return n;
  }
  return counts.length - 1;
}

/**
 * What is short and what is over, size by size and term by term: the forecast counts as chances, so the number of who
 * wants a size is spread, not one number. Sizes of which there is none and that nobody wants are left out.
 */
export const shortagesOf = ({
  sizes,
  terms,
  players,
  instruments
}: Pick<AssignQuestion, 'sizes' | 'terms' | 'players' | 'instruments'>): readonly Shortage[] =>
  Array.from({ length: terms }, (_, term) => term).flatMap((term) =>
    sizes.flatMap((size): Shortage[] => {
      const there = instruments.filter((one) => one.size === size && one.there[term] && !one.rental).length;
      const chances = players.flatMap(({ wanted }) =>
        (wanted[term] ?? []).filter((one) => one.size === size).map(({ chance }) => chance)
      );
      const wanted = chances.reduce((sum, chance) => sum + chance, 0);
      if (there === 0 && wanted < 0.05) return [];
      const counts = countChances(chances);
      const upTo = (n: number) => counts.slice(0, n + 1).reduce((sum, chance) => sum + chance, 0);
      return [
        {
          size,
          term,
          there,
          wanted,
          likely: [sufficing(counts, 0.1), sufficing(counts, 0.9)],
          chanceShort: Math.max(0, 1 - upTo(there)),
          chanceOver: there === 0 ? 0 : upTo(there - 1)
        }
      ];
    })
  );
