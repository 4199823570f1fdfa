import fc from 'fast-check';
import { expect, it } from 'vitest';
import { setSeats } from './commands/groups';
import { addReading } from './commands/measurements';
import { addPlayer, deletePlayer, editPlayer, EMPTY_PLAYER } from './commands/players';
import { keepText } from './commands/typed';
import { demoRecords } from './demo/demo';
import { readBackup, writeBackup, type Backup } from './files/backup';
import { restoreBackup } from './files/restore';
import { applyMerge, MergeOvertaken, previewMerge, writeCopy } from './files/exchange';
import type { Scope } from './files/scope';
import { isAsked, type MergePick } from './files/merge';
import { commit, redo, undo } from './journal/changes';
import { operationsOf } from './journal/kept';
import { deletedFor, forget } from './journal/forget';
import { faultsIn } from './journal/gate';
import { problemWith } from './schema/problem';
import { createDatabase, type Database } from './store/database';
import type { Player } from './store/records';
import { contents, freshDatabase } from './testing';

/**
 * Two copies of the records, worked on at random, copied, merged, restored and forgotten in. After each step nothing may
 * be orphaned, torn or back from the dead. A failing run prints its steps and can be replayed by its seed and path.
 *
 *     RUNS=5000 SEED=7 npm run test:unit -- integrity
 */
const RUNS = Number(process.env.RUNS ?? (process.env.CI ? 300 : 120));
/** Where a change is checked the runs are the same each time: what fails there was broken by it, and not found by luck. */
const SEED = process.env.SEED ?? (process.env.CI ? '2026' : undefined);
const NOW = new Date('2026-11-24T10:00:00');
const FAR = new Date('2036-01-01T10:00:00');

const story = demoRecords(NOW);
const [FIT, SETUP] = [story.fits[0], story.setups.find(({ kind }) => kind === 'rest')];

interface Side {
  db: Database;
  /** What stood there before each step that can be taken back, newest last. */
  before: (string | null)[];
  /** Who was forgotten here. */
  forgotten: Set<string>;
}
interface Real {
  readonly sides: readonly [Side, Side];
  readonly files: Backup[];
  made: number;
}
/** What can be said of the records without looking: nothing; each step is held against what it finds. */
type Model = Record<string, never>;

const tablesOf = async (db: Database) => (await writeBackup(db, NOW)).tables;
/** Everything that a step can be held against: not what is typed, nor what other copies knew. */
async function snapshot(db: Database): Promise<string> {
  const { typed: _typed, gone: _gone, bases: _bases, ...tables } = await contents(db);
  return JSON.stringify(tables);
}

async function expectSound({ db, forgotten }: Side): Promise<void> {
  const tables = await tablesOf(db);
  expect(faultsIn(tables, problemWith)).toEqual([]);
  const again = readBackup(JSON.stringify(await writeBackup(db, NOW)));
  expect(again.ok ? 'readable' : again.problem).toBe('readable');
  // The journal, walked from its start, ends at the records.
  const ends = new Map<string, unknown>();
  for (const change of await db.changes.where('undone').equals(0).sortBy('seq'))
    for (const { table, key, after } of await operationsOf(db, change)) ends.set(`${table} ${key}`, after);
  const stored = new Map<string, unknown>(
    Object.entries(tables).flatMap(([table, rows]) => rows.map((row) => [`${table} ${row.id}`, row] as const))
  );
  for (const [place, after] of ends)
    if (!place.startsWith('typed ') && !place.startsWith('gone '))
      expect([place, stored.get(place) ?? null]).toEqual([place, after]);
  // Of who was forgotten there is a tombstone and nothing else.
  const known = (await db.bases.toArray()).map(({ open: _open, ...base }) => base);
  const everything = JSON.stringify([
    known,
    ...(await Promise.all(
      db.tables.filter(({ name }) => !['gone', 'bases'].includes(name)).map((table) => table.toArray())
    ))
  ]);
  for (const id of forgotten) expect([id, everything.includes(id)]).toEqual([id, false]);
}

abstract class Step implements fc.AsyncCommand<Model, Real> {
  constructor(
    readonly at: 0 | 1,
    readonly seed: number
  ) {}
  check = () => true;
  abstract act(side: Side, real: Real): Promise<void>;
  async run(_: Model, real: Real): Promise<void> {
    const side = real.sides[this.at];
    await this.act(side, real);
    for (const one of real.sides) await expectSound(one);
  }
  toString = () => `${this.constructor.name}(${this.at}, ${this.seed})`;
  protected pick<T>(of: readonly T[]): T | undefined {
    return of[this.seed % Math.max(1, of.length)];
  }
  protected player = async ({ db }: Side): Promise<Player | undefined> =>
    this.pick(await db.players.toArray());
}

/** A step that can be taken back: what stood there before is remembered. */
async function doing(side: Side, work: () => Promise<unknown>): Promise<void> {
  const [before, last] = [await snapshot(side.db), await side.db.changes.orderBy('seq').last()];
  await work();
  const now = await side.db.changes.orderBy('seq').last();
  if (now?.seq !== last?.seq) side.before.push(before);
}

class Add extends Step {
  act = (side: Side, real: Real) =>
    doing(side, () =>
      addPlayer(
        side.db,
        { ...EMPTY_PLAYER, name: `P${this.seed}`, group: ['', 'Owls', 'Larks'][this.seed % 3] ?? '' },
        `player.${real.made++}.`,
        NOW
      )
    );
}
class Type extends Step {
  async act(side: Side) {
    const player = await this.player(side);
    if (player) await keepText(side.db, player.id, 'height', String(this.seed), NOW);
  }
}
class Measure extends Step {
  async act(side: Side) {
    const player = await this.player(side);
    const at = new Date(NOW.getTime() + (this.seed % 5) * 86_400_000);
    if (player)
      await doing(side, () => addReading(side.db, player, 'height', 1200 + (this.seed % 40), 'height', at));
  }
}
class Decide extends Step {
  async act(side: Side, real: Real) {
    const player = await this.player(side);
    if (!player || !FIT || !SETUP) return;
    const [fitId, setupId] = [`f${real.made++}`, `s${real.made++}`];
    const own = { playerId: player.id };
    const fits = await side.db.fits.where(own).toArray();
    await doing(side, () =>
      commit(side.db, 'Decided', async ({ put }) => {
        if (this.seed % 2 || fits.length === 0)
          await put('fits', { ...FIT, ...own, id: fitId, trialId: null });
        else await put('setups', { ...SETUP, ...own, id: setupId, fitId: fits[0]?.id ?? '' });
      })
    );
  }
}
class Rename extends Step {
  async act(side: Side) {
    const player = await this.player(side);
    const group = this.pick([undefined, ...(await side.db.groups.toArray())]);
    if (player)
      await doing(side, () =>
        editPlayer(side.db, player, { ...EMPTY_PLAYER, name: `R${this.seed}`, groupId: group?.id ?? null })
      );
  }
}
class Seat extends Step {
  async act(side: Side) {
    const player = await this.player(side);
    if (player?.groupId)
      await doing(side, () =>
        setSeats(side.db, player.groupId ?? '', [{ playerId: player.id, x: 0.5, y: 0.1 }])
      );
  }
}
class Delete extends Step {
  async act(side: Side) {
    const player = await this.player(side);
    if (player) await doing(side, () => deletePlayer(side.db, player));
  }
}
class Forget extends Step {
  async act(side: Side) {
    const gone = await deletedFor(side.db, FAR);
    await forget(side.db, gone);
    for (const id of gone) side.forgotten.add(id);
    // What is left of the steps begins and ends elsewhere.
    if (gone.length > 0) side.before = side.before.map(() => null);
  }
}
class Undo extends Step {
  async act(side: Side) {
    const done = await undo(side.db);
    if (!done) return;
    const before = side.before.pop();
    if (before != null) expect(await snapshot(side.db)).toBe(before);
  }
}
class UndoAndRedo extends Step {
  async act(side: Side) {
    const [now, typed] = [await snapshot(side.db), await side.db.typed.toArray()];
    if (!(await undo(side.db))) return;
    await redo(side.db);
    expect(await snapshot(side.db)).toBe(now);
    // What was half typed is there again too.
    expect(await side.db.typed.toArray()).toEqual(typed);
  }
}
class Copy extends Step {
  async act(side: Side, real: Real) {
    const player = await this.player(side);
    const scope: Scope =
      this.seed % 3 === 0 && player ? { kind: 'player', playerId: player.id } : { kind: 'all' };
    const read = readBackup(
      JSON.stringify(await writeCopy(side.db, scope, new Date(NOW.getTime() + real.made++ * 1000)))
    );
    if (!read.ok) throw new Error(read.problem);
    real.files.push(read.backup);
  }
}
class Merge extends Step {
  async act(side: Side, real: Real) {
    const file = this.pick(real.files.slice(-3));
    if (!file) return;
    const { db } = side;
    const scope: Scope =
      this.seed % 4 === 0 && file.tables.players[0]
        ? { kind: 'player', playerId: file.tables.players[0].id }
        : { kind: 'all' };
    let preview = await previewMerge(db, file, scope);
    // Half of the time something happens between the look and the press.
    const meanwhile = this.seed % 2 === 0 ? await this.player(side) : undefined;
    if (meanwhile)
      await doing(side, () =>
        addReading(db, meanwhile, 'armToPalm', 480, 'arm', new Date(NOW.getTime() + 1000))
      );
    const picks = new Map<string, MergePick>();
    for (const [index, one] of preview.plan.filter(isAsked).entries())
      if ((this.seed >> index) % 3 > 0) picks.set(one.key, (this.seed >> index) % 3 === 1 ? 'here' : 'there');
    const before = await tablesOf(db);
    const stones = new Set(before.gone.map(({ id }) => id));
    const at = new Date(NOW.getTime() + real.made++ * 1000);
    const apply = () => doing(side, () => applyMerge(db, file, preview, picks, at));
    try {
      await apply();
    } catch (error) {
      if (!(error instanceof MergeOvertaken)) throw error;
      expect(await tablesOf(db)).toEqual(before);
      preview = await previewMerge(db, file, scope);
      await apply();
    }
    const after = await tablesOf(db);
    const now = new Map(after.players.map((player) => [player.id, player]));
    for (const id of stones) if (now.has(id)) expect([id, picks.get(`players:${id}`)]).toEqual([id, 'there']);
    const inFile = new Set(file.tables.players.map(({ id }) => id));
    const isOwn = (record: object, id: string) => 'playerId' in record && record.playerId === id;
    for (const { id } of before.players)
      if (!inFile.has(id) && now.has(id))
        for (const table of ['measurements', 'fits', 'setups'] as const)
          expect(after[table].filter((one) => isOwn(one, id))).toEqual(
            before[table].filter((one) => isOwn(one, id))
          );
  }
}
class Restore extends Step {
  async act(side: Side, real: Real) {
    const file = this.pick(real.files);
    if (!file || file.part) return;
    await doing(side, () => restoreBackup(side.db, file, this.seed % 2 ? 'merge' : 'replace'));
    const now = new Set((await side.db.players.toArray()).map(({ id }) => id));
    for (const { id } of file.tables.players) {
      expect([id, now.has(id)]).toEqual([id, true]);
      side.forgotten.delete(id);
    }
  }
}
class Reload extends Step {
  async act(side: Side) {
    side.db.close();
    side.db = createDatabase(side.db.name);
  }
}

const step = (kind: new (at: 0 | 1, seed: number) => Step) =>
  fc.tuple(fc.constantFrom(0 as const, 1 as const), fc.nat(999)).map(([at, seed]) => new kind(at, seed));

it(
  `${RUNS} runs of two copies: nothing is lost, orphaned, torn, or back from the dead`,
  { timeout: 3_600_000 },
  async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.commands(
          [
            ...[Add, Measure, Decide, Copy, Merge, Delete],
            ...[Add, Type, Rename, Seat, Forget, Undo, UndoAndRedo, Copy, Merge, Restore, Reload]
          ].map(step),
          { maxCommands: 30, size: 'max' }
        ),
        async (commands) => {
          const side = (): Side => ({ db: freshDatabase(), before: [], forgotten: new Set() });
          const sides = [side(), side()] as const;
          try {
            await fc.asyncModelRun(() => ({ model: {}, real: { sides, files: [], made: 0 } }), commands);
          } finally {
            for (const { db } of sides) await db.delete();
          }
        }
      ),
      { numRuns: RUNS, ...(SEED === undefined ? {} : { seed: Number(SEED) }) }
    );
  }
);
