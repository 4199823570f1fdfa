import { expect, expectAccessible, field, openNewPlayer, openWithClass, stored, test } from './app';

test('each set-up is a version of its own, and what changed is visible', async ({ page }) => {
  await openNewPlayer(page);
  await page.keyboard.type('120.5');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Take the/ }).click();
  await page.getByRole('button', { name: /^Keep this set-up/ }).click();
  await expect(page.getByText('Set-up 1 is kept.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Chin rest', exact: true }).fill('25');
  await page.getByLabel('Mark for Chin rest').fill('green dot');
  await page.getByLabel('Mark for Chin rest').press('Tab');
  await page.getByRole('button', { name: /^Keep this set-up as version 2/ }).click();
  await expect(page.getByText('Set-up 2 is kept.')).toBeVisible();
  await page.getByRole('link', { name: 'History' }).click();
  await expect(page.getByText('Set-up 1: the first')).toBeVisible();
  await expect(
    page.getByText(/Set-up 2: Chin rest 16 mm → 25 mm; Chin rest, mark: none → green dot/)
  ).toBeVisible();
  await expect(page.getByRole('time').or(page.locator('time')).first()).toHaveText('24 Nov 2026');
});

test('every change can be taken back, across reloads, and done again', async ({ page }) => {
  await openNewPlayer(page);
  await page.keyboard.type('120.5');
  await page.keyboard.press('Enter');
  await expect(field(page, 'Height')).toHaveValue('120.5');
  await page.getByRole('button', { name: /^Take the/ }).click();
  await expect(page.getByText('decided 24 Nov 2026')).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Undo: Decided 1/8 for Trial Player' }).click();
  await expect(page.getByRole('button', { name: /^Take the/ })).toBeVisible();
  await page.locator('h1').click();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: Measured height of Trial Player')).toBeVisible();
  await expect(page.getByText('Measure the height or the arm, and a size appears here.')).toBeVisible();
  await page.keyboard.press('Control+Shift+z');
  await expect(field(page, 'Height')).toHaveValue('120.5');
});

test('a half-done fit waits where it was after the tab is killed', async ({ page, context }) => {
  await openNewPlayer(page, 'Crash Test');
  await page.keyboard.type('120.5');
  await page.keyboard.press('Enter');
  await page.keyboard.type('47.9');
  await expect.poll(async () => (await stored(page, 'typed')).map(({ text }) => text)).toEqual(['47.9']);
  const url = page.url();
  const session = await context.newCDPSession(page);
  const crashed = page.waitForEvent('crash');
  void session.send('Page.crash').catch(() => undefined);
  await crashed;

  const again = await context.newPage();
  await again.goto('/');
  await expect(again.locator('[data-next=go-on]')).toBeVisible();
  await again.getByRole('link', { name: 'Go on with Crash Test' }).click();
  await expect(again).toHaveURL(url);
  await expect(field(again, 'Height')).toHaveValue('120.5');
  await expect(field(again, 'Arm to palm')).toHaveValue('47.9');
  await field(again, 'Arm to palm').press('Enter');
  await expect
    .poll(async () => (await stored(again, 'measurements')).map(({ kind }) => kind).sort())
    .toEqual(['armToPalm', 'height']);
  await page.close();
});

test('two tabs stay in step', async ({ page, context }) => {
  await openNewPlayer(page, 'Two Tabs');
  const other = await context.newPage();
  await other.goto(page.url());
  await field(page, 'Height').fill('120.5');
  await field(page, 'Height').press('Enter');
  await expect(other.locator('.answer .size')).toContainText('between sizes');
  await other.close();
});

test('a full disk says so and loses nothing that is on the screen', async ({ page }) => {
  await openNewPlayer(page);
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('no room', 'QuotaExceededError');
    };
  });
  await field(page, 'Height').fill('120.5');
  await field(page, 'Height').press('Enter');
  await expect(page.getByText('no room left').first()).toBeVisible();
  await expect(field(page, 'Height')).toHaveValue('120.5');
});

test('pain stops the check with the caution, and the history keeps it', async ({ page }) => {
  await openWithClass(page);
  await page.goto('/players');
  await page.getByRole('link', { name: 'Fit Saffi Dunmorrow' }).click();
  await expect(field(page, 'Height')).toBeFocused();
  await page.keyboard.type('115');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Take the/ }).click();
  await expect(page.locator('#decide')).toContainText('decided 24 Nov 2026');
  await page.getByRole('button', { name: 'Pain, tingling or numbness' }).click();
  await expect(page.getByRole('alert')).toContainText('a doctor or physiotherapist should see it');
  await expect(page.locator('#check')).toContainText('Stopped for pain');
  await expectAccessible(page);
  await page.getByRole('button', { name: /^It was gone within a minute: close it/ }).click();
  await expect(page.locator('#check')).not.toContainText('Stopped for pain');
  await page.getByRole('link', { name: 'History' }).click();
  await expect(page.getByText(/^Pain, tingling or numbness on 24 Nov 2026, at the set-up/)).toContainText(
    'Closed: gone within a minute'
  );
});
