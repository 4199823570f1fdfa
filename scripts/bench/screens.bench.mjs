/** How heavy the first screen is, and how soon each screen is there in a large school. */
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { launch, putRecords, serving } from '../browser.mjs';
import { root, runBin } from '../lib.mjs';
import { checksOf, school } from './class.mjs';
import { inTurn, referenceIn } from './reference.mjs';

const BASELINE = 'scripts/bench/baseline';
const TRIES = 5;

/** Bytes of gzipped JavaScript that a first visit loads: for the page, and for what draws its picture beside it. */
async function firstScreenBytes(browser, address, ready) {
  const page = await (await browser.newContext()).newPage();
  const sizes = [];
  page.on('response', (response) => {
    if (!/javascript/.test(response.headers()['content-type'] ?? '')) return;
    const beside = response.url().includes('/workers/');
    sizes.push(response.body().then((body) => ({ beside, bytes: gzipSync(body).length })));
  });
  await page.goto(address);
  await page.locator(ready).waitFor();
  await page.waitForLoadState('networkidle');
  await page.context().close();
  const loaded = await Promise.all(sizes);
  const sum = (which) => loaded.filter(which).reduce((all, { bytes }) => all + bytes, 0);
  return { page: sum(({ beside }) => !beside), beside: sum(({ beside }) => beside) };
}

/**
 * Runs in the page: goes to a place by its link, and answers with the time until what is looked for is there, and the
 * longest time for which the page was silent meanwhile.
 */
export function goTo([href, selector, limitMs]) {
  const link = Object.assign(document.createElement('a'), { href });
  document.querySelector('main').append(link);
  const start = performance.now();
  let last = start;
  let longestMs = 0;
  link.click();
  return new Promise((done, fail) => {
    const tick = () => {
      const now = performance.now();
      longestMs = Math.max(longestMs, now - last - 4);
      last = now;
      if (location.pathname === link.pathname && document.querySelector(selector))
        done({ waitMs: now - start, longestMs });
      else if (now - start > limitMs) fail(new Error(`${href} did not come`));
      else setTimeout(tick, 4);
    };
    setTimeout(tick, 0);
  });
}

/** How long places take to come, each from a page at rest, in turn with the reference. */
export const waitsFor = (page, atRest, tries, where) =>
  inTurn(
    tries,
    async (turn) => {
      await atRest();
      return (await page.evaluate(goTo, [...where(turn), 20_000])).waitMs;
    },
    referenceIn(page)
  );

/** Runs in the page: `answered` becomes the time from the Enter key to the next change of the answer. */
function watchForAnswer() {
  window.answered = new Promise((done) => {
    const place = document.querySelector('.answer-place');
    addEventListener(
      'keydown',
      () => {
        const start = performance.now();
        const giveUp = setTimeout(() => done(Infinity), 3000);
        const observer = new MutationObserver(() => {
          clearTimeout(giveUp);
          observer.disconnect();
          done(performance.now() - start);
        });
        observer.observe(place, { subtree: true, childList: true, characterData: true, attributes: true });
      },
      { once: true, capture: true }
    );
  });
}

/** Records in a page of a context of their own, with the application at a place that shows no list. */
export async function inSchool(browser, address, records, work) {
  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  const atRest = async () => {
    await page.goto(`${address}/settings`);
    await page.getByRole('heading', { name: 'Settings' }).waitFor();
    await page.waitForLoadState('networkidle');
  };
  await atRest();
  await putRecords(page, records);
  await work(page, atRest);
  await page.context().close();
}

/**
 * Does something in a page, and answers with what came of it and the longest stretch of work that the page itself did at
 * once, ms of its own thread's processor time: what neighbours take of the machine meanwhile is not the page's doing.
 */
async function longestTask(browser, page, work) {
  await browser.startTracing(page, { categories: ['toplevel', '__metadata'] });
  const result = await page.evaluate(...work);
  const { traceEvents } = JSON.parse((await browser.stopTracing()).toString());
  const place = ({ pid, tid }) => `${pid}/${tid}`;
  const started = traceEvents.find(({ name, args }) => name === 'clock_sync' && args.sync_id)?.ts ?? 0;
  const pages = new Set(
    traceEvents.flatMap((event) =>
      event.name === 'thread_name' && event.args.name === 'CrRendererMain' ? [place(event)] : []
    )
  );
  const tasks = traceEvents.filter(
    (event) =>
      event.ph === 'X' && /RunTask/.test(event.name) && event.ts >= started && pages.has(place(event))
  );
  if (tasks.length === 0) throw new Error('The trace tells of no work.');
  return { result, longestMs: Math.max(...tasks.map(({ tdur = 0 }) => tdur)) / 1000 };
}

async function benchLists(browser, address, report, count, limitMs, firstTimeS) {
  await inSchool(browser, address, school(count), async (page, atRest) => {
    await atRest();
    const ahead = [goTo, ['/ahead', 'main table tbody tr', 60_000]];
    const { reference } = await inTurn(5, () => 0, referenceIn(page));
    const { result, longestMs } = await longestTask(browser, page, ahead);
    const wait = { value: result.waitMs / 1000, reference };
    report(`${count} players looked ahead for, nothing known before`, wait, firstTimeS, 's');
    report('  the page’s longest piece of work at once', { value: longestMs, reference }, 50, 'ms');
    console.log(`        its longest silence with two workers beside it ${result.longestMs.toFixed(0)} ms`);
    for (const [name, href, selector] of [
      ['Today', '/', 'main ul li a.who'],
      ['Players', '/players', 'main ul li a.who'],
      ['Looking ahead again', '/ahead', 'main table tbody tr'],
      ['a bench', '/fit/school-3', '[data-measure]:focus']
    ]) {
      const waits = await waitsFor(page, atRest, TRIES, () => [href, selector]);
      report(`${name} with ${count} players (median)`, waits, limitMs, 'ms');
    }
  });
}

async function benchAnswer(browser, address, report) {
  const records = { ...school(1000), checks: checksOf('school-8', 50_000) };
  await inSchool(browser, address, records, async (page) => {
    await page.goto(`${address}/fit/school-8`);
    // The arm decides, so that each reading changes what the answer says.
    const arm = page.locator('[data-measure=armToPalm]');
    await page.locator('[data-measure]:focus').waitFor();
    const texts = ['48.2', '48.8', '49.4', '48.0', '49.6', '49.9', '50.4'];
    const waits = await inTurn(
      texts.length,
      async (turn) => {
        await arm.focus();
        // As quick as the quickest fingers.
        await page.keyboard.type(texts[turn], { delay: 40 });
        await page.evaluate(watchForAnswer);
        await page.keyboard.press('Enter');
        return page.evaluate(() => window.answered);
      },
      referenceIn(page)
    );
    report('a number’s answer with 1,000 players and 50,000 checks (median)', waits, 50, 'ms');
  });
}

export async function benchScreens(report) {
  runBin('vite', ['build', '--logLevel', 'error'], {}, join(root, BASELINE));
  const browser = await launch();
  const empty = await serving(
    (address) => firstScreenBytes(browser, address, 'p.card'),
    `${BASELINE}/build/index.js`
  );
  await serving(async (address) => {
    const first = await firstScreenBytes(browser, address, '.welcome');
    console.log(
      `first screen ${(first.page / 1024).toFixed(1)} KB and ${(first.beside / 1024).toFixed(1)} KB for its picture, empty page ${(empty.page / 1024).toFixed(1)} KB of gzipped JavaScript`
    );
    report('first screen against an empty page', first.page / empty.page, 1.8, 'times');
    await benchAnswer(browser, address, report);
    await benchLists(browser, address, report, 1000, 300, 2);
    await benchLists(browser, address, report, 5000, 800, 4);
  });
  await browser.close();
}
