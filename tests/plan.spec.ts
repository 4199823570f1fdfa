import ICAL from 'ical.js';
import { bytesOf, expect, expectAccessible, openWithClass, stored, test } from './app';

test('the day says who comes, what is due and what to bring; the week is planned, and goes into a calendar', async ({
  page
}) => {
  await openWithClass(page);
  const day = page.locator('[data-day-plan]');
  await expect(day).toContainText('16:00');
  await expect(day).toContainText('Low strings');
  await expect(day.locator('[data-bring]').first()).toContainText('×');
  // Pain comes first.
  const low = day.locator('article').filter({ hasText: 'Low strings' });
  await expect(low.locator('[data-due]').first()).toContainText('A note to read');
  await page.getByRole('link', { name: 'The week' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Week' })).toBeVisible();
  const monday = page.locator('[data-day="2026-11-23"]');
  await monday.locator('[data-group]').getByRole('combobox').selectOption('hold');
  // What is overdue waits for the next lesson of its group.
  const thursday = page.locator('[data-day="2026-11-26"] [data-group]');
  await expect(thursday.locator('[data-due=measure]')).toContainText('Wren Thistledown');
  await expect(page.locator('[data-day="2026-11-24"]')).not.toContainText('Wren Thistledown');
  await expect(monday.locator('[data-behind]')).not.toContainText('…');
  expect((await stored(page, 'groups')).find(({ name }) => name === 'Monday beginners')).toMatchObject({
    focuses: [{ week: '2026-11-23', category: 'hold' }]
  });
  await expectAccessible(page);
  // What most need is planned with one press, and leads the class and the lesson of this week.
  await thursday.locator('[data-act=plan-asked]').click();
  const planned = thursday.getByRole('combobox');
  await expect(planned).not.toHaveValue('');
  await planned.selectOption('bow-hand');
  await expect(thursday.locator('[data-behind]')).not.toContainText('…');
  await thursday.getByRole('link', { name: 'Thursday strings' }).click();
  await expect(page.locator('[data-category=bow-hand]')).toHaveAttribute('aria-pressed', 'true');
  await expect(page.locator('[data-why]')).toContainText('planned');
  await page.goto('/lesson/demo-09');
  await expect(page.locator('[data-category=bow-hand]')).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByText('Planned for Thursday strings this week.')).toBeVisible();
  await page.goto('/week');
  // Another time for a group.
  await page.getByText('When the groups come').click();
  const times = page.locator('[data-times=demo-group-monday-beginners]');
  await times.getByLabel('Day').selectOption('Friday');
  await expect(page.locator('[data-day="2026-11-27"]')).toContainText('Monday beginners');
  await page.keyboard.press('Control+z');
  await expect(page.locator('[data-day="2026-11-23"]')).toContainText('Monday beginners');
  const saving = page.waitForEvent('download');
  await page.locator('[data-act=calendar]').click();
  const download = await saving;
  expect(download.suggestedFilename()).toBe('jarvel-2026-11-24.ics');
  const text = (await bytesOf(download)).toString();
  const events = new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent');
  expect(events.length).toBeGreaterThan(5);
  // What is overdue stands at the lesson in which it comes up, not in the past.
  const days = events.map((event) => String(event.getFirstPropertyValue('dtstart')));
  expect(days.filter((day) => day < '2026-11-24')).toEqual([]);
  expect(days).toContain('2026-11-26');
  for (const player of await stored(page, 'players'))
    if (player.name.length > 6) expect(text).not.toContain(player.name);
});
