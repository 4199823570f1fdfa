import type { MeasurementId, Readings } from '$lib/core/body';
import type { ShoulderSlope } from '$lib/core/setup';
import { dayOf, daysBetween, type IsoDay } from '$lib/core/time';
import { commit } from '../journal/changes';
import type { Writer } from '../journal/writer';
import type { Database } from '../store/database';
import { getDraft } from './drafts';
import type { Measurement, Player } from '../store/records';
import { Refusal } from '../store/refusal';
import { MOST_READINGS } from '../schema/fields';
import { clearTyped } from './typed';

/** Days for which a growing player's lengths still count; older ones are shown but not used. */
export const FRESH_DAYS = 90;

const keyOf = (playerId: string, kind: MeasurementId, day: IsoDay) => `${playerId}:${kind}:${day}`;

/** Puts today's readings of one kind in place; none at all removes the record. */
export async function putReadings(
  { put, remove }: Writer,
  playerId: string,
  kind: MeasurementId,
  day: IsoDay,
  readings: Measurement['readings'],
  look: ShoulderSlope | null = null
) {
  const id = keyOf(playerId, kind, day);
  if (readings.length === 0 && look === null) await remove('measurements', id);
  else await put('measurements', { id, playerId, kind, day, readings, look });
}

/** A reading that is on its way into the database. */
export interface ComingReading {
  readonly mm: number;
  readonly at: Date;
}

export const takenNow = (mm: number): ComingReading => ({ mm, at: new Date() });

/**
 * The measurements of a player as they will stand when what is on its way is stored: the answer need not wait for
 * the storage.
 */
export function withComing(
  measurements: readonly Measurement[],
  playerId: string,
  coming: Iterable<readonly [MeasurementId, ComingReading]>
): readonly Measurement[] {
  let all = measurements;
  for (const [kind, { mm, at }] of coming) {
    const [day, stamp] = [dayOf(at), at.toISOString()];
    const id = keyOf(playerId, kind, day);
    const today = all.find((one) => one.id === id);
    const before = today?.readings ?? [];
    if (before.some((reading) => reading.at === stamp)) continue;
    const readings = [...before, { mm, at: stamp }];
    all = [
      ...all.filter((one) => one.id !== id),
      { id, playerId, kind, day, readings, look: today?.look ?? null }
    ];
  }
  return all;
}

/**
 * Adds a tape reading of today, inside a change; what was typed for it has become a record.
 *
 * @throws Refusal when a day has as many readings of it as are kept
 */
export async function addReadingTo(
  db: Database,
  writer: Writer,
  playerId: string,
  kind: MeasurementId,
  mm: number,
  now: Date
): Promise<void> {
  const day = dayOf(now);
  const today = await db.measurements.get(keyOf(playerId, kind, day));
  const before = today?.readings ?? [];
  if (before.length >= MOST_READINGS)
    throw new Refusal(`${MOST_READINGS} readings of one length are kept a day. Drop some first.`);
  await putReadings(writer, playerId, kind, day, [...before, { mm, at: now.toISOString() }]);
  await clearTyped(db, playerId, (field) => field === kind);
}

/**
 * Adds a tape reading of today, as one step; a fit begins with it where none is under way.
 *
 * @param what the measurement in words, for the journal
 */
export const addReading = (
  db: Database,
  player: Player,
  kind: MeasurementId,
  mm: number,
  what: string,
  now = new Date()
): Promise<void> =>
  commit(db, `Measured ${what} of ${player.name}`, async (writer) => {
    const [draft] = await Promise.all([
      getDraft(db, player.id, now),
      addReadingTo(db, writer, player.id, kind, mm, now)
    ]);
    await writer.put('drafts', { ...draft, updatedAt: now.toISOString() });
  });

/** Puts something else in a reading's place, or nothing; one that is gone already is left alone. */
async function replaceReading(
  db: Database,
  writer: Writer,
  measurement: Pick<Measurement, 'id'>,
  reading: Measurement['readings'][number],
  instead: Measurement['readings']
): Promise<void> {
  const current = await db.measurements.get(measurement.id);
  const at = current?.readings.findIndex((one) => one.at === reading.at && one.mm === reading.mm) ?? -1;
  if (!current || at < 0) return;
  const readings = current.readings.flatMap((one, index) => (index === at ? instead : [one]));
  await putReadings(writer, current.playerId, current.kind, current.day, readings);
}

/** Puts another number in a reading's place, on its day; mm. */
export const changeReading = (
  db: Database,
  player: Player,
  measurement: Pick<Measurement, 'id'>,
  reading: Measurement['readings'][number],
  mm: number
): Promise<void> =>
  commit(db, `Changed a reading of ${player.name}`, (writer) =>
    replaceReading(db, writer, measurement, reading, [{ ...reading, mm }])
  );

/** Drops one reading of a measurement; one that is gone already is not dropped again. */
export const dropReading = (
  db: Database,
  player: Player,
  measurement: Pick<Measurement, 'id'>,
  reading: Measurement['readings'][number],
  what: string
): Promise<void> =>
  commit(db, `Dropped a reading: ${what} of ${player.name}`, (writer) =>
    replaceReading(db, writer, measurement, reading, [])
  );

/** Drops all that was read of one length on one day. */
export const dropMeasurement = (
  db: Database,
  player: Player,
  measurement: Pick<Measurement, 'id'>,
  what: string
): Promise<void> =>
  commit(db, `Dropped a reading: ${what} of ${player.name}`, ({ remove }) =>
    remove('measurements', measurement.id)
  );

/** Records the shoulder slope by look, in place of a measured drop. */
export const setSlopeLook = (db: Database, player: Player, look: ShoulderSlope, now = new Date()) =>
  commit(db, `Judged the shoulder slope of ${player.name}`, (writer) =>
    putReadings(writer, player.id, 'shoulderSlope', dayOf(now), [], look)
  );

/** The newest measurement of each kind. */
export function newestByKind(
  measurements: readonly Measurement[]
): Readonly<Partial<Record<MeasurementId, Measurement>>> {
  const newest: Partial<Record<MeasurementId, Measurement>> = {};
  for (const measurement of measurements) {
    const known = newest[measurement.kind];
    if (!known || measurement.day > known.day) newest[measurement.kind] = measurement;
  }
  return newest;
}

/** Whether a measurement is recent enough to size by. */
export const isFresh = (measurement: Measurement, today: IsoDay): boolean =>
  daysBetween(measurement.day, today) <= FRESH_DAYS;

/** The newest readings of each kind that are recent enough to size by, mm. */
export function freshReadings(measurements: readonly Measurement[], today: IsoDay): Readings {
  const entries = Object.values(newestByKind(measurements))
    .filter((measurement) => isFresh(measurement, today) && measurement.readings.length > 0)
    .map(({ kind, readings }) => [kind, readings.map(({ mm }) => mm)] as const);
  return Object.fromEntries(entries);
}
