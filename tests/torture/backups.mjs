/** Damaged backups: each is refused with a sentence, or restores to records that are all right. */
import 'fake-indexeddb/auto';
import { isDeepStrictEqual } from 'node:util';
import { faultsOf } from './invariants.mjs';

const JUNK = [
  null,
  '',
  'x'.repeat(5000),
  -1,
  0,
  1e9,
  0.5,
  true,
  [],
  {},
  '2026-02-31',
  '2026-11-24T10:42:00.000Z',
  'demo-01',
  'violin',
  '1/4',
  ['4/4'],
  { __proto__: null, id: 'x' }
];

/** Every place in a value: the object or array that holds it, and its key. */
function placesIn(value, found = []) {
  if (typeof value !== 'object' || value === null) return found;
  for (const key of Object.keys(value)) {
    found.push([value, key]);
    placesIn(value[key], found);
  }
  return found;
}

/** Damages a backup in one to three places, or cuts its text. */
function damage(text, next) {
  const pick = (list) => list[Math.floor(next() * list.length)];
  if (next() < 0.05) return text.slice(0, Math.floor(next() * text.length));
  const backup = JSON.parse(text);
  const names = Object.keys(backup.tables);
  for (let times = 1 + Math.floor(next() * 3); times > 0; times--) {
    // A table first, so that long ones do not draw all the damage.
    const table = backup.tables?.[pick(names)];
    const places = next() < 0.05 ? placesIn(backup).slice(0, 30) : placesIn(table);
    if (places.length === 0) continue;
    const [holder, key] = pick(places);
    switch (Math.floor(next() * 6)) {
      case 0:
        if (Array.isArray(holder)) holder.splice(Number(key), 1);
        else Reflect.deleteProperty(holder, key);
        break;
      case 1:
        holder[key] = pick(JUNK);
        break;
      case 2:
        holder[`${key}-too`] = holder[key];
        break;
      case 3:
        if (Array.isArray(holder)) holder.push(holder[key]);
        else holder[key] = [holder[key]];
        break;
      case 4: {
        const [other, otherKey] = pick(places);
        [holder[key], other[otherKey]] = [other[otherKey], holder[key]];
        break;
      }
      default:
        holder[key] = typeof holder[key] === 'number' ? holder[key] * 1000 : String(holder[key]).slice(0, 3);
    }
  }
  try {
    return JSON.stringify(backup);
  } catch {
    // A place was put into itself.
    return text.slice(0, 100);
  }
}

export async function breakBackups(vite, count, next) {
  const load = (path) => vite.ssrLoadModule(`/src/lib/data/${path}.ts`);
  const { readBackup, writeBackup } = await load('files/backup');
  const { restoreBackup } = await load('files/restore');
  const { createDatabase } = await load('store/database');
  const { loadDemo } = await load('demo/demo');
  const source = createDatabase('torture-source');
  await loadDemo(source, new Date('2026-11-24T10:42:00'));
  const whole = JSON.stringify(await writeBackup(source));

  const faults = [];
  let taken = 0;
  for (let number = 1; number <= count; number++) {
    if (number % 500 === 0) console.log(`${number} backups, ${taken} of them good enough to be taken in`);
    const text = damage(whole, next);
    const say = (what) => faults.push(`backup ${number}: ${what}`);
    try {
      const read = readBackup(text);
      if (!read.ok) {
        if (!/\w+.*Nothing was changed\.$/s.test(read.problem))
          say(`refused without a sentence: ${read.problem}`);
        continue;
      }
      taken++;
      const db = createDatabase(`torture-${number}`);
      await restoreBackup(db, read.backup, 'replace');
      const { tables } = await writeBackup(db);
      for (const fault of await faultsOf(vite, tables)) say(`was taken in, and ${fault}`);
      const again = readBackup(JSON.stringify(await writeBackup(db)));
      if (!again.ok) say(`was taken in, and its own backup is refused: ${again.problem}`);
      else if (!isDeepStrictEqual(again.backup.tables, tables))
        say('was taken in, and changes when read again');
      db.close();
      await db.delete();
    } catch (error) {
      say(`threw ${error}`);
    }
  }
  console.log(
    `${count} damaged backups: ${count - taken} refused, ${taken} taken in, ${faults.length} faults.`
  );
  return faults;
}
