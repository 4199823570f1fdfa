import { MEASUREMENT_IDS } from '$lib/core/body';
import type { IsoDay } from '$lib/core/time';
import { commit } from '../journal/changes';
import type { Writer } from '../journal/writer';
import { ofPlayers } from '../questions/records';
import { MOST_READINGS } from '../schema/fields';
import type { Database } from '../store/database';
import type { Measurement, Player } from '../store/records';
import { playerGone, Refusal } from '../store/refusal';
import { putReadings } from './measurements';

/** Removes set-ups with what was looked at while they were tried; checks that were seen on them stay as they were seen. */
async function removeSetups(
  db: Database,
  writer: Writer,
  { id: playerId }: Player,
  ids: readonly string[]
): Promise<void> {
  const isOn = ({ setupId }: { readonly setupId: string | null }) =>
    setupId !== null && ids.includes(setupId);
  const [looks, checks] = await Promise.all([
    db.looks.where('setupId').anyOf(ids).primaryKeys(),
    db.checks.where({ playerId }).filter(isOn).toArray()
  ]);
  await writer.removeAll('looks', looks);
  await writer.putAll(
    'checks',
    checks.map((check) => ({ ...check, setupId: null }))
  );
  await writer.removeAll('setups', ids);
}

/** Takes a decision back as if it had not been made, with the set-ups that were kept on it. What stood before stands again. */
export const takeBackFit = (db: Database, player: Player, fitId: string): Promise<void> =>
  commit(db, `Took back a decision for ${player.name}`, async (writer) => {
    const setups = await db.setups.where({ fitId }).primaryKeys();
    await removeSetups(db, writer, player, setups);
    await writer.remove('fits', fitId);
  });

/** Takes a set-up back as if it had not been kept. */
export const takeBackSetup = (db: Database, player: Player, setupId: string): Promise<void> =>
  commit(db, `Took back a set-up of ${player.name}`, (writer) => removeSetups(db, writer, player, [setupId]));

/** Takes a trial back; a decision that came after it stays, on its own. */
export const takeBackTrial = (db: Database, player: Player, trialId: string): Promise<void> =>
  commit(db, `Took back a trial of ${player.name}`, async (writer) => {
    const fits = await db.fits.where({ playerId: player.id }).toArray();
    await writer.putAll(
      'fits',
      fits.filter((fit) => fit.trialId === trialId).map((fit) => ({ ...fit, trialId: null }))
    );
    await writer.remove('trials', trialId);
  });

/** Takes back what was seen and set as practice on a day. What was noted about pain stays. */
export const takeBackLesson = (db: Database, player: Player, day: IsoDay): Promise<void> =>
  commit(db, `Took back a lesson of ${player.name}`, async (writer) => {
    for (const table of ['checks', 'remedies', 'lessons'] as const) {
      const records = await ofPlayers(db, table, [player.id]);
      await writer.removeAll(
        table,
        records.filter((one) => one.day === day).map(({ id }) => id)
      );
    }
  });

/**
 * Gives what was measured on a day to the child whom it belongs to, beside what was measured there. A look at the
 * shoulders goes along where there is none.
 *
 * @throws Refusal when more readings would come together than are kept of a day
 */
export const moveReadings = (db: Database, from: Player, toId: string, day: IsoDay): Promise<void> =>
  commit(db, `Moved the lengths of ${from.name}`, async (writer) => {
    const to = await db.players.get(toId);
    if (!to) throw playerGone();
    if (toId === from.id) return;
    const [mine, theirs] = [
      await ofPlayers(db, 'measurements', [from.id]),
      await ofPlayers(db, 'measurements', [toId])
    ];
    for (const kind of MEASUREMENT_IDS) {
      const isOf = (one: Measurement) => one.day === day && one.kind === kind;
      const [moved, there] = [mine.find(isOf), theirs.find(isOf)];
      if (!moved) continue;
      const readings = [...(there?.readings ?? []), ...moved.readings];
      if (readings.length > MOST_READINGS)
        throw new Refusal(`${MOST_READINGS} readings of one length are kept a day. Nothing was moved.`);
      await putReadings(writer, toId, kind, day, readings, there?.look ?? moved.look);
      await writer.remove('measurements', moved.id);
    }
  });
