/** What must hold of all records at any moment. */
import { isDeepStrictEqual } from 'node:util';

/** Tables that keep no journal: what is being typed. */
const UNJOURNALED = ['typed', 'gone'];

/**
 * Records that break their schema or belong to nobody, in words.
 *
 * @param tables records by table
 */
export async function faultsOf(vite, tables) {
  const { problemWith } = await vite.ssrLoadModule('/src/lib/data/schema/problem.ts');
  const { faultsIn } = await vite.ssrLoadModule('/src/lib/data/journal/gate.ts');
  return faultsIn(tables, problemWith);
}

/** Places where the journal, played from its start, does not lead to the tables. */
export function journalFaults(changes, tables) {
  const reached = new Map();
  const faults = [];
  for (const { seq, label, operations } of changes.filter(({ undone }) => undone === 0))
    for (const { table, key, before, after } of operations) {
      if (UNJOURNALED.includes(table)) continue;
      const place = `${table} ${key}`;
      if (reached.has(place) && !isDeepStrictEqual(reached.get(place), before))
        faults.push(`step ${seq} (${label}) does not begin where the one before ended: ${place}`);
      reached.set(place, after);
    }
  for (const [place, record] of reached) {
    const [table, ...key] = place.split(' ');
    const there = tables[table].find(({ id }) => id === key.join(' ')) ?? null;
    if (!isDeepStrictEqual(there, record)) faults.push(`the journal says otherwise of ${place}`);
  }
  return faults;
}
