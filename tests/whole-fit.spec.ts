import {
  bytesOf,
  expect,
  expectAccessible,
  field,
  openNewPlayer,
  pressMain,
  readPdf,
  takeSize,
  test,
  toStep
} from './app';

test('a new violin beginner goes from the tape to a card by keyboard alone', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Start empty with your first player' })).toBeVisible();
  await page.keyboard.press('Alt+Digit4');
  await expect(page.getByRole('heading', { name: 'Players' })).toBeVisible();
  await page.getByRole('link', { name: 'New player' }).focus();
  await pressMain(page);
  await expect(page.getByLabel('Name, initials or number')).toBeFocused();
  await page.keyboard.type('Keya Board');
  await page.keyboard.press('Enter');

  await expect(field(page, 'Height')).toBeFocused();
  for (const [name, text] of [
    ['Height', '1 m 20,5'],
    ['Arm to palm', '47.8'],
    ['Arm to wrist', '42,1 cm'],
    ['Hand length', '5 1/16 in'],
    ['Easy span', '8.4'],
    ['Neck gap', '58 mm'],
    ['Shoulder slope', '3']
  ] as const) {
    await expect(field(page, name)).toBeFocused();
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
  }
  await expect(page.locator('.answer')).toContainText('1/4');

  await expect(page.getByRole('button', { name: /^Take the 1\/4/ })).toBeFocused();
  await pressMain(page);
  await expect(page.locator('.foot .now')).toContainText('decided');
  await expect(page.getByRole('button', { name: /^Keep this set-up/ })).toBeFocused();
  await pressMain(page);
  await expect(page.getByText('Set-up 1 is kept.')).toBeVisible();

  await expect(page.locator('[data-act=to-looks]')).toBeFocused();
  await pressMain(page);
  for (const [look, key] of [
    ['hold-comes-to-player', 'm'],
    ['hold-bringing-up', 'm'],
    ['hold-seat', 'm'],
    ['hold-jaw', 'n'],
    ['hold-head', 'm'],
    ['hold-neck', 's']
  ] as const) {
    await expect(page.locator(`[data-look=${look}]`)).toBeVisible();
    await page.keyboard.press(key);
    await expect(page.locator('[data-save=saved]')).toBeVisible();
  }
  // What the set-up mends leads there first; for home it can be noted all the same.
  await expect(page.locator('[data-end] .act-next')).toBeFocused();
  await page.locator('[data-act=set-practice]').first().focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-practice=hold-jaw]')).toBeVisible();
  await expect(page.locator('[data-act=to-bench]')).toBeVisible();
  await page.locator('[data-act=to-bench]').focus();
  await pressMain(page);
  await expect(page.locator('[data-act=print-card]')).toBeFocused();
  const card = page.getByRole('article', { name: 'Card of Keya Board' });
  await expect(card).toContainText('Lay your jaw down');
  await expect(card).toContainText('Look again by 24 May 2027');

  const downloading = page.waitForEvent('download');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  const download = await downloading;
  expect(download.suggestedFilename()).toBe('card-keya-board.pdf');
  const pdf = await readPdf(await bytesOf(download));
  expect(pdf.widthPt).toBeCloseTo((105 / 25.4) * 72, 1);
  expect(pdf.heightPt).toBeCloseTo((148 / 25.4) * 72, 1);
  // rib 27: 58 - 35 - 7.2 - chin rest 18 leaves nothing to lift
  for (const words of [
    'Keya Board',
    '1/4',
    'Chin rest',
    '18 mm',
    '0 mm',
    'Lay your jaw down',
    'Look again by 24 May 2027'
  ])
    expect(pdf.text).toContain(words);
  await expectAccessible(page);
});

test.describe('on a tablet', () => {
  test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true });

  test('the whole path goes by touch alone', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'Start empty with your first player' }).tap();
    await page.getByLabel('Name, initials or number').fill('Tappy Tablet');
    await page.getByText('Viola', { exact: true }).tap();
    await page.getByRole('button', { name: 'Add and measure' }).tap();
    for (const [name, text] of [
      ['Height', '152'],
      ['Arm to palm', '61.2'],
      ['Arm to wrist', '53.0']
    ] as const) {
      await field(page, name).tap();
      // The screen's own keyboard has no Enter that a script could press; the button does the same.
      await field(page, name).fill(text);
      await page.getByRole('button', { name: /^Take/ }).first().tap();
      await expect(page.locator('[data-save=saved]')).toBeVisible();
    }
    await page.getByText('Steep', { exact: true }).tap();
    await page.getByRole('link', { name: 'Decide' }).tap();
    await page.getByRole('button', { name: /^Take the 14 in/ }).tap();
    await page.getByRole('tab', { name: 'Ways' }).tap();
    await page.getByText('Collarbone first', { exact: true }).tap();
    await page.getByRole('tab', { name: 'Look and set' }).tap();
    await page.getByRole('button', { name: 'Lift higher' }).tap();
    await expect(page.locator('[data-save=saved]')).toBeVisible();
    await page.getByRole('button', { name: /^Keep this set-up/ }).tap();
    await expect(page.getByText('Set-up 1 is kept.')).toBeVisible();
    await page.locator('[data-act=to-looks]').tap();
    await page.locator('[data-fault=body-bends]').tap();
    await expect(page.locator('[data-fault=body-bends]')).toHaveAttribute('aria-pressed', 'true');
    await page.locator('[data-rate=not-yet]').tap();
    await page.locator('[data-act=end-looks]').tap();
    await page.locator('[data-act=set-practice]').first().tap();
    await expect(page.getByText('Grow tall at the wall, then bring it to you.').first()).toBeVisible();
    await page.locator('[data-act=to-bench]').tap();
    await expect(page.locator('[data-act=print-card]')).toBeVisible();
    await page.getByRole('link', { name: 'Check' }).tap();
    await expect(page.locator('[data-seen-check=hold-comes-to-player]')).toContainText(
      'body bends to meet it'
    );
    await page.locator('[data-act=to-card]').tap();
    const card = page.getByRole('article', { name: 'Card of Tappy Tablet' });
    await expect(card).toContainText('14 in');
    await expect(card).toContainText('Collarbone first');
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save as PDF' }).tap()
    ]);
    expect((await readPdf(await bytesOf(download))).text).toContain('Tappy Tablet');
    await page.getByRole('button', { name: 'Finished, next player' }).tap();
    await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
    await expectAccessible(page);
  });
});

test('the card prints alone on a page of A6', async ({ page }) => {
  await openNewPlayer(page);
  await field(page, 'Height').fill('115');
  await page.keyboard.press('Enter');
  await takeSize(page);
  await page.getByRole('button', { name: /^Keep this set-up/ }).click();
  await toStep(page, 'Card');
  await page.evaluate(() =>
    Object.assign(window, { print: () => document.body.setAttribute('data-printed', '') })
  );
  await page.locator('[data-act=print-card]').click();
  await expect(page.locator('body[data-printed]')).toHaveCount(1);
  const paper = await readPdf(await page.pdf({ preferCSSPageSize: true }));
  expect(paper.widthPt).toBeCloseTo((105 / 25.4) * 72, 0);
  expect(paper.text).toContain('Trial Player');
  expect(paper.text).not.toContain('Back to the fit');
});
