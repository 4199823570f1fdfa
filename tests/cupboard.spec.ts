import { bytesOf, expect, expectAccessible, openWithClass, readPdf, stored, test } from './app';
import { Hand } from './hand';
import { codeOfInstrument } from '../src/lib/data/files/instrument-code';
import { codeOf } from '../src/lib/print/code';

test('a cupboard begins with one line, takes a list, and gives it back as one', async ({ page }) => {
  await page.goto('/cupboard');
  await page.getByText('Violin', { exact: true }).first().waitFor();
  await page.getByLabel('Size').fill('5/8');
  await page.getByRole('button', { name: 'Add no. 1' }).click();
  await expect(page.getByRole('alert')).toContainText('Violins come in');
  await page.getByLabel('Size').fill('¼');
  await page.keyboard.press('Enter');
  await expect(page.locator('[data-shelf="1/4"]')).toContainText('1 free');
  await page.getByRole('button', { name: 'Papers' }).click();

  const picking = page.waitForEvent('filechooser');
  await page.getByText('Bring in a list…').click();
  const csv =
    'Number;Instrument;Size;Length;State\n1;violin;1/2;;\n2;cello;1/2;100,5;\n3;cello;9/8;;\n4;cello;full;;workshop\n';
  await (await picking).setFiles({ name: 'list.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  const preview = page.getByRole('region', { name: 'Instruments to bring in' });
  await expect(preview).toContainText('Row 4. “9/8” is no size of a cello.');
  await expect(preview).toContainText('1 with a number that is here already stay out');
  await preview.getByRole('button', { name: 'Bring in 2, leave out 1 row' }).click();
  await page.getByRole('tab', { name: 'Cello 2' }).click();
  await expect(page.locator('[data-where=workshop]')).toHaveCount(1);
  await expectAccessible(page);

  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a list' }).click();
  const saved = (await bytesOf(await saving)).toString('utf8');
  expect(saved).toContain('2,cello,1/2,1005,,,,,,,,fine,no,');
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('tab', { name: /^Cello/ })).toHaveCount(0);
});

test('an instrument goes out in three touches and comes back in three', async ({ page }) => {
  await openWithClass(page, '/cupboard#cello');
  const shelf = page.locator('[data-shelf="1/8"]');
  await expect(shelf).toContainText('1 free');
  const free = shelf.locator('[data-where=here]');
  const id = await free.getAttribute('data-instrument');
  const given = new Hand(page);
  await given.tap(free);
  const panel = page.locator('[data-instrument-panel]');
  await given.tap(panel.getByRole('combobox', { name: 'Give it to' }));
  await given.tap(page.getByRole('option', { name: /^Tobias/ }));
  await expect(panel).toContainText('With Tobias');
  expect(given.touches).toBe(3);
  // What he had before is free now.
  await expect(shelf.locator('[data-where=out]')).toHaveAttribute('data-instrument', id ?? '');
  await expect(shelf).toContainText('1 free');

  await panel.getByRole('button', { name: 'Until: pick a day' }).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: /November 30, 2026/ }).click();
  await expect(shelf).toContainText('until 30 Nov');
  await expect(panel.getByRole('button', { name: 'Until: pick a day' })).toBeFocused();

  const back = new Hand(page);
  await back.tap(panel.getByRole('button', { name: 'Take it back' }));
  await back.tap(panel.getByRole('button', { name: 'In the workshop' }));
  expect(back.touches + 1).toBe(3);
  await expect(page.locator(`[data-instrument="${id}"]`)).toHaveAttribute('data-where', 'workshop');
  await expect(panel.getByRole('combobox', { name: 'Give it to' })).toHaveCount(0);
  await expect(panel).toContainText('Tobias Greenloft, 24 Nov 2026 to 24 Nov 2026');
  await page.keyboard.press('Control+z');
  await expect(page.locator(`[data-instrument="${id}"]`)).toHaveAttribute('data-where', 'out');
});

test('labels, a loan paper and a fitting tape are printed, and a picture of a label opens its instrument', async ({
  page
}) => {
  await openWithClass(page, '/cupboard');
  await page.getByRole('button', { name: 'Papers' }).click();
  const papers = page.getByRole('region', { name: 'Papers' });
  await expectAccessible(page);
  const print = async (button: string | RegExp, of = papers) => {
    const saving = page.waitForEvent('download');
    await of.getByRole('button', { name: button }).click();
    return readPdf(await bytesOf(await saving));
  };
  const labels = await print(/^Labels for 17/);
  expect(labels.text).toContain('No. 7');
  expect(labels.text).toContain('52.2 cm long');
  const tape = await print('Fitting tape');
  expect(tape.text).toContain('1/2 no. 7, 22');
  expect(tape.widthPt).toBeGreaterThan(tape.heightPt);

  const cello = (await stored(page, 'instruments')).find(
    ({ family, size }) => family === 'cello' && size === '1/8'
  );
  if (!cello) throw new Error('the made-up cupboard has a 1/8 cello');
  const { path, cells } = codeOf(codeOfInstrument(cello));
  const drawing = `<svg xmlns="http://www.w3.org/2000/svg" width="400" height="400" viewBox="0 0 ${cells} ${cells}"><path d="${path}"/></svg>`;
  const look = (buffer: Buffer, mimeType: string) =>
    page.getByLabel('Read a label…').last().setInputFiles({ name: 'label', mimeType, buffer });
  await look(Buffer.from('no picture'), 'image/png');
  await expect(page.getByRole('alert')).toContainText('no picture');
  const picture = await page.evaluate(async (svg) => {
    const image = new Image();
    image.src = `data:image/svg+xml,${encodeURIComponent(svg)}`;
    await image.decode();
    const canvas = Object.assign(document.createElement('canvas'), { width: 400, height: 400 });
    canvas.getContext('2d')?.drawImage(image, 0, 0);
    return canvas.toDataURL('image/png').split(',')[1] ?? '';
  }, drawing);
  await look(Buffer.from(picture, 'base64'), 'image/png');
  const panel = page.getByRole('region', { name: `No. ${cello.number}`, exact: true });
  await expect(panel).toContainText('Cello 1/8');
  await expect(page.getByRole('alert')).toHaveCount(0);

  await page.locator(`[data-where=out]:not([data-instrument="${cello.id}"])`).first().click();
  const loan = page.locator('[data-loan]').first();
  await loan.getByLabel('What was to be seen on it').fill('a scratch under the strings');
  await page.keyboard.press('Tab');
  await expect.poll(async () => (await stored(page, 'loans')).filter((one) => one.stateOut).length).toBe(1);
  const panelNow = page.locator('[data-instrument-panel]');
  await panelNow.getByText('More of it').click();
  await panelNow.getByLabel('The pin comes out by').fill('x');
  await page.keyboard.press('Tab');
  await expect(panelNow.getByRole('alert')).toContainText('no length');
  await panelNow.getByLabel('The pin comes out by').fill('26');
  await page.keyboard.press('Tab');
  await panelNow.getByLabel('Notches of the pin').fill('14 10');
  await page.keyboard.press('Tab');
  await panelNow.getByLabel('Bow', { exact: true }).fill('bow 3');
  await page.keyboard.press('Tab');
  await expect
    .poll(async () => (await stored(page, 'instruments')).filter((one) => one.bow === 'bow 3'))
    .toMatchObject([{ pinMaxMm: 260, notchesMm: [100, 140] }]);
  const paper = await print('Loan paper', loan);
  expect(paper.text).toContain('bow 3');
  expect(paper.text).toContain('a scratch under the strings');
  expect(paper.text).toContain('Came back: day, how it was');
});

test('going round: a tap each, what is amiss goes to the workshop as a list; what to get is counted', async ({
  page
}) => {
  await openWithClass(page, '/cupboard#cello');
  await page.getByRole('button', { name: 'Go round' }).click();
  const round = page.getByRole('region', { name: 'Going round' });
  const inHand = round.locator('[data-in-hand]');
  const first = await inHand.textContent();
  await round.getByRole('button', { name: 'All of it is fine' }).click();
  await expect(inHand).not.toHaveText(first ?? '');
  await round.getByText('Pin or its screw').click();
  await round.getByText('Strings old').click();
  await expectAccessible(page);
  await round.getByRole('button', { name: 'To mend: 2' }).click();
  await expect(round).toContainText('pin or its screw, strings old');
  await expect(round).toContainText('2 of 6');
  await round.getByRole('button', { name: 'Not at hand' }).click();
  const saving = page.waitForEvent('download');
  await round.getByRole('button', { name: 'Save this list' }).click();
  expect((await bytesOf(await saving)).toString('utf8')).toContain('"pin or its screw, strings old"');
  await round.getByRole('button', { name: '1 goes to the workshop' }).click();
  await expect(round).toContainText('(is there)');
  await page.keyboard.press('Control+z');
  await expect(round.getByRole('button', { name: '1 goes to the workshop' })).toBeVisible();
  await page.getByRole('button', { name: 'Go round' }).click();

  await page.getByRole('button', { name: 'What to get' }).click();
  const needs = page.getByRole('region', { name: 'What to get' });
  await expect(needs.locator('[data-stools]')).toContainText('1 × stool of 33.5 cm, 1 × stool of 40.0 cm');
  await expect(needs.locator('[data-fewest]')).toBeVisible();
  await expect(needs.getByRole('row', { name: /^1\/8/ })).toContainText('over');
  await expectAccessible(page);
});

test('who gets what is worked out, told with its reasons, taken in one step and taken back', async ({
  page
}) => {
  await openWithClass(page, '/cupboard#cello');
  await page.getByRole('button', { name: 'Who gets what?' }).click();
  const plan = page.getByRole('region', { name: 'Who gets what' });
  const line = plan.locator('[data-line=moves]', { hasText: 'Caspar Winterbourne' });
  await expect(line).toContainText('gets no.');
  await expect(line).toContainText('1/2 fits with');
  await expect(plan).toContainText('proven the least');
  await expectAccessible(page);
  await expect(page.locator('[data-arrows]')).toContainText('Caspar');
  await plan.getByRole('button', { name: 'Take this plan' }).click();
  await expect(page.locator('[data-shelf="1/2"] [data-where=out]')).toContainText('Caspar');
  await expect(page.locator('[data-arrows]')).toHaveCount(0);
  const after = page.locator('[data-taken]');
  await after.getByText('Letters home: 1').click();
  await expect(after.getByRole('article')).toContainText(
    'plays no. 29, a cello 1/2 of the school. The reason: 1/2 fits'
  );
  const saving = page.waitForEvent('download');
  await after.getByRole('button', { name: /^\d+ loan papers? of this plan/ }).click();
  expect((await readPdf(await bytesOf(await saving))).text).toContain('Caspar Winterbourne');
  await expect(plan).toContainText('Everybody keeps what is in use');
  await page.keyboard.press('Control+z');
  await expect(page.locator('[data-shelf="1/2"] [data-where=out]')).toHaveCount(0);
  await expect(after).toHaveCount(0);
  await expect(line).toBeVisible();
  // What is weighed is the teacher's: who may wait for nothing gets nothing.
  await plan.getByText('What is weighed').click();
  await plan.getByLabel('Waiting').fill('x');
  await page.keyboard.press('Tab');
  await expect(plan.getByRole('alert')).toContainText('number from 0');
  await plan.getByLabel('A change').fill('40');
  await page.keyboard.press('Tab');
  await expect(plan).toContainText('a change 40');
  await plan.getByRole('button', { name: 'As usual again' }).click();
  await expect(line).toBeVisible();
  // Another opinion: it stays, is said, and what it costs.
  await line.getByRole('button', { name: 'Leave as it is' }).click();
  const held = plan.locator('[data-fixed]');
  await expect(held).toContainText('Caspar Winterbourne waits, fixed by you');
  await expect(held).toContainText(/That costs \d+\.\d more than without/);
  await expect(line).toHaveCount(0);
  await held.getByRole('button', { name: 'Let go' }).click();
  await expect(line).toBeVisible();
  await plan.getByText('3 terms').click();
  await expect(plan.getByRole('heading', { level: 3 })).toHaveCount(3);
  await plan.getByLabel('Terms begin on').fill('8.1. 1.9.');
  await page.keyboard.press('Tab');
  await expect(plan.getByRole('heading', { level: 3 })).toHaveText(['Now', 'From Jan 2027', 'From Sep 2027']);
});
