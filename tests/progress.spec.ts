import { bytesOf, expect, expectAccessible, openWithClass, readPdf, test } from './app';

test('progress of a player and of a group: over time, as a list, as a report on one page', async ({
  page
}) => {
  await openWithClass(page, '/progress/demo-01');
  const chart = page.getByRole('img', { name: /checks of Ottilie Fernsby over/ });
  await expect(chart.locator('svg')).toBeVisible();
  await page.getByText('As a table').first().click();
  await expect(page.locator('[data-course=hold-jaw]')).toContainText(/secure|mostly|with help|not yet/);
  const listed = page.waitForEvent('download');
  await page.locator('[data-act=save-table]').click();
  const list = (await bytesOf(await listed)).toString();
  expect(list).toContain('day,category,check,seen,faults');
  expect(list.split('\n').length).toBeGreaterThan(20);
  const pictured = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the picture' }).first().click();
  expect((await bytesOf(await pictured)).toString()).toMatch(/^<svg /);
  const printed = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as PDF' }).click();
  const { text, widthPt } = await readPdf(await bytesOf(await printed));
  expect(text).toContain('Ottilie Fernsby');
  expect(text).toContain('What comes next');
  expect(Math.round(widthPt)).toBe(595);
  await expectAccessible(page);
  // On paper only the report stands.
  await page.emulateMedia({ media: 'print' });
  await expect(chart).toBeHidden();
  await expect(page.locator('[data-report]')).toBeVisible();
  await page.emulateMedia({ media: 'screen', colorScheme: 'dark' });
  await page.goto('/class/demo-group-thursday-strings#progress');
  await expect(page.getByRole('img', { name: /players of Thursday strings/ }).locator('svg')).toBeVisible();
  await page.getByText('As a table').first().click();
  await expect(page.getByRole('link', { name: 'Wren Thistledown' })).toBeVisible();
  await expect(page.locator('[data-summary=demo-09]')).toContainText('since 15 Sep 2026');
  await expect(page.getByRole('img', { name: 'Hands-off hold, 7 players over time' })).toBeVisible();
  await page.getByText('As a table').last().click();
  await expect(page.locator('[data-test=demo-08]')).toContainText(/\d s/);
  await page.getByRole('combobox').first().selectOption('hold');
  await expectAccessible(page);
});
