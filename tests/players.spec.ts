import { expect, expectAccessible, field, fromMenu, openWithClass, takeSize, test, toStep } from './app';

test('players are found while typing, edited, archived, deleted and brought back', async ({ page }) => {
  await openWithClass(page);
  await page.getByRole('link', { name: 'Players' }).click();
  const find = page.getByLabel('Find by name, group or instrument');
  await expect(find).toBeFocused();
  await find.fill('thurs viola');
  await expect(page.getByText('3 players found')).toBeVisible();
  await find.fill('isolde');
  await find.press('Enter');
  await expect(page.getByRole('heading', { name: 'Isolde Marrowby' })).toBeVisible();

  await fromMenu(page, 'Edit');
  await page.getByLabel('Name, initials or number').fill('');
  await page.getByRole('button', { name: /^Save changes/ }).click();
  await expect(page.getByRole('alert')).toContainText('Give a name');
  await page.getByLabel('Name, initials or number').fill('Isolde M.');
  await page.getByText('Photos: the school’s list says yes').click();
  await page.getByRole('button', { name: /^Save changes/ }).click();
  await expect(page.getByRole('heading', { name: 'Isolde M.' })).toBeVisible();

  await fromMenu(page, 'Archive');
  await expect(page.getByText('archived 24 Nov 2026')).toBeVisible();
  // Whoever looks for a child that has left finds it, and is told so.
  await page.goto('/players?find');
  await find.fill('isolde');
  await expect(page.locator('[data-archived-found]')).toBeVisible();
  await page.getByRole('link', { name: 'Isolde M.', exact: true }).click();
  await fromMenu(page, 'Bring back');
  await fromMenu(page, 'Delete…');
  await page.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(page.getByText('Deleted Isolde M. with all records.', { exact: false })).toBeVisible();
  await find.fill('isolde');
  await expect(page.getByText('Nobody matches.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo: Deleted Isolde M.' }).click();
  await page
    .getByRole('link', { name: /Isolde M\./ })
    .first()
    .click();
  await expect(page.getByText(/^Set-up 3:/)).toBeVisible();
});

test('photos are off unless somebody says otherwise', async ({ page }) => {
  await page.goto('/players/new');
  await expect(page.getByRole('switch').or(page.getByRole('checkbox'))).not.toBeChecked();
  await expectAccessible(page);
});

test('the made-up class is removed as one', async ({ page }) => {
  await openWithClass(page);
  await page.getByRole('link', { name: 'Settings' }).click();
  await expect(page.getByText('24 invented pupils')).toBeVisible();
  await page.getByRole('button', { name: 'Remove the made-up class…' }).click();
  await page.getByRole('button', { name: 'Remove it', exact: true }).click();
  await page.getByRole('link', { name: 'Today' }).click();
  await expect(page.getByRole('button', { name: 'Look around with a made-up class' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo: Removed the made-up class' }).click();
  await expect(page.getByRole('heading', { name: 'Next for each child' })).toBeVisible();
});

test('settings change what the bench does', async ({ page }) => {
  await openWithClass(page);
  await page.getByRole('link', { name: 'Settings' }).click();
  const violin = page.getByRole('group', { name: 'Violin' });
  await violin.getByRole('checkbox', { name: '1/8' }).click();
  await expect(violin.getByRole('checkbox', { name: '1/8' })).not.toBeChecked();
  await page
    .getByRole('region', { name: 'Violin dimensions' })
    .getByLabel('Overall of 1/10', { exact: true })
    .fill('41.0');
  await page
    .getByRole('region', { name: 'Violin dimensions' })
    .getByLabel('Overall of 1/10', { exact: true })
    .press('Tab');
  await expect(
    page.getByRole('region', { name: 'Violin dimensions' }).getByLabel('Overall of 1/10, own value')
  ).toHaveValue('41.0');
  await page
    .getByRole('region', { name: 'Violin dimensions' })
    .getByLabel('Overall of 1/16', { exact: true })
    .fill('99');
  await page
    .getByRole('region', { name: 'Violin dimensions' })
    .getByLabel('Overall of 1/16', { exact: true })
    .press('Tab');
  await expect(page.getByRole('alert')).toContainText('too far from the usual');
  await page.getByText('Collarbone first', { exact: true }).click();
  await page.getByLabel('My name, for the card').fill('Ms Placeholder');
  await page.getByLabel('My name, for the card').press('Tab');
  await page.getByRole('link', { name: 'Today' }).click();
  await page.goto('/players');
  await page.getByRole('link', { name: 'Fit Saffi Dunmorrow' }).click();
  await expect(field(page, 'Height')).toBeFocused();
  await page.keyboard.type('115');
  await page.keyboard.press('Enter');
  await page.keyboard.type('46');
  await page.keyboard.press('Enter');
  await expect(page.locator('.answer .size')).toContainText('1/10');
  await page.getByText('Show the arithmetic').click();
  await expect(page.getByRole('row', { name: /1\/10/ })).toContainText('41.0 cm');
  await takeSize(page);
  await page.getByRole('button', { name: /^Keep this set-up/ }).click();
  await toStep(page, 'Card');
  await expect(page.getByRole('article')).toContainText('Collarbone first');
  await expect(page.getByRole('article')).toContainText('Ms Placeholder');
  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByRole('button', { name: 'Reset violin dimensions' }).click();
  await expect(
    page.getByRole('region', { name: 'Violin dimensions' }).getByLabel('Overall of 1/10', { exact: true })
  ).toHaveValue('40.2');
});

test('a group is renamed, takes a player in, gives one away and can be removed', async ({ page }) => {
  await openWithClass(page, '/class/demo-group-thursday-strings#members');
  const name = page.getByLabel('Name of the group');
  await name.fill('Owls');
  await name.press('Enter');
  await expect(page.getByRole('heading', { name: 'Owls', level: 1 })).toBeVisible();
  const members = page.getByRole('list', { name: 'Members' }).getByRole('listitem');
  await expect(members).toHaveCount(8);
  await page.getByRole('combobox', { name: 'Put in, or move here' }).click();
  await page.keyboard.type('ottilie');
  await page.keyboard.press('Enter');
  await expect(members.filter({ hasText: 'Ottilie Fernsby' })).toHaveCount(1);
  await page.getByRole('button', { name: 'Take Wren Thistledown out of the group' }).click();
  await expect(members).toHaveCount(8);
  await expectAccessible(page);
  // Each part has an address, and the way back leads to where the teacher came from.
  await page.getByRole('tab', { name: 'Times' }).click();
  await expect(page).toHaveURL(/#times$/);
  await page.reload();
  await expect(page.getByRole('tab', { name: 'Times' })).toHaveAttribute('aria-selected', 'true');
  await page.getByRole('tab', { name: 'Name and members' }).click();
  await page.locator('[data-act=remove-group]').click();
  await expect(page.getByRole('heading', { name: 'Class', level: 1 })).toBeVisible();
  await expect(page.getByRole('link', { name: /Owls/ })).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await page.getByRole('link', { name: /Owls/ }).click();
  await expect(page.getByRole('tab', { name: 'Seats' })).toHaveAttribute('aria-selected', 'true');
});
