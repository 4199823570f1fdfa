import type { Plan } from '../plan-cost';
import type { AssignQuestion } from '../types';
import { matched, type Places } from './matched';
import { cheapest, restOf, stepCost, walksOf, type Prices, type Walk } from './walk';

/** The best plan so far, and what no plan can cost less than. */
export interface Priced {
  readonly plan: Plan;
  readonly cost: number;
  readonly bound: number;
}

/** Rounds of prices at most, and between two plans that are made of them. */
const ROUNDS = 2000;
const ROUNDS_A_PLAN = 250;
/** How far prices go at once, as a share of what is between plan and bound; less where the bound came no further. */
const STRIDE = 1;
const SHORTER = 0.7;
const PATIENCE = 60;
/** So much of its last way a price goes on, so that those whom several like alike do not jump to and fro. */
const KEPT = 0.95;
/** Less than this share is as good as proven. */
const NEARLY_NOTHING = 1e-3;
/** Times that a plan is gone through, term by term. */
const PASSES = 4;

function costOfPlaces(walks: readonly Walk[], places: Places): number {
  let sum = 0;
  walks.forEach((walk, player) => {
    let from = walk.now;
    places[player]?.forEach((at, term) => {
      sum += (walk.costs[term * (walk.offered.length + 1) + at] ?? 0) + stepCost(walk, from, at);
      from = at;
    });
  });
  return sum;
}

/**
 * A plan term by term, each looking ahead at what prices make of the rest; then each term anew between those beside it
 * until that brings nothing more.
 */
function planAt(
  walks: readonly Walk[],
  prices: Prices,
  instruments: number
): { places: Places; cost: number } {
  const terms = prices.map((_, term) => term);
  const places: number[][] = walks.map(() => []);
  const set = (term: number, after: readonly Float64Array[] | null) =>
    matched(walks, places, term, instruments, after).forEach((at, player) => {
      const own = places[player];
      if (own) own[term] = at;
    });
  const rests = walks.map((walk) => restOf(walk, prices));
  for (const term of terms) set(term, rests);
  let cost = costOfPlaces(walks, places);
  let best = places.map((own) => [...own]);
  for (let pass = 0; pass < PASSES && terms.length > 1; pass++) {
    for (const term of [...terms].reverse()) set(term, null);
    for (const term of terms) set(term, null);
    const better = costOfPlaces(walks, places);
    if (!(better < cost)) break;
    cost = better;
    best = places.map((own) => [...own]);
  }
  return { places: best, cost };
}

/** What no plan can cost less than at these prices; writes down how many more than one want each instrument. */
function boundAt(walks: readonly Walk[], prices: Prices, wanted: Prices): number {
  let sum = 0;
  for (const price of prices) for (const one of price) sum -= one;
  for (const many of wanted) many.fill(-1);
  for (const walk of walks) {
    const own = cheapest(walk, prices);
    sum += own.cost;
    own.places.forEach((at, term) => {
      const [instrument, many] = [walk.offered[at], wanted[term]];
      if (instrument !== undefined && many) many[instrument] = (many[instrument] ?? 0) + 1;
    });
  }
  return sum;
}

/** Prices go where they are pulled, and on as they went. */
function move(prices: Prices, ways: Prices, wanted: Prices, by: number): void {
  let length = 0;
  prices.forEach((price, term) =>
    price.forEach((one, i) => {
      const way = ways[term] as Float64Array;
      const over = (wanted[term]?.[i] ?? 0) + KEPT * (way[i] ?? 0);
      way[i] = over > 0 || one > 0 ? over : 0;
      length += (way[i] ?? 0) ** 2;
    })
  );
  if (length === 0) return;
  prices.forEach((price, term) =>
    price.forEach((one, i) => (price[i] = Math.max(0, one + (by / length) * (ways[term]?.[i] ?? 0))))
  );
}

/**
 * A good plan where hardly two instruments are alike, so that a program of all of them takes minutes: instruments that
 * several want get dearer, those that nobody wants cheaper, until everybody's own cheapest walk through the terms shows
 * what no plan can cost less than; plans are made of the prices on the way. Each instrument goes home with one.
 *
 * Source: Lagrangian relaxation of "each is with one", by subgradients; each term by itself is an assignment problem.
 *
 * @param onState told how far it is; true ends the work
 * @returns null where what was fixed can't be
 */
export function planByPrices(
  question: AssignQuestion,
  onState: (state: Omit<Priced, 'plan'>) => boolean = () => false
): Priced | null {
  const walks = walksOf(question);
  const count = question.instruments.length;
  const prices = Array.from({ length: question.terms }, () => new Float64Array(count));
  const wanted = Array.from({ length: question.terms }, () => new Float64Array(count));
  const ways = wanted.map((one) => new Float64Array(one.length));
  let { places, cost } = planAt(walks, prices, count);
  if (!Number.isFinite(cost)) return null;
  let bound = -Infinity;
  let stride = STRIDE;
  let waited = 0;
  const enough = () => onState({ cost, bound }) || cost - bound <= NEARLY_NOTHING * cost;
  for (let round = 1; round <= ROUNDS && !enough(); round++) {
    const sum = boundAt(walks, prices, wanted);
    if (sum > bound) [bound, waited] = [sum, 0];
    else if (++waited >= PATIENCE) [stride, waited] = [stride * SHORTER, 0];
    move(prices, ways, wanted, stride * (cost - sum));
    if (round % ROUNDS_A_PLAN > 0) continue;
    const made = planAt(walks, prices, count);
    if (made.cost < cost) ({ places, cost } = made);
  }
  const plan = places.map((own, player) =>
    own.map((at) => question.instruments[walks[player]?.offered[at] ?? -1]?.id ?? null)
  );
  return { plan, cost, bound };
}
