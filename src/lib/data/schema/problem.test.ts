import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoRecords } from '../demo/demo';
import type { TableName } from '../store/tables';
import { problemsOf, problemWith } from './problem';

const story = demoRecords(new Date('2026-11-24T10:42:00'));
const TABLES = [
  'players',
  'measurements',
  'fits',
  'setups',
  'lessons',
  'checks',
  'remedies',
  'groups'
] as const;
const JUNK = [
  null,
  '',
  -1,
  1e9,
  true,
  [],
  {},
  '2026-02-31',
  'violin',
  ['on-chest'],
  '{"kind":"rating"}',
  '[]'
];

/** A record with some fields of another one, of junk, away, or too many. */
const damaged = fc
  .tuple(
    fc.constantFrom(...TABLES),
    fc.nat(),
    fc.array(fc.tuple(fc.nat(30), fc.nat(30), fc.nat(3)), { maxLength: 3 })
  )
  .map(([table, at, changes]) => {
    const rows = story[table] as readonly object[];
    const one: Record<string, unknown> = JSON.parse(JSON.stringify(rows[at % rows.length]));
    const keys = Object.keys(one);
    for (const [which, what, how] of changes) {
      const key = keys[which % keys.length] ?? 'id';
      const junk = JUNK[what % JUNK.length];
      if (how === 0) Reflect.deleteProperty(one, key);
      else if (how === 1) one[['constructor', 'stray', 'toString'][what % 3] ?? ''] = junk;
      else if (how === 2) one[key] = junk;
      else
        one[key] =
          typeof one[key] === 'object' ? JSON.stringify(one[key]) : one[keys[what % keys.length] ?? ''];
    }
    return { table: table as TableName, one };
  });

describe('many records of a file', () => {
  it('are judged as each by itself, whatever came before', () => {
    const judges = new Map(TABLES.map((table) => [table as TableName, problemsOf(table)]));
    for (const table of TABLES)
      for (const record of story[table]) expect(judges.get(table)?.(record)).toBe(null);
    let wrong = 0;
    fc.assert(
      fc.property(damaged, ({ table, one }) => {
        const problem = problemWith(table, one);
        if (problem !== null) wrong++;
        expect(judges.get(table)?.(one)).toBe(problem);
      }),
      { numRuns: 3000 }
    );
    expect(wrong).toBeGreaterThan(1000);
  });
});
