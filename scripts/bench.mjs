/**
 * Measures what the project promises, and prints ratios: the time of one proposal, the first screen's
 * JavaScript against an empty Skeleton page that opens a Dexie database, and the wait for a keystroke's
 * result with a full database. Ends with 1 when a promise is broken.
 */
import { chromium as browserOf } from '@playwright/test';
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { createServer } from 'vite';
import { build, chromium, install, root, runBin } from './lib.mjs';

install();
const executablePath = chromium();
build();

let broken = false;
function report(what, value, limit, unit) {
  const fine = value <= limit;
  broken ||= !fine;
  console.log(
    `${fine ? 'holds ' : 'BROKEN'}  ${what}: ${value.toFixed(3)} ${unit} of at most ${limit} (${((100 * value) / limit).toFixed(0)} %)`
  );
}

/** Median time of one call in ms over many batches. */
function timeOf(work, calls = 2000) {
  const batches = Array.from({ length: 15 }, () => {
    const start = performance.now();
    for (let call = 0; call < calls; call++) work(call);
    return (performance.now() - start) / calls;
  });
  return batches.sort((a, b) => a - b)[7];
}

const vite = await createServer({
  root,
  server: { middlewareMode: true },
  appType: 'custom',
  logLevel: 'error'
});
const { proposeSize } = await vite.ssrLoadModule('/src/lib/core/sizing/index.ts');
const { restStack } = await vite.ssrLoadModule('/src/lib/core/setup/index.ts');
const { dimensionsOf } = await vite.ssrLoadModule('/src/lib/core/instruments/index.ts');
const readings = (call) => ({
  height: [1100 + (call % 700)],
  armToPalm: [478, 480],
  armToWrist: [421],
  handLength: [128]
});
report(
  'one proposal with its evidence and reasons',
  timeOf((call) =>
    proposeSize({ family: 'violin', readings: readings(call), rule: { school: 'palm-centre' } })
  ),
  0.2,
  'ms'
);
const { judgeSizes } = await vite.ssrLoadModule('/src/lib/core/sizing/index.ts');
const { averageSeatedBody, solvePosture } = await vite.ssrLoadModule('/src/lib/core/cello/index.ts');
const cellist = (call) => ({
  family: 'cello',
  readings: { height: [1000 + (call % 900)], armReach: [400 + (call % 300)], seatedEar: [480 + (call % 200)] }
});
report(
  'the closed-form judgement of all cello sizes',
  timeOf((call) => judgeSizes(cellist(call))),
  0.2,
  'ms'
);
const cello = dimensionsOf('cello', '1/2');
report(
  'one full solve of seat, pin and angle',
  timeOf((call) => solvePosture(averageSeatedBody(1000 + (call % 900)), cello), 500),
  3,
  'ms'
);
const instrument = dimensionsOf('violin', '1/2');
report(
  'one set-up',
  timeOf((call) =>
    restStack({
      instrument,
      neckGapMm: 50 + (call % 40),
      heightMm: 1330,
      shoulder: { slope: 'medium' },
      school: 'rest-first'
    })
  ),
  0.1,
  'ms'
);
await vite.close();

runBin('vite', ['build', '--logLevel', 'error'], {}, join(root, 'scripts/baseline'));

const args = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync'
];
const browser = await browserOf.launch({ executablePath, args });

async function withServer(command, port, work) {
  const server = spawn(process.execPath, [command], {
    cwd: root,
    env: { ...process.env, PORT: String(port), HOST: '127.0.0.1' }
  });
  await new Promise((ready) => server.stdout.once('data', ready));
  try {
    return await work(`http://127.0.0.1:${port}`);
  } finally {
    server.kill();
  }
}

/** Bytes of gzipped JavaScript that a first visit loads until the page is ready. */
async function firstScreenBytes(address, ready) {
  const page = await (await browser.newContext()).newPage();
  const sizes = [];
  page.on('response', (response) => {
    if (/javascript/.test(response.headers()['content-type'] ?? ''))
      sizes.push(response.body().then((body) => gzipSync(body).length));
  });
  await page.goto(address);
  await page.locator(ready).waitFor();
  await page.waitForLoadState('networkidle');
  await page.context().close();
  return (await Promise.all(sizes)).reduce((sum, size) => sum + size, 0);
}

const empty = await withServer('scripts/baseline/build/index.js', 5193, (address) =>
  firstScreenBytes(address, 'p.card')
);
await withServer('scripts/server.mjs', 5192, async (address) => {
  const first = await firstScreenBytes(address, '.welcome');
  console.log(
    `first screen ${(first / 1024).toFixed(1)} KB, empty page ${(empty / 1024).toFixed(1)} KB of gzipped JavaScript`
  );
  report('first screen against an empty page', first / empty, 2.5, 'times');

  const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  await page.goto(address);
  await page.getByRole('button', { name: /^Look around/ }).click();
  await page.getByRole('heading', { name: 'Today' }).waitFor();
  await page.evaluate(fillDatabase);
  await page.goto(`${address}/fit/demo-03`);
  await page.locator('#measure-height:focus').waitFor();
  const waits = [];
  for (const height of ['118', '118.2', '118.4', '118.6', '118.8', '119', '119.2']) {
    await page.keyboard.type(height);
    await page.evaluate(watchForAnswer);
    await page.keyboard.press('Enter');
    waits.push(await page.evaluate(() => window.answered));
    await page.locator('#measure-height').focus();
  }
  report(
    'a number’s answer with 1,000 players and 50,000 checks stored (median)',
    waits.sort((a, b) => a - b)[3],
    50,
    'ms'
  );

  await page.evaluate(fillClass);
  await page.goto(`${address}/ahead`);
  await page.locator('table').waitFor({ timeout: 60_000 });
  await page.reload();
  await page.locator('[role=progressbar]').waitFor();
  const aside = await page.evaluate(watchWorker);
  report('5,000 players looked ahead for in a worker', aside.seconds, 2, 's');
  report('the page’s longest silence meanwhile', aside.longestMs, 50, 'ms');
});
await browser.close();
process.exit(broken ? 1 : 0);

/** Runs in the page: writes players and checks straight into the database. */
function fillDatabase() {
  return new Promise((done) => {
    const opening = indexedDB.open('jarvel');
    opening.onsuccess = () => {
      const transaction = opening.result.transaction(['players', 'checks'], 'readwrite');
      const day = '2026-03-02';
      for (let index = 0; index < 1000; index++)
        transaction.objectStore('players').put({
          id: `bench-${index}`,
          name: `Bench ${index}`,
          birthMonth: null,
          curve: null,
          family: 'violin',
          group: 'bench',
          notes: '',
          photosAllowed: false,
          archivedOn: null,
          createdAt: `${day}T09:00:00.000Z`,
          demo: false
        });
      for (let index = 0; index < 50_000; index++)
        transaction.objectStore('checks').put({
          id: `bench-check-${index}`,
          playerId: index % 50 === 0 ? 'demo-03' : `bench-${index % 1000}`,
          checkId: 'hold-seat',
          at: `${day}T09:00:00.000Z`,
          day,
          setupId: null,
          outcome: { kind: 'rating', rating: 'mostly' },
          faults: []
        });
      transaction.oncomplete = () => {
        opening.result.close();
        done();
      };
    };
  });
}

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

/** Runs in the page: writes 5,000 players with a length and a size straight into the database. */
function fillClass() {
  return new Promise((done) => {
    const opening = indexedDB.open('jarvel');
    opening.onsuccess = () => {
      const tables = ['players', 'measurements', 'fits', 'checks'];
      const transaction = opening.result.transaction(tables, 'readwrite');
      const store = (name) => transaction.objectStore(name);
      for (const name of tables) store(name).clear();
      const day = '2026-03-02';
      const at = `${day}T09:00:00.000Z`;
      const families = [
        ['violin', '1/4', 'armToPalm', 0.4],
        ['viola', '11 in', 'armToPalm', 0.4],
        ['cello', '1/4', 'armReach', 0.386],
        ['bass', '1/8', 'gripHang', 0.42]
      ];
      for (let index = 0; index < 5000; index++) {
        const [family, size, kind, share] = families[index % 4];
        const playerId = `class-${index}`;
        const heightMm = 1150 + (index % 350);
        store('players').put({
          id: playerId,
          name: `Class ${index}`,
          birthMonth: `20${10 + (index % 10)}-05`,
          curve: ['girl', 'boy', 'both'][index % 3],
          family,
          group: 'class',
          notes: '',
          photosAllowed: false,
          archivedOn: null,
          createdAt: at,
          demo: false
        });
        for (const [one, mm] of [
          ['height', heightMm],
          [kind, Math.round(heightMm * share)]
        ])
          store('measurements').put({
            id: `${playerId}:${one}:${day}`,
            playerId,
            kind: one,
            day,
            readings: [{ mm, at }],
            look: null
          });
        store('fits').put({
          id: `${playerId}-fit`,
          playerId,
          family,
          at,
          day,
          readings: { height: [heightMm] },
          rule: null,
          instruments: [],
          trialId: null,
          proposal: size,
          advised: size,
          betweenSizes: false,
          probability: 1,
          marginMm: 1,
          size,
          reason: null,
          nextLook: '2027-03-02'
        });
      }
      transaction.oncomplete = () => {
        opening.result.close();
        done();
      };
    };
  });
}

/** Runs in the page while the worker works: how long until the table, and the longest gap between two ticks. */
function watchWorker() {
  return new Promise((done) => {
    const start = performance.now();
    let last = start;
    let longestMs = 0;
    const tick = () => {
      const now = performance.now();
      longestMs = Math.max(longestMs, now - last - 4);
      last = now;
      if (document.querySelector('table')) done({ seconds: (now - start) / 1000, longestMs });
      else setTimeout(tick, 4);
    };
    tick();
  });
}
