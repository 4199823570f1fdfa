import 'fake-indexeddb/auto';
import { answerCase, decidedOf, loadCase } from './questions/case';
import { createDatabase, type Database } from './store/database';
import { decideFit } from './commands/fits';
import { addReading } from './commands/measurements';
import { addPlayer, EMPTY_PLAYER } from './commands/players';
import type { Fit, Player, PlayerForm } from './store/records';
import type { MeasurementId } from '$lib/core/body';
import { dimensionsOf } from '$lib/core/instruments';
import { restStack, settle } from '$lib/core/setup';
import { dayOf } from '$lib/core/time';

/** A shoulder rest under a 1/4 violin, as it is worked out. */
export const ARRANGEMENT = settle(
  restStack({
    instrument: dimensionsOf('violin', '1/4'),
    neckGapMm: 55,
    heightMm: 1240,
    shoulder: { slope: 'medium' },
    school: 'rest-first'
  }),
  { school: 'rest-first', mount: 'beside', scroll: 'left-45' }
);

let count = 0;

/** A fresh database of its own, for one test. */
export const freshDatabase = (): Database => createDatabase(`test-${count++}`);

/** A player in a database. */
export async function givenPlayer(db: Database, form: Partial<PlayerForm> = {}): Promise<Player> {
  const id = await addPlayer(db, { ...EMPTY_PLAYER, name: 'Tilly Test', ...form });
  const player = await db.players.get(id);
  if (!player) throw new Error('the player was not added');
  return player;
}

/** Readings of a player, mm. */
export async function givenReadings(
  db: Database,
  player: Player,
  readings: Partial<Record<MeasurementId, number>>,
  now = new Date()
): Promise<void> {
  for (const [kind, mm] of Object.entries(readings))
    await addReading(db, player, kind as MeasurementId, mm, kind, now);
}

/** Takes what is advised, as a teacher who presses the main button. */
export async function givenDecision(db: Database, player: Player, now = new Date()): Promise<Fit> {
  const of = await loadCase(db, player.id, dayOf(now));
  const answer = of && answerCase(of);
  if (!of || !answer) throw new Error('nothing is measured');
  const size = answer.advice.size ?? answer.proposal.careful;
  return decideFit(db, player, { size, reason: null, after: decidedOf(of)?.id ?? null }, now);
}

const APART = ['changes', 'parts', 'foreseen'];

/** Everything that the database holds but its journal and what is worked out from it, to compare. */
export async function contents(db: Database): Promise<Readonly<Record<string, unknown>>> {
  const tables = db.tables.filter(({ name }) => !APART.includes(name));
  const entries = await Promise.all(
    tables.map(async (table): Promise<[string, unknown[]]> => [table.name, await table.toArray()])
  );
  return {
    ...Object.fromEntries(entries),
    // Until when a deletion can be taken back depends on when it was done again.
    gone: (await db.gone.toArray()).map(({ id }) => id)
  };
}

/** A picture as it is kept, of whom it is left out. */
export const SHOT = {
  checkId: 'hold-shoulder',
  angle: 'shoulders',
  width: 4,
  height: 3,
  jpeg: new Uint8Array([255, 216, 255, 217])
} as const;
