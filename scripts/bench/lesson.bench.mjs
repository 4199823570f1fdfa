/** How soon a lesson is there in a large school with years of results, and how soon a tap shows. */
import { launch, serving } from '../browser.mjs';
import { school } from './class.mjs';
import { goTo, inSchool, middle } from './screens.bench.mjs';

const TRIES = 7;
const IDS = [
  'hold-seat',
  'hold-jaw',
  'hold-neck',
  'hold-level',
  'left-wrist',
  'left-elbow',
  'use-lane',
  'bow-knuckles'
];

/** Fifty results of each player, over a year. */
const results = (players) =>
  Array.from({ length: players * 50 }, (_, index) => {
    const turn = Math.floor(index / players);
    const day = `2026-${String(1 + (turn % 9)).padStart(2, '0')}-${String(1 + (turn % 27)).padStart(2, '0')}`;
    return {
      id: `result-${index}`,
      playerId: `school-${index % players}`,
      checkId: IDS[turn % IDS.length],
      lessonId: null,
      at: `${day}T09:00:00.000Z`,
      day,
      setupId: null,
      outcome: { kind: 'rating', rating: ['not-yet', 'with-help', 'mostly', 'secure'][(index + turn) % 4] },
      faults: []
    };
  });

/** Runs in the page: taps a rating, and answers with the time until the next look is in hand. */
function tap() {
  const before = document.querySelector('[data-look]').dataset.look;
  const start = performance.now();
  document.querySelector('[data-rate=mostly]').click();
  return new Promise((done) => {
    const tick = () => {
      if (document.querySelector('[data-look]')?.dataset.look !== before) done(performance.now() - start);
      else if (performance.now() - start > 5000) done(Infinity);
      else setTimeout(tick, 1);
    };
    setTimeout(tick, 0);
  });
}

export async function benchLesson(report) {
  const browser = await launch();
  await serving(async (address) => {
    const all = school(1000);
    const band = { id: 'band', name: 'Band', seating: [], demo: false };
    const records = {
      ...all,
      // Thirty of them are a group of their own.
      players: all.players.map((player, i) => (i < 30 ? { ...player, groupId: band.id } : player)),
      groups: [...all.groups, band],
      checks: results(1000)
    };
    await inSchool(browser, address, records, async (page, atRest) => {
      const opened = [];
      const taps = [];
      for (let turn = 0; turn < TRIES; turn++) {
        await atRest();
        const href = `/lesson/school-${4 * turn}`;
        opened.push((await page.evaluate(goTo, [href, '[data-look]', 20_000])).waitMs);
        await page.waitForTimeout(700);
        if (await page.locator('[data-rate=mostly]').count()) taps.push(await page.evaluate(tap));
      }
      report('a lesson with 1,000 players and 50,000 results (median)', middle(opened), 200, 'ms');
      report('a tap there shows (median)', middle(taps), 50, 'ms');
      const courses = [];
      for (let turn = 0; turn < TRIES; turn++) {
        await atRest();
        courses.push(
          (await page.evaluate(goTo, [`/progress/${band.id}`, 'main [role=img] svg', 20_000])).waitMs
        );
      }
      report(
        'progress of a group with 1,000 players and 50,000 results (median)',
        middle(courses),
        500,
        'ms'
      );
      // What is foreseen is known once Today was there.
      await page.goto(address);
      await page.locator('main ul li a.who').first().waitFor({ timeout: 60_000 });
      const waits = [];
      for (let turn = 0; turn < TRIES; turn++) {
        await atRest();
        waits.push((await page.evaluate(goTo, ['/', 'main ul li a.who', 20_000])).waitMs);
      }
      report('Today with 1,000 players and 50,000 results (median)', middle(waits), 300, 'ms');
    });
  });
  await browser.close();
}
