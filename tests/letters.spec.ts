import { expect, expectAccessible, openWithClass, stored, test } from './app';

test('a letter says what is known, names what is missing, and keeps the teacher’s own words', async ({
  page
}) => {
  await openWithClass(page, '/letter/demo-01');
  const text = page.locator('[data-text]');
  await expect(text).toContainText('needs a 1/4 violin');
  // It was decided five weeks ago, by what was measured then, and says so without limits and rules.
  await expect(text).toContainText('was measured on 20 Oct 2026');
  await expect(text).toContainText(
    /the scroll of a 1\/4 comes to lie .*A 1\/2 still needs [\d.]+ cm more arm/
  );
  await expect(text).not.toContainText('your limit');
  // The name of the teacher is not set yet: nothing is copied with a hole in it.
  await expect(page.locator('[data-act=copy-letter]')).toBeDisabled();
  const name = page.getByLabel('Your name is missing');
  await name.fill('Ms Placeholder');
  await expectAccessible(page);
  await name.press('Enter');
  await expect(text).toContainText('Ms Placeholder');
  await expect(page.locator('[data-act=copy-letter]')).toBeEnabled();
  await page.keyboard.press('Control+z');
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
