import type { Schema } from 'yup';
import { describe, expect, it } from 'vitest';
import { averageSeatedBody } from '$lib/core/cello';
import type { ListBounds } from './bounds';
import { ADJUST_BOUNDS, adjustRequest, answerAdjust } from './adjust';
import { answerJson } from './respond';
import { SETUP_BOUNDS, setupRequest } from './setup-request';
import { answerSetup } from './setup';
import { answerTapes, TAPES_BOUNDS, tapesRequest } from './tapes';

async function ask<Question>(
  schema: Schema<Question>,
  compute: (question: Question) => unknown,
  bounds: ListBounds,
  body: unknown
) {
  const request = new Request('http://localhost/', {
    method: 'POST',
    body: JSON.stringify(body),
    headers: { 'content-type': 'application/json' }
  });
  const response = await answerJson(request, schema, compute, bounds);
  const answer = (await response.json()) as Record<string, unknown> & {
    error?: { fields: { path: string }[] };
  };
  return { status: response.status, answer, paths: answer.error?.fields.map(({ path }) => path) ?? [] };
}
const setup = (body: unknown) => ask(setupRequest, answerSetup, SETUP_BOUNDS, body);
const tapes = (body: unknown) => ask(tapesRequest, answerTapes, TAPES_BOUNDS, body);
const adjust = (body: unknown) => ask(adjustRequest, answerAdjust, ADJUST_BOUNDS, body);

/** The average player of a height with every length that the cello asks for. */
const cellist = (heightMm: number) => {
  const body = averageSeatedBody(heightMm);
  return {
    heightMm,
    lowerLegMm: body.lowerLegMm,
    seatedBreastboneMm: body.breastboneMm,
    seatedEarMm: body.earMm,
    seatedShoulderMm: body.shoulderMm,
    armReachMm: body.armReachMm
  };
};
const cello = { family: 'cello', size: '1/2', measurements: cellist(1290) };
const bass = {
  family: 'bass',
  size: '3/4',
  measurements: { heightMm: 1700, gripHangMm: 735, cheekMm: 1575, eyebrowMm: 1659 }
};

describe('POST setup for a cello', () => {
  it('agrees with the examples worked by hand', async () => {
    const { status, answer } = await setup(cello);
    expect(status).toBe(200);
    expect(answer['endpinMm']).toBeCloseTo(159, -0.5);
    expect(answer['angleDeg']).toBeCloseTo(32.9, 0);
    expect(answer['slideMm']).toBeCloseTo(-35, -0.5);
    expect(answer['pegAboveEarMm']).toBeCloseTo(10, -0.5);
    expect(answer['cornerAboveKneeMm']).toBeCloseTo(-36, -0.5);
    const adult = (await setup({ ...cello, size: '4/4', measurements: cellist(1700) })).answer;
    expect(adult['endpinMm']).toBeCloseTo(289, -0.5);
    expect(adult['angleDeg']).toBeCloseTo(30.5, 0);
  });

  it('keeps what is locked, and takes a measured instrument', async () => {
    const { answer } = await setup({ ...cello, locked: { seatMm: 360 } });
    expect(answer['seatMm']).toBe(360);
    const pinned = (await setup({ ...cello, locked: { seatMm: 340, endpinMm: 175 } })).answer;
    expect(pinned['seatMm']).toBe(340);
    expect(pinned['endpinMm']).toBeCloseTo(175, 0);
    const short = (await setup({ ...cello, instrument: { pinMaxMm: 100 } })).answer;
    expect(Number(short['endpinMm'])).toBeLessThan(Number(answer['endpinMm']));
  });

  it.each([
    ['a chin rest', { ...cello, chinRestMm: 20 }, ['chinRestMm']],
    ['a lean', { ...cello, leanDeg: 12 }, ['leanDeg']],
    ['a neck gap', { ...cello, measurements: { heightMm: 1290, neckGapMm: 60 } }, ['measurements.neckGapMm']],
    ['no length', { ...cello, measurements: {} }, ['measurements']],
    ['a seat of two metres', { ...cello, locked: { seatMm: 2000 } }, ['locked.seatMm']],
    ['what can’t be locked', { ...cello, locked: { mood: 1 } }, ['locked.mood']]
  ])('refuses %s', async (_, body, expected) => {
    const { status, paths } = await setup(body);
    expect([status, paths]).toEqual([400, expected]);
  });
});

describe('POST setup for a bass', () => {
  it('agrees with the example worked by hand', async () => {
    const { status, answer } = await setup(bass);
    expect(status).toBe(200);
    const { rules } = answer as { rules: Record<string, number> };
    expect(rules['bowReachMm']).toBeCloseTo(177, -0.5);
    expect(rules['cheekMm']).toBeCloseTo(164, -0.5);
    expect(rules['eyebrowMm']).toBeCloseTo(135, -0.5);
    expect(answer['notch']).toBeNull();
  });

  it('snaps to notches, leans and is offset as asked', async () => {
    const notched = (await setup({ ...bass, instrument: { notchesMm: [40, 80, 120, 160, 200] } })).answer;
    expect([notched['pinMm'], notched['notch']]).toEqual([160, 4]);
    const offset = (await setup({ ...bass, offsetMm: 30 })).answer;
    expect(Number(offset['pinMm'])).toBeGreaterThan(190);
    expect((await setup({ ...bass, locked: { seatMm: 300 } })).paths).toEqual(['locked']);
    expect((await setup({ ...bass, instrument: { notchesMm: [40, 'x'] } })).paths).toEqual([
      'instrument.notchesMm[1]'
    ]);
  });
});

describe('POST tapes', () => {
  it('answers in the order asked for', async () => {
    const { answer } = await tapes({ stringMm: 328, layout: [7, 2] });
    expect(answer['tapes']).toMatchObject([
      { semitones: 7, mm: expect.closeTo(109.086, 3), sixteenths: 69 },
      { semitones: 2, mm: expect.closeTo(35.785, 2) }
    ]);
    expect((await tapes({ stringMm: 328, layout: [] })).paths).toEqual(['layout']);
    expect((await tapes({ stringMm: 3, layout: [2] })).paths).toEqual(['stringMm']);
    expect((await tapes({ stringMm: 328, layout: [2, 40] })).paths).toEqual(['layout[1]']);
  });
});

describe('POST adjust', () => {
  it('goes no further than the pin of the size, and knows the sizes of the family', async () => {
    const pin = { family: 'cello', setting: 'pin', startMm: 255, looks: [{ atMm: 255, seen: 'raise' }] };
    const next = async (body: object) => ((await adjust(body)).answer as { nextMm: number }).nextMm;
    expect(await next(pin)).toBeGreaterThan(260);
    expect(await next({ ...pin, size: '1/8' })).toBeLessThanOrEqual(260);
    expect((await adjust({ ...pin, size: '14 in' })).paths).toEqual(['size']);
  });

  const lift = { family: 'violin', setting: 'lift', rangeMm: [0, 30], startMm: 12, looks: [] };

  it('begins where it was told, follows what was seen, and ends when it is sure', async () => {
    expect((await adjust(lift)).answer).toMatchObject({ state: 'look', nextMm: 12, sure: 0 });
    const up = (await adjust({ ...lift, looks: [{ atMm: 12, seen: 'raise' }] })).answer;
    expect(Number(up['nextMm'])).toBeGreaterThan(15);
    const holds = { atMm: 12, seen: 'holds' };
    expect((await adjust({ ...lift, looks: [holds] })).answer).toMatchObject({
      state: 'holds',
      by: 'teacher',
      nextMm: null,
      bestMm: 12
    });
  });

  it('knows its true end, and what was not found', async () => {
    const raise = { atMm: 30, seen: 'raise' };
    expect((await adjust({ ...lift, startMm: 28, looks: [raise, raise] })).answer).toMatchObject({
      state: 'end-of-range'
    });
    const slumps = Array.from({ length: 8 }, (_, i) => ({ atMm: 50 + 25 * i, seen: 'raise' }));
    const pin = { family: 'cello', setting: 'pin', rangeMm: [20, 340], startMm: 50, looks: slumps };
    expect((await adjust(pin)).answer).toMatchObject({ state: 'not-found', nextMm: null });
  });

  it.each([
    ['a setting of another family', { ...lift, setting: 'seat' }, ['setting']],
    ['a range without extent', { ...lift, rangeMm: [3, 3] }, ['rangeMm']],
    ['half a range', { ...lift, rangeMm: [3] }, ['rangeMm']],
    ['an unknown answer', { ...lift, looks: [{ atMm: 3, seen: 'maybe' }] }, ['looks[0].seen']],
    [
      'nine looks',
      { ...lift, looks: Array.from({ length: 9 }, () => ({ atMm: 3, seen: 'holds' })) },
      ['looks']
    ]
  ])('refuses %s', async (_, body, expected) => {
    const { status, paths } = await adjust(body);
    expect([status, paths]).toEqual([400, expected]);
  });
});
