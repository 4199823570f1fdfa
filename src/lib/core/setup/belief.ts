import { clamp } from '../maths';

/** What a look at one setting says: more of it, less of it, or it holds. */
export const LOOKS_SEEN = ['raise', 'lower', 'holds'] as const;
export type LookSeen = (typeof LOOKS_SEEN)[number];

/** One look: at which value, and what was seen. */
export interface SettingLook {
  readonly at: number;
  readonly seen: LookSeen;
}

/** What is sought: a setting with its range, where to begin, and how near counts as holding; all in its own unit. */
export interface Search {
  readonly low: number;
  readonly high: number;
  readonly start: number;
  /** A value this near to the best one looks right. */
  readonly tolerance: number;
}

export interface Belief {
  /** `look`: try `next`. `holds`: keep `best`. `end-of-range`: another part must give. */
  readonly state: 'look' | 'holds' | 'end-of-range';
  readonly next: number | null;
  /** The value that most likely holds. */
  readonly best: number;
  /** How likely the value that was looked at last is near enough to the best one, 0 to 1. */
  readonly sure: number;
}

/** Most looks that a child is asked to stand still for. */
export const MOST_LOOKS = 8;

/** Before any look: spread of the best value round the computed one, as a share of the range. */
const SPREAD = 0.3;
/** A look tells the truth nine times in ten. */
const TRUE_SHARE = 0.9;
/** How sure is sure enough. */
const SURE = 0.97;
/** Near enough to keep, in tolerances: nobody sees so little. */
const NEAR = 1.6;
const STEPS_PER_TOLERANCE = 10;
/** The best value may lie beyond the range, by this share of it, with this weight: then the range's end is met. */
const BEYOND = 0.25;
const BEYOND_WEIGHT = 0.3;
const SLACK = 1e-9;

/** Likelihoods on a grid, and how much of them lies between two values. */
class Grid {
  readonly #from: number;
  readonly #step: number;
  readonly #sums: Float64Array;
  readonly values: Float64Array;

  constructor({ low, high, start, tolerance }: Search, looks: readonly SettingLook[]) {
    const range = high - low;
    this.#step = Math.max(tolerance / STEPS_PER_TOLERANCE, range / 2000);
    this.#from = low - BEYOND * range;
    const count = Math.round(((1 + 2 * BEYOND) * range) / this.#step) + 1;
    this.values = Float64Array.from({ length: count }, (_, i) => this.#from + i * this.#step);
    const weights = this.values.map((value) => {
      const inside = value >= low - SLACK && value <= high + SLACK;
      const prior = Math.exp(-0.5 * ((value - start) / (SPREAD * range)) ** 2) * (inside ? 1 : BEYOND_WEIGHT);
      return looks.reduce((weight, { at, seen }) => {
        const truth: LookSeen = value > at + tolerance ? 'raise' : value < at - tolerance ? 'lower' : 'holds';
        return weight * (truth === seen ? TRUE_SHARE : (1 - TRUE_SHARE) / 2);
      }, prior);
    });
    const whole = weights.reduce((sum, weight) => sum + weight, 0);
    this.#sums = new Float64Array(count + 1);
    weights.forEach((weight, i) => (this.#sums[i + 1] = (this.#sums[i] ?? 0) + weight / whole));
  }

  between(low: number, high: number): number {
    const last = this.values.length - 1;
    const from = Math.max(0, Math.ceil((low - this.#from) / this.#step - SLACK));
    const to = Math.min(last, Math.floor((high - this.#from) / this.#step + SLACK));
    return to < from ? 0 : (this.#sums[to + 1] ?? 1) - (this.#sums[from] ?? 0);
  }
}

/**
 * What to try next after some looks. A belief is held over the best value: round the computed one at first, then
 * weighed by each look as true nine times in ten, so that one wrong answer does not ruin it. The value that most likely
 * holds is proposed, until the one that holds is sure enough.
 *
 * Source: Bayes' rule over a noisy search; that one answer in ten is wrong is the usual experience at a look.
 *
 * @example With 0 to 30 mm, 12 to begin with and 2.5 as tolerance, "raise" at 12 proposes about 17.
 * @throws RangeError for a range without extent, or a tolerance that is not positive
 */
export function believe(search: Search, looks: readonly SettingLook[]): Belief {
  const { low, high, tolerance } = search;
  if (!(high > low) || !(tolerance > 0)) throw new RangeError('a search needs a range and a tolerance');
  const start = clamp(search.start, low, high);
  const last = looks.at(-1);
  if (!last) return { state: 'look', next: start, best: start, sure: 0 };
  const grid = new Grid({ ...search, start }, looks);
  let best = start;
  let most = -1;
  for (const value of grid.values) {
    if (value < low - SLACK || value > high + SLACK) continue;
    const holds = grid.between(value - tolerance, value + tolerance);
    const nearer = Math.abs(value - last.at) < Math.abs(best - last.at);
    if (holds > most + SLACK || (holds > most - SLACK && nearer)) [most, best] = [holds, value];
  }
  const sure = grid.between(last.at - NEAR * tolerance, last.at + NEAR * tolerance);
  if (last.seen === 'holds' && sure >= SURE) return { state: 'holds', next: null, best: last.at, sure };
  const beyond = Math.max(grid.between(high + tolerance, Infinity), grid.between(-Infinity, low - tolerance));
  if (beyond >= SURE) return { state: 'end-of-range', next: null, best, sure };
  // A child has stood long enough: the likeliest is kept, and how sure it is is told.
  if (looks.length >= MOST_LOOKS) return { state: 'holds', next: null, best, sure };
  return { state: 'look', next: best, best, sure };
}
