import { bytesOf, expect, expectAccessible, openWithClass, stored, test } from './app';

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
  await form.getByLabel('What goes wrong').fill('Looks at the floor');
  await form.getByLabel('Remedy').fill('Look at the wall.');
  await form.getByLabel('How it looks').selectOption('head-forward');
  await form.getByRole('button', { name: 'Keep the check' }).click();
  const row = page.locator('li', { hasText: 'Smiles while playing' });
  await expect(row).toBeVisible();
  await expectAccessible(page);
  // A picture is picked up and put before its neighbour by keys.
  const cards = page.locator('[data-check^=ready-]');
  const second = await cards.nth(1).getAttribute('data-check');
  await cards.nth(1).focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('#dnd-action-aria-alert')).toContainText('Started dragging');
  await page.keyboard.press('ArrowLeft');
  await expect(cards.first()).toHaveAttribute('data-check', second ?? '');
  await page.keyboard.press('Enter');
  await expect.poll(async () => (await stored(page, 'settings'))[0]?.checkOrder?.[0]).toBe(second);
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
  await page.locator('[data-fold=way-body] .fold-title').click();
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
