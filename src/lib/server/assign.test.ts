import { describe, expect, it } from 'vitest';
import { answerAssign } from './assign';
import { ASSIGN_BOUNDS, assignRequest } from './assign-request';
import { answerJson } from './respond';

const TERMS = [
  { from: '2027-01-08', to: '2027-03-31' },
  { from: '2027-04-10', to: '2027-07-20' }
];
const SURE = (size: string) => [{ size, chance: 1 }];
const GROWS = [SURE('1/4'), SURE('1/2')];
const WHOLE = {
  family: 'violin',
  terms: TERMS,
  players: [
    { id: 'ada', wanted: GROWS, now: 'q1' },
    { id: 'ben', wanted: [SURE('1/2'), SURE('1/2')], now: 'h1' },
    {
      id: 'cle',
      wanted: [
        [
          { size: '1/4', chance: 0.6 },
          { size: '1/2', chance: 0.4 }
        ],
        SURE('1/2')
      ],
      slots: ['mon']
    }
  ],
  instruments: [
    { id: 'q1', size: '1/4' },
    { id: 'h1', size: '1/2' },
    { id: 'h2', size: '1/2', from: '2027-02-01' }
  ]
};
type Body = typeof WHOLE & Record<string, unknown>;

async function ask(
  body: unknown
): Promise<{ status: number; headers: Headers; body: Record<string, never> }> {
  const request = new Request('http://localhost/api/v1/assign', {
    method: 'POST',
    body: JSON.stringify(body),
    headers: { 'content-type': 'application/json' }
  });
  const response = await answerJson(request, assignRequest, answerAssign, ASSIGN_BOUNDS);
  return {
    status: response.status,
    headers: response.headers,
    body: (await response.json()) as Record<string, never>
  };
}

describe('who gets what, asked of the server', () => {
  it('is answered with who has what in each term, what it costs, and that it is proven', async () => {
    const { status, body } = await ask({ ...WHOLE, moreOf: true });
    expect(status).toBe(200);
    expect(body).toEqual({
      // The half that comes back is a first one for Cle; Ada's change to it would leave a quarter, too small, to Cle.
      assignments: [
        { playerId: 'ada', term: 0, instrumentId: 'q1', cost: 0 },
        { playerId: 'ada', term: 1, instrumentId: 'q1', cost: 6 },
        { playerId: 'ben', term: 0, instrumentId: 'h1', cost: 0 },
        { playerId: 'ben', term: 1, instrumentId: 'h1', cost: 0 },
        { playerId: 'cle', term: 0, instrumentId: null, cost: 12 },
        { playerId: 'cle', term: 1, instrumentId: 'h2', cost: 0 }
      ],
      cost: 18,
      bound: 18,
      gap: 0,
      // On a quarter more Cle costs 0.4 × 3 in the first term, and 1 to change from it.
      moreOf: expect.arrayContaining([{ size: '1/4', saves: expect.closeTo(9.8, 4) as number }]) as unknown
    });
    expect(await ask({ ...WHOLE, moreOf: true })).toMatchObject({ body });
  });

  it('weighs as it is told, for what is not told as usual', async () => {
    const { body } = await ask({ ...WHOLE, costs: { waits: 2, change: 50 } });
    // Cle waits for a term; Ada waits in the last one, which counts twice, and leaves nothing for another.
    expect(body.cost).toBeCloseTo(2 + 2 * 2, 6);
  });

  const put = (change: (body: Body) => void): Body => {
    const body = structuredClone(WHOLE) as Body;
    change(body);
    return body;
  };
  const player = (change: object) => put((body) => Object.assign(body.players[0] ?? {}, change));
  const instrument = (change: object) => put((body) => Object.assign(body.instruments[0] ?? {}, change));
  it.each([
    ['players[0].now', player({ now: 'q9' })],
    ['players[1].now', player({ now: 'h1' })],
    ['players[0].now', instrument({ only: 'ben' })],
    ['instruments[0].only', instrument({ only: 'dora' })],
    ['instruments[0].size', instrument({ size: '14 in' })],
    ['instruments[0].id', instrument({ id: '' })],
    ['instruments[1].id', instrument({ id: 'h1' })],
    ['instruments[0].until', instrument({ from: '2027-05-01', until: '2027-04-01' })],
    ['instruments[0].steps.dora', instrument({ steps: { dora: 1 } })],
    ['instruments[0].steps.ada', instrument({ steps: { ada: 0.5 } })],
    ['players[1].id', player({ id: 'ben' })],
    ['players[0].wanted', player({ wanted: [SURE('1/4')] })],
    ['players[0].wanted[1][0].size', player({ wanted: [SURE('1/4'), SURE('16 in')] })],
    ['players[0].wanted[0]', player({ wanted: [[{ size: '1/4', chance: 0.8 }], SURE('1/2')] })],
    ['players[0].wanted[0][1].size', player({ wanted: [[...SURE('1/4'), ...SURE('1/4')], SURE('1/2')] })],
    ['players[0].fixed[0].term', player({ fixed: [{ term: 2, instrumentId: null }] })],
    ['players[0].fixed[0].instrumentId', player({ fixed: [{ term: 0, instrumentId: 'q9' }] })],
    ['players[0].fixed[0].instrumentId', player({ fixed: [{ term: 0, instrumentId: 'h2' }] })],
    ['players[0].fixed[0].instrumentId', player({ fixed: [{ term: 0 }] })],
    [
      'players[0].fixed[1].term',
      player({
        fixed: [
          { term: 0, instrumentId: null },
          { term: 0, instrumentId: 'q1' }
        ]
      })
    ],
    [
      'players[1].fixed[0].instrumentId',
      put((body) =>
        body.players
          .slice(0, 2)
          .forEach((one) => Object.assign(one, { fixed: [{ term: 1, instrumentId: 'h2' }] }))
      )
    ],
    ['players[0].slots[1]', player({ slots: ['mon', 'mon'] })],
    ['terms[1].from', put((body) => Object.assign(body.terms[1] ?? {}, { from: '2027-02-01' }))],
    ['terms[0].to', put((body) => Object.assign(body.terms[0] ?? {}, { to: '2027-01-01' }))],
    ['costs.waits', put((body) => Object.assign(body, { costs: { waits: -1 } }))],
    ['costs.smaller', put((body) => Object.assign(body, { costs: { smaller: [3] } }))],
    ['players', put((body) => (body.players = Array.from({ length: 65 }, () => body.players[0]) as never))],
    ['terms', put((body) => (body.terms = Array.from({ length: 5 }, () => TERMS[0]) as never))]
  ])('what is wrong is told by its path: %s', async (path, body) => {
    const answer = await ask(body);
    expect(answer.status).toBe(400);
    const { fields } = answer.body.error as unknown as { fields: readonly { path: string }[] };
    expect(fields.map((field) => field.path)).toContain(path);
  });

  it('takes names that mean something to the language', async () => {
    const { status, body } = await ask(player({ id: '__proto__' }));
    expect(status).toBe(200);
    expect(JSON.stringify(body)).toContain('"__proto__"');
  });

  it('solves two at once, and tells whoever comes then to come again', async () => {
    const answers = await Promise.all([ask(WHOLE), ask(WHOLE), ask(WHOLE), ask({})]);
    expect(answers.map(({ status }) => status)).toEqual([200, 200, 503, 400]);
    expect(answers[2]?.headers.get('retry-after')).toMatch(/^\d+$/);
    expect((await ask(WHOLE)).status).toBe(200);
  });
});
