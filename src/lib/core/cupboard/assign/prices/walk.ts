import { costOf, mayWait, weightOf } from '../cost';
import type { AssignQuestion } from '../types';

/** What a player can have from term to term, and what it costs. The last place is waiting. */
export interface Walk {
  /** Instruments that are offered in some term, by their places in the question. */
  readonly offered: Int32Array;
  /** What each place costs, term after term; infinite where it is not offered in it. */
  readonly costs: Float64Array;
  /** The place of what is in use; -1 for nothing, -2 for what is not offered. */
  readonly now: number;
  readonly change: number;
}

const NOTHING = -1;
const ELSEWHERE = -2;

/** What every player can have; one row of places a term. */
export const walksOf = (question: AssignQuestion): readonly Walk[] =>
  question.players.map((player) => {
    const { instruments, terms, costs } = question;
    const all = instruments.map((one) =>
      Array.from({ length: terms }, (_, term) => costOf(question, player, one, term))
    );
    const offered = Int32Array.from(all.flatMap((own, i) => (own.some((cost) => cost !== null) ? [i] : [])));
    const now = offered.findIndex((i) => instruments[i]?.id === player.now);
    const rows = Array.from({ length: terms }, (_, term) => {
      const weight = weightOf(question, term);
      return [
        ...Array.from(offered, (i) => weight * (all[i]?.[term] ?? Infinity)),
        mayWait(player, term) ? weight * costs.waits : Infinity
      ];
    });
    return {
      offered,
      costs: Float64Array.from(rows.flat()),
      now: player.now === null ? NOTHING : now < 0 ? ELSEWHERE : now,
      change: costs.change
    };
  });

/** What it costs to go from one place to another: nothing into waiting, out of it or to stay. */
export const stepCost = ({ offered, change }: Walk, from: number, to: number): number =>
  from === NOTHING || from === to || from === offered.length || to === offered.length ? 0 : change;

/** Prices of instruments, term after term, by their places in the question. */
export type Prices = readonly Float64Array[];

/**
 * What the rest of a walk costs at least after each term and place, prices included. A row of places a term; the last
 * one is 0.
 */
export function restOf(walk: Walk, prices: Prices): Float64Array {
  const { offered, costs, change } = walk;
  const waits = offered.length;
  const rest = new Float64Array(costs.length);
  for (let term = prices.length - 2; term >= 0; term--) {
    const row = term * (waits + 1);
    const next = row + waits + 1;
    const price = prices[term + 1] as Float64Array;
    const waiting = (costs[next + waits] as number) + (rest[next + waits] as number);
    let least = waiting;
    for (let at = 0; at < waits; at++) {
      const value =
        (costs[next + at] as number) + (rest[next + at] as number) + (price[offered[at] as number] as number);
      rest[row + at] = value;
      if (value < least) least = value;
    }
    const most = Math.min(waiting, least + change);
    for (let at = 0; at < waits; at++) if ((rest[row + at] as number) > most) rest[row + at] = most;
    rest[row + waits] = least;
  }
  return rest;
}

/** The least that a walk costs with prices, and where it leads: a place a term. */
export function cheapest(
  walk: Walk,
  prices: Prices
): { readonly cost: number; readonly places: readonly number[] } {
  const { offered, costs, change } = walk;
  const waits = offered.length;
  const rest = restOf(walk, prices);
  let from = walk.now;
  let cost = 0;
  const found = prices.map((price, term) => {
    const row = term * (waits + 1);
    const moves = from === NOTHING || from === waits ? 0 : change;
    let best = waits;
    let least = (costs[row + waits] as number) + (rest[row + waits] as number);
    for (let at = 0; at < waits; at++) {
      const own = (costs[row + at] as number) + (price[offered[at] as number] as number);
      const value = own + (rest[row + at] as number) + (at === from ? 0 : moves);
      if (value < least) {
        least = value;
        best = at;
      }
    }
    if (term === 0) cost = least;
    from = best;
    return best;
  });
  return { cost, places: found };
}
