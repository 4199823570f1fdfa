import { describe, expect, it } from 'vitest';
import { dayOf } from '$lib/core/time';
import { groupOf, groupsApart } from '../questions/groups';
import { addReading } from '../commands/measurements';
import { deletePlayer, editPlayer, EMPTY_PLAYER, importPlayers } from '../commands/players';
import { keepText, typedOf } from '../commands/typed';
import { commit, redo, undo } from '../journal/changes';
import { deletedFor, forget, UNDO_DELETION_MS } from '../journal/forget';
import { faultsIn } from '../journal/gate';
import { problemWith } from '../schema/problem';
import type { Database } from '../store/database';
import type { Player } from '../store/records';
import type { TableName } from '../store/tables';
import { contents, freshDatabase, givenDecision, givenPlayer, givenReadings } from '../testing';
import { readBackup, writeBackup, type Backup } from './backup';
import { previewRestore, restoreBackup } from './restore';
import { applyMerge, MergeOvertaken, previewMerge, writeCopy } from './exchange';
import type { Scope } from './scope';
import type { MergePick } from './merge';

const ALL: Scope = { kind: 'all' };
const NOW = new Date('2026-11-24T10:00:00');
const later = (minutes: number) => new Date(NOW.getTime() + minutes * 60_000);

/** A file as it comes back from a disk. */
async function fileOf(db: ReturnType<typeof freshDatabase>, scope: Scope = ALL, now = NOW) {
  const read = readBackup(JSON.stringify(await writeCopy(db, scope, now)));
  if (!read.ok) throw new Error(read.problem);
  return read.backup;
}

async function twoTeachers() {
  const [mine, other] = [freshDatabase(), freshDatabase()];
  const [first, second] = [await givenPlayer(mine), await givenPlayer(mine)];
  const start = await fileOf(mine);
  await restoreBackup(other, start, 'merge');
  await applyMerge(other, start, await previewMerge(other, start, ALL), new Map(), NOW);
  return { mine, other, first, second };
}
const rename = (db: ReturnType<typeof freshDatabase>, player: Player, name: string) =>
  editPlayer(db, player, {
    name,
    birthMonth: player.birthMonth,
    curve: player.curve,
    family: player.family,
    group: '',
    notes: player.notes,
    photosAllowed: player.photosAllowed
  });

describe('two teachers', () => {
  it('take each other’s changes, ask about what both changed, and see what was deleted', async () => {
    const { mine, other, first, second } = await twoTeachers();
    await rename(mine, first, 'Mine');
    await rename(other, first, 'Theirs');
    await addReading(other, first, 'height', 1240, 'height', later(1));
    await deletePlayer(other, second);
    const file = await fileOf(other, ALL, later(2));
    const preview = await previewMerge(mine, file, ALL);
    expect(preview.commonStart).toBe(true);
    const cases = preview.plan
      .filter(({ case: how }) => how !== 'same')
      .map((one) => [one.case, one.key.split(':')[0]]);
    expect(cases).toEqual(
      expect.arrayContaining([
        ['both', 'players'],
        ['new', 'measurements'],
        ['deleted-there', 'players']
      ])
    );
    await applyMerge(mine, file, preview, new Map([[`players:${first.id}`, 'there']]), later(3));
    expect((await mine.players.toArray()).map(({ name }) => name)).toEqual(['Theirs']);
    expect(await mine.measurements.count()).toBe(1);
    // And back: nothing is asked, both hold the same.
    const back = await fileOf(mine, ALL, later(4));
    const again = await previewMerge(other, back, ALL);
    expect(again.plan.filter(({ case: how }) => how === 'both')).toEqual([]);
    await applyMerge(other, back, again, new Map(), later(5));
    expect(await other.players.toArray()).toEqual(await mine.players.toArray());
    await undo(mine);
    expect((await mine.players.toArray()).map(({ name }) => name).sort()).toContain('Mine');
  });

  it('a player is handed over alone, and nobody else is touched', async () => {
    const { mine, first } = await twoTeachers();
    await addReading(mine, first, 'height', 1240, 'height', later(1));
    const file = await fileOf(mine, { kind: 'player', playerId: first.id }, later(2));
    expect(file.tables.players).toHaveLength(1);
    const stranger = freshDatabase();
    const own = await givenPlayer(stranger);
    const preview = await previewMerge(stranger, file, ALL);
    await applyMerge(stranger, file, preview, new Map(), later(3));
    expect((await stranger.players.toArray()).map(({ id }) => id).sort()).toEqual([own.id, first.id].sort());
    expect(await stranger.measurements.where({ playerId: first.id }).count()).toBe(1);
  });

  it('one player can be taken out of a file of everybody, and the others later', async () => {
    const { mine, first, second } = await twoTeachers();
    const file = await fileOf(mine, ALL, later(2));
    const stranger = freshDatabase();
    const one = await previewMerge(stranger, file, { kind: 'player', playerId: first.id });
    await applyMerge(stranger, file, one, new Map(), later(3));
    expect((await stranger.players.toArray()).map(({ id }) => id)).toEqual([first.id]);
    const rest = await previewMerge(stranger, file, ALL);
    expect(rest.plan.find(({ key }) => key === `players:${second.id}`)?.case).toBe('new');
    await applyMerge(stranger, file, rest, new Map(), later(4));
    expect(await stranger.players.count()).toBe(2);
  });
});

describe('what a review found', () => {
  const read = (db: Database, player: Player, minute: number, mm = 1240) =>
    addReading(db, player, 'height', mm, 'height', later(minute));
  const put = (db: Database, table: TableName, record: object) =>
    commit(db, 'put', (writer) => writer.put(table, record as never));
  const idsOf = async (db: Database) => (await db.players.toArray()).map(({ id }) => id).sort();
  const soundness = async (db: Database) => {
    const again = readBackup(JSON.stringify(await writeBackup(db)));
    return [again.ok ? 'readable' : again.problem, ...faultsIn((await writeBackup(db)).tables, problemWith)];
  };

  /** Ann was measured and decided for, both copies know it; there she was deleted, here she got one reading. */
  async function annDeletedThere() {
    const mine = freshDatabase();
    const other = freshDatabase();
    const ann = await givenPlayer(mine, { name: 'Ann' });
    await givenReadings(mine, ann, { height: 1205, armToPalm: 502 }, NOW);
    await givenDecision(mine, ann, NOW);
    await take(other, await fileOf(mine), new Map(), 1);
    await deletePlayer(other, ann);
    await read(mine, ann, 24 * 60);
    return { mine, other, ann, file: await fileOf(other, ALL, later(25 * 60)) };
  }
  async function take(
    db: Database,
    file: Backup,
    picks: ReadonlyMap<string, MergePick> = new Map(),
    minute = 1,
    scope = ALL
  ): Promise<number> {
    return applyMerge(db, file, await previewMerge(db, file, scope), picks, later(minute));
  }
  const ownedBy = async (db: Database, { id }: Player) =>
    (await db.measurements.where({ playerId: id }).count()) + (await db.fits.where({ playerId: id }).count());

  it('a child who was deleted there and changed here: nothing changes until it is answered, on neither side', async () => {
    const { mine, other, ann, file } = await annDeletedThere();
    expect(await take(mine, file)).toBe(1);
    expect(await ownedBy(mine, ann)).toBe(4);
    // The other copy is not made to delete or to keep anything by an answer that nobody gave.
    const back = await fileOf(mine, ALL, later(26 * 60));
    expect(await take(other, back)).toBe(1);
    expect(await idsOf(other)).toEqual([]);
    // The next file asks again.
    expect(await take(mine, await fileOf(other, ALL, later(27 * 60)))).toBe(1);
  });

  it('kept, she keeps all that is older; let go, all of her goes; there the same', async () => {
    const kept = await annDeletedThere();
    const key = `players:${kept.ann.id}`;
    await take(kept.mine, kept.file, new Map([[key, 'here']]));
    expect(await ownedBy(kept.mine, kept.ann)).toBe(4);
    await take(kept.other, await fileOf(kept.mine, ALL, later(26 * 60)), new Map([[key, 'there']]));
    expect(await ownedBy(kept.other, kept.ann)).toBe(4);
    // Once answered it is not asked again.
    expect(await take(kept.mine, await fileOf(kept.other, ALL, later(27 * 60)))).toBe(0);
    const gone = await annDeletedThere();
    await take(gone.mine, gone.file, new Map([[`players:${gone.ann.id}`, 'there']]));
    expect([await idsOf(gone.mine), await ownedBy(gone.mine, gone.ann)]).toEqual([[], 0]);
    await undo(gone.mine);
    expect(await ownedBy(gone.mine, gone.ann)).toBe(4);
  });

  it('undo of a child at whom something is half typed leaves a backup that can be read, and redo brings the text', async () => {
    const db = freshDatabase();
    const ann = await givenPlayer(db, { name: 'Ann' });
    await keepText(db, ann.id, 'height', '12');
    await undo(db);
    expect(await soundness(db)).toEqual(['readable']);
    await redo(db);
    expect(await typedOf(db, ann.id)).toEqual({ height: '12' });
    const list = freshDatabase();
    await importPlayers(
      list,
      ['Bo', 'Cy'].map((name) => ({ ...EMPTY_PLAYER, name })),
      'skip'
    );
    for (const { id } of await list.players.toArray()) await keepText(list, id, 'height', '1');
    await undo(list);
    expect(await soundness(list)).toEqual(['readable']);
    expect(await list.typed.count()).toBe(0);
  });

  it('a merge that was seen with other records than there are now is refused, and leaves no orphan', async () => {
    const { mine, other, first } = await twoTeachers();
    await deletePlayer(other, first);
    const file = await fileOf(other, ALL, later(2));
    const preview = await previewMerge(mine, file, ALL);
    await read(mine, first, 3);
    const before = await contents(mine);
    await expect(applyMerge(mine, file, preview, new Map(), later(4))).rejects.toThrow(MergeOvertaken);
    expect(await contents(mine)).toEqual(before);
    const renewed = await previewMerge(mine, file, ALL);
    expect(renewed.plan.find(({ key }) => key === `players:${first.id}`)?.case).toBe('asked');
    // What changes nothing of the merge does not hinder it.
    await keepText(mine, first.id, 'armToPalm', '4');
    await applyMerge(mine, file, renewed, new Map(), later(5));
    expect(await soundness(mine)).toEqual(['readable']);
  });

  it('a restore that replaced everything is not half taken back once parts of it are forgotten', async () => {
    const [mine, other] = [freshDatabase(), freshDatabase()];
    const [ann, zoe] = [await givenPlayer(mine, { name: 'Ann' }), await givenPlayer(other, { name: 'Zoe' })];
    const { until } = await restoreBackup(mine, await fileOf(other), 'replace');
    expect(Date.parse(until ?? '') - Date.now()).toBeGreaterThan(UNDO_DELETION_MS - 10_000);
    const soon = await mine.changes.count();
    await undo(mine);
    expect(await idsOf(mine)).toEqual([ann.id]);
    await redo(mine);
    expect(await mine.changes.count()).toBe(soon);
    await forget(mine, await deletedFor(mine, new Date(Date.now() + 2 * UNDO_DELETION_MS)));
    expect(await undo(mine)).toBeUndefined();
    expect(await idsOf(mine)).toEqual([zoe.id]);
  });

  it('a merge never brings a deleted child back, whatever files lie between; a whole restore does, and says so', async () => {
    const { mine, other, first: zoe, second } = await twoTeachers();
    await deletePlayer(mine, zoe);
    // One player is handed over, and six more files of one: the file of everybody is still known.
    for (let minute = 2; minute < 9; minute++)
      await take(
        mine,
        await fileOf(other, { kind: 'player', playerId: second.id }, later(minute)),
        new Map(),
        minute
      );
    await take(mine, await fileOf(other, ALL, later(10)), new Map(), 10);
    expect(await idsOf(mine)).toEqual([second.id]);
    // Forgotten for good, and with a file that shares no start: neither.
    await forget(mine, [zoe.id]);
    const whole = await fileOf(other, ALL, later(11));
    await take(mine, { ...whole, ancestors: [], stamp: 'stranger' }, new Map(), 11);
    expect(await idsOf(mine)).toEqual([second.id]);
    expect((await previewRestore(mine, whole)).back).toEqual([zoe.name]);
    await restoreBackup(mine, whole, 'merge');
    expect(await idsOf(mine)).toEqual([zoe.id, second.id].sort());
    expect(await mine.gone.count()).toBe(0);
  });

  it('of a child who was forgotten nothing stays in what other copies knew', async () => {
    const { mine, first } = await twoTeachers();
    await read(mine, first, 1);
    await fileOf(mine, ALL, later(2));
    await deletePlayer(mine, first);
    await forget(mine, [first.id]);
    expect(JSON.stringify(await mine.bases.toArray())).not.toContain(first.id);
    expect(await mine.gone.toArray()).toEqual([{ id: first.id, day: dayOf(new Date()) }]);
  });

  it('a merge that was taken back can be done once more', async () => {
    const { mine, other } = await twoTeachers();
    const bo = await givenPlayer(other, { name: 'Bo' });
    const file = await fileOf(other, ALL, later(2));
    await take(mine, file, new Map(), 3);
    await undo(mine);
    expect(await idsOf(mine)).not.toContain(bo.id);
    await take(mine, file, new Map(), 4);
    expect(await idsOf(mine)).toContain(bo.id);
  });

  it('of a file of everybody only one was taken: the others there are not held for deleted here', async () => {
    const { mine, first, second } = await twoTeachers();
    const stranger = freshDatabase();
    await take(stranger, await fileOf(mine, ALL, later(2)), new Map(), 2, {
      kind: 'player',
      playerId: first.id
    });
    await take(mine, await fileOf(stranger, ALL, later(3)), new Map(), 3);
    expect(await idsOf(mine)).toEqual([first.id, second.id].sort());
  });

  it('loans and instruments stay as they are when a part is merged', async () => {
    const { mine, other, first } = await twoTeachers();
    await put(mine, 'instruments', {
      id: 'i',
      number: '7',
      family: 'violin',
      size: '1/2',
      overallMm: null,
      stringMm: null,
      notes: '',
      demo: false
    });
    await put(mine, 'loans', {
      id: 'l',
      playerId: first.id,
      kind: 'instrument',
      instrumentId: 'i',
      what: '7',
      from: '2026-11-24',
      to: null
    });
    await take(other, await fileOf(mine, ALL, later(2)), new Map(), 2);
    expect(await other.loans.count()).toBe(1);
    await take(mine, await fileOf(other, { kind: 'player', playerId: first.id }, later(3)), new Map(), 3);
    expect([await mine.loans.count(), await mine.instruments.count()]).toEqual([1, 1]);
    await take(other, await fileOf(mine, ALL, later(4)), new Map(), 4);
    expect([await other.loans.count(), await other.instruments.count()]).toEqual([1, 1]);
  });

  it('groups of one name are two, also after a merge, and whoever is in them stays there', async () => {
    const [mine, other] = [freshDatabase(), freshDatabase()];
    const [ann, bo] = [
      await givenPlayer(mine, { name: 'Ann', group: 'Owls' }),
      await givenPlayer(other, { name: 'Bo', group: 'Owls' })
    ];
    await take(mine, await fileOf(other), new Map(), 1);
    expect(await mine.groups.count()).toBe(2);
    const names = await groupsApart(mine);
    expect([ann, bo].map((one) => groupOf(names, one)).sort()).toEqual(['Owls (1)', 'Owls (2)']);
    expect(await soundness(mine)).toEqual(['readable']);
  });
});
