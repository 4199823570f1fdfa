/** How a set-up answers while it is dragged, and how long a group's paper takes. */
import { launch, putRecords, serving } from '../browser.mjs';
import { inTurn, middle, referenceIn } from './reference.mjs';

const CARDS = 100;
const DRAGS = 60;
const FRAME_MS = 16;
/** The player of the made-up class whose cello is dragged, and whose set-up is made a group's of a hundred. */
const CELLIST = 'demo-19';

/** Work of each kind of thread in a trace, ms of its own processor time. */
function tasksIn(traceEvents) {
  const place = ({ pid, tid }) => `${pid}/${tid}`;
  const threads = (name) =>
    new Set(
      traceEvents.flatMap((event) =>
        event.name === 'thread_name' && event.args.name.startsWith(name) ? [place(event)] : []
      )
    );
  const tasks = traceEvents.filter(({ ph, name }) => ph === 'X' && /RunTask/.test(name));
  const of = (name) => {
    const mine = threads(name);
    return tasks.filter((event) => mine.has(place(event))).map(({ tdur = 0 }) => tdur / 1000);
  };
  return { page: of('CrRendererMain'), worker: of('DedicatedWorker') };
}

async function benchDrag(browser, page, address, report) {
  await page.goto(`${address}/fit/${CELLIST}`);
  const pin = page.getByRole('slider', { name: 'Pin', exact: true });
  await pin.scrollIntoViewIfNeeded();
  await page.waitForLoadState('networkidle');
  const box = await pin.boundingBox();
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  const sweep = async () => {
    for (let i = 0; i < DRAGS; i++) {
      await page.mouse.move(x, y - Math.abs(((i + 15) % 60) - 30));
      await page.waitForTimeout(FRAME_MS);
    }
  };
  await sweep();
  const { reference } = await inTurn(5, () => 0, referenceIn(page));
  await browser.startTracing(page, { categories: ['toplevel', '__metadata'] });
  await sweep();
  const { traceEvents } = JSON.parse((await browser.stopTracing()).toString());
  await page.mouse.up();
  const { page: mine, worker } = tasksIn(traceEvents);
  // What draws takes longer than a message that only passes by.
  const drawn = worker.filter((ms) => ms > 1);
  if (drawn.length < DRAGS / 4) throw new Error('The trace shows no drawing.');
  report(
    'a cello’s pin dragged: the page’s work a move (median of those above 1 ms)',
    { value: middle(mine.filter((ms) => ms > 1)), reference },
    8,
    'ms'
  );
  console.log(`        its longest ${Math.max(...mine).toFixed(1)} ms`);
  report('  solved and drawn anew, beside the page (median)', { value: middle(drawn), reference }, 8, 'ms');
}

/** The made-up cellist a hundred times over, in one group. */
async function crowd(page) {
  const mine = await page.evaluate(
    (id) =>
      new Promise((done) => {
        const opening = indexedDB.open('jarvel');
        opening.onsuccess = async () => {
          const all = (name) =>
            new Promise((found) => {
              const reading = opening.result.transaction(name).objectStore(name).getAll();
              reading.onsuccess = () => found(reading.result);
            });
          const of = (rows) => rows.filter(({ playerId }) => playerId === id);
          const [players, fits, setups] = [await all('players'), await all('fits'), await all('setups')];
          opening.result.close();
          done({ player: players.find((one) => one.id === id), fits: of(fits), setups: of(setups) });
        };
      }),
    CELLIST
  );
  const copies = Array.from({ length: CARDS }, (_, i) => i);
  const owned = (rows, i) =>
    rows.map((row) => ({
      ...row,
      id: `${row.id}-${i}`,
      playerId: `crowd-${i}`,
      ...(row.fitId ? { fitId: `${row.fitId}-${i}` } : {})
    }));
  await putRecords(page, {
    groups: [{ id: 'crowd', name: 'Crowd', seating: [], demo: true }],
    players: copies.map((i) => ({ ...mine.player, id: `crowd-${i}`, name: `Player ${i}`, groupId: 'crowd' })),
    fits: copies.flatMap((i) => owned(mine.fits, i)),
    setups: copies.flatMap((i) => owned(mine.setups, i))
  });
}

async function benchPaper(page, address, report) {
  await page.goto(`${address}/settings`);
  await page.getByRole('heading', { name: 'Settings' }).waitFor();
  await crowd(page);
  await page.goto(`${address}/class/crowd#papers`);
  // The hundred pictures of the sheet itself first.
  await page.locator('.drawn .figure-picture path').nth(1).waitFor();
  await page.waitForFunction(
    (all) => document.querySelectorAll('.drawn .figure-picture g, .drawn .figure-picture path').length > all,
    CARDS
  );
  await page.waitForTimeout(3000);
  for (const name of ['Cards, four a page', 'Case labels', 'Finger strips']) {
    const made = await inTurn(
      1,
      async () => {
        const start = Date.now();
        const download = page.waitForEvent('download');
        await page.getByRole('button', { name }).click();
        await download;
        return (Date.now() - start) / 1000;
      },
      async () => (await inTurn(5, () => 0, referenceIn(page))).reference
    );
    report(`${name.toLowerCase()}, ${CARDS} in one file`, made, 5, 's');
  }
}

export async function benchSetups(report) {
  const browser = await launch();
  await serving(async (address) => {
    const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
    await page.goto(address);
    await page.getByRole('button', { name: /^Look around/ }).click();
    await page.getByRole('heading', { name: 'Today' }).waitFor();
    await benchDrag(browser, page, address, report);
    await benchPaper(page, address, report);
  });
  await browser.close();
}
