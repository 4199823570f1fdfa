import type { Page } from '@playwright/test';
import { beside, bytesOf, expect, field, openNewPlayer, openWithClass, takeSize, test, toStep } from './app';

/** Writes a record straight into the database, past everything that would refuse it. */
const writeRaw = (page: Page, table: string, record: object) =>
  page.evaluate(
    ([name, value]) =>
      new Promise<void>((done) => {
        const opening = indexedDB.open('jarvel');
        opening.onsuccess = () => {
          const transaction = opening.result.transaction(name, 'readwrite');
          transaction.objectStore(name).put(value);
          transaction.oncomplete = () => {
            opening.result.close();
            done();
          };
        };
      }),
    [table, record] as const
  );

test('a record that cannot be judged leaves the rest usable, and a backup still holds it', async ({
  page
}) => {
  await openWithClass(page);
  const setting = { mm: 1, origin: 'computed', mark: '' };
  await writeRaw(page, 'setups', {
    id: 'broken',
    playerId: 'demo-05',
    fitId: 'demo-05-fit-1',
    family: 'violin',
    size: 'no such size',
    version: 9,
    at: '2026-11-24T09:00:00.000Z',
    day: '2026-11-24',
    rest: { school: 'pad', mount: 'beside', tiltDeg: 0, highEnd: 'even', settings: { chinRest: setting } }
  });
  await page.goto('/players/demo-05');
  await page.getByRole('button', { name: /^More about/ }).click();
  for (const item of ['Edit', 'Delete…'])
    await expect(page.getByRole('menuitem', { name: item })).toBeVisible();
  await page.goto('/files');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save a backup' }).click()
  ]);
  const backup = JSON.parse((await bytesOf(download)).toString()) as {
    tables: { players: unknown[]; setups: { id: string }[] };
  };
  expect(backup.tables.players).toHaveLength(24);
  expect(backup.tables.setups.map(({ id }) => id)).toContain('broken');
  // That it can't be restored as it is, is said now.
  await expect(page.getByRole('alert')).toContainText('can’t be restored as it is: setups[');
});

test('settings of the rest are changed by steps, by typing and back, each with its mark', async ({
  page
}) => {
  await openNewPlayer(page);
  for (const text of ['120.5', '48.2', '42.1', '12.8', '8.4', '66 mm', '3']) {
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
  }
  await takeSize(page);
  const lift = page.getByRole('textbox', { name: 'Lift', exact: true });
  // 66 - 35 - 7.2 - 18
  await expect(lift).toHaveValue('6 mm');
  await page.getByRole('button', { name: 'Lift higher' }).click();
  await expect(lift).toHaveValue('7 mm');
  await expect(page.getByRole('img', { name: /^From collarbone to jaw 66 mm: lift 7 mm/ })).toBeVisible();
  await page.getByRole('button', { name: 'work out anew' }).click();
  await expect(lift).toHaveValue('6 mm');
  const chinRest = page.getByRole('textbox', { name: 'Chin rest', exact: true });
  await chinRest.fill('2.2 cm');
  await chinRest.press('Tab');
  await expect(chinRest).toHaveValue('22 mm');
  await expect(lift).toHaveValue('2 mm');
  await chinRest.fill('high');
  await chinRest.press('Tab');
  await expect(page.getByRole('alert')).toContainText('Chin rest: type a length');
  await expect(chinRest).toHaveValue('22 mm');
  await beside(page, 'Ways');
  await page.getByText('Pad', { exact: true }).click();
  await page.getByText('centred over it', { exact: true }).click();
  const tilt = page.getByRole('slider', { name: /Tilt of the strings/ });
  await tilt.focus();
  await tilt.press('Home');
  await expect(page.getByText('Tilt of the strings: 0°')).toBeVisible();
  await beside(page, 'Look and set');
  await page.getByLabel('Mark for Pad', { exact: true }).fill('two folds');
  await page.getByLabel('Mark for Pad', { exact: true }).press('Tab');
  await page.getByRole('button', { name: /^Keep this set-up/ }).click();
  await toStep(page, 'Card');
  const card = page.getByRole('article', { name: 'Card of Trial Player' });
  await expect(card).toContainText('two folds');
  await expect(card).toContainText('Pad; chin rest centred over it.');
});

test('old lengths are shown with their day and not used', async ({ page }) => {
  await openWithClass(page);
  await page.getByRole('link', { name: 'Measure: Corin Hazelbeck' }).click();
  await expect(field(page, 'Height')).toBeFocused();
  await expect(page.getByText(/^\d+\.\d on 28 Apr 2026$/).first()).toBeVisible();
  await expect(page.getByText('Measure the height or the arm, and a size appears here.')).toBeVisible();
});

test('the theme is kept, and the next visit starts in it', async ({ page }) => {
  await openWithClass(page);
  await page.goto('/settings');
  await page.getByText('Dark', { exact: true }).click();
  await expect(page.locator('html')).toHaveClass(/dark/);
  await expect(page.locator('[data-save=saved]')).toBeVisible();
  await page.goto('/', { waitUntil: 'commit' });
  await expect(page.locator('html')).toHaveClass(/dark/);
  await page.getByRole('button', { name: 'Undo: Changed the theme' }).click();
  await expect(page.locator('html')).not.toHaveClass(/dark/);
});

test('tapping a place of the drawing leads to its number', async ({ page }) => {
  await openNewPlayer(page);
  await page.getByRole('button', { name: 'Enter wrist' }).click();
  await expect(field(page, 'Arm to wrist')).toBeFocused();
  await page.getByRole('button', { name: 'Enter fingertip' }).click();
  await expect(field(page, 'Hand length')).toBeFocused();
});

test('a page that is not there says so', async ({ page }) => {
  await page.goto('/fit/nobody');
  await expect(page.getByRole('heading', { name: 'This player is not here' })).toBeVisible();
});
