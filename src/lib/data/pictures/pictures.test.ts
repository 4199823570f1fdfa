import { describe, expect, it } from 'vitest';
import { undo } from '../journal/changes';
import { changeSettings } from '../commands/settings';
import { writeBackup } from '../files/backup';
import { deletePlayer } from '../commands/players';
import { freshDatabase, givenPlayer, SHOT } from '../testing';
import { noteConsent, withdrawConsent } from './consent';
import { dropAllPictures, dropPictures, keepPicture, picturesKept, picturesOf } from './kept';
import { consentOf, stands } from './stands';
import { sweepPictures } from './sweep';

const NOW = new Date('2026-11-24T09:00:00');
const SAID = { by: 'Her father', on: '2026-11-20', what: 'posture in lessons' };

async function givenConsent() {
  const db = freshDatabase();
  const player = await givenPlayer(db, { name: 'Ada Sample' });
  await noteConsent(db, player.id, SAID);
  const keep = (now = NOW) => keepPicture(db, { ...SHOT, playerId: player.id }, now);
  return { db, player, keep };
}

describe('a picture', () => {
  it('is kept only where a consent stands that says who agreed and to what', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db, { name: 'Ada Sample', photosAllowed: true });
    const picture = { ...SHOT, playerId: player.id };
    await expect(keepPicture(db, picture, NOW)).rejects.toThrow(/No consent/);
    await expect(noteConsent(db, player.id, { ...SAID, by: ' ' })).rejects.toThrow(/who agreed/);
    await expect(noteConsent(db, player.id, { ...SAID, what: '' })).rejects.toThrow(/for what/);
    await expect(noteConsent(db, 'nobody', SAID)).rejects.toThrow(/deleted/);
    await noteConsent(db, player.id, SAID);
    await keepPicture(db, picture, NOW);
    expect(await picturesOf(db, player.id)).toMatchObject([{ day: '2026-11-24', angle: 'shoulders' }]);
    expect(await picturesKept(db)).toEqual({ count: 1, players: 1, bytes: SHOT.jpeg.byteLength });
  });

  it('goes at once where the consent is withdrawn, and nothing brings it back', async () => {
    const { db, player, keep } = await givenConsent();
    await keep();
    await givenPlayer(db, { name: 'Bo Sample' });
    await withdrawConsent(db, player.id, '2026-11-25');
    expect(await picturesOf(db, player.id)).toEqual([]);
    expect(await consentOf(db, player.id)).toMatchObject({ by: 'Her father', withdrawnOn: '2026-11-25' });
    await undo(db);
    expect(stands(await consentOf(db, player.id))).toBe(false);
    expect(await db.pictures.count()).toBe(0);
    await expect(keep()).rejects.toThrow(/No consent/);
    // Given anew it stands anew.
    await noteConsent(db, player.id, { ...SAID, on: '2026-12-01' });
    await keep();
    expect(await db.pictures.count()).toBe(1);
  });

  it('ends with the term, as the school has it', async () => {
    const { db, player, keep } = await givenConsent();
    await changeSettings(db, 'terms', () => ({ termStarts: ['01-08', '09-01'] }));
    await keep();
    expect(await picturesOf(db, player.id)).toMatchObject([{ endsOn: '2027-01-07' }]);
    await sweepPictures(db, '2027-01-07');
    expect(await db.pictures.count()).toBe(1);
    await sweepPictures(db, '2027-01-08');
    expect(await db.pictures.count()).toBe(0);
  });

  it('is in no journal, no backup and no copy of another', async () => {
    const { db, keep } = await givenConsent();
    await keep();
    const backup = JSON.stringify(await writeBackup(db, NOW));
    const journal = JSON.stringify([await db.changes.toArray(), await db.parts.toArray()]);
    for (const text of [backup, journal]) {
      expect(text).not.toContain('pictures');
      expect(text).not.toContain('jpeg');
      expect(text).not.toContain('Her father');
    }
  });

  it('stays while a deletion can be taken back, and goes with a player who is not there', async () => {
    const { db, player, keep } = await givenConsent();
    await keep();
    await deletePlayer(db, player);
    await sweepPictures(db, '2026-11-24');
    expect(await db.pictures.count()).toBe(1);
    await undo(db);
    await sweepPictures(db, '2026-11-24');
    expect(await db.pictures.count()).toBe(1);
    // As after everything was replaced by a backup that does not know the player.
    await db.players.delete(player.id);
    await sweepPictures(db, '2026-11-24');
    expect([await db.pictures.count(), await db.consents.count()]).toEqual([0, 0]);
  });

  it('is removed by itself or with all others', async () => {
    const { db, player, keep } = await givenConsent();
    await keep();
    await keep(new Date('2026-11-24T10:00:00'));
    const [first] = await picturesOf(db, player.id);
    await dropPictures(db, [first?.id ?? '']);
    expect(await db.pictures.count()).toBe(1);
    await dropAllPictures(db);
    expect(await picturesKept(db)).toEqual({ count: 0, players: 0, bytes: 0 });
  });
});
