import { describe, expect, it } from 'vitest';
import { freshDatabase, givenPlayer } from '../testing';
import { readBackup, restoreBackup } from './backup';
import { undo } from '../journal/changes';
import { applyMerge, previewMerge, writeCopy, type Scope } from './exchange';
import { addReading } from '../commands/measurements';
import { deletePlayer, editPlayer } from '../commands/players';
import type { Player } from '../store/records';

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
