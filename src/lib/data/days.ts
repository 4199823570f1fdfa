import type { MeasurementId } from '$lib/core/body';
import type { Size } from '$lib/core/instruments';
import { dayOf } from '$lib/core/time';
import { commit, keepTyped, type Writer } from './changes';
import type { Database } from './database';
import { fitFrom, newestFirst, type Decision } from './fits';
import { newId } from './ids';
import { addReadingTo } from './measurements';
import { playerFrom, type PlayerForm } from './players';
import type { Fit, FittingDay, LineState, Player } from './records';
import { groupByPlayer } from './roster';

/** A player already known, or one to be added. */
export type LineMember = { readonly playerId: string } | { readonly form: PlayerForm };

const nameKey = ({ name, family }: Pick<Player, 'name' | 'family'>) =>
  `${family}\n${name.trim().toLowerCase()}`;

/**
 * Players from a list as members of a line: who is known by name and family already is not added again.
 *
 * @returns the members in the order of the list, each once
 */
export function lineMembers(forms: readonly PlayerForm[], known: readonly Player[]): readonly LineMember[] {
  const byName = new Map(
    known.filter(({ archivedOn }) => archivedOn === null).map((player) => [nameKey(player), player.id])
  );
  const seen = new Set<string>();
  return forms.flatMap((form): LineMember[] => {
    const key = nameKey(form);
    const playerId = byName.get(key);
    if (playerId === undefined) return [{ form }];
    if (seen.has(key)) return [];
    seen.add(key);
    return [{ playerId }];
  });
}

const waiting = (playerId: string) => ({ playerId, state: 'waiting' as const });

/** Ids of the members; who is new is added as a player. */
async function memberIds(
  { put }: Writer,
  members: readonly LineMember[],
  now: Date
): Promise<readonly string[]> {
  const ids: string[] = [];
  for (const member of members) {
    if ('playerId' in member) {
      ids.push(member.playerId);
      continue;
    }
    const player = playerFrom(member.form, now);
    await put('players', player);
    ids.push(player.id);
  }
  return ids;
}

/** Puts somebody at the end of a line, once; who is known by name and family is not added as a player again. */
export const joinLine = (db: Database, dayId: string, form: PlayerForm, now = new Date()): Promise<void> =>
  commit(db, `Put ${form.name} in line`, async (writer) => {
    const day = await currentDay(db, dayId);
    const members = lineMembers([form], await db.players.toArray());
    const ids = await memberIds(writer, members, now);
    const fresh = ids.filter((id) => !day.entries.some(({ playerId }) => playerId === id));
    await writer.put('days', { ...day, entries: [...day.entries, ...fresh.map(waiting)] });
  });

/** Starts a fitting day with a line of players, adding who is new, and returns its id. */
export async function startDay(
  db: Database,
  name: string,
  members: readonly LineMember[],
  now = new Date()
): Promise<string> {
  const day: FittingDay = {
    id: newId(),
    name,
    day: dayOf(now),
    startedAt: now.toISOString(),
    closedAt: null,
    entries: [],
    typed: {},
    demo: false
  };
  await commit(db, `Started a line of ${members.length}`, async (writer) => {
    const ids = await memberIds(writer, members, now);
    await writer.put('days', { ...day, entries: ids.map(waiting) });
  });
  return day.id;
}

async function currentDay(db: Database, dayId: string): Promise<FittingDay> {
  const day = await db.days.get(dayId);
  if (!day) throw new RangeError('no such fitting day');
  return day;
}

const withState = (day: FittingDay, playerId: string, state: LineState): FittingDay => ({
  ...day,
  typed: {},
  entries: day.entries.map((entry) => (entry.playerId === playerId ? { ...entry, state } : entry))
});

const STATE_LABELS: Readonly<Record<LineState, string>> = {
  waiting: 'Put back in line',
  passed: 'Took',
  trial: 'Sent to the trial line',
  skipped: 'Skipped',
  absent: 'Marked absent'
};

/** Sets where a player of the line stands. */
export const setLineState = (db: Database, dayId: string, player: Player, state: LineState): Promise<void> =>
  commit(db, `${STATE_LABELS[state]}: ${player.name}`, async ({ put }) =>
    put('days', withState(await currentDay(db, dayId), player.id, state))
  );

/** Adds a reading of today to a player of the line; a fit under way is not touched. */
export const readInLine = (
  db: Database,
  dayId: string,
  player: Player,
  kind: MeasurementId,
  mm: number,
  what: string,
  now = new Date()
): Promise<void> =>
  commit(db, `Measured ${what} of ${player.name}`, async (writer) => {
    await addReadingTo(db, writer, player.id, kind, mm, now);
    const day = await currentDay(db, dayId);
    const { [kind]: _entered, ...typed } = day.typed;
    await writer.put('days', { ...day, typed });
  });

/** Keeps what is being typed in the line, so that a killed tab loses none of it; no step of its own to undo. */
export const keepLineText = (db: Database, dayId: string, kind: MeasurementId, text: string): Promise<void> =>
  keepTyped(db, 'days', dayId, (day) => ({ ...day, typed: { ...day.typed, [kind]: text } }));

/** Decides a size in the line and lets the player pass, as one step. */
export async function passInLine(
  db: Database,
  dayId: string,
  player: Player,
  decision: Decision,
  now = new Date()
): Promise<void> {
  const fit = await fitFrom(db, player, decision, now);
  await commit(db, `Decided ${decision.size} for ${player.name}`, async ({ put }) => {
    await put('fits', fit);
    await put('days', withState(await currentDay(db, dayId), player.id, 'passed'));
  });
}

/** A player of a line, with the size that was decided since the line began. */
export interface LineStanding {
  readonly player: Player;
  readonly state: LineState;
  readonly size: Size | null;
  readonly betweenSizes: boolean;
}

/** Where every player of a line stands, in its order. A size counts once the player has passed or was tried on. */
export function lineStandings(
  day: FittingDay,
  players: readonly Player[],
  fits: readonly Fit[]
): readonly LineStanding[] {
  const byId = new Map(players.map((player) => [player.id, player]));
  const since = groupByPlayer(fits.filter(({ at }) => at >= day.startedAt));
  return day.entries.flatMap(({ playerId, state }): LineStanding[] => {
    const player = byId.get(playerId);
    if (!player) return [];
    const fit = newestFirst(since.get(playerId) ?? [])[0];
    const passed = fit !== undefined && (state === 'passed' || state === 'trial');
    return [
      {
        player,
        state: passed ? 'passed' : state === 'passed' ? 'waiting' : state,
        size: passed ? fit.size : null,
        betweenSizes: passed && fit.betweenSizes
      }
    ];
  });
}

/** Closes a fitting day, or opens it again. */
export const closeDay = (db: Database, dayId: string, closed: boolean, now = new Date()): Promise<void> =>
  commit(db, closed ? 'Closed the fitting day' : 'Opened the fitting day again', async ({ put }) =>
    put('days', { ...(await currentDay(db, dayId)), closedAt: closed ? now.toISOString() : null })
  );

/** Removes a fitting day; what was measured and decided stays with the players. */
export const removeDay = (db: Database, dayId: string): Promise<void> =>
  commit(db, 'Removed a fitting day', ({ remove }) => remove('days', dayId));
