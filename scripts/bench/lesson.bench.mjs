/** How soon a lesson is there in a large school with years of results, and how soon a tap shows. */
import { launch, serving } from '../browser.mjs';
import { school } from './class.mjs';
import { inTurn, referenceIn } from './reference.mjs';
import { goTo, inSchool, waitsFor } from './screens.bench.mjs';

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
      const opened = await waitsFor(page, atRest, TRIES, (turn) => [
        `/lesson/school-${4 * turn}`,
        '[data-look]'
      ]);
      report('a lesson with 1,000 players and 50,000 results (median)', opened, 200, 'ms');
      const taps = await inTurn(
        TRIES,
        async (turn) => {
          await atRest();
          await page.evaluate(goTo, [`/lesson/school-${4 * turn}`, '[data-rate=mostly]', 20_000]);
          await page.waitForTimeout(700);
          return page.evaluate(tap);
        },
        referenceIn(page)
      );
      report('a tap there shows (median)', taps, 50, 'ms');
      const courses = await waitsFor(page, atRest, TRIES, () => [
        `/class/${band.id}#progress`,
        'main [role=img] svg'
      ]);
      report('progress of a group with 1,000 players and 50,000 results (median)', courses, 500, 'ms');
      // What is foreseen is known once Today was there.
      await page.goto(address);
      await page.locator('main ul li a.who').first().waitFor({ timeout: 60_000 });
      const waits = await waitsFor(page, atRest, TRIES, () => ['/', 'main ul li a.who']);
      report('Today with 1,000 players and 50,000 results (median)', waits, 300, 'ms');
    });
  });
  await browser.close();
}
