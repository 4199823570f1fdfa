import type { Page } from '@playwright/test';
import { expect, expectAccessible, openWithClass, test } from './app';

/** Does what a newer version in this browser would do to the database. */
async function upgradeDatabase(page: Page): Promise<void> {
  const blank = { contentType: 'text/html', body: '<link rel="icon" href="data:,">' };
  await page.route('/blank', (route) => route.fulfill(blank));
  await page.goto('/blank');
  await page.evaluate(
    () =>
      new Promise<void>((done) => {
        const opening = indexedDB.open('jarvel', 990);
        opening.onsuccess = () => {
          opening.result.close();
          done();
        };
      })
  );
}

const overflow = (page: Page) =>
  page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);

const PLACES = [
  '/',
  '/fit',
  '/fit/demo-01',
  '/fit/demo-03',
  '/fit/demo-18',
  '/fit/demo-23',
  '/day',
  '/day/demo-day',
  '/ahead',
  '/players',
  '/players/demo-01',
  '/players/new',
  '/card/demo-01',
  '/files',
  '/settings',
  '/fit/demo-17',
  '/fit/nobody'
];

const WAYS = [
  { name: 'at a desk', theme: 'light', width: 1280, height: 800 },
  { name: 'at a desk in the dark', theme: 'dark', width: 1280, height: 800 },
  { name: 'on a tablet', theme: 'light', width: 820, height: 1180 }
] as const;

for (const { name, theme, width, height } of WAYS)
  test(`every place is accessible and fits its width ${name}`, async ({ page }) => {
    test.slow();
    await page.emulateMedia({ colorScheme: theme });
    await page.setViewportSize({ width, height });
    await openWithClass(page);
    await expect(page.locator('html')).toHaveClass(theme === 'dark' ? /dark/ : /^(?!.*dark)/);
    for (const place of PLACES) {
      await page.goto(place);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      await expectAccessible(page);
      expect([place, await overflow(page)]).toEqual([place, 0]);
    }
  });

test('every place fits the width of a phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openWithClass(page);
  for (const place of PLACES) {
    await page.goto(place);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    expect([place, await overflow(page)]).toEqual([place, 0]);
  }
});

test('keys lead everywhere, and the list of keys is a key away', async ({ page }) => {
  await openWithClass(page);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to the content' })).toBeFocused();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('undo · redo');
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  for (const [digit, heading] of [
    ['2', 'Who is at the bench?'],
    ['3', 'Fitting day'],
    ['4', 'Players'],
    ['5', 'Files'],
    ['6', 'Settings'],
    ['1', 'Today']
  ]) {
    await page.keyboard.press(`Alt+Digit${digit}`);
    await expect(page.getByRole('heading', { name: heading ?? '', level: 1 })).toBeVisible();
  }
  await page.keyboard.press('/');
  await expect(page.getByLabel('Find by name, group or instrument')).toBeFocused();
});

test('a database of a newer version is left alone, with a sentence', async ({ page }) => {
  await upgradeDatabase(page);
  await page.goto('/');
  await expect(page.getByRole('alert').first()).toContainText('newer version of Jarvel');
});

test('an update in another tab is announced, and nothing is lost', async ({ page, context }) => {
  await openWithClass(page);
  const other = await context.newPage();
  await upgradeDatabase(other);
  await expect(page.getByRole('alert').first()).toContainText('updated in another tab');
  await other.close();
});
