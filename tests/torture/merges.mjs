/**
 * Copies of a class that went apart, and are merged both ways: what comes of each record is worked out here by itself,
 * from what was done to it, and held against what the merge made of it.
 */
import 'fake-indexeddb/auto';
import { isDeepStrictEqual } from 'node:util';

const NOW = new Date('2026-11-24T10:42:00');
const CLASS_SIZE = 30;
/** How likely a child is deleted, or a record changed or taken away, in each copy. */
const [DELETED, EDITED, REMOVED] = [0.05, 0.08, 0.02];
/** Tables of which single records come, change and go by themselves. */
const LOOSE = ['measurements', 'checks', 'pains'];

/** The made-up class filled up to thirty, each child with all that belongs to it. */
function classOf(records) {
  const tables = Object.fromEntries(Object.entries(records).map(([name, rows]) => [name, [...rows]]));
  const made = records.players;
  for (let number = made.length; number < CLASS_SIZE; number++) {
    const twin = made[number % made.length];
    const [from, to] = [JSON.stringify(twin.id).slice(1, -1), `twin-${number}`];
    const moved = (record) => JSON.parse(JSON.stringify(record).replaceAll(from, to));
    for (const [name, rows] of Object.entries(records))
      if (name !== 'groups' && name !== 'days')
        tables[name].push(
          ...rows
            .filter((row) => row.playerId === twin.id || row.id === twin.id)
            .map((row) => {
              const copy = moved(row);
              return copy.id === row.id ? { ...copy, id: `${row.id}-${number}` } : copy;
            })
        );
  }
  return tables;
}

const ownerOf = (table, record) => (table === 'players' ? record.id : (record.playerId ?? null));

/** Works in one copy at random: who was deleted, and what became of the records that were touched. */
async function workIn(side, { commit, deletePlayer }, next) {
  const { db, mark } = side;
  const gone = new Set();
  const touched = new Map();
  for (const player of await db.players.toArray()) {
    if (next() >= DELETED) continue;
    await deletePlayer(db, player);
    gone.add(player.id);
  }
  await commit(db, 'A week of lessons', async ({ put, remove }) => {
    for (const player of await db.players.toArray())
      if (next() < EDITED) {
        const changed = { ...player, name: `${player.name} ${mark}` };
        touched.set(`players ${player.id}`, changed);
        await put('players', changed);
      }
    for (const table of LOOSE)
      for (const record of await db.table(table).toArray()) {
        if (record.playerId === undefined) continue;
        const way = next();
        if (way < EDITED / 4) {
          const changed = { ...record, id: `${mark}-${record.id}` };
          touched.set(`${table} ${changed.id}`, changed);
          await put(table, changed);
        } else if (way < EDITED / 4 + REMOVED / 2) {
          touched.set(`${table} ${record.id}`, null);
          await remove(table, record.id);
        }
      }
  });
  return { gone, touched };
}

/** What must be there after a merge of `there` into `here`, by what was done in both and picked. */
function expected(base, here, there, picks) {
  const all = new Map();
  const busy = ({ touched }, id) =>
    [...touched].some(([place, after]) => {
      const [table, key] = place.split(' ');
      const record = after ?? base.get(place);
      return record !== undefined && ownerOf(table, record ?? {}) === id && key !== '';
    });
  /** Whose records a child has in the end: 'none', 'here', or 'merged'. */
  const fate = (id) => {
    const [away, other] = [here.gone.has(id), there.gone.has(id)];
    if (!away && !other) return 'merged';
    if (away && other) return 'none';
    const asked = away ? busy(there, id) : busy(here, id);
    if (!asked) return 'none';
    const pick = picks.get(`players:${id}`);
    if (pick === 'there') return away ? 'there' : 'none';
    return away ? 'none' : 'here';
  };
  const places = new Set([...base.keys(), ...here.touched.keys(), ...there.touched.keys()]);
  for (const place of places) {
    const [table] = place.split(' ');
    const known = base.get(place);
    const at = (side) => (side.touched.has(place) ? side.touched.get(place) : known);
    const owner = ownerOf(table, known ?? at(here) ?? at(there));
    const what = owner === null ? 'merged' : fate(owner);
    if (what === 'none') continue;
    const [mine, theirs] = [at(here), at(there)];
    let record;
    if (what === 'here') record = mine;
    else if (what === 'there') record = theirs;
    else if (!here.touched.has(place)) record = theirs;
    else if (!there.touched.has(place)) record = mine;
    else if (mine === null || theirs === null) record = 'either';
    else record = picks.get(place.replace(' ', ':')) === 'there' ? theirs : mine;
    if (record) all.set(place, record);
  }
  return all;
}

const placesOf = (tables) =>
  new Map(
    ['players', ...LOOSE].flatMap((table) => tables[table].map((record) => [`${table} ${record.id}`, record]))
  );

export async function mergeCopies(vite, count, next) {
  const load = (path) => vite.ssrLoadModule(`/src/lib/data/${path}.ts`);
  const { readBackup, writeBackup } = await load('files/backup');
  const { restoreBackup } = await load('files/restore');
  const { applyMerge, previewMerge, writeCopy } = await load('files/exchange');
  const { isAsked } = await load('files/merge');
  const { createDatabase } = await load('store/database');
  const commands = { ...(await load('journal/changes')), ...(await load('commands/players')) };
  const { demoRecords } = await load('demo/demo');
  const records = classOf(demoRecords(NOW));
  const faults = [];
  let asked = 0;

  /** As the reader reads it: records that break their schema or belong to nobody are refused. */
  const again = (written) => {
    const read = readBackup(JSON.stringify(written));
    if (!read.ok) throw new Error(read.problem);
    return read.backup;
  };
  /** Both copies as they stand when they part. */
  const start = await Promise.all(['a', 'b'].map((mark) => createDatabase(`merge-start-${mark}`)));
  await commands.commit(start[0], 'A class', async ({ putAll }) => {
    for (const [name, rows] of Object.entries(records)) await putAll(name, rows, true);
  });
  const first = again(await writeCopy(start[0], { kind: 'all' }, new Date(NOW.getTime() + 1000)));
  await applyMerge(start[1], first, await previewMerge(start[1], first, { kind: 'all' }), new Map());
  const base = placesOf((await writeBackup(start[0])).tables);
  const kept = await Promise.all(
    start.map(({ tables }) =>
      Promise.all(
        tables
          .filter(({ name }) => !['changes', 'parts'].includes(name))
          .map(async (table) => [table.name, await table.toArray()])
      )
    )
  );
  const third = createDatabase('merge-restored');
  for (let number = 1; number <= count; number++) {
    const say = (what) => faults.push(`merge ${number}: ${what}`);
    const sides = ['a', 'b'].map((mark) => ({ mark, db: createDatabase(`merge-${number}-${mark}`) }));
    try {
      for (const [index, { db }] of sides.entries())
        for (const [name, rows] of kept[index]) await db.table(name).bulkAdd(rows);
      const work = [];
      for (const side of sides) work.push(await workIn(side, commands, next));
      const files = [];
      for (const { db } of sides)
        files.push(
          again(await writeCopy(db, { kind: 'all' }, new Date(NOW.getTime() + 2000 + files.length)))
        );
      for (const [index, { db, mark }] of sides.entries()) {
        const file = files[1 - index];
        const preview = await previewMerge(db, file, { kind: 'all' });
        const picks = new Map();
        for (const one of preview.plan.filter(isAsked)) {
          const way = Math.floor(next() * 3);
          if (way > 0) picks.set(one.key, way === 1 ? 'here' : 'there');
          asked++;
        }
        await applyMerge(db, file, preview, picks);
        const { tables } = await writeBackup(db);
        const found = placesOf(tables);
        const wanted = expected(base, work[index], work[1 - index], picks);
        for (const [place, record] of wanted)
          if (record !== 'either' && !isDeepStrictEqual(found.get(place), record))
            say(`in ${mark}: ${place} is ${found.has(place) ? 'not as it was left' : 'lost'}`);
        for (const place of found.keys()) if (!wanted.has(place)) say(`in ${mark}: ${place} is back`);
        const backup = again(await writeBackup(db));
        await restoreBackup(third, backup, 'replace');
        const restored = (await writeBackup(third)).tables;
        for (const [name, rows] of Object.entries(tables))
          if (name !== 'gone' && !isDeepStrictEqual(restored[name], rows))
            say(`in ${mark}: ${name} restores to something else`);
      }
    } catch (error) {
      say(`threw ${error?.stack ?? error}`);
    }
    for (const { db } of sides) await db.delete();
    await third.changes.clear();
    await third.parts.clear();
    if (number % 100 === 0)
      console.log(`${number} classes merged, ${asked} questions, ${faults.length} faults`);
  }
  console.log(
    `${count} classes of ${CLASS_SIZE} that went apart merged both ways, ${asked} questions, ${faults.length} faults.`
  );
  return faults;
}
