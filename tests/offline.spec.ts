import { createServer, request, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { Page } from '@playwright/test';
import { version3, VERSION_3_STORES } from '../src/lib/data/store/older.testing';
import { bytesOf, expect, given, openWithClass, readPdf, somebody, stored, test as base } from './app';

/** A server before the application's own, that can be killed, and can have a newer version. */
class Between {
  #server: Server | null = null;
  #port = 0;
  newer = false;

  constructor(private readonly target: string) {}

  get address(): string {
    return `http://localhost:${this.#port}`;
  }

  async start(): Promise<void> {
    const server = createServer((incoming, outgoing) => {
      const { method, url } = incoming;
      // As it is, so that it can be read.
      const headers = { ...incoming.headers, 'accept-encoding': 'identity' };
      const asked = request(new URL(url ?? '/', this.target), { method, headers }, (answer) => {
        const script = url === '/service-worker.js';
        const { 'content-length': _, ...rest } = answer.headers;
        outgoing.writeHead(
          answer.statusCode ?? 500,
          script ? { ...rest, etag: String(this.newer) } : answer.headers
        );
        if (!script) {
          answer.pipe(outgoing);
          return;
        }
        let text = '';
        answer.setEncoding('utf8').on('data', (part: string) => (text += part));
        // Another version has another name for what it keeps.
        answer.on('end', () => outgoing.end(this.newer ? text.replace(/\b(\d{13})\b/g, '$1-newer') : text));
      });
      incoming.pipe(asked.on('error', () => outgoing.destroy()));
    });
    await new Promise<void>((done) => server.listen(this.#port, '127.0.0.1', done));
    this.#port = (server.address() as AddressInfo).port;
    this.#server = server;
  }

  async kill(): Promise<void> {
    const server = this.#server;
    this.#server = null;
    server?.closeAllConnections();
    if (server) await new Promise((done) => server.close(done));
  }
}

const test = base.extend<{ between: Between }>({
  serviceWorkers: 'allow',
  between: async ({ locale }, use) => {
    // A fixture has to name something that it rests on.
    void locale;
    const between = new Between(`http://localhost:${process.env.TEST_PORT}`);
    await between.start();
    await use(between);
    await between.kill();
  },
  baseURL: async ({ between }, use) => use(between.address)
});

const kept = (page: Page) => page.evaluate(() => caches.keys());
const controlled = (page: Page) =>
  expect
    .poll(() => page.evaluate(() => navigator.serviceWorker.controller?.state ?? null), { timeout: 60_000 })
    .toBe('activated');

test('in a hall without network a lesson, a fit and a PDF work, also after a reload', async ({
  page,
  between
}) => {
  await openWithClass(page, '/');
  await controlled(page);
  await between.kill();
  await page.goto('/lesson/demo-17?category=hold');
  await page.locator('[data-rate=mostly]').click();
  await expect(page.locator('[data-save=saved]')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  expect(
    (await stored(page, 'checks')).some(({ day, playerId }) => day === '2026-11-24' && playerId === 'demo-17')
  ).toBe(true);
  await page.goto('/fit/demo-01');
  await expect(page.locator('.answer .size')).toBeVisible();
  await page.goto('/card/demo-01');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as PDF' }).click();
  const { text } = await readPdf(await bytesOf(await download));
  expect(text).toContain('Ottilie Fernsby');
});

test('a new version waits, comes with the next opening, and never half', async ({
  page,
  context,
  between
}) => {
  const player = somebody({ name: 'Stays Here' });
  await given(page, { players: [player] });
  await page.goto('/players/new');
  await controlled(page);
  const before = await kept(page);
  expect(before).toHaveLength(1);
  between.newer = true;
  const other = await context.newPage();
  await other.goto('/players');
  await expect(other.locator('[data-version-waits]')).toBeVisible();
  // Both are whole, and the old one serves what is open.
  expect(await kept(other)).toHaveLength(2);
  await page.getByRole('textbox', { name: /^Name/ }).fill('Half typed');
  // With two tabs open it is not taken.
  await other.getByRole('button', { name: 'Take it now' }).click();
  // Both are told why.
  for (const tab of [page, other])
    await expect(tab.locator('[data-version-waits]')).toContainText('open in 2 tabs');
  expect(await kept(other)).toHaveLength(2);
  await other.close();
  await expect(page.locator('[data-version-waits]')).toBeVisible();
  await page.getByRole('button', { name: 'Take it now' }).click();
  await expect.poll(() => kept(page).catch(() => [])).toEqual([expect.stringContaining('newer')]);
  // Nothing that was typed is lost by the change.
  await expect(page.getByRole('textbox', { name: /^Name/ })).toHaveValue('Half typed');
  await page.goto('/players');
  await expect(page.getByText('Stays Here')).toBeVisible();
});

test('a new version that comes with the next opening brings older data along', async ({
  page,
  context,
  between
}) => {
  // Opened first: later the application would answer for every page.
  const beside = await context.newPage();
  await beside.goto('/favicon.svg');
  await page.goto('/');
  await controlled(page);
  await page.close();
  // What a version of long ago has left, while a newer one waits for its turn.
  await beside.evaluate(
    () =>
      new Promise<void>((done) => {
        indexedDB.deleteDatabase('jarvel').onsuccess = () => done();
      })
  );
  await given(beside, version3(), { version: 3, stores: VERSION_3_STORES });
  between.newer = true;
  await beside.evaluate(async () => {
    const registration = await navigator.serviceWorker.ready;
    await registration.update();
    while (!registration.waiting) await new Promise((again) => setTimeout(again, 50));
  });
  await beside.close();
  // The browser takes a moment to hand over after the last tab: an opening within it is still the old version's.
  let opened = await context.newPage();
  await expect(async () => {
    await opened.close();
    opened = await context.newPage();
    await opened.goto('/players');
    await expect.poll(() => kept(opened), { timeout: 3000 }).toEqual([expect.stringContaining('newer')]);
  }).toPass();
  await expect(opened.getByRole('link', { name: 'Fit Ada' })).toBeVisible();
  expect(await stored(opened, 'groups')).toMatchObject([{ name: 'Owls', seating: [] }]);
  expect(await stored(opened, 'setups')).toMatchObject([
    { kind: 'rest', settings: { lift: { value: 6, mark: 'two folds' } } }
  ]);
});
