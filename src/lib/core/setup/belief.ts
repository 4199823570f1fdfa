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
  /**
   * `look`: try `next`. `holds`: keep `best`. `end-of-range`: it stands at its end and is seen to want more, so another
   * part must give. `not-found`: the answers do not agree; `best` is the likeliest, to be set by hand.
   */
  readonly state: 'look' | 'holds' | 'end-of-range' | 'not-found';
  /** Who says that it holds: the teacher, or the belief alone; null where nobody does. */
  readonly by: 'teacher' | 'belief' | null;
  readonly next: number | null;
  /** The value that most likely holds. */
  readonly best: number;
  /** How likely `best` is near enough to what holds, 0 to 1. */
  readonly sure: number;
}

/** Most looks that a child is asked to stand still for. */
export const MOST_LOOKS = 8;

/** Before any look the best value lies round the computed one by its own error, in tolerances; */
const SPREAD = 2;
/** but one body in four is unlike any model: then anywhere, by this share of the range. */
const UNLIKE = 0.25;
const WIDE_SPREAD = 0.3;
/** A look tells the truth nine times in ten. */
const TRUE_SHARE = 0.9;
/** Where "too little" turns into "right" nobody sees to the mm: over this share of the tolerance the answer may be either. */
const BLUR = 0.2;
/** How sure is sure enough to say by oneself that it holds. */
const SURE = 0.8;
/** How sure is sure enough that what holds lies beyond the end. */
const SURE_OF_END = 0.6;
/** Where no value is likelier than this, the search halves what is left instead: larger steps over a long range. */
const LIKELY = 0.45;
/** Near enough to keep, in tolerances: nobody sees so little. */
const NEAR = 1.6;
const STEPS_PER_TOLERANCE = 10;
/** The best value may lie beyond the range, by this share of it, with this weight: then its end is met. */
const BEYOND = 0.25;
const BEYOND_TOLERANCES = 6;
const BEYOND_WEIGHT = 0.3;
const SLACK = 1e-9;
/** So near to its end a setting stands at it: nobody sets less. */
const AT_END = 0.5;

const bell = (off: number, spread: number): number => Math.exp(-0.5 * (off / spread) ** 2) / spread;

/** How likely something is seen where the best value lies so far above what is set. */
function likelihood(seen: LookSeen, above: number, tolerance: number): number {
  const past = (far: number) => 1 / (1 + Math.exp(-(far - tolerance) / (BLUR * tolerance)));
  const [raise, lower] = [past(above), past(-above)];
  const truly = { raise, lower, holds: Math.max(0, 1 - raise - lower) }[seen];
  return (1 - TRUE_SHARE) / 2 + (TRUE_SHARE - (1 - TRUE_SHARE) / 2) * truly;
}

/** Likelihoods on a grid, and how much of them lies between two values. */
class Grid {
  readonly #from: number;
  readonly #step: number;
  readonly #sums: Float64Array;
  readonly values: Float64Array;

  constructor({ low, high, start, tolerance }: Search, looks: readonly SettingLook[]) {
    const range = high - low;
    this.#step = Math.max(tolerance / STEPS_PER_TOLERANCE, range / 2000);
    const beyond = Math.max(BEYOND * range, BEYOND_TOLERANCES * tolerance);
    this.#from = low - beyond;
    const count = Math.round((range + 2 * beyond) / this.#step) + 1;
    this.values = Float64Array.from({ length: count }, (_, i) => this.#from + i * this.#step);
    const weights = this.values.map((value) => {
      const inside = value >= low - SLACK && value <= high + SLACK;
      const near = bell(value - start, SPREAD * tolerance);
      const far = bell(value - start, Math.max(2 * SPREAD * tolerance, WIDE_SPREAD * range));
      const prior = ((1 - UNLIKE) * near + UNLIKE * far) * (inside ? 1 : BEYOND_WEIGHT);
      return looks.reduce((weight, { at, seen }) => weight * likelihood(seen, value - at, tolerance), prior);
    });
    const whole = weights.reduce((sum, weight) => sum + weight, 0);
    this.#sums = new Float64Array(count + 1);
    weights.forEach((weight, i) => (this.#sums[i + 1] = (this.#sums[i] ?? 0) + weight / whole));
  }

  /** The value with as much likelihood below it as above. */
  get middle(): number {
    return this.values[this.#sums.findIndex((sum) => sum >= 0.5) - 1] ?? this.#from;
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
 * holds is proposed. A teacher who says that it holds ends it at once; by itself it says so from 80 % on.
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
  if (!last) return { state: 'look', by: null, next: start, best: start, sure: 0 };
  const grid = new Grid({ ...search, start }, looks);
  let best = start;
  let most = -1;
  for (const value of grid.values) {
    if (value < low - SLACK || value > high + SLACK) continue;
    const holds = grid.between(value - tolerance, value + tolerance);
    const nearer = Math.abs(value - last.at) < Math.abs(best - last.at);
    if (holds > most + SLACK || (holds > most - SLACK && nearer)) [most, best] = [holds, value];
  }
  const sure = grid.between(best - NEAR * tolerance, best + NEAR * tolerance);
  const ended = (state: Belief['state'], by: Belief['by'] = null): Belief => ({
    state,
    by,
    next: null,
    best,
    sure
  });
  if (last.seen === 'holds') return { ...ended('holds', 'teacher'), best: last.at };
  const beyondEnd =
    last.seen === 'raise' && last.at >= high - AT_END
      ? grid.between(high, Infinity)
      : last.seen === 'lower' && last.at <= low + AT_END
        ? grid.between(-Infinity, low)
        : 0;
  if (beyondEnd >= SURE_OF_END) return ended('end-of-range');
  // What was seen not to hold in the same way at each look is not said to: another step shows it.
  if (
    looks.some(({ seen }) => seen !== last.seen) &&
    sure >= SURE &&
    Math.abs(best - last.at) <= NEAR * tolerance
  )
    return ended('holds', 'belief');
  // A child has stood long enough.
  if (looks.length >= MOST_LOOKS) return ended('not-found');
  const next = most < LIKELY ? clamp(grid.middle, low, high) : best;
  return { state: 'look', by: null, next, best, sure };
}
