import type { Locator, Page } from '@playwright/test';
import { OTHER_STORES } from '../src/lib/data/store/database';
import { TABLE_NAMES } from '../src/lib/data/store/tables';
import {
  expect,
  field,
  fromMenu,
  given,
  measure,
  openNewPlayer,
  openWithClass,
  reading,
  somebody,
  stored,
  takeSize,
  test,
  toStep
} from './app';

const counts = async (page: Page, ...tables: Parameters<typeof stored>[1][]) =>
  Promise.all(tables.map(async (table) => (await stored(page, table)).length));

/** Presses a button twice before the page can answer the first press. */
const twiceAtOnce = (button: Locator) =>
  button.evaluate((button: HTMLElement) => {
    button.click();
    button.click();
  });

test('pressed twice at once, a decision, a set-up and a note of pain are made once', async ({ page }) => {
  await openNewPlayer(page);
  await measure(page, '120.5', '50');
  await toStep(page, 'Decide');
  await twiceAtOnce(page.locator('[data-act=accept-size]'));
  await expect(page.locator('.foot .now')).toContainText('decided');
  await twiceAtOnce(page.locator('[data-act=keep-setup]'));
  await expect(page.getByText('Set-up 1 is kept.')).toBeVisible();
  await twiceAtOnce(page.locator('.foot button.pain'));
  await expect(page.getByRole('alert', { name: 'Pain was noted' })).toBeVisible();
  expect(await counts(page, 'fits', 'setups', 'pains')).toEqual([1, 1, 1]);
  await expect(page.locator('[data-save=failed]')).toHaveCount(0);
});

test('a key that is held takes the size, and keeps no set-up that nobody saw', async ({ page }) => {
  await openNewPlayer(page);
  await measure(page, '120.5', '50', '43', '13', '8.4', '5.8', '3');
  await expect(page.locator('[data-act=accept-size]')).toBeFocused();
  await page.waitForTimeout(300);
  await page.keyboard.down('Enter');
  for (let repeat = 0; repeat < 12; repeat++) {
    await page.keyboard.down('Enter');
    await page.waitForTimeout(60);
  }
  await page.keyboard.up('Enter');
  await expect(page.locator('.foot .now')).toContainText('decided');
  expect(await counts(page, 'fits', 'setups')).toEqual([1, 0]);
});

test('a new player and a list of players are added once, however often it is pressed', async ({ page }) => {
  await page.goto('/players/new');
  await page.getByLabel('Name, initials or number').fill('Once Only');
  await twiceAtOnce(page.getByRole('button', { name: 'Add and measure' }));
  await expect(page.getByRole('heading', { name: 'Once Only', level: 1 })).toBeVisible();
  await page.goto('/files');
  await page
    .getByLabel('Bring players in from CSV…')
    .last()
    .setInputFiles({ name: 'list.csv', mimeType: 'text/csv', buffer: Buffer.from('Name\nA\nB\nC\n') });
  const preview = page.getByRole('region', { name: 'Players to bring in' });
  await twiceAtOnce(preview.getByRole('button', { name: 'Add 3 players' }));
  await expect(page.getByText('3 players are in.')).toBeVisible();
  expect(await counts(page, 'players')).toEqual([4]);
});

test('after pain no size is on the main button, and taking one all the same asks why', async ({ page }) => {
  const player = somebody({ name: 'Small Hand' });
  await given(page, {
    players: [player],
    measurements: [reading(player, 'height', 1050), reading(player, 'armToPalm', 400)]
  });
  await page.goto(`/fit/${player.id}`);
  await toStep(page, 'Try on');
  await page
    .getByRole('radiogroup', { name: 'Put one on the body' })
    .getByText('1/32', { exact: true })
    .click();
  await page.locator('[data-act=begin-trial]').click();
  await expect(page.locator('[data-look]')).toBeFocused();
  await page.keyboard.press('0');
  await expect(page.locator('[data-end]')).toContainText('was stopped');
  await toStep(page, 'Decide');
  const decide = page.locator('[data-step=decide]');
  await expect(decide.getByRole('button', { name: /^Take the/ })).toHaveCount(0);
  await expect(decide).toContainText('Leave it for today');
  await decide.getByText('1/16', { exact: true }).click();
  await decide.getByRole('button', { name: 'Decide 1/16' }).click();
  await expect(decide.getByRole('alert')).toContainText('needs a line of reason');
  expect(await counts(page, 'fits')).toEqual([0]);
});

test('benches open for bodies unlike any other, and after the family was changed', async ({ page }) => {
  const cellist = somebody({ name: 'Wide Span', family: 'cello' });
  const boy = somebody({ name: 'Typed Wrong', birthMonth: '2013-03', curve: 'boy' });
  await given(page, {
    players: [cellist, boy],
    measurements: [
      reading(cellist, 'height', 1290),
      reading(cellist, 'handSpan', 76),
      reading(cellist, 'handSpanWidest', 87),
      reading(boy, 'height', 850),
      reading(boy, 'armToPalm', 330)
    ]
  });
  await page.goto(`/fit/${cellist.id}`);
  await expect(page.locator('.answer .size')).toBeVisible();
  await page.goto(`/fit/${boy.id}`);
  await takeSize(page);
  for (const family of ['Viola', 'Cello']) {
    await page.goto(`/players/${boy.id}`);
    await fromMenu(page, 'Edit');
    await page.getByText(family, { exact: true }).click();
    await page.getByRole('button', { name: /^Save changes/ }).click();
    // The form closes when the change is saved; a page left before that may take it along.
    await expect(page.getByRole('button', { name: /^Save changes/ })).toBeHidden();
    await page.goto(`/fit/${boy.id}`);
    await expect(page.locator('.answer')).toBeVisible();
    await expect(page.locator('.foot .now')).not.toContainText('decided');
  }
});

test('a height far below the age is asked about, and no date is foreseen from it', async ({ page }) => {
  const player = somebody({ name: 'Typed Wrong', birthMonth: '2013-03', curve: 'boy' });
  await given(page, { players: [player] });
  await page.goto(`/fit/${player.id}`);
  await expect(field(page, 'Height')).toBeFocused();
  await page.keyboard.type('85');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText(/birth month/);
  await page.keyboard.press('Enter');
  await takeSize(page);
  await page.goto(`/players/${player.id}`);
  await expect(page.locator('.growth')).toContainText('so nothing is forecast');
});

test('pain gives up a clock that runs, and a forgotten clock asks before it counts', async ({ page }) => {
  const player = somebody({ name: 'Clock' });
  await given(page, { players: [player] });
  await page.goto(`/lesson/${player.id}?category=hold`);
  await page.getByRole('button', { name: /^All \d+ looks/ }).click();
  await page.locator('[data-spot=hold-hands-off]').click();
  const watch = page.locator('[data-watch]');
  await expect(watch).toBeFocused();
  await watch.click();
  await page.clock.runFor(4000);
  await page.locator('.foot button.pain').click();
  await expect(watch).toHaveCount(0);
  await expect(page.getByText('Stopped for pain.')).toBeVisible();
  expect(await counts(page, 'checks')).toEqual([0]);
  await page.getByRole('button', { name: /^It was gone within a minute/ }).click();
  await watch.click();
  await page.clock.fastForward('01:10:00');
  await watch.click();
  await expect(page.getByText(/The clock ran 70 minutes. Was it forgotten/)).toBeVisible();
  await page.getByRole('button', { name: 'Yes, leave it out' }).click();
  await expect(page.getByText(/The clock ran 70 minutes/)).toHaveCount(0);
  expect(await counts(page, 'checks')).toEqual([0]);
});

test('what is typed outlives undo and a killed tab', async ({ page }) => {
  await openNewPlayer(page);
  await measure(page, '120.5', '50');
  await toStep(page, 'Decide');
  await page
    .locator('[data-step=decide]')
    .getByRole('radiogroup', { name: /another size/ })
    .getByText('1/8', { exact: true })
    .click();
  await page.getByLabel('Why, in a line').fill('Small for her');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await page.getByRole('button', { name: /^Redo/ }).click();
  await expect(page.getByLabel('Why, in a line')).toHaveValue('Small for her');
  await page.getByLabel('Why, in a line').press('End');
  await page.keyboard.type(' strength');
  await expect
    .poll(async () => (await stored(page, 'typed')).map(({ text }) => text))
    .toEqual(['Small for her strength']);
  await page.reload();
  await expect(page.getByLabel('Why, in a line')).toHaveValue('Small for her strength');
});

test('what a full disk did not take stays said until it is saved', async ({ page }) => {
  await openNewPlayer(page);
  await page.evaluate(() => {
    const put = Reflect.get(IDBObjectStore.prototype, 'put') as (...given: unknown[]) => unknown;
    const full = function (this: IDBObjectStore, ...given: unknown[]) {
      if (this.name === 'measurements') throw new DOMException('no room', 'QuotaExceededError');
      return put.apply(this, given);
    };
    Object.assign(IDBObjectStore.prototype, { put: full });
    Object.assign(window, { free: () => Object.assign(IDBObjectStore.prototype, { put }) });
  });
  await measure(page, '120.5');
  const failed = page.locator('[data-save=failed]');
  await expect(failed).toContainText('no room left');
  await expect(field(page, 'Height')).toHaveValue('120.5');
  await page.keyboard.type('50');
  await expect.poll(async () => (await stored(page, 'typed')).map(({ text }) => text)).toContain('50');
  await expect(failed).toContainText('Measured height of Trial Player');
  await page.evaluate(() => (window as unknown as { free: () => void }).free());
  await failed.getByRole('button', { name: 'Try again' }).click();
  await expect(failed).toHaveCount(0);
  const heights = (await stored(page, 'measurements')).filter(({ kind }) => kind === 'height');
  expect(heights.map(({ readings }) => readings.map(({ mm }) => mm))).toEqual([[1205]]);
});

test('two readings dropped quickly stay dropped', async ({ page }) => {
  const player = somebody({ name: 'Dropper' });
  await given(page, { players: [player], measurements: [reading(player, 'height', 1200, 1204, 1208)] });
  await page.goto(`/fit/${player.id}`);
  await field(page, 'Height').click();
  await page.getByRole('list', { name: 'Readings of Height' }).evaluate((list: HTMLElement) => {
    const [first, second] = list.querySelectorAll('button');
    first?.click();
    second?.click();
  });
  await expect(page.getByRole('list', { name: 'Readings of Height' }).getByRole('button')).toHaveCount(1);
  expect((await stored(page, 'measurements'))[0]?.readings.map(({ mm }) => mm)).toEqual([1208]);
});

test('somebody deleted in another tab leaves nothing that a number could be written to', async ({
  page,
  context
}) => {
  const id = await openNewPlayer(page, 'Two Tabs');
  await page.keyboard.type('120.5');
  const other = await context.newPage();
  await other.goto(`/players/${id}`);
  await fromMenu(other, 'Delete…');
  await other.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(other.getByText('Deleted Two Tabs with all records.', { exact: false })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Two Tabs' })).toHaveCount(0);
  expect(await counts(page, 'players', 'measurements', 'drafts')).toEqual([0, 0, 0]);
  await other.close();
});

test('forgotten for good, nothing of a child is left in any table', async ({ page }) => {
  await openWithClass(page, '/players/demo-05');
  const name = (await page.getByRole('heading', { level: 1 }).innerText()).trim();
  const everything = async () =>
    JSON.stringify(
      await Promise.all(
        [...TABLE_NAMES.filter((name) => name !== 'gone'), ...Object.keys(OTHER_STORES)].map((table) =>
          stored(page, table as 'players')
        )
      )
    );
  expect(await everything()).toContain(name);
  await fromMenu(page, 'Edit');
  await page.getByLabel('Notes').fill('a note of hers');
  await page.getByRole('button', { name: /^Save changes/ }).click();
  await fromMenu(page, 'Delete…');
  await page.getByRole('button', { name: 'Delete and forget for good now' }).click();
  await expect(page.getByText('Nothing is left but a random number', { exact: false })).toBeVisible();
  const left = await everything();
  expect(left).not.toContain(name);
  expect(left).not.toContain('demo-05');
  expect(left).not.toContain('a note of hers');
});

test('a deletion can be taken back for two minutes, and is then forgotten by itself', async ({ page }) => {
  const id = await openNewPlayer(page, 'Gone Soon');
  await page.goto(`/players/${id}`);
  await fromMenu(page, 'Delete…');
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Undo: Deleted Gone Soon' })).toBeVisible();
  expect(JSON.stringify(await stored(page, 'changes' as 'players'))).toContain('Gone Soon');
  await page.clock.fastForward('00:03:00');
  await expect
    .poll(async () => JSON.stringify(await stored(page, 'changes' as 'players')))
    .not.toContain('Gone Soon');
  await expect(page.getByRole('button', { name: 'Nothing to undo' })).toBeVisible();
});

test('left open over midnight, a line goes on with the numbers of the new day', async ({ page }) => {
  await openWithClass(page, '/day/demo-day');
  await expect(field(page, 'Height')).toBeFocused();
  await page.clock.fastForward('14:00:00');
  await measure(page, '123.6', '50.2');
  await expect(page.locator('.said')).toContainText('1/4');
  await page.clock.runFor(1000);
  await expect(page.locator('.said')).toContainText('1/4');
  const [first] = (await stored(page, 'measurements')).filter(({ day }) => day > '2026-11-24');
  expect(first?.day).toBe('2026-11-25');
});

test('cello and bass have their sizes and dimensions in Settings, smallest first', async ({ page }) => {
  await openWithClass(page, '/settings');
  for (const [family, sizes] of [
    ['Cello', ['1/10', '1/8', '1/4', '1/2', '3/4', '7/8', '4/4']],
    ['Bass', ['1/10', '1/8', '1/4', '1/2', '3/4', '4/4']]
  ] as const) {
    const group = page.getByRole('group', { name: family, exact: true });
    const shown = (await group.locator('label').allInnerTexts()).map((text) => text.trim());
    expect(shown.filter((size) => (sizes as readonly string[]).includes(size))).toEqual(sizes);
    await expect(page.getByRole('region', { name: `${family} dimensions` })).toBeVisible();
  }
  const cello = page.getByRole('group', { name: 'Cello', exact: true });
  await cello.getByRole('checkbox', { name: '7/8' }).click();
  await expect(page.locator('[data-save=saved]')).toBeVisible();
  const [settings] = await stored(page, 'settings');
  expect(settings?.sizes.cello).toContain('7/8');
});

test('nothing that sticks to an edge lies over what is rated', async ({ page }) => {
  const player = somebody({ name: 'Edge' });
  await given(page, { players: [player] });
  await page.goto(`/lesson/${player.id}?category=left-hand`);
  await expect(page.locator('[data-spot]').first()).toBeVisible();
  const covered: string[] = [];
  for (const one of await page.locator('[data-spot], [data-rate], [data-fault]').all()) {
    await one.focus();
    const hidden = await one.evaluate((element: HTMLElement) => {
      const { left, top, width, height } = element.getBoundingClientRect();
      const seen = document.elementFromPoint(left + width / 2, top + height / 2);
      return !element.contains(seen);
    });
    if (hidden) covered.push(await one.innerText());
  }
  expect(covered).toEqual([]);
});

test('a backup is named and previewed by the day of the teacher @zones', async ({ page }) => {
  // 18:00 on the day before in Los Angeles, 16:00 on the day after in Kiritimati.
  const instant = new Date('2026-11-25T02:00:00Z');
  await page.clock.setFixedTime(instant);
  await openNewPlayer(page, 'Zone');
  const expected = await page.evaluate(() => {
    const now = new Date();
    return [now.getFullYear(), now.getMonth() + 1, now.getDate()]
      .map((part) => String(part).padStart(2, '0'))
      .join('-');
  });
  await measure(page, '120.5');
  await expect
    .poll(async () => (await stored(page, 'measurements')).map(({ day }) => day))
    .toEqual([expected]);
  await page.goto('/files');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save a backup' }).click()
  ]);
  expect(download.suggestedFilename()).toBe(`jarvel-backup-${expected}.json`);
  await page
    .getByLabel('Restore a backup…')
    .last()
    .setInputFiles(await download.path());
  const preview = page.getByRole('region', { name: 'What restoring would change' });
  await expect(preview).toContainText(`${Number(expected.slice(8))} Nov 2026`);
});
