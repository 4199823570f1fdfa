import { expect, given, NOW, somebody, stored, test } from './app';
import { demoRecords } from '../src/lib/data/demo/demo';
import { SCHEMA_VERSION } from '../src/lib/data/store/database';
import { TABLE_NAMES } from '../src/lib/data/store/tables';

const CLASSES = 30;

/** A backup of many classes: some 43,000 records. */
function largeBackup(): Buffer {
  const tables: Record<string, object[]> = Object.fromEntries(TABLE_NAMES.map((name) => [name, []]));
  const { players, measurements, checks } = demoRecords(NOW);
  for (let number = 0; number < CLASSES; number++) {
    const copy = <R extends object>(rows: readonly R[]) =>
      JSON.parse(JSON.stringify(rows).replaceAll('"demo-', `"class-${number}-`)) as R[];
    tables.players?.push(...copy(players).map((player) => ({ ...player, groupId: null })));
    tables.measurements?.push(...copy(measurements));
    tables.checks?.push(
      ...copy(checks).map((check, index) => ({
        ...check,
        id: `${number}-${index}`,
        setupId: null,
        lessonId: null
      }))
    );
  }
  const file = { format: 'jarvel-backup', version: SCHEMA_VERSION, savedAt: NOW.toISOString(), tables };
  return Buffer.from(JSON.stringify(file));
}

test('long work shows how far it is, is stopped, asks before it is left, and says what is not there', async ({
  page
}) => {
  await page.goto('/files');
  const pick = page.getByLabel('Restore a backup…').last();
  const file = { name: 'school.json', mimeType: 'application/json', buffer: largeBackup() };
  await pick.setInputFiles(file);
  const preview = page.getByRole('region', { name: 'What restoring would change' });
  await expect(preview.getByRole('row', { name: /Players/ })).toContainText('720');
  await preview.getByRole('button', { name: 'Restore' }).click();
  const underWay = page.locator('[data-underway]');
  await expect(underWay).toContainText('Restoring');
  await underWay.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText('Stopped. Nothing was changed.')).toBeVisible();
  expect(await stored(page, 'players')).toEqual([]);

  // Left in the middle: it is asked first, and the next opening says that nothing came of it.
  await pick.setInputFiles(file);
  await preview.getByRole('button', { name: 'Restore' }).click();
  await expect(underWay).toContainText('Restoring');
  await page.waitForFunction(() => localStorage.getItem('jarvel.underway') !== null);
  const asked = page.waitForEvent('dialog').then(async (dialog) => {
    await dialog.accept();
    return dialog.type();
  });
  await page.goto('/players');
  expect(await asked).toBe('beforeunload');
  await expect(page.locator('[data-left-open]')).toContainText('Restored a backup');
  expect(await stored(page, 'players')).toEqual([]);
  await page.getByRole('button', { name: 'I have seen it' }).click();
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(page.locator('[data-left-open]')).toHaveCount(0);
});

test.describe('a new version', () => {
  test.use({ storageState: { cookies: [], origins: [] } });
  test('is told once, and can be read about later, with the licences', async ({ page }) => {
    await given(page, { players: [somebody()] });
    await page.goto('/players');
    const news = page.locator('[data-is-new]');
    await news.getByRole('link', { name: 'What is new' }).click();
    await expect(page.getByRole('region', { name: 'What is new' })).toContainText(
      'A merge brings no deleted child back'
    );
    await page.getByText('Fonts and libraries, with their licences').click();
    await expect(page.locator('[data-notices]')).toContainText('dexie');
    await page.goto('/players');
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(news).toHaveCount(0);
  });

  test('is no news to a browser that has nothing yet', async ({ page }) => {
    await page.goto('/');
    await expect.poll(() => page.evaluate(() => localStorage.getItem('jarvel.version'))).not.toBeNull();
    await expect(page.locator('[data-is-new]')).toHaveCount(0);
  });
});
