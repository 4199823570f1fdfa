import type { KnownBase, Prints } from '../store/database';
import type { TableName } from '../store/tables';

/** What rests on instruments, which a file of some players does not hold. */
export const NOT_IN_PART: readonly TableName[] = ['loans', 'instruments'];
const isOutOfParts = (key: string): boolean => NOT_IN_PART.some((table) => key.startsWith(`${table}:`));

/** What two copies are known to have known alike when they last met. */
export interface Known {
  /** Whether they ever met. */
  readonly met: boolean;
  /** The print of a record as both knew it, by its key and its player. */
  readonly printOf: (key: string, playerId: string | null) => string | undefined;
  /** How many records of a player both knew; none for one whom they did not. */
  readonly countOf: (playerId: string) => number;
  /** Whether both knew that a player was not there. */
  readonly knewAbsent: (playerId: string) => boolean;
}

/** A file that both copies know. */
export interface CommonBase {
  readonly base: KnownBase;
  /** Only these players were taken from it by the other copy. */
  readonly players?: readonly string[];
  /** Of these the other copy has left a question open. */
  readonly but?: readonly string[];
}

/**
 * Unites what is known from all files that both copies know: of each player the newest counts.
 *
 * @param ofPart it is held against a file of some players, which lacks what rests on instruments
 */
export function knownFrom(common: readonly CommonBase[], ofPart = false): Known {
  let shared: Record<string, string> = {};
  let players = new Map<string, Prints>();
  /** Players who are not in the newest whole file are known not to have been there, but for some. */
  let absentBut: Set<string> | null = null;
  const inOrder = common
    .filter(({ base }) => base.undone !== true)
    .toSorted((a, b) => (a.base.at < b.base.at ? -1 : 1));
  for (const { base, players: only, but = [] } of inOrder) {
    const open = new Set([...(base.open ?? []), ...but]);
    const isIn = (id: string) => !open.has(id) && (only === undefined || only.includes(id));
    const mine = Object.entries(base.players).filter(([id]) => isIn(id));
    if (base.whole && only === undefined) {
      shared = { ...base.shared };
      players = new Map([...mine, ...[...players].filter(([id]) => open.has(id))]);
      absentBut = base.unclear ? null : open;
    } else {
      shared = { ...shared, ...base.shared };
      for (const [id, prints] of mine) {
        const before = Object.entries(players.get(id) ?? {}).filter(([key]) => isOutOfParts(key));
        players.set(id, { ...Object.fromEntries(before), ...prints });
      }
    }
  }
  if (ofPart)
    for (const [id, prints] of players)
      players.set(id, Object.fromEntries(Object.entries(prints).filter(([key]) => !isOutOfParts(key))));
  return {
    met: inOrder.length > 0,
    printOf: (key, playerId) => (playerId === null ? shared[key] : players.get(playerId)?.[key]),
    countOf: (playerId) => Object.keys(players.get(playerId) ?? {}).length,
    knewAbsent: (playerId) => absentBut !== null && !absentBut.has(playerId) && !players.has(playerId)
  };
}

export const NOTHING_KNOWN: Known = knownFrom([]);

/**
 * What was known without some players; the same where it says nothing of them. That a question about one is open stays:
 * the random id, as in a tombstone, so that no other copy takes silence for an answer.
 */
export function baseWithout(base: KnownBase, gone: ReadonlySet<string>): KnownBase {
  if (!Object.keys(base.players).some((id) => gone.has(id))) return base;
  const players = Object.fromEntries(Object.entries(base.players).filter(([id]) => !gone.has(id)));
  return { ...base, players, unclear: true };
}
