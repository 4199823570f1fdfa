import { expect, test } from '@playwright/test';
import { readdirSync } from 'node:fs';

const child = { family: 'violin', measurements: { heightMm: 1205, armToPalmMm: 482 } };

test('the routes answer, refuse and describe themselves', async ({ request }) => {
  expect(await (await request.get('/api/v1/health')).json()).toEqual({
    ok: true,
    version: expect.any(String)
  });
  const size = await request.post('/api/v1/size', { data: child });
  expect(size.status()).toBe(200);
  expect(await size.json()).toMatchObject({ proposal: '1/4' });

  const player = { family: 'cello', size: '1/2', measurements: { heightMm: 1310 }, view: 'left' };
  const picture = await request.post('/api/v1/figure', { data: player });
  expect(picture.headers()['content-type']).toContain('image/svg+xml');
  expect(await picture.text()).toContain('<title>Cello, playing, from the player’s left.</title>');
  const accept = { accept: 'application/json' };
  const { joints } = await (await request.post('/api/v1/figure', { data: player, headers: accept })).json();
  expect(joints.leftShoulder[0]).toBeGreaterThan(joints.rightShoulder[0]);
  const inside = await request.post('/api/v1/figure', { data: { ...player, view: 'inside' } });
  expect((await inside.json()).error.fields[0].path).toBe('view');

  const description = await (await request.get('/api/v1/openapi.json')).json();
  expect(description.openapi).toBe('3.1.0');

  expect((await request.get('/api/v1/size')).status()).toBe(405);
  expect((await request.delete('/api/v1/health')).status()).toBe(405);
  expect((await request.get('/api/v1/nothing')).status()).toBe(404);
  expect((await request.post('/api/v2/size', { data: child })).status()).toBe(404);
  expect(
    (await request.post('/api/v1/size', { data: 'x', headers: { 'content-type': 'text/plain' } })).status()
  ).toBe(415);
  expect((await request.post('/api/v1/size', { form: { family: 'violin' } })).status()).toBe(415);
  for (const bytes of [257 * 1024, 700 * 1024]) {
    const large = await request.post('/api/v1/size', { data: { ...child, pad: 'x'.repeat(bytes) } });
    expect(large.status()).toBe(413);
    expect(await large.json()).toMatchObject({
      error: { message: expect.stringContaining('262144'), fields: [] }
    });
  }
  const wrong = await request.post('/api/v1/setup', {
    data: { family: 'violin', size: '1/2', measurements: { neckGapMm: -3 } }
  });
  expect(wrong.status()).toBe(400);
  expect((await wrong.json()).error.fields).toEqual([
    { path: 'measurements.neckGapMm', message: 'must be more than 0' }
  ]);
});

test('who gets what is solved beside everything else, twice at once and no more', async ({ request }) => {
  const sizes = ['1/8', '1/4', '1/2', '3/4'];
  const any = (at: number) => sizes[at % 3] ?? '1/8';
  // A school in which many lessons share the room's instruments takes a while.
  const school = {
    family: 'violin',
    terms: ['01', '04', '07'].map((month) => ({ from: `2027-${month}-01`, to: `2027-${month}-28` })),
    players: Array.from({ length: 60 }, (_, at) => ({
      id: `p${at}`,
      wanted: [0, 1, 2].map((term) => [
        { size: any(at), chance: 0.9 - 0.3 * term },
        { size: sizes[(at % 3) + 1], chance: 0.1 + 0.3 * term }
      ]),
      slots: [`s${at % 5}`, `t${at % 7}`]
    })),
    instruments: Array.from({ length: 40 }, (_, at) => ({
      id: `i${at}`,
      size: any(at * 2),
      shared: at % 2 === 0
    }))
  };
  const ask = () => request.post('/api/v1/assign', { data: school, timeout: 120_000 });
  const answers = await Promise.all([ask(), ask(), ask(), ask()]);
  const [solved, refused] = [200, 503].map((status) => answers.filter((one) => one.status() === status));
  expect([solved?.length, refused?.length]).toEqual([2, 2]);
  expect(refused?.[0]?.headers()['retry-after']).toMatch(/^\d+$/);
  expect(await refused?.[0]?.json()).toMatchObject({ error: { message: expect.stringContaining('again') } });
  const plan = await solved?.[0]?.json();
  expect(plan).toMatchObject({ gap: 0 });
  expect(await solved?.[1]?.json()).toEqual(plan);

  const tape = await request.post('/api/v1/tape', {
    data: { family: 'violin', sizes: ['1/4'], instruments: [{ id: 'no. 7', size: '1/2', overallMm: 521 }] }
  });
  expect((await tape.json()).marks[1]).toEqual({
    size: '1/2',
    mm: 521,
    dimensions: 'measured',
    instruments: ['no. 7'],
    doubt: { fromMm: 515, toMm: 527 }
  });
});

test('pages and files carry strict headers', async ({ request }) => {
  const page = await request.get('/');
  const policy = page.headers()['content-security-policy'] ?? '';
  expect(policy).toContain("default-src 'self'");
  expect(policy).toContain("frame-ancestors 'none'");
  expect(policy).not.toMatch(/script-src[^;]*unsafe/);
  expect(page.headers()['referrer-policy']).toBe('no-referrer');
  for (const [name, compiles] of [
    ['assign', true],
    ['print', false]
  ] as const) {
    const [file] = readdirSync('build/client/_app/immutable/workers').filter((one) =>
      one.startsWith(`${name}.worker-`)
    );
    const headers = (await request.get(`/_app/immutable/workers/${file}`)).headers();
    expect(headers['content-security-policy']).toContain("default-src 'self'");
    expect(headers['content-security-policy']?.includes('wasm-unsafe-eval')).toBe(compiles);
  }
  expect(policy).not.toContain('wasm');
  for (const path of ['/', '/favicon.svg', '/api/v1/health'])
    expect((await request.get(path)).headers()['x-content-type-options']).toBe('nosniff');
});
