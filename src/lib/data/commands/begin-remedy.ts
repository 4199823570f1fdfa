import type { FaultCause } from '$lib/core/checks';
import { dayOf } from '$lib/core/time';
import { commit } from '../journal/changes';
import type { Writer } from '../journal/writer';
import type { Database } from '../store/database';
import type { Player } from '../store/records';

/** A remedy that the teacher chose. */
export interface NewRemedy {
  readonly checkId: string;
  readonly fault: string;
  readonly cause: FaultCause;
  readonly remedy: string;
  readonly drill: string | null;
  readonly setting: string | null;
}

/** Begins a remedy inside a change. Another one for the same check on the same day takes its place. */
export const putRemedy = ({ put }: Writer, player: Player, remedy: NewRemedy, now: Date): Promise<void> => {
  const day = dayOf(now);
  return put('remedies', {
    ...remedy,
    id: `${player.id}:${remedy.checkId}:${day}`,
    playerId: player.id,
    family: player.family,
    at: now.toISOString(),
    day
  });
};

/** Begins a remedy that is not practised at home: a set-up change or a size review. */
export const beginRemedy = (
  db: Database,
  player: Player,
  remedy: NewRemedy,
  now = new Date()
): Promise<void> =>
  commit(db, `A remedy for ${player.name}`, (writer) => putRemedy(writer, player, remedy, now));
