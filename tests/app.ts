import { test as base, expect, type Download, type Locator, type Page } from '@playwright/test';
import type Axe from 'axe-core';
import type Dexie from 'dexie';
import { readFile } from 'node:fs/promises';
import type { Family } from '../src/lib/core/instruments';
import { DATABASE_NAME, OTHER_STORES, SCHEMA_VERSION } from '../src/lib/data/store/database';
import { demoRecords } from '../src/lib/data/demo/demo';
import { TABLE_NAMES, TABLES, type Records } from '../src/lib/data/store/tables';
import { openPdf } from '../src/lib/print/testing';

/** The moment at which every test takes place. */
export const NOW = new Date('2026-11-24T10:42:00');

/** Writes down whatever a page says that it should not: messages of weight, errors, requests to another host. */
function watch(page: Page, baseURL: string | undefined, faults: string[]): void {
  page.on('console', (message) => {
    // The test's own tool says so where it keeps the service worker off.
    if (message.text().includes('registration blocked by Playwright')) return;
    if (['error', 'warning'].includes(message.type())) faults.push(`${message.type()}: ${message.text()}`);
  });
  page.on('pageerror', (error) => faults.push(`uncaught: ${error.message}`));
  page.on('request', (request) => {
    const url = new URL(request.url());
    if (url.protocol.startsWith('http') && url.origin !== new URL(baseURL ?? '').origin)
      faults.push(`foreign: ${url}`);
  });
}

/** A page that fails its test on any of that. */
export const test = base.extend<{ page: Page }>({
  page: async ({ page, baseURL }, use) => {
    const faults: string[] = [];
    watch(page, baseURL, faults);
    await page.clock.install({ time: NOW });
    await use(page);
    expect(faults).toEqual([]);
  }
});

export { expect };

/** What the menu of a child’s head offers. */
export async function fromMenu(
  page: Page,
  item: 'Edit' | 'Archive' | 'Bring back' | 'Delete…'
): Promise<void> {
  await page.getByRole('button', { name: /^More about/ }).click();
  await page.getByRole('menuitem', { name: item }).click();
}

/** Goes to a step of the fit by the bar. */
export const toStep = (page: Page, name: 'Measure' | 'Try on' | 'Decide' | 'Set up' | 'Check' | 'Card') =>
  page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name }).click();

/** Takes the size that is advised. */
export async function takeSize(page: Page): Promise<void> {
  await toStep(page, 'Decide');
  await page.locator('[data-act=accept-size]').click();
  await expect(page.locator('.foot .now')).toContainText('decided');
}

/** Opens what belongs to a set-up beside its drawing. */
export const beside = (page: Page, name: 'Look and set' | 'Ways' | 'Tune' | 'Kit' | 'Tapes' | 'Versions') =>
  page.getByRole('tab', { name }).click();

export type Given = { readonly [Name in keyof Records]?: readonly Records[Name][] };

/** A page of the application's own origin that runs none of it. */
export async function besides(page: Page): Promise<void> {
  const blank = { contentType: 'text/html', body: '<link rel="icon" href="data:,">' };
  await page.route('/blank', (route) => route.fulfill(blank));
  await page.goto('/blank');
  // Else every file of the application would take the way through the test.
  await page.unroute('/blank');
}

/** A version of the database with its tables and their indexes. */
interface Schema {
  readonly version: number;
  readonly stores: Readonly<Record<string, string>>;
}

const NEWEST: Schema = {
  version: SCHEMA_VERSION,
  stores: {
    ...Object.fromEntries(TABLE_NAMES.map((name) => [name, TABLES[name].indexes])),
    ...OTHER_STORES
  }
};

/** Puts records straight into the database, where the way there is not what is tested. */
export async function given(
  page: Page,
  records: Given | Readonly<Record<string, readonly object[]>>,
  { version, stores }: Schema = NEWEST
): Promise<void> {
  if (!page.url().startsWith('http')) await besides(page);
  // Not as a script of the page, which the application's own pages refuse.
  await page.evaluate(await readFile('node_modules/dexie/dist/dexie.min.js', 'utf8'));
  await page.evaluate(
    async ({ name, version, stores, written }) => {
      const db = new (globalThis as unknown as { Dexie: typeof Dexie }).Dexie(name);
      db.version(version).stores({ ...stores });
      await db.open();
      const tables = JSON.parse(written) as Record<string, readonly object[]>;
      for (const [table, rows] of Object.entries(tables)) await db.table(table).bulkPut([...rows]);
      db.close();
    },
    {
      name: DATABASE_NAME,
      version,
      stores,
      // As one text: handed over piece by piece it takes many times as long.
      written: JSON.stringify(records)
    }
  );
}

/** All records of a table. */
export const stored = <Name extends keyof Records>(page: Page, table: Name): Promise<Records[Name][]> =>
  page.evaluate(
    (name) =>
      new Promise<unknown>((answer) => {
        const opening = indexedDB.open('jarvel');
        opening.onsuccess = () => {
          const reading = opening.result.transaction(name).objectStore(name).getAll();
          reading.onsuccess = () => {
            opening.result.close();
            answer(reading.result);
          };
        };
      }),
    table
  ) as Promise<Records[Name][]>;

/** Made once for all tests of a worker. */
let theClass: Given | undefined;

/** The made-up class, with Jarvel at Today or at another place. */
export async function openWithClass(page: Page, path = '/'): Promise<void> {
  await given(page, (theClass ??= demoRecords(NOW)));
  await page.goto(path);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
}

let players = 0;

/** A player without any record. */
export const somebody = (patch: Partial<Records['players']> = {}): Records['players'] => ({
  id: `player-${++players}`,
  name: 'Trial Player',
  birthMonth: null,
  curve: null,
  family: 'violin',
  notes: '',
  photosAllowed: false,
  groupId: null,
  archivedOn: null,
  createdAt: NOW.toISOString(),
  demo: false,
  ...patch
});

/** Readings of a length, taken just now. */
export const reading = (
  { id }: Pick<Records['players'], 'id'>,
  kind: Records['measurements']['kind'],
  ...mm: readonly number[]
): Records['measurements'] => ({
  id: `${id}:${kind}:2026-11-24`,
  playerId: id,
  kind,
  day: '2026-11-24',
  readings: mm.map((one, index) => ({ mm: one, at: new Date(NOW.getTime() + index).toISOString() })),
  look: null
});

/** Opens the bench of a new player without any measurement. Returns the player's id. */
export async function openNewPlayer(
  page: Page,
  name = 'Trial Player',
  family: Family = 'violin'
): Promise<string> {
  const player = somebody({ name, family });
  await given(page, { players: [player] });
  await page.goto(`/fit/${player.id}`);
  await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
  await expect(field(page, 'Height')).toBeFocused();
  return player.id;
}

/** A field of the measuring list. */
export const field = (page: Page, name: string) => page.getByRole('textbox', { name, exact: true });

/** Types lengths one after the other, each taken with Enter. */
export async function measure(page: Page, ...texts: readonly string[]): Promise<void> {
  for (const text of texts) {
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
  }
}

/** Presses Enter on the main button, once it has had the focus for long enough to be meant. */
export async function pressMain(page: Page): Promise<void> {
  await page.waitForTimeout(300);
  await page.keyboard.press('Enter');
}

/** The bytes of a download. */
export async function bytesOf(download: Download): Promise<Buffer> {
  return readFile(await download.path());
}

/** Fails on any accessibility violation that can be found by rule; in the dark theme only contrast differs. */
export async function expectAccessible(page: Page, rules?: readonly string[]): Promise<void> {
  // Not as a script of the page, which the application's own pages refuse.
  await page.evaluate(await readFile('node_modules/axe-core/axe.min.js', 'utf8'));
  const violations = await page.evaluate(async (only) => {
    const { axe } = globalThis as unknown as { axe: typeof Axe };
    const found = await axe.run(document, {
      resultTypes: ['violations'],
      ...(only ? { runOnly: { type: 'rule', values: [...only] } } : {})
    });
    return found.violations.map(
      ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 140)).join(' | ')}`
    );
  }, rules);
  expect(violations).toEqual([]);
}

/** The text of a PDF's pages and the size of the first in points. */
export async function readPdf(bytes: Buffer): Promise<{ text: string; widthPt: number; heightPt: number }> {
  const { pdf } = await openPdf(bytes);
  const { width, height } = (await pdf.getPage(1)).getViewport({ scale: 1 });
  const texts: string[] = [];
  for (let number = 1; number <= pdf.numPages; number++) {
    const { items } = await (await pdf.getPage(number)).getTextContent();
    texts.push(items.map((item) => ('str' in item ? item.str : '')).join(' '));
  }
  return { text: texts.join(' '), widthPt: width, heightPt: height };
}

/** Picks one of a field that finds while typing. */
export async function pick(field: Locator, text: string): Promise<void> {
  await field.click();
  await field.fill(text);
  await field.page().getByRole('option', { name: text }).first().click();
}
