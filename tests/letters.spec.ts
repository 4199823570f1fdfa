import { expect, expectAccessible, openWithClass, stored, test } from './app';

test('a letter says what is known, names what is missing, and keeps the teacher’s own words', async ({
  page
}) => {
  await openWithClass(page, '/letter/demo-01');
  const text = page.locator('[data-text]');
  await expect(text).toContainText('needs a 1/4 violin');
  // The name of the teacher is not set yet: nothing is copied with a hole in it.
  await expect(page.getByRole('alert')).toContainText('“teacher” is missing: it comes from Settings.');
  await expect(page.locator('[data-act=copy-letter]')).toBeDisabled();
  await page.getByText('The words of this letter').click();
  const template = page.getByLabel('Your template');
  await template.fill('{player}: {size}, {colour}');
  await expect(page.getByRole('alert')).toContainText('“colour” is nothing that a letter can say');
  await expect(page.locator('[data-act=keep-letter]')).toBeDisabled();
  await template.fill('{player} takes a {size}. Stop if it hurts.');
  await expect(text).toHaveText('Ottilie Fernsby takes a 1/4. Stop if it hurts.');
  await page.locator('[data-act=keep-letter]').click();
  await expect(page.locator('[data-act=copy-letter]')).toBeEnabled();
  await expectAccessible(page);
  expect((await stored(page, 'settings'))[0]?.letters).toEqual({
    size: '{player} takes a {size}. Stop if it hurts.'
  });
  // The same words for the next player, who has no size yet.
  await page.goto('/letter/demo-17');
  await expect(page.getByRole('alert')).toContainText('“size” is missing');
  await page.locator('[data-letter=practice]').click();
  await expect(text).toContainText('practises until');
});
