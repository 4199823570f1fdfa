/** One player of a queue and where this one stands. */
export interface QueueEntry<State extends string> {
  readonly playerId: string;
  readonly state: State;
}

/**
 * Players who come one after the other: a fitting day, a check across a class. Who waits comes in turn; the teacher
 * may go to anybody.
 */
export type Queue<State extends string> = readonly QueueEntry<State>[];

/** The queue with a player's state changed; the same queue when the player is not in it. */
export function withState<State extends string>(
  queue: Queue<State>,
  playerId: string,
  state: State
): Queue<State> {
  return queue.some((entry) => entry.playerId === playerId)
    ? queue.map((entry) => (entry.playerId === playerId ? { ...entry, state } : entry))
    : queue;
}

/** The queue with players put at its end, each once. */
export function joined<State extends string>(
  queue: Queue<State>,
  playerIds: readonly string[],
  state: State
): Queue<State> {
  const there = new Set(queue.map(({ playerId }) => playerId));
  const fresh = [...new Set(playerIds)].filter((playerId) => !there.has(playerId));
  return [...queue, ...fresh.map((playerId) => ({ playerId, state }))];
}

/** The queue without a player. */
export const without = <State extends string>(queue: Queue<State>, playerId: string): Queue<State> =>
  queue.filter((entry) => entry.playerId !== playerId);

/** The player before another who is not in one of some states; null at the beginning. */
export function before<State extends string>(
  queue: Queue<State>,
  playerId: string | null,
  passOver: readonly State[]
): string | null {
  const at = playerId === null ? queue.length : queue.findIndex((entry) => entry.playerId === playerId);
  return queue.slice(0, at).findLast(({ state }) => !passOver.includes(state))?.playerId ?? null;
}
