import { describe, expect, it } from 'vitest';
import { answerBatch, BATCH_LIMIT, BATCH_PLAYERS } from './batch';
import { answerGrowth, GROWTH_BOUNDS, growthRequest } from './growth';
import { answerJson, BODY_LIMIT } from './respond';
import { openapi } from './openapi';
import { setupRequest } from './setup-request';
import { answerSetup } from './setup';
import { answerSize, SIZE_BOUNDS, sizeRequest } from './size';

interface Reply {
  readonly status: number;
  readonly body: {
    error?: { message: string; fields: { path: string; message: string }[] };
    [key: string]: unknown;
  };
}

const request = (body: string, type = 'application/json') =>
  new Request('http://localhost/', { method: 'POST', body, headers: { 'content-type': type } });
const reply = async (response: Response): Promise<Reply> => ({
  status: response.status,
  body: await response.json()
});
const size = async (body: unknown) =>
  reply(await answerJson(request(JSON.stringify(body)), sizeRequest, answerSize, SIZE_BOUNDS));
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
  const nested = (depth: number): unknown => JSON.parse('['.repeat(depth) + ']'.repeat(depth));
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
      'more sizes than there are',
      { ...measured({ heightMm: 1205 }), sizes: Array(10).fill('1/4') },
      ['sizes']
    ],
    ['a list that is none', { ...measured({ heightMm: 1205 }), instruments: 'all' }, ['instruments']],
    [
      'more instruments than are taken',
      { ...measured({ heightMm: 1205 }), instruments: Array(80_000).fill({}) },
      ['instruments']
    ],
    [
      'what is nested too deeply',
      { ...child, measurements: { heightMm: nested(3000) } },
      [expect.stringMatching(/^measurements\.heightMm\[0\]/)]
    ],
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

describe('what is told of faults', () => {
  it('stops at the first twenty, and is short whatever was sent', async () => {
    const instruments = Array.from({ length: 64 }, () => ({ size: 'x'.repeat(400), shoe: 1 }));
    const answer = await size({ ...child, instruments });
    expect(answer.status).toBe(400);
    expect(answer.body.error?.fields).toHaveLength(20);
    expect(answer.body.error?.fields[0]?.path).toMatch(/^instruments\[0\]/);
    const long = await size({ ...child, ['k'.repeat(5000)]: 1 });
    expect(JSON.stringify(long.body).length).toBeLessThan(1000);
    const wide = await size(
      Object.fromEntries(Array.from({ length: 20_000 }, (_, index) => [`k${index}`, 1]))
    );
    expect(wide.body.error?.fields).toEqual([{ path: '', message: 'must have at most 64 keys' }]);
  });

  it('has its own shape also where the server itself fails', async () => {
    const failing = answerJson(request(JSON.stringify(child)), sizeRequest, () => {
      throw new Error('secret inside');
    });
    const answer = await reply(await failing);
    expect(answer).toEqual({
      status: 500,
      body: { error: { message: 'The server could not answer.', fields: [] } }
    });
  });
});

describe('POST size for the low strings', () => {
  const cellist = {
    family: 'cello',
    measurements: {
      heightMm: 1290,
      lowerLegMm: 317,
      seatedBreastboneMm: 327,
      seatedEarMm: 569,
      seatedShoulderMm: 452,
      armReachMm: 498,
      handSpanMm: 88,
      handSpanWidestMm: 116
    }
  };
  const bassist = {
    family: 'bass',
    measurements: { heightMm: 1650, gripHangMm: 693, eyebrowMm: 1564, cheekMm: 1485, handSpanMm: 115 }
  };

  it.each([
    ['cello', cellist, '1/2', ['arm-load', 'peg-above-ear']],
    ['bass', bassist, '3/4', ['cheek-lift', 'bow-reach']]
  ])('answers for the %s with the evidence of each size', async (_, body, proposal, deciding) => {
    const { status, body: answer } = await size(body);
    expect(status).toBe(200);
    expect(answer).toMatchObject({ proposal, estimated: [] });
    const candidates = answer['candidates'] as readonly {
      evidence: readonly { kind: string; weight: string; value: unknown; speaksFor: string }[];
      landing?: number;
    }[];
    for (const { evidence, landing } of candidates) {
      expect(landing).toBeUndefined();
      expect(evidence.filter(({ weight }) => weight === 'decides').map(({ kind }) => kind)).toEqual(deciding);
      expect(evidence.map(({ kind }) => kind)).toContain('frame-closed');
      for (const { value, speaksFor } of evidence) {
        expect(typeof value).toBe('number');
        expect(['smaller', 'this', 'larger']).toContain(speaksFor);
      }
    }
  });

  it.each([
    ['a seat above the shoulder', { ...cellist.measurements, seatedShoulderMm: 300 }, 'seatedShoulderMm'],
    ['an arm longer than the player', { heightMm: 600, armReachMm: 640 }, 'armReachMm'],
    ['a length of another family', { heightMm: 1290, cheekMm: 1100 }, 'cheekMm'],
    ['nothing', { handSpanMm: 80 }, ''],
    ['zero', { heightMm: 1290, armReachMm: 0 }, 'armReachMm']
  ])('refuses %s and names the place', async (_, measurements, key) => {
    const answer = await size({ family: 'cello', measurements });
    expect(answer.status).toBe(400);
    expect(pathsOf(answer)).toContain(key === '' ? 'measurements' : `measurements.${key}`);
  });

  it('has no landing for them', async () => {
    expect(pathsOf(await size({ ...cellist, school: 'heel' }))).toEqual(['school']);
    expect(pathsOf(await size({ ...cellist, landingLimit: 0.4 }))).toEqual(['landingLimit']);
  });
});

describe('own dimensions', () => {
  it.each([
    ['violin', { heightMm: 1290, armToPalmMm: 516 }, '1/2', 560],
    ['viola', { heightMm: 1290, armToPalmMm: 516 }, '12 in', 560],
    ['cello', { heightMm: 1290 }, '1/2', 1144],
    ['bass', { heightMm: 1500 }, '1/2', 1837]
  ])(
    'of a %s answer as a real instrument of that length does',
    async (family, measurements, of, overallMm) => {
      const typed = await size({ family, measurements, dimensions: { [of]: { overallMm } } });
      const real = await size({ family, measurements, instruments: [{ size: of, overallMm }] });
      const margin = (answer: unknown) =>
        (answer as { candidates: { size: string; marginMm: number }[] }).candidates.find(
          (one) => one.size === of
        )?.marginMm;
      const [own, measured] = [typed.body, real.body];
      expect(margin(own)).toBeCloseTo(margin(measured) ?? NaN, 6);
      expect(JSON.stringify(own)).toContain(`"overallMm":${overallMm}`);
    }
  );

  it('are refused for a size that the family does not come in', async () => {
    const refused = await size({
      family: 'violin',
      measurements: { heightMm: 1290 },
      dimensions: { '12 in': { overallMm: 500 } }
    });
    expect(refused.status).toBe(400);
    expect(pathsOf(refused)).toEqual(['dimensions["12 in"]']);
  });
});

describe('POST growth', () => {
  const growth = async (body: unknown) =>
    reply(await answerJson(request(JSON.stringify(body)), growthRequest, answerGrowth, GROWTH_BOUNDS));
  const girl = {
    sex: 'female',
    birthMonth: '2017-05',
    heights: [
      { date: '2026-01-15', mm: 1290 },
      { date: '2026-07-15', mm: 1321 }
    ],
    today: '2026-11-24',
    on: '2028-11-24',
    family: 'violin',
    size: '1/4',
    measurements: { armToPalmMm: 520 }
  };

  it('forecasts from the last height every three months to the day asked for', async () => {
    const { status, body } = await growth(girl);
    expect(status).toBe(200);
    const days = body['heightOn'] as readonly { date: string; p10Mm: number; p50Mm: number; p90Mm: number }[];
    expect(days.map(({ date }) => date)).toEqual([
      '2026-07-15',
      '2026-10-15',
      '2027-01-15',
      '2027-04-15',
      '2027-07-15',
      '2027-10-15',
      '2028-01-15',
      '2028-04-15',
      '2028-07-15',
      '2028-10-15',
      '2028-11-24'
    ]);
    for (const { p10Mm, p50Mm, p90Mm } of days) expect(p10Mm < p50Mm && p50Mm < p90Mm).toBe(true);
    // 520 mm of arm at 1321 mm of height: past a 1/2 already
    expect(body).toMatchObject({
      outgrown: { early: '2026-11-24', middle: '2026-11-24', late: '2026-11-24' },
      nextMeasure: { date: '2026-11-24', reason: 'change-likely' }
    });
  });

  it('gives early, middle and late days in order, and none that can’t be known', async () => {
    const { body } = await growth({ ...girl, size: '1/2' });
    const { early, middle, late } = body['outgrown'] as { early: string; middle: string; late: string };
    expect('2026-11-24' < early && early < middle && middle < late).toBe(true);
    expect((await growth({ ...girl, size: '4/4' })).body['outgrown']).toBeNull();
    const sure = { measurements: { armToPalmMm: 536, armToWristMm: 465 } };
    const unknown = await growth({ ...girl, ...sure, birthMonth: null });
    expect(unknown.body).toMatchObject({
      z: null,
      heightOn: [],
      outgrown: null,
      nextMeasure: { reason: 'no-age' }
    });
    const adult = await growth({ ...girl, ...sure, birthMonth: '1990-02' });
    expect(adult.body).toMatchObject({ outgrown: null, nextMeasure: { reason: 'grown' } });
  });

  it('has no forecast for a height far outside the reference, and warns', async () => {
    const boy = { ...girl, sex: 'male', birthMonth: '2014-05', measurements: undefined };
    for (const mm of [700, 850, 2299]) {
      const { status, body } = await growth({ ...boy, heights: [{ date: '2026-07-15', mm }] });
      expect(status).toBe(200);
      expect(body).toMatchObject({
        z: null,
        heightOn: [],
        outgrown: null,
        warnings: [{ code: 'beyond-reference', date: '2026-07-15', mm }]
      });
    }
    expect((await growth(girl)).body['warnings']).toEqual([]);
  });

  it('takes null for a sex that is not told, and bounds its lists', async () => {
    expect((await growth({ ...girl, sex: null })).status).toBe(200);
    const heights = Array.from({ length: 401 }, () => ({ date: '2026-01-15', mm: 1290 }));
    expect(pathsOf(await growth({ ...girl, heights }))).toEqual(['heights']);
    expect((await growth({ ...girl, heights: heights.slice(1) })).status).toBe(200);
    const wrong = await growth({ ...girl, heights: heights.slice(1).map(() => ({ date: 'x', mm: -1 })) });
    expect(wrong.body.error?.fields).toHaveLength(20);
  });

  it('takes the other families, and the day of the last height as today', async () => {
    const { today: _today, on: _on, measurements: _lengths, ...plain } = girl;
    const { status, body } = await growth({ ...plain, family: 'cello', size: '1/2' });
    expect(status).toBe(200);
    expect(body['estimated']).toEqual(['armReachMm', 'seatedBreastboneMm', 'seatedEarMm']);
    expect((body['heightOn'] as readonly { date: string }[]).at(-1)?.date).toBe('2028-07-15');
  });

  it.each([
    ['a day that is none', { heights: [{ date: '2026-02-30', mm: 1290 }] }, 'heights[0].date'],
    ['a day before the birth', { birthMonth: '2026-03' }, 'heights[0].date'],
    ['today before the last height', { today: '2026-02-01' }, 'today'],
    ['a month as a name', { birthMonth: 'May 2017' }, 'birthMonth'],
    ['no heights', { heights: [] }, 'heights'],
    ['a size of no violin', { size: '14 in' }, 'size'],
    ['an unknown key', { shoe: 1 }, 'shoe']
  ])('refuses %s and names the place', async (_, change, path) => {
    const answer = await growth({ ...girl, ...change });
    expect(answer.status).toBe(400);
    expect(pathsOf(answer)).toContain(path);
  });
});

describe('POST size/batch', () => {
  const batch = (body: BodyInit, type = 'application/x-ndjson') =>
    answerBatch(
      new Request('http://localhost/', {
        method: 'POST',
        body,
        headers: { 'content-type': type },
        duplex: 'half'
      } as RequestInit)
    );
  const linesOf = async (response: Response) =>
    (await response.text())
      .split('\n')
      .filter((line) => line !== '')
      .map((line) => JSON.parse(line) as Record<string, unknown>);
  const one = JSON.stringify({ family: 'violin', measurements: { heightMm: 1205, armToPalmMm: 482 } });

  it('answers each line in order, skips blank ones and goes on after a bad one', async () => {
    const response = await batch(`${one}\n\n{"family":"violin"\n{"family":"tuba"}\r\n${one}`);
    expect(response.headers.get('content-type')).toContain('application/x-ndjson');
    const lines = await linesOf(response);
    expect(lines).toHaveLength(4);
    expect(lines[0]).toMatchObject({ proposal: '1/4' });
    expect(lines[1]).toEqual({ line: 3, error: { message: 'The line is not JSON.', fields: [] } });
    expect(lines[2]).toMatchObject({ line: 4, error: { fields: expect.arrayContaining([]) } });
    expect(lines[3]).toEqual(lines[0]);
    // One that is nested without end is a bad line like any other.
    const deep = await linesOf(await batch(`${'['.repeat(3000)}${']'.repeat(3000)}\n${one}`));
    expect(deep).toMatchObject([{ line: 1, error: {} }, { proposal: '1/4' }]);
  });

  it('refuses too many players, too many bytes and other types', async () => {
    expect(await linesOf(await batch(`${one}\n`.repeat(BATCH_PLAYERS)))).toHaveLength(BATCH_PLAYERS);
    expect((await batch(`${one}\n`.repeat(BATCH_PLAYERS + 1))).status).toBe(413);
    expect((await batch(' '.repeat(BATCH_LIMIT + 1))).status).toBe(413);
    expect((await batch(one, 'application/json')).status).toBe(415);
  }, 30_000);

  it('answers a sender that pauses before it has sent all, and stops when it becomes too much', async () => {
    let send: ReadableStreamDefaultController<Uint8Array> | undefined;
    const body = new ReadableStream<Uint8Array>({ start: (controller) => void (send = controller) });
    const encode = (text: string) => new TextEncoder().encode(text);
    send?.enqueue(encode(`${one}\n{"fam`));
    const response = await batch(body);
    expect(response.status).toBe(200);
    const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader();
    const next = async () => JSON.parse((await reader?.read())?.value ?? 'null') as Record<string, unknown>;
    expect(await next()).toMatchObject({ proposal: '1/4' });
    send?.enqueue(encode(`ily":"viola","measurements":{"heightMm":1500}}\n`));
    expect(await next()).toMatchObject({ betweenSizes: true });
    send?.enqueue(encode(' '.repeat(BATCH_LIMIT)));
    expect(await next()).toMatchObject({ error: { message: expect.stringContaining('too large') } });
    expect((await reader?.read())?.done).toBe(true);
    send?.close();
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

  it('is described, the requests by the very schemas that check them', () => {
    const { paths } = openapi('1.2.3');
    expect(Object.keys(paths)).toEqual([
      '/api/v1/health',
      '/api/v1/size',
      '/api/v1/size/batch',
      '/api/v1/growth',
      '/api/v1/checks',
      '/api/v1/focus',
      '/api/v1/causes',
      '/api/v1/setup',
      '/api/v1/tapes',
      '/api/v1/tape',
      '/api/v1/assign',
      '/api/v1/adjust',
      '/api/v1/figure',
      '/api/v1/openapi.json'
    ]);
    const described = (route: '/api/v1/size' | '/api/v1/growth') => {
      const { post } = paths[route] as {
        post: { requestBody: { content: Record<string, { schema: unknown }> } };
      };
      return post.requestBody.content['application/json']?.schema;
    };
    expect(described('/api/v1/size')).toMatchObject({
      type: 'object',
      additionalProperties: false,
      required: ['family', 'measurements'],
      properties: {
        family: { enum: ['violin', 'viola', 'cello', 'bass'] },
        measurements: {
          additionalProperties: false,
          properties: {
            heightMm: { description: 'Standing height', oneOf: [{ minimum: 600, maximum: 2300 }, {}] }
          }
        },
        landingLimit: { minimum: -0.2, maximum: 0.8 },
        instruments: { maxItems: 64, items: { required: ['size', 'overallMm'] } }
      }
    });
    expect(described('/api/v1/growth')).toMatchObject({
      required: ['heights', 'family', 'size'],
      properties: { sex: { enum: ['female', 'male', null] }, heights: { maxItems: 400 } }
    });
    expect(JSON.stringify(paths)).not.toContain('"default"');
  });
});
