import type { Page } from '@playwright/test';
import { expect, expectAccessible, openNewPlayer, openWithClass, test, toStep } from './app';

const MEASURED = {
  violin: ['120.5', '49.5', '43'],
  cello: ['129', '49.8', '32.7', '56.9'],
  bass: ['165', '69.3', '148.5']
} as const;

async function measure(page: Page, family: keyof typeof MEASURED): Promise<void> {
  for (const text of MEASURED[family]) {
    await page.keyboard.type(text);
    await page.keyboard.press('Enter');
  }
  await expect(page.locator('.answer')).toBeVisible();
}

const look = (page: Page) => page.locator('[data-look]');

async function begin(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Try on' }).click();
  await page.locator('[data-act=begin-trial]').click();
  await expect(look(page)).toBeFocused();
}

// The viola has the looks of the violin.
for (const family of ['violin', 'cello', 'bass'] as const) {
  test(`a trial of the ${family} goes look by look to its end by digits`, async ({ page }) => {
    await openNewPlayer(page, `Try ${family}`, family);
    await measure(page, family);
    await begin(page);
    await expect(page.getByText('Ask before you touch')).toBeVisible();
    await expectAccessible(page);
    let looks = 0;
    while (await look(page).isVisible()) {
      const title = await look(page).innerText();
      const answers = await page.getByRole('list', { name: 'Answers' }).getByRole('button').allInnerTexts();
      // The calm answer: on these bodies the first, but not where the first would speak for a larger size.
      const calm = /close|room to spare/.test(answers[0] ?? '') ? '2' : '1';
      await page.keyboard.press(calm);
      looks++;
      await expect(page.locator('[data-look]', { hasText: title })).toHaveCount(0);
    }
    expect(looks).toBeGreaterThan(3);
    await expect(page.locator('[data-end]')).toContainText('suits');
    await expect(page.locator('[data-step=try]')).toContainText(/agree on the|suits the body/);
  });

  test(`pain stops the trial of the ${family} with the caution`, async ({ page }) => {
    await openNewPlayer(page, `Stop ${family}`, family);
    await measure(page, family);
    await begin(page);
    await page.keyboard.press('1');
    await page.keyboard.press('0');
    const alert = page.getByRole('alert');
    await expect(alert).toContainText('Pain, tingling or numbness on 24 Nov 2026, in a trial on the body');
    await expect(alert).toContainText('a doctor or physiotherapist should see it');
    await expect(page.locator('[data-end]')).toContainText('was stopped: pain, tingling or numbness');
    await page.getByRole('link', { name: 'History' }).click();
    await expect(page.getByText(/was stopped: pain, tingling or numbness/)).toBeVisible();
  });
}

test('the trial outranks the tape, asks for a second reading, and the decision says so', async ({ page }) => {
  await openNewPlayer(page, 'Small Handed');
  await measure(page, 'violin');
  await begin(page);
  await page.getByRole('button', { name: /Place it anew and look again/ }).click();
  await expect(look(page)).toHaveText('On the collarbone, placed anew');
  await expect(page.getByRole('button', { name: /Place it anew/ })).toHaveCount(0);
  for (const answer of [
    'Lies on collarbone and shoulder',
    'Head level, shoulders down',
    'Level without help',
    'Straight and locked'
  ])
    await page.getByRole('button', { name: answer }).click();
  await expect(page.locator('[data-end]')).toContainText('Tried on, the 1/4 is too large.');
  await expect(page.locator('[data-step=try]')).toContainText(
    'The tape says 1/4, the body says 1/8. The body outranks the tape: the 1/8.'
  );
  await expect(page.locator('[data-step=try]')).toContainText('take the deciding lengths once more');
  await toStep(page, 'Decide');
  await page.getByRole('button', { name: /^Take the 1\/8/ }).click();
  await expect(page.locator('.foot .now')).toContainText('decided');
});

test('a trial under way waits through a reload, and an answer can be taken back', async ({ page }) => {
  await openNewPlayer(page, 'Half Tried', 'cello');
  await measure(page, 'cello');
  await begin(page);
  await page.keyboard.press('1');
  await expect(look(page)).toHaveText('It comes to the player');
  await page.reload();
  await expect(look(page)).toHaveText('It comes to the player');
  await page.keyboard.press('Control+z');
  await expect(look(page)).toHaveText('Seated well, before the cello comes');
  await page.getByRole('button', { name: 'Give up this trial' }).click();
  await expect(page.locator('[data-act=begin-trial]')).toBeVisible();
});

test('the made-up class shows trials that ended each way', async ({ page }) => {
  await openWithClass(page);
  await page.goto('/players/demo-20');
  await expect(page.getByText(/Tried on, the .* is too large/)).toBeVisible();
  await page.goto('/players/demo-22');
  await expect(page.getByText(/was stopped: pain/)).toBeVisible();
});
