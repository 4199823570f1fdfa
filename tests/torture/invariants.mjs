/** What must hold of all records at any moment. */
import { isDeepStrictEqual } from 'node:util';

/** Tables that keep no journal: what is being typed. */
const UNJOURNALED = ['typed'];

/**
 * Records that break their schema or belong to nobody, in words.
 *
 * @param tables records by table
 */
export async function faultsOf(vite, tables) {
  const { problemWith } = await vite.ssrLoadModule('/src/lib/data/journal/changes.ts');
  const { OWNED_TABLES, ownerOf } = await vite.ssrLoadModule('/src/lib/data/store/tables.ts');
  const players = new Set(tables.players.map(({ id }) => id));
  return Object.entries(tables).flatMap(([name, records]) =>
    records.flatMap((record) => {
      const problem = problemWith(name, record);
      if (problem) return [`${name} ${record.id}: ${problem}`];
      const owner = OWNED_TABLES.includes(name) ? ownerOf(name, record) : null;
      return owner !== null && !players.has(owner) ? [`${name} ${record.id} belongs to nobody`] : [];
    })
  );
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
