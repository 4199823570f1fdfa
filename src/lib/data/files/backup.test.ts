import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { contents, freshDatabase, givenPlayer } from '../testing';
import { readBackup, writeBackup } from './backup';
import { previewRestore, restoreBackup } from './restore';
import { undo } from '../journal/changes';
import { loadDemo } from '../demo/demo';
import { removeDemo } from '../commands/players';
import { changeSettings } from '../commands/settings';
import { backupFileName } from './names';

const NOW = new Date('2026-11-24T10:00:00Z');
let demoText = '';

beforeAll(async () => {
  const db = freshDatabase();
  await loadDemo(db, NOW);
  await changeSettings(db, 'own', {
    rule: { school: 'own', limit: 0.4 },
    sizes: { violin: ['4/4', '1/2'] },
    dimensions: { violin: { '1/2': { overallMm: 512 } } }
  });
  demoText = JSON.stringify(await writeBackup(db, NOW));
});

const read = (text: string) => {
  const result = readBackup(text);
  if (!result.ok) throw new Error(result.problem);
  return result.backup;
};

it('is named by the day on this machine, not in another zone', () => {
  const evening = new Date(2026, 10, 24, 23, 30);
  const morning = new Date(2026, 10, 24, 0, 30);
  expect([evening, morning].map(backupFileName)).toEqual([
    'jarvel-backup-2026-11-24.json',
    'jarvel-backup-2026-11-24.json'
  ]);
});

describe('a backup', () => {
  it('restored into an empty browser loses nothing', async () => {
    const full = freshDatabase();
    await restoreBackup(full, read(demoText), 'merge');
    const empty = freshDatabase();
    await restoreBackup(empty, read(JSON.stringify(await writeBackup(full, NOW))), 'merge');
    expect(await contents(empty)).toEqual(await contents(full));
    expect(await empty.players.count()).toBe(24);
    expect(await empty.setups.count()).toBeGreaterThan(10);
  });

  it('says beforehand what it would do, and can be undone', async () => {
    const db = freshDatabase();
    const mine = await givenPlayer(db, { name: 'Only Here' });
    await restoreBackup(db, read(demoText), 'merge');
    await db.players.update('demo-01', { notes: 'changed since' });
    const before = await contents(db);
    const [players] = (await previewRestore(db, read(demoText))).lines;
    expect(players).toEqual({ table: 'players', added: 0, changed: 1, same: 23, onlyHere: 1 });
    await restoreBackup(db, read(demoText), 'replace');
    expect(await db.players.get(mine.id)).toBeUndefined();
    await undo(db);
    expect(await contents(db)).toEqual(before);
  });

  it('that is not right gets a sentence naming the place', () => {
    interface File {
      version: number;
      tables: Record<string, object[] | number>;
    }
    const problemOf = (edit: (file: File) => void) => {
      const file = JSON.parse(demoText) as File;
      edit(file);
      const result = readBackup(JSON.stringify(file));
      return result.ok ? 'fine' : result.problem;
    };
    const withRecord = (table: string, index: number, patch: object) =>
      problemOf(({ tables }) => Object.assign((tables[table] as object[])[index] ?? {}, patch));
    expect(readBackup(demoText.slice(0, 3000))).toMatchObject({
      ok: false,
      problem: expect.stringContaining('not whole')
    });
    expect(readBackup('{"hello":1}')).toMatchObject({
      ok: false,
      problem: expect.stringContaining('not a backup')
    });
    expect(problemOf((file) => (file.version = 99))).toContain('newer Jarvel');
    expect(problemOf(({ tables }) => (tables.players = 5))).toContain('lacks its players');
    expect(problemOf(({ tables }) => (tables.secrets = []))).toContain('"secrets"');
    expect(withRecord('players', 3, { birthMonth: '2018-13' })).toMatch(/players\[3\]\.birthMonth/);
    expect(withRecord('players', 2, { extra: 1 })).toMatch(/players\[2\].*extra/);
    expect(withRecord('players', 4, { id: 'demo-01' })).toMatch(/players\[4\] comes twice/);
    expect(withRecord('fits', 0, { size: '14 in' })).toMatch(/fits\[0\]/);
    expect(withRecord('measurements', 0, { playerId: 'ghost' })).toMatch(/no such player/);
    expect(withRecord('fits', 0, { nextLook: '2027-02-31' })).toMatch(/fits\[0\]\.nextLook: must be a day/);
    expect(withRecord('fits', 0, { at: '2027-02-31T09:00:00Z' })).toMatch(/fits\[0\]\.at: must be a moment/);
    expect(withRecord('settings', 0, { sizes: { violin: [] } })).toMatch(/settings\[0\]\.sizes\.violin/);
    expect(withRecord('settings', 0, { sizes: { violin: ['14 in'] } })).toMatch(
      /settings\[0\]\.sizes\.violin\[0\]/
    );
    expect(withRecord('settings', 0, { sizes: { tuba: ['1/2'] } })).toMatch(/settings\[0\]\.sizes/);
    expect(withRecord('settings', 0, { dimensions: { violin: { '14 in': {} } } })).toMatch(
      /dimensions\.violin/
    );
    expect(withRecord('setups', 0, { kind: 'seated' })).toMatch(/setups\[0\]/);
    expect(withRecord('players', 0, { name: '\u200b\u200d' })).toMatch(/players\[0\]\.name/);
  });

  it('broken anywhere never throws, and what is read is sound', { timeout: 60_000 }, () => {
    const whole = JSON.parse(demoText) as unknown;
    const paths: (readonly (string | number)[])[] = [];
    const walk = (value: unknown, at: readonly (string | number)[]) => {
      paths.push(at);
      if (Array.isArray(value)) value.slice(0, 2).forEach((inner, index) => walk(inner, [...at, index]));
      else if (typeof value === 'object' && value !== null)
        for (const [key, inner] of Object.entries(value)) walk(inner, [...at, key]);
    };
    walk(whole, []);
    // A small file, so that two thousand runs stay quick.
    const small = JSON.parse(demoText) as { tables: Record<string, { playerId?: string; id: string }[]> };
    for (const [name, records] of Object.entries(small.tables))
      small.tables[name] = ['players', 'groups'].includes(name) ? records : records.slice(0, 2);
    const smallText = JSON.stringify(small);
    expect(readBackup(smallText).ok).toBe(true);

    const junk = fc.oneof(fc.jsonValue(), fc.constantFrom(null, -1, 1e99, '', '<b>', '=1+1', [], {}));
    const broken = fc.oneof(
      fc.nat(smallText.length - 1).map((end) => smallText.slice(0, end)),
      fc
        .tuple(fc.nat(smallText.length - 1), fc.string({ maxLength: 5 }))
        .map(([at, text]) => smallText.slice(0, at) + text + smallText.slice(at + 1)),
      fc.tuple(fc.constantFrom(...paths), junk).map(([at, value]) => {
        const file = JSON.parse(smallText);
        const last = at.at(-1);
        if (last === undefined) return JSON.stringify(value);
        let inner = file;
        for (const key of at.slice(0, -1)) inner = inner?.[key] ?? {};
        inner[last] = value;
        return JSON.stringify(file);
      }),
      fc.string()
    );
    let refused = 0;
    fc.assert(
      fc.property(broken, (text) => {
        const result = readBackup(text);
        if (!result.ok) {
          refused++;
          expect(result.problem).toMatch(/Nothing was changed\.$/);
        } else expect(readBackup(JSON.stringify(result.backup)).ok).toBe(true);
      }),
      { numRuns: 2000 }
    );
    expect(refused).toBeGreaterThan(1000);
  });
});

describe('the made-up class', () => {
  it('leaves as one and takes nothing else along', async () => {
    const db = freshDatabase();
    await givenPlayer(db, { name: 'Mine' });
    const before = await contents(db);
    await loadDemo(db, NOW);
    expect(await db.players.count()).toBe(25);
    const gone = await removeDemo(db);
    expect(await contents(db)).toEqual({ ...before, gone });
  });
});
