import { commit } from '../journal/changes';
import type { Writer } from '../journal/writer';
import type { Database } from '../store/database';
import { joinGroups, leaveGroup } from './groups';
import { knownPlayers } from '../questions/known-players';
import { newId } from '../store/ids';
import { endsOf } from '../store/keys';
import type { Player, PlayerForm } from '../store/records';
import { playerGone } from '../store/refusal';
import { clearTyped, NEW_PLAYER } from './typed';

export const EMPTY_PLAYER: PlayerForm = {
  name: '',
  birthMonth: null,
  curve: null,
  family: 'violin',
  group: '',
  notes: '',
  photosAllowed: false
};

/** A player to be added, with the id that was made for it. */
export interface NewcomerForm {
  readonly id: string;
  readonly form: PlayerForm;
}

/**
 * Puts new players in, inside a change. The same id twice adds nobody: a form that is sent twice adds one player.
 */
export async function putNewPlayers(
  db: Database,
  writer: Writer,
  newcomers: readonly NewcomerForm[],
  now: Date,
  checked = false
): Promise<void> {
  const ids = newcomers.map(({ id }) => id);
  const known = new Set(
    await db.players
      .where(':id')
      .between(...endsOf(ids), true, true)
      .primaryKeys()
  );
  const coming = newcomers.filter(({ id }) => !known.has(id));
  const groupIds = await joinGroups(
    db,
    writer,
    coming.map(({ form }) => form)
  );
  await writer.putAll(
    'players',
    coming.map(({ id, form: { group: _group, groupId: _id, ...form } }, index): Player => ({
      ...form,
      id,
      groupId: groupIds[index] ?? null,
      archivedOn: null,
      createdAt: now.toISOString(),
      demo: false
    })),
    checked
  );
}

/**
 * Adds a player.
 *
 * @param id of the new player, made when the form was opened
 */
export const addPlayer = (db: Database, form: PlayerForm, id = newId(), now = new Date()): Promise<string> =>
  commit(db, `Added ${form.name}`, async (writer) => {
    await putNewPlayers(db, writer, [{ id, form }], now);
    await clearTyped(db, NEW_PLAYER);
    return id;
  });

/** What becomes of players of a list who are known already: they stay as they are, or take over what the list says. */
export type KnownHow = 'skip' | 'update';

/** What a list brought. */
export interface Imported {
  readonly added: number;
  readonly updated: number;
}

/** What a list says of a player, over what is known; what it leaves empty stays. */
function updated(
  player: Player,
  { group: _group, groupId: _id, ...form }: PlayerForm,
  groupId: string | null
): Player {
  return {
    ...player,
    ...form,
    name: player.name,
    birthMonth: form.birthMonth ?? player.birthMonth,
    curve: form.curve ?? player.curve,
    notes: form.notes === '' ? player.notes : form.notes,
    photosAllowed: player.photosAllowed,
    groupId: groupId ?? player.groupId
  };
}

/**
 * Brings in a list of players as one step. Who is known already is not added again, and who stands twice in the list
 * comes once.
 *
 * @param batch names this list, made when it was read
 */
export const importPlayers = (
  db: Database,
  forms: readonly PlayerForm[],
  how: KnownHow,
  batch = newId(),
  now = new Date()
): Promise<Imported> =>
  commit(db, `Imported ${forms.length} players`, async (writer) => {
    const found = knownPlayers(forms, await db.players.toArray());
    const all = forms.map((form, index) => ({ form, id: `${batch}-${index}`, ...found[index] }));
    const coming = all.filter(({ player, sameAs }) => !player && sameAs === null);
    // Each form of a list was held against its schema when it was read.
    await putNewPlayers(db, writer, coming, now, true);
    if (how === 'skip') return { added: coming.length, updated: 0 };
    // Where a list names one twice, the last word counts.
    const known = [
      ...new Map(all.flatMap(({ form, player }) => (player ? [[player.id, { form, player }]] : []))).values()
    ];
    const groupIds = await joinGroups(
      db,
      writer,
      known.map(({ form }) => form)
    );
    const changed = known.map(({ form, player }, index) => updated(player, form, groupIds[index] ?? null));
    await writer.putAll('players', changed);
    for (const { player } of known) await leaveGroup(db, writer, player);
    return { added: coming.length, updated: changed.length };
  });

/** Changes what a teacher entered about a player. */
export const editPlayer = (
  db: Database,
  player: Player,
  { group, groupId: chosen, ...form }: PlayerForm
): Promise<void> =>
  commit(db, `Changed ${form.name}`, async (writer) => {
    const current = await db.players.get(player.id);
    if (!current) throw playerGone();
    const [groupId = null] = await joinGroups(db, writer, [{ group, groupId: chosen }]);
    await writer.put('players', { ...current, ...form, groupId });
    if (groupId !== current.groupId) await leaveGroup(db, writer, current);
    await clearTyped(db, player.id, (field) => field.startsWith('form.'));
  });

/** Puts a player away, or brings one back. */
export const archivePlayer = (db: Database, player: Player, on: string | null): Promise<void> =>
  commit(db, on ? `Archived ${player.name}` : `Brought back ${player.name}`, async ({ put }) => {
    const current = await db.players.get(player.id);
    if (!current) throw playerGone();
    await put('players', { ...current, archivedOn: on });
  });

/**
 * Deletes a player, as one step that can be taken back for a moment. Everything recorded about the player goes along:
 * the gate sees to that.
 */
export const deletePlayer = (db: Database, player: Player): Promise<void> =>
  commit(db, `Deleted ${player.name}`, async (writer) => {
    const current = await db.players.get(player.id);
    if (!current) return;
    await writer.remove('players', current.id);
    await leaveGroup(db, writer, current);
  });

/** Removes the made-up class with everything recorded about it. Returns the ids of who went. */
export const removeDemo = (db: Database): Promise<readonly string[]> =>
  commit(db, 'Removed the made-up class', async (writer) => {
    for (const day of await db.days.filter((one) => one.demo).toArray()) await writer.remove('days', day.id);
    const demo = await db.players.filter((player) => player.demo).toArray();
    await writer.removeAll(
      'players',
      demo.map(({ id }) => id)
    );
    for (const { id } of await db.groups.filter((one) => one.demo).toArray())
      if ((await db.players.where('groupId').equals(id).count()) === 0) await writer.remove('groups', id);
    // What somebody else has of it stays until it is taken back.
    const mine = new Set(demo.map(({ id }) => id));
    const lent = new Set(
      (await db.loans.toArray()).flatMap((loan) => (mine.has(loan.playerId) ? [] : (loan.instrumentId ?? [])))
    );
    await writer.removeAll(
      'instruments',
      (await db.instruments.filter((one) => one.demo).primaryKeys()).filter((id) => !lent.has(id))
    );
    return demo.map(({ id }) => id);
  });
