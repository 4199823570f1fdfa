import { expect, expectAccessible, given, openNewPlayer, openWithClass, somebody, test } from './app';

test('growth is drawn with the reference, and the forecast gives a date to measure', async ({ page }) => {
  await openWithClass(page);
  await page.goto('/players/demo-01');
  const chart = page.getByRole('img', { name: /^Height over time: Sep 2025 116\.6 cm/ });
  await expect(chart).toBeVisible();
  await expect(chart).toHaveAttribute('aria-label', /Forecast for May 2029: 1\d\d(\.\d+)? to 1\d\d/);
  await expect(chart.locator('svg path').first()).toBeAttached();
  const growth = page.locator('.growth');
  await expect(growth).toContainText(/The 1\/4 is outgrown about \w+ 20\d\d, at the earliest/);
  await expect(growth).toContainText('Measure next by');
  await expect(
    page.getByRole('img', { name: /1\/8: from Sep 2025; 1\/4: since Oct 2026; 1\/2: about/ })
  ).toBeVisible();
  await growth.getByText('Arm to palm', { exact: true }).click();
  await expect(page.getByRole('img', { name: /^Arm to palm over time/ })).toBeVisible();
  await expectAccessible(page);
});

test('what can’t be known is said: no birth month, grown up, no height', async ({ page }) => {
  await openWithClass(page);
  await page.goto('/players/demo-07');
  await expect(page.getByText('Without a birth month there is no telling how fast')).toBeVisible();
  await page.goto('/players/demo-16');
  await expect(page.getByText('After 18 nothing is forecast')).toBeVisible();
  await openNewPlayer(page, 'No Height');
  await page.getByRole('link', { name: 'History' }).click();
  await expect(page.getByText('Nothing measured yet. Two heights')).toBeVisible();
});

test('looking ahead lists who outgrows what, counts what is wanted, and can be stopped', async ({ page }) => {
  await openWithClass(page);
  await page.goto('/players');
  await page.getByRole('link', { name: 'Look ahead' }).click();
  const table = page.getByRole('table', { name: 'Players by when they outgrow their size' });
  await expect(table.getByRole('row', { name: /Rufus Tanglewood/ })).toContainText('too small');
  await expect(page.getByText('Wanted then:')).toBeVisible();
  await expect(table).not.toContainText('Orson Vale');
  await page.getByText('All', { exact: true }).click();
  await expect(table.getByRole('row', { name: /Orson Vale/ })).toContainText('grown up');
  await expect(table.getByRole('row', { name: /T\. W\./ })).toContainText('no birth month');
  await expectAccessible(page);
});

test('looking ahead over 1,200 players shows progress, keeps the page awake, and stops when asked', async ({
  page
}) => {
  test.slow();
  await openWithClass(page);
  const day = '2026-10-02';
  const at = `${day}T09:00:00.000Z`;
  const many = Array.from({ length: 1200 }, (_, index) => ({
    player: somebody({ id: `many-${index}`, name: `Many ${index}`, birthMonth: '2018-05', curve: 'both' }),
    mm: 1150 + (index % 300)
  }));
  await given(page, {
    players: many.map(({ player }) => player),
    measurements: many.map(({ player: { id }, mm }) => ({
      id: `${id}:height:${day}`,
      playerId: id,
      kind: 'height',
      day,
      readings: [{ mm, at }],
      look: null
    })),
    fits: many.map(({ player: { id }, mm }) => ({
      id: `${id}-fit`,
      playerId: id,
      family: 'violin',
      at,
      day,
      readings: { height: [mm] },
      rule: null,
      instruments: [],
      trialId: null,
      proposal: '1/4',
      advised: '1/4',
      betweenSizes: false,
      probability: 1,
      marginMm: 1,
      size: '1/4',
      reason: null,
      nextLook: '2027-04-02'
    }))
  });
  // Quick enough that it could end before a hand finds the button: what works comes once that is pressed.
  let letGo = () => {};
  const pressed = new Promise<void>((done) => (letGo = done));
  await page.route(/foresee\.worker/, async (route) => {
    await pressed;
    await route.continue();
  });
  await page.goto('/ahead');
  await expect(page.getByRole('progressbar')).toBeVisible();
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  letGo();
  await expect(page.getByText(/^Stopped, \d+ players are missing/)).toBeVisible();
  await expect(page.getByText('Nobody has a size yet')).toHaveCount(0);
  await page.getByRole('button', { name: 'Look ahead again' }).click();
  await expect(page.getByRole('table')).toContainText('Many', { timeout: 40_000 });
});
