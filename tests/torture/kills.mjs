/** A browser that is killed at work: whatever it called saved is there afterwards, once, and in one piece. */
import { chromium as browserOf } from '@playwright/test';
import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { isDeepStrictEqual } from 'node:util';
import { launch, serving } from '../../scripts/browser.mjs';
import { chromium } from '../../scripts/lib.mjs';
import { faultsOf, journalFaults } from './invariants.mjs';

const PUPILS = 8;
const CM_TO_MM = 10;

/** A browser process of its own, with a profile that outlives it. */
async function openBrowser(profile) {
  for (const lock of ['SingletonLock', 'SingletonCookie', 'SingletonSocket'])
    rmSync(join(profile, lock), { force: true });
  const args = ['--headless', '--no-sandbox', '--disable-gpu', '--disable-background-networking'];
  const child = spawn(
    chromium(),
    [...args, '--no-first-run', '--remote-debugging-port=0', `--user-data-dir=${profile}`, 'about:blank'],
    { detached: true, stdio: ['ignore', 'ignore', 'pipe'] }
  );
  const address = await new Promise((found, fail) => {
    let said = '';
    child.stderr.on('data', (text) => {
      said += text;
      const match = /DevTools listening on (ws:\S+)/.exec(said);
      if (match) found(match[1]);
    });
    child.on('exit', () => fail(new Error(`the browser did not start: ${said.slice(-300)}`)));
  });
  const browser = await browserOf.connectOverCDP(address);
  const [context] = browser.contexts();
  return {
    context,
    kill: async () => {
      const gone = new Promise((done) => child.once('exit', done));
      process.kill(-child.pid, 'SIGKILL');
      await gone;
      await browser.close().catch(() => undefined);
    }
  };
}

/** Runs in a page: all records by table. */
function allRecords() {
  return new Promise((done, fail) => {
    const opening = indexedDB.open('jarvel');
    opening.onerror = () => fail(opening.error);
    opening.onsuccess = () => {
      const names = [...opening.result.objectStoreNames];
      const transaction = opening.result.transaction(names);
      const all = {};
      for (const name of names)
        transaction.objectStore(name).getAll().onsuccess = ({ target }) => (all[name] = target.result);
      transaction.oncomplete = () => {
        opening.result.close();
        done(all);
      };
    };
  });
}

/** What one teacher did in this browser so far, and what Jarvel called saved of it. */
class Work {
  readings = new Map();
  saved = [];
  pupils = [];
  decided = new Set();
  names = 0;

  /** A height that was not read before, near the pupil's own, cm. */
  height(pupil) {
    const turn = (this.readings.get(pupil) ?? 0) + 1;
    this.readings.set(pupil, turn);
    return (120 + turn * 0.1).toFixed(1);
  }
}

const one = (list, next) => list[Math.floor(next() * list.length)];
/** Long enough for a busy machine; a kill ends the waiting sooner. */
const PATIENCE = { timeout: 30_000 };
const isSaved = (page) => page.locator('[data-save=saved]').waitFor(PATIENCE);

/** Things a teacher does; each notes what must be there once it was called saved. */
const DEEDS = [
  addPlayer,
  async function measure(page, work, next, address) {
    const pupil = one(work.pupils, next);
    await page.goto(`${address}/fit/${pupil}`);
    const height = page.locator('[data-measure=height]');
    for (let times = 1 + Math.floor(next() * 3); times > 0; times--) {
      if ((work.readings.get(pupil) ?? 0) >= 28) return;
      const text = work.height(pupil);
      await height.fill(text);
      await height.press('Enter');
      // The readings are listed at the field in use.
      await height.focus();
      await page.getByRole('list', { name: 'Readings of Height' }).getByText(text).waitFor(PATIENCE);
      await isSaved(page);
      work.saved.push({ pupil, mm: Math.round(Number(text) * CM_TO_MM) });
    }
  },
  async function type(page, work, next, address) {
    const pupil = one(work.pupils, next);
    await page.goto(`${address}/fit/${pupil}`);
    const text = `4${Math.floor(next() * 10)}.${Math.floor(next() * 10)}`;
    const field = page.locator('[data-measure=handLength]');
    await field.click();
    await field.fill('');
    await page.keyboard.type(text);
    await isSaved(page);
  },
  async function decide(page, work, next, address) {
    const measured = work.pupils.filter((pupil) => work.readings.has(pupil) && !work.decided.has(pupil));
    if (measured.length === 0) return;
    const pupil = one(measured, next);
    await page.goto(`${address}/fit/${pupil}#decide`);
    await page.locator('button[data-act=accept-size]').dblclick(PATIENCE);
    await page.locator('.foot .now', { hasText: 'decided' }).waitFor(PATIENCE);
    await isSaved(page);
    work.decided.add(pupil);
    work.saved.push({ decided: pupil });
  }
];

async function addPlayer(page, work, next, address) {
  await page.goto(`${address}/players/new`);
  const name = `Pupil ${++work.names}`;
  await page.getByLabel('Name, initials or number').fill(name);
  await page.getByRole('button', { name: 'Add and measure' }).dblclick();
  await page.getByRole('heading', { name, level: 1 }).waitFor(PATIENCE);
  await isSaved(page);
  work.saved.push({ name });
}

const wait = (ms) => new Promise((done) => setTimeout(done, ms));

/** Each deed once while nobody kills the browser: one that fails now would try nothing later. */
async function rehearse(page, work, next, address) {
  while (work.pupils.length < PUPILS) {
    await addPlayer(page, work, next, address);
    work.pupils.push(new URL(page.url()).pathname.split('/').at(-1));
  }
  for (const deed of DEEDS) {
    const before = work.saved.length;
    await deed(page, work, next, address);
    if (deed.name !== 'type' && work.saved.length === before) throw new Error(`"${deed.name}" saved nothing`);
  }
}

/** Works until the browser is killed; a deed that fails then is what a kill does. */
async function workUntil(killed, page, work, next, address) {
  while (!killed()) {
    await one(DEEDS, next)(page, work, next, address).catch(() => undefined);
  }
}

/** Everything that must hold after a kill. */
async function look(vite, records, work) {
  const { changes, tables } = apart(records);
  const faults = [...(await faultsOf(vite, tables)), ...journalFaults(changes, tables)];
  for (const { pupil, mm, decided, name } of work.saved) {
    if (mm !== undefined) {
      const times = tables.measurements
        .filter((one) => one.playerId === pupil && one.kind === 'height')
        .flatMap(({ readings }) => readings)
        .filter((reading) => reading.mm === mm).length;
      if (times !== 1) faults.push(`a height of ${mm} mm of ${pupil} is there ${times} times`);
    }
    if (decided !== undefined) {
      const times = tables.fits.filter(({ playerId }) => playerId === decided).length;
      if (times === 0) faults.push(`the decision for ${decided} is lost`);
    }
    if (name !== undefined) {
      const times = tables.players.filter((one) => one.name === name).length;
      if (times !== 1) faults.push(`${name} is there ${times} times`);
    }
  }
  for (const player of tables.players)
    if (tables.fits.filter(({ playerId }) => playerId === player.id).length > 1)
      faults.push(`the decision for ${player.name} is there twice`);
  return faults;
}

/** The teacher's records, apart from the journal and what follows from them. */
const apart = ({ changes, parts: _parts, foreseen: _foreseen, bases: _bases, ...tables }) => ({
  changes,
  tables
});

/** A backup by hand, restored by hand into a browser that has nothing. */
async function restoreElsewhere(page, address, tables) {
  await page.goto(`${address}/files`);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save a backup' }).click()
  ]);
  const text = readFileSync(await download.path());
  const browser = await launch();
  const empty = await browser.newPage();
  await empty.goto(`${address}/files`);
  await empty
    .getByLabel('Restore a backup…')
    .last()
    .setInputFiles({ name: 'backup.json', mimeType: 'application/json', buffer: text });
  const preview = empty.getByRole('region', { name: 'What restoring would change' });
  await preview.getByRole('button', { name: 'Restore' }).click();
  await empty.getByText('The backup is restored.').waitFor();
  const { tables: restored } = apart(await empty.evaluate(allRecords));
  await browser.close();
  return isDeepStrictEqual(restored, tables) ? [] : ['the backup restores to something else'];
}

/**
 * Which folder the browser keeps the database in. A browser that finds its own files torn after a kill throws the
 * folder away and begins another: no page can do that, and no page can hinder it.
 */
function folderOf(profile) {
  const folder = join(profile, 'Default/IndexedDB');
  const [own] = existsSync(folder) ? readdirSync(folder).filter((name) => name.endsWith('.leveldb')) : [];
  return own === undefined ? null : statSync(join(folder, own)).ino;
}

export const killAndLook = (vite, kills, stretchMs, next) =>
  serving(async (address) => {
    const profile = mkdtempSync(join(tmpdir(), 'torture-'));
    let work = new Work();
    const faults = [];
    let deeds = 0;
    let thrownAway = 0;
    let folder = null;
    for (let round = 0; round <= kills; round++) {
      const { context, kill } = await openBrowser(profile);
      const page = await context.newPage();
      await page.goto(address);
      await page.locator('main').waitFor();
      const records = round === 0 ? null : await page.evaluate(allRecords);
      if (round > 0 && folderOf(profile) !== folder) {
        thrownAway++;
        deeds += work.saved.length;
        work = new Work();
      } else if (records)
        for (const fault of await look(vite, records, work)) faults.push(`after kill ${round}: ${fault}`);
      if (work.pupils.length === 0) await rehearse(page, work, next, address);
      folder = folderOf(profile);
      if (round === kills) {
        const { tables } = apart(await page.evaluate(allRecords));
        faults.push(...(await restoreElsewhere(page, address, tables)));
        await kill();
        break;
      }
      let killed = false;
      const working = workUntil(() => killed, page, work, next, address);
      await wait(300 + next() * stretchMs);
      killed = true;
      await kill();
      await working;
      if ((round + 1) % 10 === 0)
        console.log(
          `${round + 1} kills, ${deeds + work.saved.length} deeds called saved, ${faults.length} faults`
        );
    }
    rmSync(profile, { recursive: true, force: true });
    console.log(`${kills} kills, ${deeds + work.saved.length} deeds called saved, ${faults.length} faults.`);
    if (thrownAway > 0)
      console.log(`The browser itself found its files torn and threw them away ${thrownAway} times.`);
    return faults;
  });
