import type { Page } from '@playwright/test';
import {
  bytesOf,
  expect,
  expectAccessible,
  given,
  openWithClass,
  readPdf,
  reading,
  somebody,
  stored,
  test
} from './app';

test.describe('a lesson', () => {
  test('goes by keyboard alone: six looks in six keys, then one remedy and the card', async ({ page }) => {
    const player = somebody({ name: 'Kea Keys', family: 'cello' });
    await given(page, { players: [player], measurements: [reading(player, 'height', 1310)] });
    await page.goto(`/lesson/${player.id}?category=hold`);
    await expect(page.locator('[data-look]')).toBeVisible();
    // A fault by its letter, a spot by its digit.
    await page.keyboard.press('a');
    await expect(page.locator('[data-fault]').first()).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('2');
    await expect(page.locator('h2 .num')).toHaveText('2');
    await page.keyboard.press('1');
    for (const [number, key] of ['n', 'm', 'm', 's', 'h', 'm'].entries()) {
      await expect(page.locator('h2 .num')).toHaveText(String(number + 1));
      const isYesNo = (await page.locator('[data-answer]').count()) > 0;
      await page.keyboard.press(isYesNo ? 'y' : key);
      await expect(page.locator('[data-save=saved]')).toBeVisible();
    }
    await expect(page.locator('[data-end]')).toBeVisible();
    expect(await stored(page, 'checks')).toHaveLength(6);
    await expect(page.locator('[data-end] .act-next')).toBeFocused();
    await page.waitForTimeout(300);
    // What the set-up mends leads there first; for home it can be noted all the same.
    await page.locator('[data-act=set-practice]').first().focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-practice]')).toHaveCount(1);
    await expectAccessible(page);
    const [lesson] = await stored(page, 'lessons');
    expect(lesson).toMatchObject({ category: 'hold', nextLook: '2026-12-01' });
    expect(lesson?.practice?.[0]?.fault).toBeTruthy();
    // When to look again is what the record says, also after undo and when the lesson is opened again.
    const again = (weeks: string) => page.getByRole('button', { name: weeks, exact: true });
    await again('4 weeks').click();
    await expect(again('4 weeks')).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('Control+z');
    await expect(again('1 week')).toHaveAttribute('aria-pressed', 'true');
    await again('2 weeks').click();
    await expect(again('2 weeks')).toHaveAttribute('aria-pressed', 'true');
    await page.reload();
    await page.locator('[data-act=end-looks]').click();
    await expect(again('2 weeks')).toHaveAttribute('aria-pressed', 'true');
  });

  test('pain stops it, is a record, and is seen again at the next opening until it is closed', async ({
    page
  }) => {
    await openWithClass(page, '/lesson/demo-01?category=hold');
    await expect(page.locator('[data-look]')).toBeVisible();
    await page.keyboard.press('p');
    await expect(page.getByRole('alert').first()).toContainText('a doctor or physiotherapist should see it');
    await expect(page.locator('[data-look]')).toHaveCount(0);
    const before = (await stored(page, 'checks')).length;
    await page.keyboard.press('m');
    await page.goto('/lesson/demo-01');
    await expect(page.getByText('Stopped for pain.')).toBeVisible();
    await expect(page.getByText('Pain was noted: nothing is worked on')).toBeVisible();
    expect((await stored(page, 'checks')).length).toBe(before);
    await page.goto('/fit/demo-01');
    await expect(page.getByRole('alert').first()).toContainText(
      'Pain, tingling or numbness on 24 Nov 2026, in a lesson'
    );
    await page.goto('/lesson/demo-01');
    await page.getByLabel('What became of it').fill('Rest was too high, lowered');
    await page.getByRole('button', { name: 'Close with this note' }).click();
    await expect(page.locator('[data-look]')).toBeVisible();
    await expectAccessible(page);
  });

  test('counts, times and measures, with the best and the last', async ({ page }) => {
    await openWithClass(page, '/lesson/demo-19?category=bow-use');
    await page.getByRole('button', { name: /^All \d+ looks/ }).click();
    await page.getByRole('button', { name: /^Front/ }).click();
    await page.locator('[data-spot=use-eyes-closed]').click();
    await expect(page.locator('[data-count]')).toBeFocused();
    for (let hit = 0; hit < 6; hit++) await page.keyboard.press('Space');
    await page.getByRole('button', { name: 'Keep 6' }).click();
    await expect(page.getByText(/Best 7, last 6/)).toBeVisible();
    await page.locator('[data-spot=use-straight]').click();
    await page.locator('[data-angle="12"]').click();
    await expect
      .poll(async () =>
        (await stored(page, 'checks')).some(
          ({ checkId, outcome }) =>
            checkId === 'use-straight' && outcome.kind === 'angle' && outcome.deg === 12
        )
      )
      .toBe(true);
  });

  test('an aid comes, is weaned by a lesson without, and goes', async ({ page }) => {
    await openWithClass(page, '/lesson/demo-19');
    await page.getByRole('button', { name: 'none; note one' }).click();
    await page.getByLabel('Which aid').selectOption('dot');
    await page.getByLabel('Where it is').fill('on the thumb');
    await page.getByRole('button', { name: 'Note it' }).click();
    await expect(page.locator('[data-aid=dot]')).toContainText('Pen dot, on the thumb: since 24 Nov 2026');
    await page.getByRole('button', { name: 'A lesson without' }).click();
    await expect(page.locator('[data-aid=dot]')).toContainText('a lesson without on 24 Nov 2026');
    await page.getByRole('button', { name: 'Gone' }).click();
    await expect(page.locator('[data-aid=dot]')).toHaveCount(0);
  });
});

test('a double press rates one look, not two', async ({ page }) => {
  await openWithClass(page, '/lesson/demo-01?category=left-hand');
  await expect(page.locator('h2 .num')).toHaveText('1');
  const before = (await stored(page, 'checks')).length;
  await page.locator('[data-rate=mostly]').dblclick();
  await expect(page.locator('h2 .num')).toHaveText('2');
  await expect(page.locator('[data-save=saved]')).toBeVisible();
  expect((await stored(page, 'checks')).length).toBe(before + 1);
});

test.describe('on a tablet', () => {
  test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true });

  test('a lesson goes by touch alone: six looks in at most eight taps', async ({ page }) => {
    await openWithClass(page, '/lesson/demo-21?category=bow-hand');
    let taps = 0;
    const tap = async (selector: string) => {
      await page.locator(selector).first().tap();
      taps++;
    };
    await expect(page.locator('[data-look]')).toBeVisible();
    const before = (await stored(page, 'checks')).length;
    await tap('[data-fault]');
    for (let look = 0; look < 6; look++) {
      await expect(page.locator('h2 .num')).toHaveText(String(look + 1));
      // Quicker is the second press of a double one.
      await page.waitForTimeout(500);
      await tap('[data-rate=mostly]');
      await expect(page.locator('[data-save=saved]')).toBeVisible();
    }
    await expect(page.locator('[data-end]')).toBeVisible();
    expect((await stored(page, 'checks')).length).toBe(before + 6);
    expect(taps).toBeLessThanOrEqual(8);
    await page.locator('[data-act=set-practice]').first().tap();
    await page.locator('[data-act=to-home-card]').tap();
    await expect(page.locator('[data-home-card]')).toContainText('Ivo Hollowell');
    await expectAccessible(page);
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save as PDF' }).tap()
    ]);
    const pdf = await readPdf(await bytesOf(download));
    expect(pdf.widthPt).toBeCloseTo((105 / 25.4) * 72, 1);
    const practice = (await stored(page, 'lessons')).find(
      ({ playerId, day }) => playerId === 'demo-21' && day === '2026-11-24'
    )?.practice?.[0];
    for (const words of [
      'Ivo Hollowell',
      'Bass',
      practice?.dose ?? 'a dose',
      'mirror',
      'Look again by 1 Dec 2026',
      'Stop and rest'
    ])
      expect(pdf.text).toContain(words);
  });

  test('a sweep of twenty-five: a tap each, a second tap for the fault, help first', async ({ page }) => {
    const group = { id: 'group-hall', name: 'Hall', seating: [], demo: false };
    const players = Array.from({ length: 25 }, (_, i) =>
      somebody({ name: `Seat ${String(i + 1).padStart(2, '0')}`, groupId: group.id })
    );
    await given(page, { players, groups: [group] });
    await page.goto(`/class/${group.id}`);
    await page.locator('[data-category=hold]').tap();
    await page.getByLabel('The look that goes round').selectOption('hold-jaw');
    await expect(page.getByText('0 of 25 seen')).toBeVisible();
    for (const { id } of players.slice(0, 24)) await page.locator(`[data-seat=${id}]`).tap();
    await page.locator('[data-brush=not-yet]').tap();
    await page.locator(`[data-seat=${players[24]?.id}]`).tap();
    await expect(page.getByText('25 of 25 seen')).toBeVisible();
    await page.locator(`[data-seat=${players[24]?.id}]`).tap();
    await page.locator('[data-fault=chin-tip]').tap();
    await expect(page.locator('[data-fault=chin-tip]')).toHaveAttribute('aria-pressed', 'true');
    await page.locator(`[data-seat=${players[24]?.id}]`).tap();
    await expect(page.getByText('1 not yet, 24 mostly; 1 × tip of the chin on it.')).toBeVisible();
    await page.locator('[data-act=practice-for-weak]').tap();
    await expect
      .poll(async () => (await stored(page, 'lessons')).filter(({ practice }) => practice).length)
      .toBe(1);
    await expectAccessible(page);
    // A timed test has its clock here too, for whoever is tapped.
    await page.getByLabel('The look that goes round').selectOption('hold-hands-off');
    await page.locator(`[data-seat=${players[3]?.id}]`).tap();
    await page.locator('[data-sitter] [data-watch]').tap();
    await page.clock.runFor(4000);
    await page.locator('[data-sitter] [data-watch]').tap();
    await expect
      .poll(async () => (await stored(page, 'checks')).filter(({ checkId }) => checkId === 'hold-hands-off'))
      .toMatchObject([{ playerId: players[3]?.id, outcome: { kind: 'seconds' } }]);
    await expect(page.getByText('1 of 25 seen')).toBeVisible();
  });
});

test('seats are moved by drag and by key, and stay', async ({ page }) => {
  await openWithClass(page, '/class/demo-group-thursday-strings');
  const seat = page.locator('[data-seat]').first();
  const id = (await seat.getAttribute('data-seat')) ?? '';
  await page.getByRole('button', { name: 'Arrange seats' }).click();
  const placeOf = async () => {
    const groups = await stored(page, 'groups');
    return groups.flatMap(({ seating }) => seating).find(({ playerId }) => playerId === id);
  };
  const before = await placeOf();
  await seat.focus();
  await page.keyboard.press('ArrowRight');
  await expect.poll(async () => (await placeOf())?.x).toBeCloseTo((before?.x ?? 0) + 0.02, 5);
  const box = await seat.boundingBox();
  if (!box) throw new Error('no seat');
  await page.mouse.move(box.x + 20, box.y + 20);
  await page.mouse.down();
  await page.mouse.move(box.x + 20, box.y + 140, { steps: 5 });
  await page.mouse.up();
  await expect.poll(async () => (await placeOf())?.y ?? 0).toBeGreaterThan((before?.y ?? 0) + 0.1);
  await page.getByRole('button', { name: 'Seats are right' }).click();
  await page.reload();
  await expect(page.locator(`[data-seat=${id}]`)).toBeVisible();
});

test('an own check goes through a backup and back, and a way changes what is looked for', async ({
  page
}) => {
  await openWithClass(page, '/checks');
  await page.locator('[data-act=own-check]').click();
  const form = page.locator('[data-own-check]');
  await form.getByRole('button', { name: 'Keep the check' }).click();
  await expect(form.getByRole('alert')).toContainText('A title is needed.');
  await form.getByLabel('Title').fill('Smiles while playing');
  await form.getByLabel('What right looks like').fill('The face is soft.');
  await form.getByLabel('A line for the child').fill('Smile!');
  await form.getByRole('button', { name: 'A fault' }).click();
  await form.getByLabel('What goes wrong').fill('Looks at the floor');
  await form.getByLabel('Remedy').fill('Look at the wall.');
  await form.getByLabel('How it looks').selectOption('head-forward');
  await form.getByRole('button', { name: 'Keep the check' }).click();
  const row = page.locator('li', { hasText: 'Smiles while playing' });
  await expect(row).toBeVisible();
  await expectAccessible(page);
  await page.locator('[data-check=hold-tilt]').getByRole('button', { name: 'Hide' }).click();
  await expect(page.getByText(/checks, 1 hidden/)).toBeVisible();

  await page.goto('/files');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save a backup' }).click()
  ]);
  const backup = (await bytesOf(download)).toString();
  await page.goto('/checks');
  await row.getByRole('button', { name: 'Remove' }).click();
  await expect(row).toHaveCount(0);
  await page.goto('/files');
  await page
    .getByLabel('Restore a backup…')
    .last()
    .setInputFiles({ name: 'backup.json', mimeType: 'application/json', buffer: Buffer.from(backup) });
  await page
    .getByRole('region', { name: 'What restoring would change' })
    .getByRole('button', { name: 'Restore' })
    .click();
  await expect(page.getByText('The backup is restored.')).toBeVisible();
  await page.goto('/lesson/demo-01?category=hold');
  await page.getByRole('button', { name: /^All \d+ looks/ }).click();
  await expect(page.getByRole('button', { name: /: Smiles while playing/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /: The strings are tilted/ })).toHaveCount(0);

  await page.goto('/settings');
  await page.locator('[data-fold=way-body] summary').click();
  await page.locator('[data-subject=seat] [data-way=further-out]').click();
  await expect(page.locator('[data-subject=seat] [data-way=further-out]')).toHaveAttribute(
    'aria-pressed',
    'true'
  );
  await expectAccessible(page);
  await page.goto('/lesson/demo-01?category=hold');
  await page.getByRole('button', { name: /^All \d+ looks/ }).click();
  await page.locator('[data-spot=hold-seat]').click();
  await expect(page.locator('[data-look=hold-seat]')).toContainText(
    'further out on the shoulder, beside the neck'
  );
});

/** How near to each other the spots of a figure are, px. */
const leastApart = (page: Page) =>
  page.locator('[data-spot]').evaluateAll((spots) => {
    const at = spots.map((spot) => spot.getBoundingClientRect());
    return Math.min(
      ...at.flatMap((one, i) => at.slice(i + 1).map((other) => Math.hypot(one.x - other.x, one.y - other.y)))
    );
  });

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, colorScheme: 'dark' });

  test('each of fourteen spots can be tapped by itself', async ({ page }) => {
    await openWithClass(page, '/lesson/demo-19?category=bow-use');
    await page.getByRole('button', { name: /^All \d+ looks/ }).click();
    await expect(page.locator('[data-spot]')).toHaveCount(14);
    await expect.poll(() => leastApart(page)).toBeGreaterThan(34);
    for (const spot of ['use-straight', 'use-eyes-closed', 'use-lane', 'use-elbow']) {
      await page.locator(`[data-spot=${spot}]`).tap();
      await expect(page.locator(`[data-look=${spot}]`)).toBeVisible();
    }
  });

  test('lesson and class fit the width, and everything is there', async ({ page }) => {
    await openWithClass(page, '/lesson/demo-17?category=hold');
    await expect(page.locator('[data-spot]').first()).toBeVisible();
    const wide = () => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(await wide()).toBeLessThanOrEqual(0);
    await page.locator('[data-rate=mostly]').tap();
    await expectAccessible(page);
    await page.goto('/class/demo-group-low-strings');
    await expect(page.locator('[data-seat]').first()).toBeVisible();
    expect(await wide()).toBeLessThanOrEqual(0);
    await expectAccessible(page);
  });
});
