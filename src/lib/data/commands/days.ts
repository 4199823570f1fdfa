import type { MeasurementId } from '$lib/core/body';
import { joined, withState } from '$lib/core/queue';
import { dayOf } from '$lib/core/time';
import { commit } from '../journal/changes';
import type { Writer } from '../journal/writer';
import type { Database } from '../store/database';
import { decideIn, type Decision } from './fits';
import { newId } from '../store/ids';
import { addReadingTo, putReadings } from './measurements';
import { knownPlayers } from '../questions/known-players';
import { putNewPlayers } from './players';
import type { DayState, FittingDay, Player, PlayerForm } from '../store/records';
import { Refusal } from '../store/refusal';
import { clearTyped } from './typed';

/** A player already known, or one to be added under an id. */
export type QueueMember = { readonly playerId: string } | { readonly form: PlayerForm; readonly id: string };

/**
 * Players from a list as members of a queue: who is known already is not added again.
 *
 * @param batch names the list, so that the same list twice adds nobody
 * @returns the members in the order of the list, each once
 */
export function queueMembers(
  forms: readonly PlayerForm[],
  known: readonly Player[],
  batch = newId()
): readonly QueueMember[] {
  const found = knownPlayers(
    forms,
    known.filter(({ archivedOn }) => archivedOn === null)
  );
  const seen = new Set<string>();
  return forms.flatMap((form, index): QueueMember[] => {
    const { player = null } = found[index] ?? {};
    if (!player) return [{ form, id: `${batch}-${index}` }];
    if (seen.has(player.id)) return [];
    seen.add(player.id);
    return [{ playerId: player.id }];
  });
}

/** Ids of the members; who is new is added as a player. */
async function memberIds(
  db: Database,
  writer: Writer,
  members: readonly QueueMember[],
  now: Date
): Promise<readonly string[]> {
  await putNewPlayers(
    db,
    writer,
    members.flatMap((member) => ('form' in member ? member : [])),
    now
  );
  return members.map((member) => ('form' in member ? member.id : member.playerId));
}

/** Puts somebody at the end of a queue, once; who is known already is not added as a player again. */
export const joinQueue = (db: Database, dayId: string, form: PlayerForm, now = new Date()): Promise<void> =>
  commit(db, `Put ${form.name} in line`, async (writer) => {
    const day = await currentDay(db, dayId);
    const ids = await memberIds(db, writer, queueMembers([form], await db.players.toArray()), now);
    await writer.put('days', { ...day, entries: joined(day.entries, ids, 'waiting') });
  });

/**
 * Starts a fitting day with a queue of players, adding who is new, and returns its id.
 *
 * @param id of the day, made when the press was; the same id twice starts one day
 */
export const startDay = (
  db: Database,
  name: string,
  members: readonly QueueMember[],
  now = new Date(),
  id = newId()
): Promise<string> =>
  commit(db, `Started a line of ${members.length}`, async (writer) => {
    if (await db.days.get(id)) return id;
    const ids = await memberIds(db, writer, members, now);
    await writer.put('days', {
      id,
      name: name.slice(0, 80),
      day: dayOf(now),
      startedAt: now.toISOString(),
      closedAt: null,
      entries: joined([], ids, 'waiting'),
      demo: false
    });
    return id;
  });

async function currentDay(db: Database, dayId: string): Promise<FittingDay> {
  const day = await db.days.get(dayId);
  if (!day) throw new Refusal('This fitting day was removed meanwhile. Nothing was changed.');
  return day;
}

const STATE_LABELS: Readonly<Record<DayState, string>> = {
  waiting: 'Put back in line',
  passed: 'Took',
  trial: 'Sent to the trial line',
  skipped: 'Skipped',
  absent: 'Marked absent'
};

/** Sets where a player of the queue stands. */
export const setDayState = (db: Database, dayId: string, player: Player, state: DayState): Promise<void> =>
  commit(db, `${STATE_LABELS[state]}: ${player.name}`, async ({ put }) => {
    const day = await currentDay(db, dayId);
    const entries = withState(day.entries, player.id, state);
    if (day.entries.some((entry) => entry.playerId === player.id && entry.state !== state))
      await put('days', { ...day, entries });
  });

/** Adds a reading of today to a player of the queue; a fit under way is not touched. */
export const readInQueue = (
  db: Database,
  player: Player,
  kind: MeasurementId,
  mm: number,
  what: string,
  now = new Date()
): Promise<void> =>
  commit(db, `Measured ${what} of ${player.name}`, (writer) =>
    addReadingTo(db, writer, player.id, kind, mm, now)
  );

/**
 * Notes between which lengths of the arm a fitting tape was read, in place of what it was read as before today; a fit
 * under way is not touched.
 */
export const readTapeInQueue = (
  db: Database,
  player: Player,
  between: readonly [fromMm: number, toMm: number],
  now = new Date()
): Promise<void> =>
  commit(db, `Read the tape at ${player.name}`, (writer) =>
    putReadings(
      writer,
      player.id,
      'armByTape',
      dayOf(now),
      between.map((mm) => ({ mm, at: now.toISOString() }))
    )
  );

/** Decides a size in the queue and lets the player pass, as one step. The same press twice decides once. */
export const passInQueue = (
  db: Database,
  dayId: string,
  player: Player,
  decision: Decision,
  now = new Date()
): Promise<void> =>
  commit(db, `Decided ${decision.size} for ${player.name}`, async ({ put }) => {
    const day = await currentDay(db, dayId);
    const { fit, isNew } = await decideIn(db, player.id, decision, now, day.day);
    if (isNew) await put('fits', fit);
    await put('days', { ...day, entries: withState(day.entries, player.id, 'passed') });
    await clearTyped(db, player.id);
  });

/** Closes a fitting day, or opens it again. */
export const closeDay = (db: Database, dayId: string, closed: boolean, now = new Date()): Promise<void> =>
  commit(db, closed ? 'Closed the fitting day' : 'Opened the fitting day again', async ({ put }) =>
    put('days', { ...(await currentDay(db, dayId)), closedAt: closed ? now.toISOString() : null })
  );

/** Removes a fitting day; what was measured and decided stays with the players. */
export const removeDay = (db: Database, dayId: string): Promise<void> =>
  commit(db, 'Removed a fitting day', ({ remove }) => remove('days', dayId));
