import {
  expect,
  expectAccessible,
  field,
  openNewPlayer,
  openWithClass,
  stored,
  takeSize,
  test,
  toStep
} from './app';

test('each set-up is a version of its own, and what changed is visible', async ({ page }) => {
  await openNewPlayer(page);
  await page.keyboard.type('120.5');
  await page.keyboard.press('Enter');
  await takeSize(page);
  await page.getByRole('button', { name: /^Keep this set-up/ }).click();
  await expect(page.getByText('Set-up 1 is kept.')).toBeVisible();
  await toStep(page, 'Set up');
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
  await takeSize(page);
  await page.reload();
  await page.getByRole('button', { name: 'Undo: Decided 1/8 for Trial Player' }).click();
  await expect(page.locator('.foot .now')).not.toContainText('decided');
  await toStep(page, 'Decide');
  await expect(page.getByRole('button', { name: /^Take the/ })).toBeVisible();
  await toStep(page, 'Measure');
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
  await takeSize(page);
  await page.getByRole('button', { name: 'Pain, tingling or numbness' }).click();
  await expect(page.getByRole('alert')).toContainText('a doctor or physiotherapist should see it');
  await toStep(page, 'Check');
  await expect(page.locator('[data-step=check]')).toContainText('Stopped for pain');
  // Where it is, is tapped on a figure.
  await page.getByRole('button', { name: 'Say where' }).click();
  await page.getByRole('button', { name: 'right shoulder' }).click();
  await page.getByText('Numbness', { exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('Numbness in the right shoulder');
  await expectAccessible(page);
  await page.getByRole('button', { name: /^It was gone within a minute: close it/ }).click();
  await expect(page.locator('[data-step=check]')).not.toContainText('Stopped for pain');
  await page.getByRole('link', { name: 'History' }).click();
  await expect(page.getByText(/^Numbness in the right shoulder on 24 Nov 2026, at the set-up/)).toContainText(
    'Closed: gone within a minute'
  );
});

test('a day of the history is put right: readings, a decision, a lesson, and lengths of another child', async ({
  page
}) => {
  await openWithClass(page, '/players/demo-08');
  const status = page.locator('[data-status]');
  await expect(status).toContainText('size 1/2');
  const newest = page
    .locator('.days > li')
    .filter({ has: page.locator('.size') })
    .first();
  await newest.getByRole('button', { name: /^Correct/ }).click();
  const panel = page.locator('[data-correct]');
  const height = panel.getByRole('textbox', { name: 'Height' });
  const before = await height.inputValue();
  await height.fill('far');
  await height.press('Enter');
  await expect(panel.getByRole('alert')).toBeVisible();
  await height.fill('131.3');
  await height.press('Enter');
  await expect(newest.locator('dl')).toContainText('131.3');
  await expect(panel).toContainText('stays until you decide anew');
  await expectAccessible(page);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(height).toHaveValue(before);
  await panel
    .getByRole('button', { name: /^Take back the/ })
    .first()
    .click();
  await expect(status).not.toContainText('set-up ✓');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(status).toContainText('size 1/2');
  // What was measured was another child's.
  await panel.getByRole('combobox', { name: 'These lengths belong to somebody else' }).click();
  await page.keyboard.type('wren');
  await page.keyboard.press('Enter');
  await expect(newest.locator('dl')).toHaveCount(0);
  await page.goto('/players');
  await page.getByLabel('Find by name, group or instrument').fill('wren');
  await page.getByRole('link', { name: /^Wren Thistledown/ }).click();
  await expect(page.locator('.days')).toContainText(before);
});
