import type { Page } from '@playwright/test';
import { bytesOf, expect, expectAccessible, fromMenu, given, somebody, stored, test } from './app';

const PASSWORD = 'four bows in a row';

async function saved(page: Page, password = ''): Promise<Buffer> {
  await page.goto('/files');
  const copies = page.locator('[data-files=other-copy]');
  if (password) await copies.getByLabel('Password, if it is to be locked').fill(password);
  const saving = page.waitForEvent('download');
  await page.locator('[data-act=save-copy]').click();
  return bytesOf(await saving);
}
async function readIn(page: Page, buffer: Buffer): Promise<void> {
  const picking = page.waitForEvent('filechooser');
  await page.getByText('Read in another copy…').click();
  await (await picking).setFiles({ name: 'copy.json', mimeType: 'application/json', buffer });
}
const rename = async (page: Page, id: string, name: string) => {
  await page.goto(`/players/${id}`);
  await fromMenu(page, 'Edit');
  await page.getByRole('textbox', { name: /^Name/ }).fill(name);
  await page.getByRole('button', { name: /^Save changes/ }).click();
  await expect(page.getByRole('button', { name: /^Save changes/ })).toBeHidden();
};

test('two teachers: a locked file, a wrong password, a conflict side by side, and a merge', async ({
  page,
  browser,
  baseURL
}) => {
  const player = somebody({ name: 'Ottilie Fernsby' });
  await given(page, { players: [player] });
  const first = await saved(page, PASSWORD);
  expect(first.toString()).not.toContain('Fernsby');
  // The other copy begins with it.
  const elsewhere = await browser.newContext({ baseURL: baseURL ?? '', serviceWorkers: 'block' });
  const other = await elsewhere.newPage();
  await other.goto('/files');
  await readIn(other, first);
  await other.getByLabel('Password of the file').fill('three bows in a row');
  await other.getByRole('button', { name: 'Open it' }).click();
  await expect(other.getByRole('alert')).toContainText('The password is not the one');
  await other.getByLabel('Password of the file').fill(PASSWORD);
  await other.getByRole('button', { name: 'Open it' }).click();
  await expect(other.locator('[data-merge=new]')).toContainText('1 record only in the file');
  await other.locator('[data-act=merge]').click();
  await expect(other.locator('[data-act=merge]')).toHaveCount(0);
  // Both change the name.
  await rename(other, player.id, 'Ottilie There');
  const theirs = await saved(other);
  await elsewhere.close();
  await rename(page, player.id, 'Ottilie Here');
  await page.goto('/files');
  await readIn(page, theirs);
  const conflict = page.locator(`[data-conflict="players:${player.id}"]`);
  await expect(conflict).toContainText('Ottilie Here');
  await expect(conflict).toContainText('Ottilie There');
  await expectAccessible(page);
  await conflict.locator('[data-pick=there]').click();
  await page.locator('[data-act=merge]').click();
  await expect.poll(async () => (await stored(page, 'players'))[0]?.name).toBe('Ottilie There');
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await stored(page, 'players'))[0]?.name).toBe('Ottilie Here');
  // An altered file is refused, and changes nothing.
  const altered = Buffer.from(first);
  altered[altered.length >> 1] = (altered[altered.length >> 1] ?? 0) ^ 1;
  await readIn(page, altered);
  await page.getByLabel('Password of the file').fill(PASSWORD);
  await page.getByRole('button', { name: 'Open it' }).click();
  await expect(page.getByRole('alert')).toContainText('is not as it was written');
});
