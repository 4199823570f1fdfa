import { describe, expect, it } from 'vitest';
import { answerJson, BODY_LIMIT } from './respond';
import { openapi } from './openapi';
import { answerSetup, setupRequest } from './setup';
import { answerSize, sizeRequest } from './size';

interface Reply {
  readonly status: number;
  // The body's shape is what these tests look at.
  readonly body: Record<string, never> & {
    error?: { message: string; fields: { path: string; message: string }[] };
  };
}

const request = (body: string, type = 'application/json') =>
  new Request('http://localhost/', { method: 'POST', body, headers: { 'content-type': type } });
const reply = async (response: Response): Promise<Reply> => ({
  status: response.status,
  body: await response.json()
});
const size = async (body: unknown) =>
  reply(await answerJson(request(JSON.stringify(body)), sizeRequest, answerSize));
const setup = async (body: unknown) =>
  reply(await answerJson(request(JSON.stringify(body)), setupRequest, answerSetup));
const pathsOf = ({ body }: Reply) => body.error?.fields.map(({ path }) => path);

const child = {
  family: 'violin',
  measurements: {
    heightMm: 1205,
    armToPalmMm: [478, 480],
    armToWristMm: 421,
    handLengthMm: 128,
    handSpanMm: 104
  },
  landingLimit: 0.5,
  sizes: ['1/8', '1/4', '1/2'],
  instruments: [{ size: '1/2', overallMm: 512, stringMm: 281 }]
};

describe('POST size', () => {
  it('answers with every size considered, largest first', async () => {
    const { status, body } = await size(child);
    expect(status).toBe(200);
    expect(body).toMatchObject({
      proposal: '1/4',
      advised: '1/4',
      betweenSizes: false,
      estimated: [],
      candidates: [
        { size: '1/2', overallMm: 512, stringMm: 281, verdict: 'large' },
        {
          size: '1/4',
          overallMm: 475,
          landing: expect.closeTo(0.4539, 4),
          probability: expect.closeTo(0.8643, 3),
          verdict: 'fits'
        },
        { size: '1/8', overallMm: 430, verdict: 'small' }
      ],
      warnings: []
    });
  });

  it('needs little, and names what it estimates by the keys of the request', async () => {
    const { body } = await size({ family: 'viola', measurements: { heightMm: 1500 } });
    expect(body['estimated']).toEqual(['armToPalmMm', 'handLengthMm']);
    expect(body['reasons']).toContainEqual({
      code: 'estimated',
      measurements: ['armToPalmMm', 'handLengthMm']
    });
    expect((await size({ family: 'violin', measurements: { armToPalmMm: 480 } })).status).toBe(200);
    expect((await size({ ...child, landingLimit: undefined, school: 'wrist' })).body['proposal']).toBe('1/8');
  });

  const measured = (measurements: object) => ({ family: 'violin', measurements });
  it.each([
    ['no body', null, ['']],
    ['a list', [], ['']],
    ['no family', { measurements: { heightMm: 1205 } }, ['family']],
    ['an unknown family', { ...child, family: 'tuba' }, ['family']],
    ['no measurements', { family: 'violin' }, ['measurements']],
    ['empty measurements', measured({}), ['measurements']],
    ['only a hand', measured({ handLengthMm: 128 }), ['measurements']],
    ['a negative length', measured({ heightMm: -1 }), ['measurements.heightMm']],
    ['a text', measured({ heightMm: 1205, armToPalmMm: '480' }), ['measurements.armToPalmMm']],
    ['a null', measured({ heightMm: null }), ['measurements.heightMm']],
    [
      'a wrong reading',
      measured({ heightMm: 1205, armToPalmMm: [478, -2] }),
      ['measurements.armToPalmMm[1]']
    ],
    ['no readings', measured({ heightMm: 1205, armToPalmMm: [] }), ['measurements.armToPalmMm']],
    ['ten readings', measured({ heightMm: Array(10).fill(1205) }), ['measurements.heightMm']],
    ['a height of 599', measured({ heightMm: 599 }), ['measurements.heightMm']],
    ['a height of 2301', measured({ heightMm: 2301 }), ['measurements.heightMm']],
    [
      'an arm longer than the height',
      measured({ heightMm: 700, armToPalmMm: 701 }),
      ['measurements.armToPalmMm']
    ],
    [
      'a palm before the wrist',
      measured({ armToPalmMm: 400, armToWristMm: 420 }),
      ['measurements.armToPalmMm']
    ],
    ['an unknown key', { ...child, colour: 'red' }, ['colour']],
    ['an unknown measurement', measured({ heightMm: 1205, shoeMm: 3 }), ['measurements.shoeMm']],
    ['a limit and a school', { ...child, school: 'heel' }, ['landingLimit']],
    ['a limit out of range', { ...child, landingLimit: 0.9 }, ['landingLimit']],
    ['an unknown school', { ...measured({ heightMm: 1205 }), school: 'elbow' }, ['school']],
    ['an unknown size', { ...child, sizes: ['1/8', '1/4', '1/2', '5/8'] }, ['sizes[3]']],
    ['no sizes', { ...measured({ heightMm: 1205 }), sizes: [] }, ['sizes']],
    [
      'an instrument without length',
      { ...measured({ heightMm: 1205 }), instruments: [{ size: '1/2' }] },
      ['instruments[0].overallMm']
    ],
    [
      'an instrument of no size',
      { ...measured({ heightMm: 1205 }), instruments: [{ size: 'big', overallMm: 500 }] },
      ['instruments[0].size']
    ]
  ])('refuses %s and names the place', async (_, body, paths) => {
    const answer = await size(body);
    expect(answer.status).toBe(400);
    expect(pathsOf(answer)).toEqual(paths);
  });

  it('names every wrong field at once', async () => {
    expect(
      pathsOf(await size({ family: 'tuba', measurements: { heightMm: 'tall', handSpanMm: 0 } }))?.sort()
    ).toEqual(['family', 'measurements.handSpanMm', 'measurements.heightMm']);
  });
});

describe('POST setup', () => {
  const half = {
    family: 'violin',
    size: '1/2',
    measurements: { heightMm: 1330, neckGapMm: 72, shoulderDropMm: 30 },
    school: 'rest-first',
    chinRestMm: 21,
    tiltDeg: 18
  };

  it('answers with the stack and the feet', async () => {
    const { status, body } = await setup(half);
    expect(status).toBe(200);
    expect(Object.keys(body)).toEqual([
      'fillerMm',
      'chinRestMm',
      'liftMm',
      'shoulderFootMm',
      'chestFootMm',
      'warnings'
    ]);
    expect(body).toMatchObject({
      fillerMm: expect.closeTo(28.533, 3),
      chinRestMm: 21,
      liftMm: expect.closeTo(7.533, 3),
      warnings: []
    });
  });

  it('warns in codes', async () => {
    const { body } = await setup({ ...half, measurements: { heightMm: 1330 }, chinRestMm: 40 });
    expect(body['warnings']).toMatchObject([
      { code: 'estimated', measurement: 'neckGapMm' },
      { code: 'chin-rest-too-high' }
    ]);
  });

  it.each([
    ['an unknown size', { ...half, size: '14 in' }, ['size']],
    [
      'a drop without height',
      { ...half, measurements: { neckGapMm: 72, shoulderDropMm: 30 } },
      ['measurements.heightMm']
    ],
    ['no gap', { ...half, measurements: {} }, ['measurements.neckGapMm']],
    ['a tilt of 31', { ...half, tiltDeg: 31 }, ['tiltDeg']],
    ['an unknown school', { ...half, school: 'chest' }, ['school']]
  ])('refuses %s', async (_, body, paths) => {
    const answer = await setup(body);
    expect(answer.status).toBe(400);
    expect(pathsOf(answer)).toEqual(paths);
  });
});

describe('any route', () => {
  it('refuses other types, what is no JSON, and bodies that are too large', async () => {
    const post = (body: string, type?: string) => answerJson(request(body, type), sizeRequest, answerSize);
    expect((await post('{}', 'text/plain')).status).toBe(415);
    expect((await post('{"family":', 'application/json; charset=utf-8')).status).toBe(400);
    expect((await post(' '.repeat(BODY_LIMIT + 1))).status).toBe(413);
    expect((await post(JSON.stringify(child) + ' '.repeat(1000))).status).toBe(200);
    expect((await post('NaN')).status).toBe(400);
  });

  it('is described', () => {
    const { paths } = openapi('1.2.3');
    expect(Object.keys(paths)).toEqual([
      '/api/v1/health',
      '/api/v1/size',
      '/api/v1/setup',
      '/api/v1/openapi.json'
    ]);
  });
});
