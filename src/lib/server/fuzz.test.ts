import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Schema } from 'yup';
import { answerAssign } from './assign';
import { ASSIGN_BOUNDS, assignRequest } from './assign-request';
import { answerBatch } from './batch';
import type { ListBounds } from './bounds';
import { answerGrowth, GROWTH_BOUNDS, growthRequest } from './growth';
import { answerFigure, FIGURE_BOUNDS, figureRequest } from './figure';
import { answerJson } from './respond';
import { SETUP_BOUNDS, setupRequest } from './setup-request';
import { answerSetup } from './setup';
import { ADJUST_BOUNDS, adjustRequest, answerAdjust } from './adjust';
import { answerTape, TAPE_BOUNDS, tapeRequest } from './tape';
import { answerTapes, TAPES_BOUNDS, tapesRequest } from './tapes';
import { answerSize, SIZE_BOUNDS, sizeRequest } from './size';

const RUNS = 600;
/** A fixed seed: the same mutants every time. */
const SEED = 20_261_124;

const WHOLE = {
  size: {
    family: 'violin',
    measurements: { heightMm: 1205, armToPalmMm: [478, 480], handSpanMm: 104 },
    landingLimit: 0.5,
    sizes: ['1/8', '1/4', '1/2'],
    instruments: [{ size: '1/2', overallMm: 512, stringMm: 281 }]
  },
  growth: {
    sex: 'male',
    birthMonth: '2014-05',
    heights: [
      { date: '2026-01-15', mm: 1490 },
      { date: '2026-07-15', mm: 1521 }
    ],
    today: '2026-11-24',
    on: '2028-11-24',
    family: 'cello',
    size: '1/2',
    measurements: { armReachMm: 560 }
  },
  setup: {
    family: 'violin',
    size: '1/2',
    measurements: { heightMm: 1330, neckGapMm: 72, shoulderDropMm: 30 },
    school: 'rest-first',
    chinRestMm: 21,
    tiltDeg: 18
  },
  seated: {
    family: 'cello',
    size: '1/2',
    measurements: { heightMm: 1310, lowerLegMm: 322 },
    locked: { seatMm: 350, endpinMm: 180 },
    instrument: { bodyMm: 640, ribMm: 98, stringMm: 580, pinMaxMm: 300 }
  },
  standing: {
    family: 'bass',
    size: '3/4',
    measurements: { heightMm: 1700, gripHangMm: [730, 735] },
    instrument: { pinMaxMm: 280, notchesMm: [40, 80, 120] },
    leanDeg: 11,
    offsetMm: 20
  },
  tapes: { stringMm: 285, layout: [2, 4, 5, 7] },
  tape: {
    family: 'violin',
    sizes: ['1/4', '1/2'],
    instruments: [{ id: '7', size: '1/2', overallMm: 521 }],
    dimensions: { '1/4': { overallMm: 488 } }
  },
  assign: {
    family: 'cello',
    terms: [
      { from: '2027-01-08', to: '2027-03-31' },
      { from: '2027-04-10', to: '2027-07-20' }
    ],
    players: [
      {
        id: 'ada',
        wanted: [[{ size: '1/4', chance: 1 }], [{ size: '1/2', chance: 1 }]],
        now: 'q',
        noLarger: true,
        slots: ['mon']
      },
      {
        id: 'ben',
        wanted: [[{ size: '1/2', chance: 1 }], [{ size: '1/2', chance: 1 }]],
        fixed: [{ term: 1, instrumentId: 'h' }]
      }
    ],
    instruments: [
      { id: 'q', size: '1/4', only: 'ada', until: '2028-01-01' },
      { id: 'h', size: '1/2', shared: true, steps: { ada: 1 } }
    ],
    costs: { smaller: [3, 8], change: 2 }
  },
  adjust: {
    family: 'viola',
    setting: 'lift',
    rangeMm: [0, 30],
    startMm: 12,
    looks: [
      { atMm: 12, seen: 'raise' },
      { atMm: 17, seen: 'holds' }
    ]
  },
  figure: {
    family: 'cello',
    instrument: { size: '1/2', overallMm: 1035, stringMm: 580 },
    measurements: { heightMm: 1310, lowerLegMm: [322, 324] },
    setup: { seatMm: 350, angleDeg: 31, slideMm: -12 },
    view: 'left',
    pose: 'playing',
    changes: [{ kind: 'slumped', amount: 20 }, { kind: 'elbow-dropped' }]
  }
} as const;

/** Every place of a value, as the keys that lead to it. */
function placesOf(value: unknown, at: readonly (string | number)[] = []): (readonly (string | number)[])[] {
  if (typeof value !== 'object' || value === null) return [at];
  return [at, ...Object.entries(value).flatMap(([key, inner]) => placesOf(inner, [...at, key]))];
}

const nested = (depth: number) => `${'['.repeat(depth)}${']'.repeat(depth)}`;
const numbers = fc.constantFrom(
  0,
  -1,
  1,
  15,
  21,
  72,
  130,
  480,
  512,
  599,
  851,
  1330,
  1800,
  2301,
  1e9,
  1e308,
  0.5
);
/** Stands for lists nested three thousand deep, which are put into the finished text. */
const DEEP = 'stands for what is deep';
/** Long and deep values are few, since each is sent as a whole. */
const huge = fc.constantFrom<unknown>(
  Array.from({ length: 60_000 }, () => ({})),
  Array.from({ length: 401 }, () => 1200),
  Array.from({ length: 65 }, () => ({ size: '1/2', overallMm: 512 })),
  Object.fromEntries(Array.from({ length: 9000 }, (_, index) => [`key${index}`, index])),
  'x'.repeat(200_000),
  DEEP
);
const junk = fc.oneof(
  { weight: 8, arbitrary: numbers },
  { weight: 4, arbitrary: fc.jsonValue() },
  {
    weight: 6,
    arbitrary: fc.constantFrom<unknown>(
      null,
      '',
      'NaN',
      '4/4',
      '14 in',
      '1/2',
      'bass',
      'violin',
      '2026-02-30',
      '1899-01',
      '2199-12',
      true
    )
  },
  { weight: 3, arbitrary: fc.constantFrom<unknown>([], {}, [[]], [null], { length: 1e9 }) },
  { weight: 3, arbitrary: fc.array(numbers, { maxLength: 12 }) },
  { weight: 1, arbitrary: huge }
);

/** A request with one to three of its places set to something else, or its text cut and stirred. */
function mutants(whole: object): fc.Arbitrary<string> {
  const places = placesOf(whole);
  const change = fc.tuple(fc.constantFrom(...places), junk, fc.boolean());
  const edited = fc.array(change, { minLength: 1, maxLength: 2 }).map((changes) => {
    let copy: unknown = JSON.parse(JSON.stringify(whole));
    for (const [at, drawn, adds] of changes) {
      const value = structuredClone(drawn);
      const last = at.at(-1);
      if (last === undefined) {
        copy = value;
        continue;
      }
      let inner = copy as Record<string | number, unknown>;
      for (const key of at.slice(0, -1)) inner = (inner?.[key] ?? {}) as typeof inner;
      if (typeof inner === 'object' && inner !== null) inner[adds ? `${last}x` : last] = value;
    }
    return (JSON.stringify(copy) ?? 'undefined').replaceAll(JSON.stringify(DEEP), nested(3000));
  });
  const text = JSON.stringify(whole);
  const cut = fc
    .tuple(fc.nat(text.length), fc.string({ maxLength: 6 }), fc.nat(text.length))
    .map(([at, stirred, end]) => text.slice(0, at) + stirred + text.slice(at, end));
  return fc.oneof({ weight: 4, arbitrary: edited }, { weight: 1, arbitrary: cut });
}

/** Processor time that the work took, ms: what else runs on the machine does not count. */
async function processorMs<T>(work: () => Promise<T>): Promise<readonly [T, number]> {
  const before = process.cpuUsage();
  const result = await work();
  const { user, system } = process.cpuUsage(before);
  return [result, (user + system) / 1000];
}

/** A hundred milliseconds are promised; a slow machine, and the collector of rubbish, get some more. */
const MOST_MS = 500;
/** What a busy machine held up is asked again: only what is slow each time is slow. */
const TRIES = 3;

const post = (body: string, type: string) =>
  new Request('http://localhost/', { method: 'POST', body, headers: { 'content-type': type } });

describe.each([
  ['size', sizeRequest, answerSize, SIZE_BOUNDS],
  ['growth', growthRequest, answerGrowth, GROWTH_BOUNDS],
  ['setup', setupRequest, answerSetup, SETUP_BOUNDS],
  ['seated', setupRequest, answerSetup, SETUP_BOUNDS],
  ['standing', setupRequest, answerSetup, SETUP_BOUNDS],
  ['tape', tapeRequest, answerTape, TAPE_BOUNDS],
  ['assign', assignRequest, answerAssign, ASSIGN_BOUNDS],
  ['tapes', tapesRequest, answerTapes, TAPES_BOUNDS],
  ['adjust', adjustRequest, answerAdjust, ADJUST_BOUNDS],
  ['figure', figureRequest, answerFigure, FIGURE_BOUNDS]
] as const)('mutated requests to %s', (route, schema, compute, bounds) => {
  it('are answered or refused in time and in shape, and never break the server', async () => {
    const seen = new Map<number, number>();
    await fc.assert(
      fc.asyncProperty(mutants(WHOLE[route]), async (body) => {
        const ask = () =>
          processorMs(async () => {
            const response = await answerJson(
              post(body, 'application/json'),
              schema as Schema<unknown>,
              compute as (input: unknown) => unknown,
              bounds as ListBounds
            );
            return { status: response.status, text: await response.text() };
          });
        let [answer, ms] = await ask();
        for (let again = 1; again < TRIES && ms >= MOST_MS; again++) [answer, ms] = await ask();
        seen.set(answer.status, (seen.get(answer.status) ?? 0) + 1);
        expect([200, 400, 413]).toContain(answer.status);
        const json = JSON.parse(answer.text) as { error?: { message: string; fields: unknown[] } };
        if (answer.status !== 200) {
          expect(typeof json.error?.message).toBe('string');
          expect(json.error?.fields.length).toBeLessThanOrEqual(20);
        }
        expect(answer.text.length).toBeLessThan(64 * 1024);
        expect(ms).toBeLessThan(MOST_MS);
      }),
      { numRuns: RUNS, seed: SEED, endOnFailure: true }
    );
    // Enough of them are wrong, and enough get as far as the computing.
    expect(seen.get(400) ?? 0).toBeGreaterThan(RUNS / 4);
    expect(seen.get(200) ?? 0).toBeGreaterThan(RUNS / 200);
  }, 120_000);
});

it('mutated lines of a batch each get one line of an answer, and stop no other', async () => {
  const good = JSON.stringify(WHOLE.size);
  const line = mutants(WHOLE.size).filter(
    (text) => !text.includes('\n') && text.trim() !== '' && text.length < 9000
  );
  const lines = fc.sample(line, { numRuns: RUNS / 2, seed: SEED }).flatMap((text) => [text, good]);
  for (let from = 0; from < lines.length; from += 40) {
    const some = lines.slice(from, from + 40);
    const body = some.join('\n');
    const [answer, ms] = await processorMs(async () => {
      const response = await answerBatch(post(body, 'application/x-ndjson'));
      return { status: response.status, text: await response.text() };
    });
    expect(answer.status).toBe(200);
    const answers = answer.text
      .trim()
      .split('\n')
      .map((text) => JSON.parse(text) as Record<string, unknown>);
    expect(answers).toHaveLength(some.length);
    for (let at = 1; at < answers.length; at += 2) expect(answers[at]).toMatchObject({ proposal: '1/4' });
    expect(ms).toBeLessThan(MOST_MS * some.length);
  }
}, 120_000);
