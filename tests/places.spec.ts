import type { Page, Response } from '@playwright/test';
import { besides, expect, expectAccessible, given, openWithClass, reading, somebody, test } from './app';

/** Does what a newer version in this browser would do to the database. */
async function upgradeDatabase(page: Page): Promise<void> {
  await besides(page);
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
  ['/', '/fit/demo-01', '/fit/demo-18', '/fit/demo-23', '/players/new'],
  ['/day', '/day/demo-day', '/ahead', '/players', '/players/demo-01', '/fit/demo-03'],
  ['/fit/demo-22', '/card/demo-01', '/files', '/settings', '/fit/nobody'],
  ['/fit/demo-02#set-up', '/class/demo-group-thursday-strings#papers', '/home-card/demo-01', '/eye'],
  ['/eye/demo-group-thursday-strings', '/cupboard', '/cupboard#cello']
];

/** Places in whose dark theme something stands that no other has. */
const DARK = [
  '/',
  '/fit/demo-01',
  '/fit/demo-22',
  '/day/demo-day',
  '/players/demo-01',
  '/settings',
  '/cupboard'
];

async function expectToFit(page: Page, dark: boolean): Promise<void> {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.emulateMedia({ colorScheme: 'light' });
  await expect(page.locator('html')).not.toHaveClass(/dark/);
  await expectAccessible(page);
  // One next action at a time.
  expect(await page.locator('.act-next:visible').count()).toBeLessThanOrEqual(1);
  for (const [width, height] of [
    [1280, 800],
    [390, 844],
    [320, 640],
    [820, 1180]
  ] as const) {
    await page.setViewportSize({ width, height });
    expect([width, await overflow(page)]).toEqual([width, 0]);
  }
  if (!dark) return;
  await page.emulateMedia({ colorScheme: 'dark' });
  await expect(page.locator('html')).toHaveClass(/dark/);
  await expectAccessible(page, ['color-contrast']);
}

for (const places of PLACES)
  test(`${places.join(', ')} are accessible and fit a desk, a tablet and a phone`, async ({ page }) => {
    await openWithClass(page, places[0]);
    for (const place of places)
      await test.step(place, async () => {
        await page.goto(place);
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
        await expectToFit(page, DARK.includes(place));
      });
  });

test('keys lead everywhere, and the list of keys is a key away', async ({ page }) => {
  await openWithClass(page);
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to the content' })).toBeFocused();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('undo · redo');
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  for (const [digit, heading] of [
    ['2', 'Fitting day'],
    ['3', 'Class'],
    ['4', 'Players'],
    ['5', 'Cupboard'],
    ['6', 'Files'],
    ['7', 'Settings'],
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

test('a database that is deleted underneath is told as that, not as an update', async ({ page, context }) => {
  await openWithClass(page);
  const other = await context.newPage();
  await besides(other);
  await other.evaluate(
    () =>
      new Promise<void>((done) => {
        const deleting = indexedDB.deleteDatabase('jarvel');
        deleting.onsuccess = () => done();
      })
  );
  await expect(page.getByRole('alert').first()).toContainText('were deleted');
  await expect(page.getByRole('alert').first()).toContainText('Nothing on this page is stored any more');
  await expect(page.getByText('Everything up to here is saved')).toHaveCount(0);
  await other.close();
});

test('the first visit offers a made-up class, and pressed twice brings it once', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Look around with a made-up class' }).dblclick();
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await page.goto('/players');
  await expect(page.getByText('23 players ·')).toBeVisible();
});

test('who was never looked ahead for says what is next in its own place too', async ({ page }) => {
  const player = somebody({ name: 'Straight In' });
  await given(page, { players: [player], measurements: [reading(player, 'height', 1240)] });
  await page.goto(`/lesson/${player.id}`);
  await expect(page.locator('[data-status]')).toContainText(/next: (?!looking)/);
});

test('every place of a child says the same of it', async ({ page }) => {
  await openWithClass(page);
  const said = new Set<string>();
  // Settled, never measured, in pain, and too small.
  for (const id of ['demo-01', 'demo-03', 'demo-22', 'demo-05']) {
    const lines: string[] = [];
    for (const place of ['fit', 'lesson', 'progress', 'letter', 'players', 'card', 'home-card', 'set-up']) {
      await page.goto(`/${place}/${id}`);
      const status = page.locator('[data-status]');
      // What comes next is read after the head stands: until then it says that it is looking.
      await expect(status).toContainText(/next: (?!looking)/);
      lines.push((await status.innerText()).replaceAll(/\s+/g, ' ').trim());
    }
    expect(new Set(lines).size, lines.join('\n')).toBe(1);
    said.add(lines[0] ?? '');
    // The list of all players says what is next in the same words.
    await page.goto('/players');
    const row = page.getByRole('listitem').filter({ has: page.locator(`a[href="/players/${id}"]`) });
    const next = /next: (.*)$/.exec(lines[0] ?? '')?.[1] ?? '';
    await expect(row.locator('.standing')).toHaveText(new RegExp(next, 'i'));
  }
  expect(said.size).toBe(4);
});

test('the first visit carries no schemas and no charts: they come when something is written or looked at', async ({
  page
}) => {
  const bodies: Promise<string>[] = [];
  const read = (response: Response) => {
    if (/javascript/.test(response.headers()['content-type'] ?? '')) bodies.push(response.text());
  };
  page.on('response', read);
  await page.goto('/');
  await expect(page.getByRole('button', { name: /^Look around/ })).toBeVisible();
  await page.waitForLoadState('networkidle');
  page.off('response', read);
  const heavy = (await Promise.all(bodies)).filter((body) => /ValidationError|echarts/.test(body));
  expect(heavy.map((body) => body.slice(0, 80))).toEqual([]);
});
