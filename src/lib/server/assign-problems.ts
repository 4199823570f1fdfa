import { sizesOf } from '$lib/core/instruments';
import type { Asked } from './assign-request';
import type { FieldProblem } from './problem';

/** How far chances may be from adding up to 1: those who send them round. */
const ROUNDED = 0.001;

/** The places at which a value comes again, by their paths. */
function* again(values: readonly (readonly [path: string, value: string])[]): Generator<FieldProblem> {
  const seen = new Set<string>();
  for (const [path, value] of values) {
    if (seen.has(value)) yield { path, message: 'comes twice' };
    seen.add(value);
  }
}

/** What no schema sees: names that name nothing, things that come twice, or that are another's. */
export function* problemsOf({ family, terms, players, instruments }: Asked): Generator<FieldProblem> {
  const sizes = sizesOf(family);
  const byId = new Map(instruments.map((one) => [one.id, one]));
  const known = new Set(players.map((one) => one.id));
  for (const [t, { from, to }] of terms.entries()) {
    if (to < from) yield { path: `terms[${t}].to`, message: 'is before its first day' };
    const before = terms[t - 1];
    if (before && from < before.to)
      yield { path: `terms[${t}].from`, message: 'is before the last one ends' };
  }
  yield* again(players.map((one, p) => [`players[${p}].id`, one.id]));
  yield* again(instruments.map((one, i) => [`instruments[${i}].id`, one.id]));
  const noSize = { message: `is no size of the ${family}` };
  for (const [i, one] of instruments.entries()) {
    const at = `instruments[${i}]`;
    if (!sizes.includes(one.size)) yield { path: `${at}.size`, ...noSize };
    if (one.only !== undefined && !known.has(one.only)) yield { path: `${at}.only`, message: 'is no player' };
    if (one.from !== undefined && one.until !== undefined && one.until < one.from)
      yield { path: `${at}.until`, message: 'is before its first day' };
    for (const player of Object.keys(one.steps ?? {}))
      if (!known.has(player)) yield { path: `${at}.steps.${player}`, message: 'is no player' };
  }
  /** Why an instrument can't be somebody's; null where it can. */
  const foreign = (instrumentId: string, player: string): string | null => {
    const one = byId.get(instrumentId);
    if (!one) return 'is no instrument';
    return one.only !== undefined && one.only !== player ? 'is reserved for somebody else' : null;
  };
  const alone = (instrumentId: string) => {
    const one = byId.get(instrumentId);
    return one !== undefined && !one.shared && !one.rental;
  };
  yield* again(
    players.flatMap(({ now }, p) => (now != null && alone(now) ? [[`players[${p}].now`, now] as const] : []))
  );
  /** Who was fixed on what, a lesson time each where it is the room's. */
  const held = players.flatMap((player, p) =>
    (player.fixed ?? []).flatMap(({ term, instrumentId }, f) => {
      const one = instrumentId === null ? undefined : byId.get(instrumentId);
      if (!one || one.rental) return [];
      const slots = one.shared && player.slots?.length ? player.slots : [''];
      const path = `players[${p}].fixed[${f}].instrumentId`;
      return slots.map((slot) => [path, JSON.stringify([one.id, term, one.shared ? slot : ''])] as const);
    })
  );
  yield* again(held);
  for (const [p, { id: own, wanted, now, fixed, slots }] of players.entries()) {
    const at = `players[${p}]`;
    if (wanted.length !== terms.length)
      yield { path: `${at}.wanted`, message: `must have a list for each of ${terms.length} terms` };
    for (const [t, some] of wanted.entries()) {
      for (const [s, { size }] of some.entries())
        if (!sizes.includes(size)) yield { path: `${at}.wanted[${t}][${s}].size`, ...noSize };
      yield* again(some.map(({ size }, s) => [`${at}.wanted[${t}][${s}].size`, size]));
      const sum = some.reduce((total, { chance }) => total + chance, 0);
      if (Math.abs(sum - 1) > ROUNDED)
        yield { path: `${at}.wanted[${t}]`, message: 'must have chances that add up to 1' };
    }
    if (now != null) {
      const wrong = foreign(now, own);
      if (wrong !== null) yield { path: `${at}.now`, message: wrong };
    }
    yield* again((fixed ?? []).map(({ term }, f) => [`${at}.fixed[${f}].term`, String(term)]));
    for (const [f, { term, instrumentId }] of (fixed ?? []).entries()) {
      const span = terms[term];
      if (!span) yield { path: `${at}.fixed[${f}].term`, message: 'is no term' };
      if (instrumentId === null) continue;
      const path = `${at}.fixed[${f}].instrumentId`;
      const wrong = foreign(instrumentId, own);
      const one = byId.get(instrumentId);
      if (wrong !== null) yield { path, message: wrong };
      else if (span && one && !isThere(one, span)) yield { path, message: 'is not there in that term' };
    }
    yield* again((slots ?? []).map((slot, s) => [`${at}.slots[${s}]`, slot]));
  }
}

/** An instrument counts in a term only if it is there throughout. */
export const isThere = (
  { from, until }: Asked['instruments'][number],
  term: { readonly from: string; readonly to: string }
): boolean => (from === undefined || from <= term.from) && (until === undefined || until >= term.to);
