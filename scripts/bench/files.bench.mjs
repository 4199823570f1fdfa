/** How long many records at once take, against plain puts of as many in the same browser, and how silent the page is. */
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createServer } from 'vite';
import { launch, serving } from '../browser.mjs';
import { root } from '../lib.mjs';
import { checksOf, school } from './class.mjs';
import { inTurn, middle, referenceIn } from './reference.mjs';

const PLAYERS = 960;
const CHECKS = 49_000;
const LISTED = 1000;
/** Records of the made-up class. */
const CLASS = 1460;
const TRIES = 5;
const QUIET_MS = 4000;
const PASSWORD = 'four bows in a row';
const LOCKED_BYTES = 40 * 1024 * 1024;
/** As many rounds as a locked file has. */
const ROUNDS = 600_000;
const EMPTY = [
  ...['setups', 'trials', 'looks', 'lessons', 'pains', 'aids', 'remedies', 'reviews', 'ownChecks'],
  ...['instruments', 'loans', 'days', 'drafts', 'typed', 'settings', 'gone']
];

/** A backup of a large school, as a text. */
function largeBackup(version, change = (record) => record) {
  const records = school(PLAYERS);
  const checks = checksOf('school-0', CHECKS).map((check, index) => ({
    ...check,
    playerId: `school-${index % PLAYERS}`
  }));
  const tables = { ...Object.fromEntries(EMPTY.map((name) => [name, []])), ...records, checks };
  tables.checks = tables.checks.map(change);
  const count = Object.values(tables).reduce((sum, rows) => sum + rows.length, 0);
  const file = { format: 'jarvel-backup', version, savedAt: '2026-11-24T10:00:00.000Z', tables };
  return { text: JSON.stringify(file, null, 1), count, tables };
}

/** Runs in a page: puts as many records into a database of the same shape, and nothing else. */
const plainPuts = (page, count, bulk) =>
  page.evaluate(
    ([many, record]) =>
      new Promise((done, fail) => {
        indexedDB.deleteDatabase('plain').onsuccess = () => {
          const opening = indexedDB.open('plain', 1);
          opening.onupgradeneeded = () => {
            const store = opening.result.createObjectStore('rows', { keyPath: 'id' });
            for (const index of ['playerId', 'day']) store.createIndex(index, index);
            store.createIndex('both', ['playerId', 'checkId']);
          };
          opening.onerror = () => fail(opening.error);
          opening.onsuccess = () => {
            const start = performance.now();
            const transaction = opening.result.transaction('rows', 'readwrite');
            const store = transaction.objectStore('rows');
            for (let index = 0; index < many; index++)
              store.put({ ...record, id: `plain-${index}`, playerId: `school-${index % 960}` });
            transaction.oncomplete = () => {
              opening.result.close();
              done(performance.now() - start);
            };
          };
        };
      }),
    [count, bulk]
  );

/**
 * Runs in the page: `heard` becomes the time from the next press of a button until something is said, and the longest
 * time for which the page was silent meanwhile.
 */
function listenUntil(said) {
  window.heard = new Promise((done, fail) => {
    document.addEventListener(
      'click',
      () => {
        const start = performance.now();
        let last = start;
        let silent = 0;
        const tick = () => {
          const now = performance.now();
          silent = Math.max(silent, now - last - 4);
          last = now;
          const places = document.querySelectorAll('[role=status], button');
          if ([...places].some(({ textContent }) => textContent.includes(said)))
            done({ ms: now - start, silent });
          else if (now - start > 300_000) fail(new Error(`Nothing said ${said}`));
          else setTimeout(tick, 4);
        };
        setTimeout(tick, 0);
      },
      { once: true, capture: true }
    );
  });
}
async function press(page, button, said) {
  await page.evaluate(listenUntil, said);
  await button.click();
  return page.evaluate(() => window.heard);
}

async function freshPage(browser, address) {
  const page = await (await browser.newContext({ acceptDownloads: true })).newPage();
  await page.goto(`${address}/files`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  return page;
}

const WAIT = { timeout: 300_000 };

/** A file on the disk, where the browser takes it from as from a teacher's. */
function fileOf(folder, name, text) {
  const path = join(folder, name);
  writeFileSync(path, text);
  return path;
}

/** The time from the choice of a file until its preview is there. */
async function picked(page, label, path, region) {
  const start = performance.now();
  await page.getByLabel(label).last().setInputFiles(path);
  await page.getByRole('region', { name: region }).waitFor(WAIT);
  return performance.now() - start;
}

/** How long a large file takes to be locked, against the one derivation of its key that it can't do without. */
async function benchLock(report) {
  const vite = await createServer({
    root,
    server: { middlewareMode: true },
    appType: 'custom',
    logLevel: 'error'
  });
  const { seal, unseal } = await vite.ssrLoadModule('/src/lib/data/files/lock.ts');
  const { subtle } = crypto;
  const secret = await subtle.importKey('raw', new TextEncoder().encode(PASSWORD), 'PBKDF2', false, [
    'deriveBits'
  ]);
  const timed = async (work) => {
    const start = performance.now();
    await work();
    return performance.now() - start;
  };
  const derive = () =>
    timed(() =>
      subtle.deriveBits(
        { name: 'PBKDF2', hash: 'SHA-256', salt: new Uint8Array(16), iterations: ROUNDS },
        secret,
        256
      )
    );
  const bytes = new Uint8Array(LOCKED_BYTES).map((_, at) => at * 31);
  const file = await seal(bytes, PASSWORD);
  for (const [what, work] of [
    ['locking 40 MB', () => seal(bytes, PASSWORD)],
    ['opening 40 MB', () => unseal(file, PASSWORD)]
  ]) {
    const { value, reference } = await inTurn(TRIES, () => timed(work), derive);
    report(`${what}, times its own derivation`, value / reference, 3, 'times');
  }
  await vite.close();
}

export async function benchFiles(report, version = 8) {
  await benchLock(report);
  const folder = mkdtempSync(join(tmpdir(), 'bench-files-'));
  const backup = largeBackup(version);
  const other = largeBackup(version, (check, index) =>
    index % 10 === 0 ? { ...check, faults: ['on-chest'] } : check
  );
  const [sample] = backup.tables.checks;
  const browser = await launch();
  await serving(async (address) => {
    const page = await freshPage(browser, address);
    const plain = async (count, times = 1, on = page) => {
      const all = [];
      for (let i = 0; i < times; i++) all.push(await plainPuts(on, count, sample));
      return middle(all);
    };
    const named = (name, on = page) => on.getByRole('button', { name, exact: typeof name === 'string' });
    /** How long the page was silent, on a machine as slow as it is just now. */
    const quiet = async (what, silent, on = page) => {
      const { reference } = await inTurn(5, () => 0, referenceIn(on));
      report(`${what}, the page’s longest silence`, { value: silent, reference }, 50, 'ms');
    };
    const say = async (what, { ms, silent }, reference, most, on = page) => {
      report(`${what}, times plain puts of as many`, ms / reference, most, 'times');
      console.log(`        ${Math.round(ms)} ms against ${Math.round(reference)} ms`);
      await quiet(what, silent, on);
    };

    const whole = await plain(backup.count);
    const preview = await picked(
      page,
      'Restore a backup…',
      fileOf(folder, 'backup.json', backup.text),
      'What restoring would change'
    );
    report(`preview of ${backup.count} records, times plain puts of as many`, preview / whole, 1, 'times');
    console.log(`        ${Math.round(preview)} ms`);
    await say(
      `restore of ${backup.count} records`,
      await press(page, named('Restore'), 'The backup is restored.'),
      whole,
      2.5
    );
    const before = await plain(backup.count);
    await say('undo of it', await press(page, named(/^Undo/), 'Undone: Restored a backup'), before, 2.5);
    await page.getByRole('button', { name: /^Redo/ }).click();
    await page.getByText('Done again: Restored a backup').waitFor(WAIT);
    await page.waitForTimeout(QUIET_MS);
    const saved = await press(page, named('Save a backup'), 'Save a backup');
    await quiet('saving it', saved.silent);
    await page.getByLabel('Password, if it is to be locked').first().fill(PASSWORD);
    const locked = await press(page, named('Save a backup'), 'Save a backup');
    await quiet('saving it locked', locked.silent);
    await picked(
      page,
      'Read in another copy…',
      fileOf(folder, 'copy.json', other.text),
      'What merging would change'
    );
    const again = await plain(backup.count);
    await say(
      'merge of two such copies',
      await press(page, named('Merge'), 'The other copy is merged'),
      again,
      2.5
    );
    await page.context().close();

    const listed = await freshPage(browser, address);
    const rows = Array.from({ length: LISTED }, (_, i) => `Player ${i},2018-05,violin,Group ${i % 12}`);
    await picked(
      listed,
      'Bring players in from CSV…',
      fileOf(folder, 'list.csv', ['Name,Birth month,Instrument,Group', ...rows].join('\n')),
      'Players to bring in'
    );
    const few = await plain(LISTED, TRIES, listed);
    await say(
      `a list of ${LISTED} players`,
      await press(listed, named(`Add ${LISTED} players`, listed), 'players are in'),
      few,
      5,
      listed
    );
    await listed.context().close();

    const demo = await freshPage(browser, address);
    await demo.goto(`${address}/settings`);
    await demo
      .getByRole('button', { name: /made-up class/ })
      .first()
      .waitFor(WAIT);
    // What the place itself draws is not what is measured.
    await demo.waitForTimeout(QUIET_MS);
    const story = await plain(CLASS, TRIES, demo);
    await say(
      'the made-up class',
      await press(demo, named(/^Bring in/, demo), 'Remove the made-up class'),
      story,
      5,
      demo
    );
    await demo.context().close();
  });
  await browser.close();
  rmSync(folder, { recursive: true, force: true });
}
