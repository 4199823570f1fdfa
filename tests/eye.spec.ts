import { expect, expectAccessible, test } from './app';

test('ten pictures are looked at by keys; what was seen is counted, kept on the device, and can be forgotten', async ({
  page
}) => {
  await page.goto('/checks');
  await page.getByRole('link', { name: 'Practise your eye' }).click();
  const begin = page.locator('[data-act=begin-eye]');
  await expect(begin).toBeEnabled();
  await begin.click();
  const next = page.locator('[data-act=next-picture]');
  let told = 0;
  for (let i = 0; i < 10; i++) {
    await expect(page.locator('.eye-picture path').first()).toBeAttached();
    await page.keyboard.press(String((i % 5) + 1));
    await expect(next).toBeFocused();
    // Pressed again, it counts once.
    await page.keyboard.press('1');
    if (await page.getByRole('heading', { name: '✓ Seen' }).isVisible()) told++;
    if (i === 0) await expectAccessible(page);
    await page.waitForTimeout(300);
    await page.keyboard.press('Enter');
  }
  await expect(page.getByRole('status').filter({ hasText: 'told' })).toContainText(`${told} of 10`);
  await page.reload();
  const seen = page.getByRole('region', { name: 'What you see so far' });
  await expect(seen).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Forget what I saw' }).click();
  await expect(seen).toHaveCount(0);
  await page.reload();
  await expect(begin).toBeEnabled();
  await expect(seen).toHaveCount(0);
});

test('a picture goes after three seconds, and is still answered', async ({ page }) => {
  await page.goto('/eye');
  await page.locator('[data-act=begin-eye]').click();
  await expect(page.locator('.eye-picture path').first()).toBeAttached();
  await expect(page.getByText('What was it?')).toBeVisible();
  await expect(page.locator('.eye-picture path').first()).toBeHidden();
  // The place is tapped from memory, and shown with the answer where there is a mark to hold it against.
  await page.getByRole('button', { name: /^The place in the picture/ }).click({ position: { x: 40, y: 40 } });
  await expect(page.locator('.eye-picture .tapped')).toHaveCount(1);
  await page.keyboard.press('1');
  await expect(page.getByText('As it should be', { exact: true })).toBeVisible();
});
