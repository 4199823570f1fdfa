import { heardBy, NEW_GATE, type Gate } from './gate';

/** What is counted by its beginnings: the room first, then what rises over what it just was. */
export interface Counting {
  readonly gate: Gate;
  /** The last levels, newest last, dB. */
  readonly levels: readonly number[];
  /** When each began, ms, and by how much it rose, dB. */
  readonly onsets: readonly Onset[];
}
interface Onset {
  readonly at: number;
  readonly roseDb: number;
}

export const NEW_COUNTING: Counting = { gate: NEW_GATE, levels: [], onsets: [] };

// Source: our own, held against simulated taps, plucks and short strokes of one and of two players.
/** A beginning rises by so much over the quietest of the last stretches. */
const RISES_DB = 6;
const BEFORE = 6;
/** Nobody repeats faster, ms. */
const NEAREST_MS = 140;

/**
 * Hears one more stretch, best of a fortieth of a second.
 *
 * @param db the stretch's level
 * @param now when it ended, ms
 */
export function countedBy({ gate, levels, onsets }: Counting, db: number, now: number): Counting {
  const heard = heardBy(gate, db, now);
  const next = { gate: heard.gate, levels: [...levels, db].slice(-BEFORE - 1), onsets };
  if (gate.phase === 'room' || gate.phase === 'too-loud') return next;
  const before = levels.slice(-BEFORE);
  const roseDb = db - Math.min(...before);
  const last = onsets.at(-1);
  const isOver = db > heard.gate.roomDb + RISES_DB + 3 && db > -55;
  // While it still rises it is the same one.
  const rises = db > (levels.at(-1) ?? db) + 1.5;
  if (!isOver || !rises || roseDb < RISES_DB) return next;
  if (last && now - last.at < NEAREST_MS) return next;
  return { ...next, onsets: [...onsets, { at: now, roseDb }] };
}

/** How many were heard, and why that is not sure where it is not. */
export interface Counted {
  readonly count: number;
  readonly doubt: 'none' | 'too-loud' | 'uneven' | 'faint';
}

/** Intervals further than this share from the middle one are uneven; more than so many of them tell of two players. */
const UNEVEN = 0.24;
const MOST_UNEVEN = 0.18;
/** A beginning that rose by less than this may be none. */
const CLEAR_DB = 7;
const MOST_FAINT = 0.25;
/** Of fewer nothing tells whether others were missed. */
const FEWEST = 3;

/** What was counted: not sure where two may have played, where it hardly stood out, or the room is too loud. */
export function countOf({ gate, onsets }: Counting): Counted {
  const count = onsets.length;
  if (gate.phase === 'too-loud') return { count, doubt: 'too-loud' };
  const share = (some: number, of: number) => (of === 0 ? 0 : some / of);
  if (count > 0 && count < FEWEST) return { count, doubt: 'faint' };
  if (share(onsets.filter(({ roseDb }) => roseDb < CLEAR_DB).length, count) > MOST_FAINT)
    return { count, doubt: 'faint' };
  const gaps = onsets.slice(1).map(({ at }, i) => at - (onsets[i]?.at ?? at));
  const middle = gaps.toSorted((a, b) => a - b)[Math.floor(gaps.length / 2)] ?? 0;
  const uneven = gaps.filter((gap) => Math.abs(gap - middle) > UNEVEN * middle).length;
  return { count, doubt: share(uneven, gaps.length) > MOST_UNEVEN ? 'uneven' : 'none' };
}
