import AxeBuilder from '@axe-core/playwright';
import { test as base, expect, type Download, type Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';

/** The moment at which every test takes place. */
export const NOW = new Date('2026-11-24T10:42:00');

/** A page that fails its test on any console message of weight and on any request to another host. */
export const test = base.extend<{ page: Page }>({
  page: async ({ page, baseURL }, use) => {
    const faults: string[] = [];
    page.on('console', (message) => {
      if (['error', 'warning'].includes(message.type())) faults.push(`${message.type()}: ${message.text()}`);
    });
    page.on('pageerror', (error) => faults.push(`uncaught: ${error.message}`));
    page.on('request', (request) => {
      const url = new URL(request.url());
      if (url.protocol.startsWith('http') && url.origin !== new URL(baseURL ?? '').origin)
        faults.push(`foreign: ${url}`);
    });
    await page.clock.install({ time: NOW });
    await use(page);
    expect(faults).toEqual([]);
  }
});

export { expect };

/** Opens Jarvel with the made-up class. */
export async function openWithClass(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Look around with a made-up class' }).click();
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
}

/** Opens the bench of a new player without any measurement. */
export async function openNewPlayer(page: Page, name = 'Trial Player', family = 'Violin'): Promise<void> {
  await page.goto('/players/new');
  await page.getByLabel('Name, initials or number').fill(name);
  if (family !== 'Violin') await page.getByText(family, { exact: true }).click();
  await page.getByRole('button', { name: 'Add and go to the bench' }).click();
  await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
  await expect(field(page, 'Height')).toBeFocused();
}

/** A field of the measuring list. */
export const field = (page: Page, name: string) => page.getByRole('textbox', { name, exact: true });

/** The bytes of a download. */
export async function bytesOf(download: Download): Promise<Buffer> {
  return readFile(await download.path());
}

/** Fails on any accessibility violation that can be found by rule. */
export async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(
    violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 140)).join(' | ')}`)
  ).toEqual([]);
}

/** The text of a PDF's pages and the size of the first in points. */
export async function readPdf(bytes: Buffer): Promise<{ text: string; widthPt: number; heightPt: number }> {
  const { getDocument } = await import('pdfjs-dist/legacy/build/pdf.mjs');
  const pdf = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const { width, height } = (await pdf.getPage(1)).getViewport({ scale: 1 });
  const texts: string[] = [];
  for (let number = 1; number <= pdf.numPages; number++) {
    const { items } = await (await pdf.getPage(number)).getTextContent();
    texts.push(items.map((item) => ('str' in item ? item.str : '')).join(' '));
  }
  return { text: texts.join(' '), widthPt: width, heightPt: height };
}
