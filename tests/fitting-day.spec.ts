import type { Page } from '@playwright/test';
import {
  bytesOf,
  expect,
  expectAccessible,
  field,
  openWithClass,
  readPdf,
  takeSize,
  test,
  toStep
} from './app';

const NAMES = Array.from({ length: 25 }, (_, index) => `Pupil ${String(index + 1).padStart(2, '0')}`);
/** A class list as a spreadsheet writes it: semicolons, other headings, one column too many. */
const CLASS_LIST = Buffer.from(
  [
    'Pupil;Born;Class;Shoe',
    ...NAMES.map((name, index) => `${name};2018-0${1 + (index % 9)};4b;${30 + index}`)
  ].join('\r\n'),
  'latin1'
);

/** A player's place in the list of the line. */
const inLine = (page: Page, name: string) => page.locator('.lists').getByRole('button', { name });

test('a class of 25 goes from a CSV list to counted sizes by keyboard, and survives a reload', async ({
  page
}) => {
  test.slow();
  await page.goto('/day');
  await page
    .getByLabel('A class list from CSV…')
    .last()
    .setInputFiles({ name: 'class.csv', mimeType: 'text/csv', buffer: CLASS_LIST });
  const preview = page.getByRole('region', { name: 'Players to bring in' });
  await expect(preview.getByLabel('What Pupil means')).toHaveValue('name');
  await expect(preview.getByLabel('What Shoe means')).toHaveValue('');
  await expect(preview).toContainText('25 players can be brought in');
  await preview.getByRole('button', { name: 'Line up 25 players' }).click();
  await expect(page.getByRole('heading', { name: '4b', level: 1 })).toBeVisible();

  let presses = 0;
  const press = async (key: string) => {
    await page.keyboard.press(key);
    presses++;
  };
  for (const [index, name] of NAMES.entries()) {
    await expect(page.getByRole('heading', { name, level: 2 })).toBeVisible();
    await expect(field(page, 'Height')).toBeFocused();
    if (index === 3) {
      await press('Alt+KeyA');
      continue;
    }
    if (index === 4) {
      await press('Alt+KeyS');
      continue;
    }
    const heightMm = 1180 + index * 6;
    const armMm = index === 7 ? 476 : Math.round(heightMm * 0.4) + (index % 2 === 0 ? 14 : 18);
    for (const [kind, mm] of [
      ['Height', heightMm],
      ['Arm to palm', armMm],
      ['Arm to wrist', armMm - Math.round(heightMm * 0.054)]
    ] as const) {
      await expect(field(page, kind)).toBeFocused();
      await page.keyboard.type((mm / 10).toFixed(1));
      await press('Enter');
    }
    await expect(page.locator('[data-act=pass]')).toBeFocused();
    if (index === 10) {
      await expect(page.locator('[data-save=saved]')).toBeVisible();
      await page.reload();
      await expect(page.getByRole('heading', { name, level: 2 })).toBeVisible();
      await expect(field(page, 'Arm to wrist')).not.toHaveValue('');
      await page.locator('[data-act=pass]').focus();
    }
    await page.waitForTimeout(300);
    await press('Enter');
  }
  expect(presses / NAMES.length).toBeLessThanOrEqual(9);

  await expect(page.getByRole('heading', { name: /The line is through|Everybody was seen/ })).toBeVisible();
  const list = page.getByRole('table').filter({ hasText: 'The list' });
  await expect(list.getByRole('row', { name: /Pupil 04/ })).toContainText('absent');
  await expect(list.getByRole('row', { name: /Pupil 05/ })).toContainText('skipped');
  await expect(list.getByRole('row', { name: /Pupil 08/ })).toContainText('for a trial');
  await expectAccessible(page);

  const counts = page.getByRole('table').filter({ hasText: 'Count by size' });
  const counted = (await counts.locator('td.count').allInnerTexts()).reduce((sum, n) => sum + Number(n), 0);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as CSV' }).click()
  ]);
  const csv = (await bytesOf(download)).toString().replace('\ufeff', '').split('\r\n');
  expect(csv[0]).toBe('Name,Instrument,Group,Size,Note');
  expect(csv).toHaveLength(26);
  expect(csv.filter((row) => /,\d+\/\d+,/.test(row))).toHaveLength(counted);
  const paper = await readPdf(await page.pdf());
  expect(paper.text).toContain('Pupil 25');
  expect(paper.text).not.toContain('Save as CSV');
});

test('who is between sizes waits in a second line, tries on, and comes back', async ({ page }) => {
  await openWithClass(page);
  await page.goto('/day/demo-day');
  await expect(page.getByRole('heading', { name: 'Ottilie Fernsby', level: 2 })).toBeVisible();
  await expect(field(page, 'Height')).toBeFocused();
  for (const text of ['123.6', '47.6', '41.1']) {
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
  }
  await expect(page.getByText('between sizes: a try on the body settles it')).toBeVisible();
  await page.getByRole('button', { name: /^To the second line/ }).click();
  await expect(page.getByRole('heading', { name: 'Saffi Dunmorrow', level: 2 })).toBeVisible();
  await page.getByRole('link', { name: 'Try on Ottilie Fernsby' }).click();
  await takeSize(page);
  // A step that is tapped while something ends is the one that is gone to, and has not moved from under the finger.
  const card = page.getByRole('navigation', { name: 'Steps' }).getByRole('link', { name: 'Card' });
  const before = await card.boundingBox();
  await page.getByRole('button', { name: /^Keep this set-up/ }).click();
  await expect(page.locator('[data-step=check]')).toBeVisible();
  expect(Math.abs(((await card.boundingBox())?.x ?? 0) - (before?.x ?? 0))).toBeLessThan(5);
  await toStep(page, 'Card');
  await page.getByRole('button', { name: 'Finished, next player' }).click();
  await expect(page.getByRole('heading', { name: 'Monday beginners, autumn' })).toBeVisible();
  await expect(inLine(page, 'Ottilie Fernsby')).toContainText(/1\/[48]/);
});

test('an assistant’s word from the fitting tape is a reading, with one touch', async ({ page }) => {
  await openWithClass(page, '/day/demo-day');
  const tape = page.locator('[data-fold=by-tape]');
  const answer = page.locator('.said');
  await page.getByLabel('Height').fill('121');
  await page.keyboard.press('Enter');
  await tape.getByText('Read by tape').click();
  const word = tape.getByRole('button', { name: /^between no\. 1 \(1\/4\)/ });
  await word.click();
  await expect(word).toHaveAttribute('aria-pressed', 'true');
  await expect(answer).toContainText('1/4');
  await expectAccessible(page);
  // Another word takes its place; undone, the first is back.
  await tape.getByRole('button', { name: 'The whole tape' }).click();
  await tape.getByRole('button', { name: /^past/ }).click();
  await expect(word).toHaveAttribute('aria-pressed', 'false');
  await expect(answer).toContainText('4/4');
  await page.keyboard.press('Control+z');
  await expect(word).toHaveAttribute('aria-pressed', 'true');
});

test('a line is made up as the names come', async ({ page }) => {
  await page.goto('/day');
  await page.getByRole('button', { name: 'An empty line, names as they come' }).click();
  await expect(page.getByText('Nobody is in this line yet.')).toBeVisible();
  await page.getByLabel('Somebody else').fill('Ada');
  await page.getByLabel('plays').selectOption('Cello');
  await page.getByLabel('Somebody else').press('Enter');
  await expect(page.getByRole('heading', { name: 'Ada', level: 2 })).toBeVisible();
  await expect(field(page, 'Arm reach')).toBeVisible();
  await page.getByLabel('Somebody else').fill('Bea');
  await page.getByLabel('Somebody else').press('Enter');
  await expect(inLine(page, 'Bea')).toBeVisible();
  await expect(page.getByLabel('plays')).toHaveValue('cello');
  await expectAccessible(page);
});

test('going back brings a player into the line again, and typed numbers wait', async ({ page }) => {
  await openWithClass(page);
  await page.goto('/day/demo-day');
  await expect(field(page, 'Height')).toBeFocused();
  await page.keyboard.press('Alt+KeyS');
  await expect(page.getByRole('heading', { name: 'Saffi Dunmorrow', level: 2 })).toBeVisible();
  await expect(field(page, 'Height')).toBeFocused();
  await page.keyboard.press('Alt+KeyB');
  await expect(page.getByRole('heading', { name: 'Ottilie Fernsby', level: 2 })).toBeVisible();
  await expect(field(page, 'Height')).toBeFocused();
  await page.keyboard.type('12');
  await expect(page.locator('[data-save=saved]')).toBeVisible();
  await page.reload();
  await expect(field(page, 'Height')).toHaveValue('12');
  await inLine(page, 'Corin Hazelbeck').click();
  await expect(page.getByRole('heading', { name: 'Corin Hazelbeck', level: 2 })).toBeVisible();
});

test.describe('on a tablet', () => {
  test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true });

  test('a line runs by touch alone', async ({ page }) => {
    await openWithClass(page);
    await page.goto('/day/demo-day');
    for (const [name, text] of [
      ['Height', '123.6'],
      ['Arm to palm', '50.2'],
      ['Arm to wrist', '43.4']
    ] as const) {
      await field(page, name).tap();
      await field(page, name).fill(text);
      await page.getByRole('button', { name: /^Take ↵/ }).tap();
      await expect(field(page, name)).toHaveValue(text);
    }
    await page.locator('[data-act=pass]').tap();
    await expect(inLine(page, 'Ottilie Fernsby')).toContainText('1/4');
    await page.getByRole('button', { name: /^Absent/ }).tap();
    await expect(inLine(page, 'Saffi Dunmorrow')).toContainText('absent');
    await page.getByRole('button', { name: 'Undo: Marked absent: Saffi Dunmorrow' }).tap();
    await expect(page.getByRole('heading', { name: 'Saffi Dunmorrow', level: 2 })).toBeVisible();
  });
});

test('a list that is not right is named row by row, and nothing is lost', async ({ page }) => {
  await page.goto('/day');
  const pick = page.getByLabel('A class list from CSV…').last();
  const give = (text: string | Buffer) =>
    pick.setInputFiles({
      name: 'list.csv',
      mimeType: 'text/csv',
      buffer: typeof text === 'string' ? Buffer.from(text) : text
    });
  await give(`Name\n${'a\n'.repeat(50_000)}`);
  await expect(page.getByRole('alert')).toContainText('The file has 50000 rows; at most 5000');
  await give(Buffer.from([0x50, 0x4b, 3, 4, 0, 0, 0, 0]));
  await expect(page.getByRole('alert')).toContainText('not a text file');
  await give('Wer;Instrument\nZoë;cello\nB;kazoo\n');
  // The first column holds the names, as nothing else is called one.
  await page.getByLabel('What Wer means').selectOption('');
  await expect(page.getByRole('alert')).toContainText('Say below which one holds the names');
  await page.getByLabel('What Wer means').selectOption('name');
  await expect(page.getByRole('alert')).toContainText('Row 3. The family is one of');
  await page.getByRole('button', { name: 'Line up 1 player, leave out 1 row' }).click();
  await expect(page.getByRole('heading', { name: 'Zoë', level: 2 })).toBeVisible();
  await expect(field(page, 'Arm reach')).toBeVisible();
});
