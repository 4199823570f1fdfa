import {
  expect,
  field,
  given,
  openNewPlayer,
  openWithClass,
  reading,
  somebody,
  stored,
  test,
  toStep
} from './app';

test('readings are averaged, a third is asked for, and one can be dropped', async ({ page }) => {
  await openNewPlayer(page);
  const palm = field(page, 'Arm to palm');
  await palm.click();
  await palm.fill('46');
  await palm.press('Enter');
  await palm.click();
  await palm.fill('48.4');
  await palm.press('Enter');
  await expect(page.getByRole('alert')).toContainText('2.4 cm apart. Take a third');
  await expect(palm).toBeFocused();
  await palm.fill('48.0');
  await palm.press('Enter');
  await expect(palm).toHaveValue('48.2');
  await palm.click();
  await page.getByRole('button', { name: 'Drop the reading 46.0 cm' }).click();
  await expect(page.getByRole('list', { name: 'Readings of Arm to palm' })).toContainText('48.4');
  await expect(page.getByRole('list', { name: 'Readings of Arm to palm' })).not.toContainText('46.0');
});

test('a reading of an earlier day says so, and is dropped in words', async ({ page }) => {
  const player = somebody({ name: 'Measured Before' });
  const before = '2026-11-10';
  await given(page, {
    players: [player],
    measurements: [
      {
        ...reading(player, 'height', 1230),
        id: `${player.id}:height:${before}`,
        day: before,
        readings: [{ mm: 1230, at: `${before}T09:00:00.000Z` }]
      }
    ]
  });
  await page.goto(`/fit/${player.id}`);
  await field(page, 'Height').click();
  const list = page.getByRole('list', { name: 'Readings of Height' });
  await expect(list).toContainText('10 Nov');
  // Measured again today, the old one stays on its day.
  await page.keyboard.type('124.5');
  await page.keyboard.press('Enter');
  await expect
    .poll(async () => (await stored(page, 'measurements')).map(({ day }) => day).sort())
    .toEqual([before, '2026-11-24']);
});

test('an unlikely value is asked about before it is taken, an impossible one is not', async ({ page }) => {
  await openNewPlayer(page);
  await page.keyboard.type('120');
  await page.keyboard.press('Enter');
  const palm = field(page, 'Arm to palm');
  await expect(palm).toBeFocused();
  await palm.fill('19');
  await palm.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Centimetres or inches?');
  await palm.press('Escape');
  await palm.fill('41.5');
  await palm.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Palm or wrist?');
  await expect(page.locator('.estimate').first()).toBeVisible();
  await palm.press('Enter');
  await expect(palm).toHaveValue('41.5');
  const gap = field(page, 'Neck gap');
  await gap.fill('99');
  await gap.press('Enter');
  await expect(page.getByRole('alert')).toContainText('can’t be right'.replace('’', "'"));
  await gap.fill('seven');
  await gap.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Not read as a length');
  await expect(gap).toHaveValue('seven');
});

test('estimates are marked, and the answer moves with each number', async ({ page }) => {
  await openNewPlayer(page);
  await expect(page.getByText('Measure the height or the arm, and a size appears here.')).toBeVisible();
  await page.keyboard.type('120.5');
  await page.keyboard.press('Enter');
  await expect(field(page, 'Hand length')).toHaveValue('≈ 13.0');
  await expect(page.locator('.answer')).toContainText('Estimated, not measured: arm to palm, hand length.');
  await expect(page.locator('.answer')).toContainText('By the tape the 1/8');
  await page.keyboard.type('50');
  await page.keyboard.press('Enter');
  await expect(page.locator('.answer .size')).toContainText('1/4');
  await expect(page.locator('.answer .size')).toContainText('fits, 2.5 cm to spare');
  await expect(page.getByRole('img', { name: /Left arm with/ })).toHaveAttribute(
    'aria-label',
    /a 1\/4: fits, 2.5 cm to spare/
  );
});

test('the school is switched on the spot, kept, and explained by the arithmetic', async ({ page }) => {
  await openNewPlayer(page);
  for (const text of ['120.5', '48.2', '42.0']) {
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
  }
  await page.getByText('Wrist', { exact: true }).click();
  await expect(page.locator('.answer .size')).toContainText('1/10');
  await page.getByText('Own limit', { exact: true }).click();
  const thumb = page.getByRole('slider', { name: /Own limit/ });
  await thumb.focus();
  for (let press = 0; press < 4; press++) await thumb.press('ArrowRight');
  await expect(page.getByText('Own limit: 20 % of the hand')).toBeVisible();
  await expect(page.locator('[data-save=saved]')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Own limit: 20 % of the hand')).toBeVisible();
  await page.getByText('Show the arithmetic').click();
  await expect(page.getByRole('table', { name: 'Each size against this body' })).toContainText('47.5 cm');
});

test('inches are read and written as on an inch tape', async ({ page }) => {
  await openWithClass(page);
  await page.goto('/settings');
  await page.getByText('Inches', { exact: true }).click();
  await expect(page.getByRole('radio', { name: 'Inches' })).toBeChecked();
  await expect(page.locator('[data-save=saved]')).toBeVisible();
  await openNewPlayer(page, 'Inch Worm');
  await page.keyboard.type('4\'1 1/2"');
  await page.keyboard.press('Enter');
  await expect(field(page, 'Height')).toHaveValue('4\' 1 1/2"');
  await page.keyboard.type('19 1/8');
  await page.keyboard.press('Enter');
  await expect(field(page, 'Arm to palm')).toHaveValue('19 1/8');
  await expect(page.locator('.answer')).toContainText('in to spare');
});

test('an own choice needs a reason, and the history keeps it', async ({ page }) => {
  await openNewPlayer(page);
  await page.keyboard.type('120.5');
  await page.keyboard.press('Enter');
  await page.keyboard.type('50');
  await page.keyboard.press('Enter');
  await toStep(page, 'Decide');
  const decide = page.locator('[data-step=decide]');
  await decide
    .getByRole('radiogroup', { name: /another size/ })
    .getByText('1/8', { exact: true })
    .click();
  await page.getByRole('button', { name: 'Decide 1/8' }).click();
  await expect(page.getByRole('alert')).toContainText('needs a line of reason');
  await page.getByLabel('Why, in a line').fill('Small for her strength');
  await page.getByRole('button', { name: 'Decide 1/8' }).click();
  await expect(page.locator('.foot .now')).toContainText('decided');
  await toStep(page, 'Decide');
  await expect(decide).toContainText('Small for her strength');
  await page.getByRole('link', { name: 'History' }).click();
  await expect(page.getByText('own choice, advised was 1/4: Small for her strength')).toBeVisible();
});

test('a player too small for the smallest size is told so', async ({ page }) => {
  await openNewPlayer(page);
  await page.keyboard.type('86');
  await page.keyboard.press('Enter');
  await page.keyboard.type('31');
  await page.keyboard.press('Enter');
  await expect(page.locator('.answer .size')).toContainText('large by 1.8 cm');
  await expect(page.locator('.answer')).toContainText('Even the smallest size you use, 1/32');
});
