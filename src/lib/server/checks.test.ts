import { describe, expect, it } from 'vitest';
import { checksFor, RATINGS } from '$lib/core/checks';
import { FAMILIES } from '$lib/core/instruments';
import { GET } from '../../routes/api/v1/checks/+server';
import { POST } from '../../routes/api/v1/focus/+server';

interface Library {
  readonly family: string;
  readonly categories: readonly string[];
  readonly checks: readonly {
    readonly id: string;
    readonly faults: readonly {
      readonly causes: readonly { readonly cause: string; readonly remedy: string }[];
    }[];
  }[];
  readonly drills: readonly { readonly dose: string }[];
  readonly schools: readonly { readonly ways: readonly unknown[] }[];
}

const get = (query: string) =>
  GET({ url: new URL(`http://jarvel.test/api/v1/checks${query}`) } as unknown as Parameters<typeof GET>[0]);
const ask = (body: unknown) =>
  POST({
    request: new Request('http://jarvel.test/api/v1/focus', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body)
    })
  } as unknown as Parameters<typeof POST>[0]);

describe('GET /api/v1/checks', () => {
  it.each([...FAMILIES])('gives the library of the %s', async (family) => {
    const response = await get(`?family=${family}`);
    expect(response.status).toBe(200);
    const library = (await response.json()) as Library;
    const checks = await checksFor(family);
    expect(library.family).toBe(family);
    expect(library.checks.map(({ id }) => id)).toEqual(checks.map(({ id }) => id));
    expect(library.checks.every(({ faults }) => faults.every(({ causes }) => causes.length > 0))).toBe(true);
    expect(library.drills.every(({ dose }) => dose !== '')).toBe(true);
    expect(library.schools.every(({ ways }) => ways.length > 1)).toBe(true);
  });

  it.each(['', '?family=harp', '?family='])('refuses %j with the path of what is wrong', async (query) => {
    const response = await get(query);
    expect(response.status).toBe(400);
    expect(await response.json()).toMatchObject({ error: { fields: [{ path: 'family' }] } });
  });
});

describe('POST /api/v1/focus', () => {
  it('says what to work on, and what rests', async () => {
    const response = await ask({
      family: 'cello',
      today: '2026-03-20',
      results: [
        { checkId: 'hold-peg', day: '2026-03-01', rating: 'secure' },
        { checkId: 'hold-peg', day: '2026-03-16', rating: 'secure' }
      ]
    });
    expect(response.status).toBe(200);
    expect(await response.json()).toEqual({
      category: 'hold',
      check: expect.stringMatching(/^hold-/) as string,
      reason: expect.stringContaining('Stayed with') as string,
      stays: 2,
      resting: [{ checkId: 'hold-peg', until: '2026-04-27' }]
    });
    const first = await ask({ family: 'cello', today: '2026-03-20', results: [] });
    expect(await first.json()).toMatchObject({ category: 'stance', check: 'seat-front', stays: 0 });
  });

  it('keeps the category through a lesson, and turns to what can hurt', async () => {
    const earlier = [{ checkId: 'seat-front', day: '2026-03-13', rating: 'not-yet' }];
    const question = { family: 'cello', today: '2026-03-20', results: earlier };
    const response = await ask({
      ...question,
      thisLesson: [{ checkId: 'left-wrist', rating: 'not-yet' }]
    });
    expect(await response.json()).toMatchObject({ category: 'stance', check: 'left-wrist', stays: 1 });
    const wrong = await ask({ ...question, thisLesson: [{ checkId: 'hold-jaw', rating: 'mostly' }] });
    expect(await wrong.json()).toMatchObject({ error: { fields: [{ path: 'thisLesson[0].checkId' }] } });
  });

  it.each([
    ['family', { family: 'harp', today: '2026-03-20', results: [] }],
    ['today', { family: 'cello', today: '2026-02-30', results: [] }],
    ['results', { family: 'cello', today: '2026-03-20' }],
    [
      'results[0].checkId',
      {
        family: 'cello',
        today: '2026-03-20',
        results: [{ checkId: 'hold-jaw', day: '2026-03-01', rating: RATINGS[1] }]
      }
    ],
    [
      'results[0].rating',
      {
        family: 'cello',
        today: '2026-03-20',
        results: [{ checkId: 'hold-peg', day: '2026-03-01', rating: 'good' }]
      }
    ]
  ])('refuses a wrong %s by its path', async (path, body) => {
    const response = await ask(body);
    expect(response.status).toBe(400);
    const { error } = (await response.json()) as { error: { fields: readonly { path: string }[] } };
    expect(error.fields.map((field) => field.path)).toContain(path);
  });
});
