import {
  expect,
  expectAccessible,
  field,
  openNewPlayer,
  openWithClass,
  pressMain,
  test,
  toStep
} from './app';

test('a cellist is measured, seen with each size, and decided by keyboard', async ({ page }) => {
  await openNewPlayer(page, 'Celia Low', 'cello');
  await expect(page.getByRole('img', { name: /Nothing is measured yet/ })).toBeVisible();
  await page.keyboard.type('129');
  await page.keyboard.press('Enter');
  await expect(page.locator('.answer')).toContainText('between sizes');
  await expect(page.locator('.answer')).toContainText('Estimated, not measured: arm reach');
  for (const [name, text] of [
    ['Arm reach', '49.8'],
    ['Seat to breastbone', '32.7'],
    ['Seat to ear', '56.9'],
    ['Seat to shoulder', '45.2'],
    ['Lower leg', '31.7'],
    ['Easy span', '7.4'],
    ['Widest span', '11.6']
  ] as const) {
    await expect(field(page, name)).toBeFocused();
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
  }
  await expect(page.locator('.answer .size')).toContainText('1/2');
  await toStep(page, 'Measure');
  await page.getByRole('button', { name: 'What speaks for and against', exact: true }).click();
  const evidence = page.getByRole('table', { name: 'What speaks for and against the 1/2' });
  await expect(evidence).toContainText('Bow arm');
  await expect(evidence.getByRole('row', { name: /Lowest peg/ })).toContainText('above the ear');
  // 0.1417 x 585 = 82.9 mm: 74 mm is more than 8 % short; the widest 116 mm covers 113.9 mm
  await expect(evidence.getByRole('row', { name: /Left-hand frame/ })).toContainText('for a smaller one');
  await expect(evidence.getByRole('row', { name: /Extended frame/ })).toContainText('covers 11.4 cm');

  const figure = page.getByRole('img', { name: /cello on this player/ });
  await expect(figure).toHaveAttribute('aria-label', /A 1\/2 cello on this player.*lowest peg 0\.9 cm above/);
  await page.getByRole('radiogroup', { name: 'In the drawing' }).getByText('4/4').click();
  await expect(figure).toHaveAttribute('aria-label', /A 4\/4 cello on this player/);
  const drawn = figure.locator('.figure-picture');
  const before = await drawn.innerHTML();
  await page.getByRole('slider', { name: 'Turn the figure' }).press('ArrowLeft');
  await expect.poll(() => drawn.innerHTML()).not.toBe(before);
  await page.getByRole('radiogroup', { name: 'Seen from' }).getByText('Left').click();
  await page.getByRole('button', { name: 'Enter lower leg' }).click();
  await expect(field(page, 'Lower leg')).toBeFocused();

  await page.getByRole('link', { name: 'Decide' }).click();
  await pressMain(page);
  await expect(page.locator('.foot .now')).toContainText('decided');
  await expect(page.locator('[data-act=keep-setup]')).toBeFocused();
  await pressMain(page);
  await expect(page.getByText('Set-up 1 is kept.')).toBeVisible();
  await toStep(page, 'Set up');
  await expect(page.locator('[data-review]')).toContainText('Without a birth month');
  await expectAccessible(page);
  await toStep(page, 'Card');
  await page.getByRole('button', { name: 'Finished, next player' }).click();
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
});

test('a short trunk gives a smaller cello than the height suggests, and says so', async ({ page }) => {
  await openNewPlayer(page, 'Short Trunk', 'cello');
  for (const text of ['127', '49', '29.3', '50.7']) {
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
  }
  await expect(page.locator('.answer')).toContainText(
    'Short trunk: one size down from what the height alone suggests (1/2).'
  );
});

test('a bassist sees the three height rules, and what to do when no size stands', async ({ page }) => {
  await openNewPlayer(page, 'Barnaby Low', 'bass');
  for (const text of ['165', '69.3', '148.5', '156.4', '11.5']) {
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
  }
  await expect(page.locator('.answer .size')).toContainText('3/4');
  await toStep(page, 'Measure');
  await expect(page.getByRole('img', { name: /bass on this player/ })).toHaveAttribute(
    'aria-label',
    /Pin by the bow’s reach .* by the cheek .* by the eyebrow/
  );
  await openNewPlayer(page, 'Tiny Low', 'bass');
  for (const text of ['100', '47', '87', '93']) {
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
  }
  await expect(page.locator('.answer')).toContainText('a stool with the left foot raised');
});

test('a violin player who changes over is told the viola of about the same length', async ({ page }) => {
  await openWithClass(page);
  await page.goto('/fit/demo-15');
  await expect(page.locator('.answer')).toContainText(/Coming from a .* violin: a .* in is about as long/);
  await page.goto('/players/demo-15');
  await expect(page.getByText('Violin', { exact: false }).first()).toBeVisible();
});

test('a real instrument at hand outranks the table', async ({ page }) => {
  await openNewPlayer(page);
  for (const text of ['130', '52.4', '45.4']) {
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
  }
  await expect(page.locator('.answer .size')).toContainText('1/2');
  await page.getByText('A real instrument at hand').click();
  await page.getByRole('combobox', { name: /^Size/ }).selectOption('1/2');
  await page.getByLabel(/^Overall/).fill('30');
  await page.getByRole('button', { name: 'Judge by it' }).click();
  await expect(page.getByRole('alert')).toContainText('A 1/2 is about 51.8 cm long');
  await page.getByLabel(/^Overall/).fill('53.2');
  await page.getByRole('button', { name: 'Judge by it' }).click();
  await expect(page.locator('.answer .size')).toContainText('1/4');
  await expect(page.locator('.answer')).toContainText('On an instrument no longer than');
  await page.reload();
  await expect(page.locator('.answer .size')).toContainText('1/4');
  await page.getByRole('button', { name: 'Forget the measured 1/2' }).click();
  await expect(page.locator('.answer .size')).toContainText('1/2');
});
