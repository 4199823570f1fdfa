import { describe, expect, it } from 'vitest';
import { notePain } from '../commands/pains';
import { addReading } from '../commands/measurements';
import { freshDatabase, givenDecision, givenPlayer, givenReadings } from '../testing';
import { foreseeMissing } from './foreseen';
import { statusOf } from './status';

const TODAY = '2026-11-24';
const NOW = new Date('2026-11-24T10:00:00');

describe('the status of a child', () => {
  it('goes from no size to a size, to a set-up that is open; pain comes before all', async () => {
    const db = freshDatabase();
    const player = await givenPlayer(db, { birthMonth: '2019-04' });
    const status = async () => {
      await foreseeMissing(db, TODAY);
      return statusOf(db, player.id, TODAY);
    };
    expect(await status()).toMatchObject({
      size: null,
      setUp: 'none',
      next: { kind: 'size' },
      lookedOn: null
    });
    await givenReadings(db, player, { height: 1205, armToPalm: 478 }, NOW);
    await givenDecision(db, player, NOW);
    const decided = await status();
    expect(decided).toMatchObject({
      setUp: 'open',
      entry: { standing: 'under-way' },
      next: { kind: 'go-on' }
    });
    expect(decided?.size).toBe('1/8');
    // A set-up that is kept ends what was under way; another change begins it again.
    const fit = (await db.fits.toArray())[0];
    await db.setups.add({
      id: 's',
      playerId: player.id,
      family: 'violin',
      fitId: fit?.id,
      at: '2026-11-24T10:05:00.000Z'
    } as never);
    expect(await status()).toMatchObject({
      setUp: 'kept',
      next: { kind: expect.not.stringMatching('go-on') }
    });
    await addReading(db, player, 'height', 1206, '1206', new Date('2026-11-24T11:30:00'));
    expect(await status()).toMatchObject({ entry: { standing: 'under-way' } });
    await notePain(db, player, 'set-up', '1/8', NOW);
    expect(await status()).toMatchObject({ entry: { standing: 'pain' }, next: { kind: 'pain', day: TODAY } });
  });

  it('is none for who is not there, and asks for nobody else', async () => {
    const db = freshDatabase();
    expect(await statusOf(db, 'nobody', TODAY)).toBeNull();
    const [one, other] = [await givenPlayer(db), await givenPlayer(db, { name: 'Other' })];
    await addReading(db, other, 'height', 1300, '1300', NOW);
    await foreseeMissing(db, TODAY);
    expect(await statusOf(db, one.id, TODAY)).toMatchObject({
      entry: { player: { id: one.id } },
      size: null
    });
  });
});
