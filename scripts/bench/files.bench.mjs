/** How long many records at once take, against plain puts of as many in the same browser, and how silent the page is. */
import { launch, serving } from '../browser.mjs';
import { checksOf, school } from './class.mjs';
import { middle } from './screens.bench.mjs';

const PLAYERS = 960;
const CHECKS = 49_000;
const LISTED = 1000;
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

/** Runs in the page: begins to listen for how long it is silent at most. */
function listen() {
  window.silence = { last: performance.now(), longest: 0, heard: [] };
  const tick = () => {
    const now = performance.now();
    window.silence.longest = Math.max(window.silence.longest, now - window.silence.last - 4);
    window.silence.last = now;
    setTimeout(tick, 4);
  };
  tick();
}

/** The time of something at the page, and its longest silence, ms. */
async function timed(page, act, until) {
  await page.evaluate(() => (window.silence.longest = 0));
  const start = performance.now();
  await act();
  await until();
  const ms = performance.now() - start;
  return { ms, silent: await page.evaluate(() => window.silence.longest) };
}

async function freshPage(browser, address) {
  const page = await (await browser.newContext({ acceptDownloads: true })).newPage();
  await page.goto(`${address}/files`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.evaluate(listen);
  return page;
}

const file = (name, text) => ({ name, mimeType: 'application/octet-stream', buffer: Buffer.from(text) });
const WAIT = { timeout: 300_000 };

export async function benchFiles(report, version = 8) {
  const backup = largeBackup(version);
  const other = largeBackup(version, (check, index) =>
    index % 10 === 0 ? { ...check, faults: ['on-chest'] } : check
  );
  const [sample] = backup.tables.checks;
  const browser = await launch();
  await serving(async (address) => {
    const say = (what, { ms, silent }, plain, most) => {
      report(`${what}, times plain puts of as many`, ms / plain, most, 'times');
      console.log(
        `        ${Math.round(ms)} ms against ${Math.round(plain)} ms; the page was silent for ${Math.round(silent)} ms at most`
      );
      report(`${what}, the page’s longest silence`, silent, 50, 'ms');
    };
    const page = await freshPage(browser, address);
    const plain = async (count) =>
      middle([await plainPuts(page, count, sample), await plainPuts(page, count, sample)]);

    const whole = await plain(backup.count);
    const preview = await timed(
      page,
      () => page.getByLabel('Restore a backup…').last().setInputFiles(file('backup.json', backup.text)),
      () => page.getByRole('region', { name: 'What restoring would change' }).waitFor(WAIT)
    );
    report(
      `preview of ${backup.count} records, times plain puts of as many`,
      preview.ms / whole,
      1.5,
      'times'
    );
    console.log(`        ${Math.round(preview.ms)} ms; silent ${Math.round(preview.silent)} ms`);
    say(
      `restore of ${backup.count} records`,
      await timed(
        page,
        () => page.getByRole('button', { name: 'Restore', exact: true }).click(),
        () => page.getByText('The backup is restored.').waitFor(WAIT)
      ),
      whole,
      2.5
    );
    say(
      'undo of it',
      await timed(
        page,
        () => page.getByRole('button', { name: /^Undo/ }).click(),
        () => page.getByText('Undone: Restored a backup').waitFor(WAIT)
      ),
      await plain(backup.count),
      2.5
    );
    await page.getByRole('button', { name: /^Redo/ }).click();
    await page.getByText('Done again: Restored a backup').waitFor(WAIT);
    const saved = await timed(
      page,
      () => page.getByRole('button', { name: 'Save a backup' }).click(),
      () => page.waitForEvent('download', WAIT)
    );
    report('saving it, the page’s longest silence', saved.silent, 50, 'ms');
    console.log(`        saved and read back in ${Math.round(saved.ms)} ms`);
    await page.getByLabel('Read in another copy…').last().setInputFiles(file('copy.json', other.text));
    await page.getByRole('region', { name: 'What merging would change' }).waitFor(WAIT);
    say(
      'merge of two such copies',
      await timed(
        page,
        () => page.getByRole('button', { name: 'Merge', exact: true }).click(),
        () => page.getByText(/^The other copy is merged/).waitFor(WAIT)
      ),
      await plain(backup.count),
      2.5
    );
    await page.context().close();

    const listed = await freshPage(browser, address);
    const rows = Array.from({ length: LISTED }, (_, i) => `Player ${i},2018-05,violin,Group ${i % 12}`);
    await listed
      .getByLabel('Bring players in from CSV…')
      .last()
      .setInputFiles(file('list.csv', ['Name,Birth month,Instrument,Group', ...rows].join('\n')));
    const add = listed.getByRole('button', { name: `Add ${LISTED} players` });
    await add.waitFor(WAIT);
    say(
      `a list of ${LISTED} players`,
      await timed(
        listed,
        () => add.click(),
        () => listed.getByText(`${LISTED} players are in`).waitFor(WAIT)
      ),
      middle([
        await plainPuts(listed, LISTED, sample),
        await plainPuts(listed, LISTED, sample),
        await plainPuts(listed, LISTED, sample)
      ]),
      5
    );
    await listed.context().close();

    const demo = await freshPage(browser, address);
    await demo.goto(`${address}/settings`);
    await demo.getByRole('heading', { level: 1 }).waitFor();
    await demo.evaluate(listen);
    const bring = demo.getByRole('button', { name: /made-up class/ }).first();
    await bring.waitFor(WAIT);
    // What the place itself draws is not what is measured.
    await demo.waitForTimeout(4000);
    say(
      'the made-up class',
      await timed(
        demo,
        () => bring.click(),
        () =>
          demo
            .getByRole('button', { name: /Remove/ })
            .first()
            .waitFor(WAIT)
      ),
      middle([
        await plainPuts(demo, 1460, sample),
        await plainPuts(demo, 1460, sample),
        await plainPuts(demo, 1460, sample)
      ]),
      5
    );
    await demo.context().close();
  });
  await browser.close();
}
