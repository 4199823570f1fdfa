import type { Records } from '../src/lib/data/store/tables';
import { expect, expectAccessible, given, openWithClass, somebody, stored, test } from './app';

const on = (day: string) => ({ day, at: `${day}T09:00:00.000Z` });
const result = (
  { id }: Pick<Records['players'], 'id'>,
  day: string,
  rating: 'not-yet' | 'secure',
  ...faults: readonly string[]
): Records['checks'] => ({
  id: `${id}-${day}`,
  playerId: id,
  checkId: 'hold-seat',
  lessonId: null,
  setupId: null,
  outcome: { kind: 'rating', rating },
  faults,
  ...on(day)
});

test('a fault shows its causes with reasons, its set-up is mended, and the next look says that it helped', async ({
  page
}) => {
  await openWithClass(page, '/lesson/demo-01?category=hold');
  await page.getByRole('button', { name: /^All \d+ looks/ }).click();
  await page.locator('[data-spot=hold-seat]').click();
  await page.locator('[data-fault=on-chest]').click();
  await page.locator('[data-act=end-looks]').click();
  const causes = page.locator('[data-causes=on-chest]');
  await expect(causes.locator('[data-cause]')).toHaveCount(2);
  const shares = await causes.locator('[data-share]').allTextContents();
  expect(shares.map((text) => parseInt(text)).reduce((a, b) => a + b)).toBeCloseTo(100, -1);
  await expectAccessible(page);
  // The choice is on record, and the loop opens at the setting that the remedy moves.
  await causes.locator('[data-act=mend-set-up]').click();
  await expect(page).toHaveURL(/mend=chestFoot/);
  const loop = page.locator('[data-mend=chestFoot]');
  await expect(loop).toContainText('points at chest foot');
  await expect(loop.locator('[data-seen]').nth(1)).toHaveClass(/asked/);
  await expect(loop.locator('[data-seen]').nth(1)).toBeFocused();
  await expect(loop.locator('[data-seen]').nth(1)).toBeInViewport();
  const begun = (await stored(page, 'remedies')).find(({ id }) => id === 'demo-01:hold-seat:2026-11-24');
  expect(begun).toMatchObject({ fault: 'on-chest', cause: 'set-up', setting: 'chestFoot' });
  // A week later it is looked at again, without a question.
  await page.clock.setSystemTime(new Date('2026-12-01T10:42:00'));
  await page.goto('/lesson/demo-01?category=hold');
  await page.locator('[data-spot=hold-seat]').click();
  // That this fault is gone is said of itself: a rating alone says nothing of it.
  const gone = page.locator('[data-worked-on=on-chest]').getByRole('button', { name: 'Not seen any more' });
  await gone.click();
  await expect(gone).toHaveAttribute('aria-pressed', 'true');
  await page.locator('[data-rate=mostly]').click();
  await page.locator('[data-act=end-looks]').click();
  await page
    .locator('[data-end]')
    .getByRole('button', { name: /It sits on the collarbone/ })
    .click();
  await expect(page.locator('[data-gone]')).toContainText(
    begun?.remedy.toLowerCase().replace('.', '') ?? '?'
  );
});

test('a fault that is back three times asks for a set-up review, which is put off with a reason or done', async ({
  page
}) => {
  const player = somebody({ name: 'Comes Back', family: 'violin' });
  const remedy: Records['remedies'] = {
    id: `${player.id}:hold-seat:2026-10-01`,
    playerId: player.id,
    family: 'violin',
    checkId: 'hold-seat',
    fault: 'on-chest',
    cause: 'habit',
    remedy: 'Set it anew at the neck.',
    drill: 'set-and-reset',
    setting: null,
    ...on('2026-10-01')
  };
  const days = [
    '2026-10-01',
    '2026-10-08',
    '2026-10-15',
    '2026-10-22',
    '2026-10-29',
    '2026-11-05',
    '2026-11-12'
  ];
  await given(page, {
    players: [player],
    remedies: [remedy],
    checks: days.map((day, i) =>
      i % 2 === 0 ? result(player, day, 'not-yet', 'on-chest') : result(player, day, 'secure')
    )
  });
  await page.goto('/');
  const review = page.locator('[data-review="back:hold-seat/on-chest"]');
  await expect(review).toContainText('is back 3 times after practice');
  await review.getByRole('button', { name: 'Put off…' }).click();
  await expect(review.getByRole('button', { name: 'Put off', exact: true })).toBeDisabled();
  await review.getByRole('textbox').fill('A new rest is on its way');
  await expectAccessible(page);
  await review.getByRole('button', { name: 'Put off', exact: true }).click();
  await expect(review).toHaveCount(0);
  // Four weeks later it stands there again.
  await page.clock.setSystemTime(new Date('2026-12-23T10:00:00'));
  await page.reload();
  await review.getByRole('button', { name: 'Done' }).click();
  await expect(review).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(review).toBeVisible();
  expect(await stored(page, 'reviews')).toMatchObject([
    { state: 'put-off', reason: 'A new rest is on its way' }
  ]);
});
