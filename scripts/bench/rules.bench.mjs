/** How long the rules take. */
import { bundled } from './bundled.mjs';
import { inTurn } from './reference.mjs';

/** Time of one call in ms, in the middle of many batches. */
const timeOf = (work, calls = 2000) =>
  inTurn(15, () => {
    const start = performance.now();
    for (let call = 0; call < calls; call++) work(call);
    return (performance.now() - start) / calls;
  });

/** Players with 400 looks each over two years, five at a time, as they come out of the database. */
async function classOf(players, checksFor) {
  const checks = await checksFor('violin');
  const dayAfter = (days) => new Date(Date.UTC(2024, 10, 1) + days * 864e5).toISOString().slice(0, 10);
  const ratings = ['not-yet', 'with-help', 'mostly', 'secure'];
  let seed = 5;
  const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
  const look = (lesson) => {
    const check = checks[Math.floor(random() * checks.length)];
    const rating = ratings[Math.floor(random() * 4)];
    const faults = random() < 0.4 ? check.faults.slice(0, 1).map(({ id }) => id) : [];
    return { checkId: check.id, day: dayAfter(lesson * 9), outcome: { kind: 'rating', rating }, faults };
  };
  return Array.from({ length: players }, () => ({
    checks,
    results: structuredClone(Array.from({ length: 400 }, (_, at) => look(Math.floor(at / 5)))),
    today: dayAfter(740)
  }));
}

export async function benchRules(report) {
  const {
    sizing,
    setup,
    instruments,
    cello: seated,
    checks
  } = await bundled('sizing', 'setup', 'instruments', 'cello', 'checks');
  const { judgeSizes, proposeSize } = sizing;
  const { restStack } = setup;
  const { dimensionsOf } = instruments;
  const { averageSeatedBody, solvePosture } = seated;
  const { checksFor, focusOf } = checks;
  const violinist = (call) => ({
    family: 'violin',
    readings: {
      height: [1100 + (call % 700)],
      armToPalm: [478, 480],
      armToWrist: [421],
      handLength: [128]
    },
    rule: { school: 'palm-centre' }
  });
  const cellist = (call) => ({
    family: 'cello',
    readings: {
      height: [1000 + (call % 900)],
      armReach: [400 + (call % 300)],
      seatedEar: [480 + (call % 200)]
    }
  });
  const group = await classOf(30, checksFor);
  const cello = dimensionsOf('cello', '1/2');
  const rest = (call) => ({
    instrument: dimensionsOf('violin', '1/2'),
    neckGapMm: 50 + (call % 40),
    heightMm: 1330,
    shoulder: { slope: 'medium' },
    school: 'rest-first'
  });
  for (const [what, work, limit, calls] of [
    ['one proposal with its evidence and reasons', (call) => proposeSize(violinist(call)), 0.2],
    ['the closed-form judgement of all cello sizes', (call) => judgeSizes(cellist(call)), 0.2],
    [
      'one full solve of seat, pin and angle',
      (call) => solvePosture(averageSeatedBody(1000 + (call % 900)), cello),
      3,
      500
    ],
    ['one set-up', (call) => restStack(rest(call)), 0.1],
    ['the focus of a class of 30, two years in', () => group.forEach(focusOf), 2.3, 60]
  ])
    report(what, await timeOf(work, calls), limit, 'ms');
}
