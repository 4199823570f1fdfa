import { readFile } from 'node:fs/promises';
import { bytesOf, expect, expectAccessible, openNewPlayer, openWithClass, test } from './app';
import { SCHEMA_VERSION } from '../src/lib/data/store/database';

const backupButton = 'Save a backup';

test('a backup restored into an empty browser loses nothing', async ({ page, browser, baseURL }) => {
  await openWithClass(page);
  await page.goto('/files');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: backupButton }).click()
  ]);
  expect(download.suggestedFilename()).toBe('jarvel-backup-2026-11-24.json');
  const first = JSON.parse((await bytesOf(download)).toString()) as {
    version: number;
    tables: Record<string, unknown[]>;
  };
  expect(first.version).toBe(SCHEMA_VERSION);
  expect(first.tables.players).toHaveLength(24);

  const context = await browser.newContext({ baseURL: baseURL ?? '' });
  const empty = await context.newPage();
  await empty.goto('/files');
  await empty
    .getByLabel('Restore a backup…')
    .last()
    .setInputFiles(await download.path());
  const preview = empty.getByRole('region', { name: 'What restoring would change' });
  await expect(preview.getByRole('row', { name: /Players/ })).toContainText('24');
  await preview.getByRole('button', { name: 'Restore' }).click();
  await expect(empty.getByText('The backup is restored.')).toBeVisible();
  const [again] = await Promise.all([
    empty.waitForEvent('download'),
    empty.getByRole('button', { name: backupButton }).click()
  ]);
  const second = JSON.parse((await readFile(await again.path())).toString()) as typeof first;
  expect(second.tables).toEqual(first.tables);
  await context.close();
});

test('a backup is locked with a password, and opens with it only', async ({ page }) => {
  await openNewPlayer(page, 'Ottilie Fernsby');
  await page.goto('/files');
  const backup = page.getByRole('region', { name: 'Backup', exact: true });
  const password = backup.getByLabel('Password, if it is to be locked');
  await password.fill('short');
  await expect(backup.getByRole('button', { name: backupButton })).toBeDisabled();
  await password.fill('four bows in a row');
  const saving = page.waitForEvent('download');
  await backup.getByRole('button', { name: backupButton }).click();
  const download = await saving;
  expect(download.suggestedFilename()).toBe('jarvel-backup-2026-11-24-locked.jarvel');
  expect((await bytesOf(download)).toString()).not.toContain('Fernsby');
  // Nothing of the password stays on the screen.
  await expect(password).toHaveValue('');
  await backup
    .getByLabel('Restore a backup…')
    .last()
    .setInputFiles(await download.path());
  const opening = backup.getByLabel('Password of the file');
  await opening.fill('three bows in a row');
  await opening.press('Enter');
  await expect(backup.getByRole('alert')).toContainText('The password is not the one');
  await expectAccessible(page);
  await opening.fill('four bows in a row');
  await opening.press('Enter');
  await expect(backup.getByRole('row', { name: /Players/ })).toContainText('1');
  await expect(backup.getByRole('alert')).toHaveCount(0);
});

test('a wrong file gets a sentence that names the place, and changes nothing', async ({ page }) => {
  await openNewPlayer(page, 'Stays Here');
  await page.goto('/files');
  const pick = page.getByLabel('Restore a backup…').last();
  const give = (text: string) =>
    pick.setInputFiles({ name: 'some.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  const alert = page.getByRole('alert');
  await give('{"format":"jarvel-backup","version":4,"tables":{"play');
  await expect(alert).toContainText('This file is not whole');
  await give('{"a":1}');
  await expect(alert).toContainText('not a backup of Jarvel');
  await give(JSON.stringify({ format: 'jarvel-backup', version: SCHEMA_VERSION + 1, tables: {} }));
  await expect(alert).toContainText(`newer Jarvel (version ${SCHEMA_VERSION + 1}`);
  const player = { id: 'x', name: 'X', birthMonth: '2018-44' };
  const others = ['measurements', 'fits', 'setups', 'checks', 'instruments', 'drafts', 'settings'];
  const tables = { ...Object.fromEntries(others.map((name) => [name, []])), players: [player] };
  await give(JSON.stringify({ format: 'jarvel-backup', version: 2, tables }));
  await expect(alert).toContainText('players[0].');
  await expectAccessible(page);
  await page.goto('/players');
  await expect(page.getByText('1 player ·')).toBeVisible();
});

test('players go out as CSV, safe for a spreadsheet, and come back', async ({ page }) => {
  await openNewPlayer(page, '=SUM(A1)');
  await page.goto('/files');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save players as CSV' }).click()
  ]);
  const text = (await bytesOf(download)).toString();
  expect(text).toContain("'=SUM(A1)");
  expect(text.split('\r\n')[0]).toContain(
    'Name,Birth month,Growth curve,Instrument,Group,Notes,Photos allowed'
  );

  const pick = page.getByLabel('Bring players in from CSV…').last();
  const list =
    'Name;Birth month;Instrument;Group\nZoë Beispiel;2018-05;viola;Dienstag\nB. B.;;cello;Dienstag\n';
  await pick.setInputFiles({ name: 'list.csv', mimeType: 'text/csv', buffer: Buffer.from(list, 'latin1') });
  const preview = page.getByRole('region', { name: 'Players to bring in' });
  await expect(preview).toContainText('Zoë Beispiel');
  await preview.getByRole('button', { name: 'Add 2 players' }).click();
  await expect(page.getByText('2 players are in.')).toBeVisible();

  await pick.setInputFiles({
    name: 'bad.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('Name,Instrument\nA,violin\nB,kazoo\n')
  });
  await expect(page.getByRole('alert')).toContainText('Row 3. The family is one of');
  // What is not right is put right where it stands.
  const mend = page.getByLabel('Instrument of row 3');
  await mend.fill('Vla 14');
  await mend.press('Enter');
  await expect(page.getByText('✓ right now')).toBeVisible();
  await page.getByRole('button', { name: 'Add 2 players' }).click();
  await expect(page.getByText('2 players are in.')).toBeVisible();

  // As a school keeps it: first and family name, full dates, an order of day and month that nothing tells.
  await pick.setInputFiles({
    name: 'school.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('First,Family,DOB,Group\nIda,Sampleton,3/4/2018,Owls\nOlaf,Testerby,5/6/2019,Owls\n')
  });
  await expect(preview.getByRole('cell', { name: '2018-04' })).toBeVisible();
  await preview.getByText('the month first').click();
  await expect(preview.getByRole('row', { name: 'Ida Sampleton Violin 2018-03 Owls' })).toBeVisible();
  await expectAccessible(page);
  await preview.getByRole('button', { name: 'Add 2 players' }).click();
  // The sentence of the list before stands there until this one is in; what was to be brought in goes with it.
  await expect(preview).toBeHidden();
  await expect(page.getByText('2 players are in.')).toBeVisible();
  await page.goto('/players');
  await expect(page.getByText('7 players ·')).toBeVisible();
});
