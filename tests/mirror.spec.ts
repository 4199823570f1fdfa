import type { Page } from '@playwright/test';
import { bytesOf, expect, expectAccessible, openWithClass, stored, test } from './app';
import { holdByClap } from './clap';

test('a lesson’s mirror is one touch away: live, with the lines of the look, held still, and off when it is left', async ({
  page
}) => {
  await openWithClass(page, '/lesson/demo-08');
  await page.locator('[data-act=mirror]').click();
  // The test's browser has a camera that shows something green that beeps.
  const mirror = page.locator('[data-mirror]');
  await expect(mirror).toHaveAttribute('data-mirror', 'live');
  const streaming = () =>
    page.evaluate(() => {
      const stream = document.querySelector('video')?.srcObject as MediaStream | null;
      return stream?.getTracks().some(({ readyState }) => readyState === 'live') ?? false;
    });
  expect(await streaming()).toBe(true);
  await expectAccessible(page);
  // A line goes where the arrow keys push it, another is laid by a tap.
  const level = page.locator('[data-line=level]');
  await level.focus();
  const before = Number(await level.getAttribute('aria-valuenow'));
  for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowDown');
  await expect(level).toHaveAttribute('aria-valuenow', String(before + 5));
  await page.getByRole('button', { name: 'Right angle' }).click();
  const square = page.locator('[data-line=square]');
  await square.focus();
  const deg = await square.getAttribute('aria-valuetext');
  await page.keyboard.press('Shift+ArrowRight');
  await expect(square).not.toHaveAttribute('aria-valuetext', deg ?? '');
  // Held by a tap, let go by a key; in three seconds for who goes back to the child.
  await page.locator('[data-act=freeze]').click();
  await expect(mirror).toHaveAttribute('data-mirror', 'still');
  const held = await page.evaluate(() => document.querySelector('canvas')?.width ?? 0);
  expect(held).toBeGreaterThan(300);
  await page.keyboard.press('f');
  await expect(mirror).toHaveAttribute('data-mirror', 'live');
  await page.getByRole('button', { name: 'In 3 seconds' }).click();
  await expect(mirror).toHaveAttribute('data-mirror', 'still');
  // The look is rated beside it.
  await page.locator('[data-rate=mostly]').first().click();
  // Left, the camera is off.
  const track = await page.evaluateHandle(
    () => (document.querySelector('video')?.srcObject as MediaStream).getTracks()[0]
  );
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await expect(mirror).toHaveCount(0);
  expect(await track.evaluate((one) => one?.readyState)).toBe('ended');
});

test('without a camera a picture from a file, or a made-up camera, does the same', async ({ page }) => {
  await page.addInitScript(() => {
    navigator.mediaDevices.getUserMedia = () => Promise.reject(new DOMException('', 'NotFoundError'));
  });
  await openWithClass(page, '/lesson/demo-14');
  await page.locator('[data-act=mirror]').click();
  await expect(page.getByRole('alert')).toContainText('No camera was found');
  await expectAccessible(page);
  const png = Buffer.from(
    await page.evaluate(async () => {
      const canvas = new OffscreenCanvas(60, 40);
      canvas.getContext('2d')?.fillRect(0, 0, 30, 40);
      return [...new Uint8Array(await (await canvas.convertToBlob()).arrayBuffer())];
    })
  );
  const mirror = page.locator('[data-mirror]');
  const pick = page.getByLabel('A picture from a file…').last();
  await pick.setInputFiles({ name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') });
  await expect(page.getByText('This file is no picture that can be shown.')).toBeVisible();
  await pick.setInputFiles({ name: 'child.png', mimeType: 'image/png', buffer: png });
  await expect(mirror).toHaveAttribute('data-mirror', 'still');
  await page.locator('[data-act=thaw]').click();
  await page.locator('[data-act=made-up-camera]').click();
  await expect(mirror).toHaveAttribute('data-mirror', 'live');
  await expect.poll(() => page.evaluate(() => document.querySelector('video')?.videoWidth ?? 0)).toBe(960);
});

/** A look of the lesson, from where it is made. */
async function toLook(page: Page, from: 'Front' | 'Behind', check: string): Promise<void> {
  const all = page.getByRole('button', { name: /^All \d+ looks/ });
  if (await all.isVisible()) await all.click();
  await page.getByRole('button', { name: new RegExp(`^${from}`) }).click();
  await page.locator(`[data-spot=${check}]`).click();
}
const toShoulders = (page: Page) => toLook(page, 'Behind', 'hold-shoulder');

/** Reads the shoulders off a still of the made-up camera, the left one so many of its pixels too high. */
async function measureShoulders(page: Page, tooHigh: number): Promise<void> {
  await page.locator('[data-act=mirror]').click();
  await page.locator('[data-act=made-up-camera]').click();
  const mirror = page.locator('[data-mirror]');
  await expect(mirror).toHaveAttribute('data-mirror', 'live');
  await page.locator('[data-act=freeze]').click();
  await page.locator('[data-act=measure]').click();
  await page.locator('[data-part=angle]').selectOption('shoulders');
  await page.locator('[data-act=square]').click();
  const points = page.locator('[data-point]');
  await expect(points).toHaveCount(2);
  // The one that is next is laid by a tap on it, the other as it lies by Enter.
  await points.first().click();
  await expect(page.getByText('Tap the right shoulder')).toBeVisible();
  await points.last().focus();
  await page.keyboard.press('Enter');
  await points.first().focus();
  for (let i = 0; i < tooHigh; i++) await page.keyboard.press('ArrowUp');
}

test('a raised shoulder is seen, held still, measured, rated and practised, and a week later it is lower', async ({
  page
}) => {
  await page.addInitScript(() => {
    navigator.mediaDevices.getUserMedia = () => Promise.reject(new DOMException('', 'NotFoundError'));
  });
  await openWithClass(page, '/lesson/demo-08?category=hold');
  await toShoulders(page);
  await measureShoulders(page, 26);
  const panel = page.locator('[data-angle=shoulders]');
  await expect(panel.getByRole('status')).toHaveText(/^Shoulders: 1[012]° left higher ± \d°$/);
  await expect(panel).toContainText('Not right');
  await expectAccessible(page);
  await page.locator('[data-act=keep-angle]').click();
  await expect(page.locator('[data-measured=shoulders]')).toContainText('left higher');
  // Kept once, however often it is pressed, and beside the rating that comes after it.
  await page.locator('[data-rate=with-help]').click();
  const look = (day: string) =>
    stored(page, 'checks').then((all) =>
      all.filter((one) => one.playerId === 'demo-08' && one.checkId === 'hold-shoulder' && one.day === day)
    );
  await expect
    .poll(async () => (await look('2026-11-24')).map(({ outcome }) => outcome))
    .toEqual([{ kind: 'rating', rating: 'with-help' }]);
  expect((await look('2026-11-24'))[0]?.angles).toMatchObject([{ angle: 'shoulders' }]);
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await toShoulders(page);
  await page.locator('[data-fault=raised]').click();
  await page.locator('[data-act=end-looks]').click();
  await page.locator('[data-act=set-practice]').first().click();

  await page.clock.setSystemTime(new Date('2026-12-01T10:42:00'));
  await page.goto('/lesson/demo-08?category=hold');
  await toShoulders(page);
  await measureShoulders(page, 6);
  await expect(panel).toContainText('± ');
  await page.locator('[data-act=keep-angle]').click();
  await expect(page.locator('[data-measured=shoulders]')).toContainText('on 1 Dec 2026');
  await page.locator('[data-rate=mostly]').click();
  // The hands are on the child: the hold is timed by claps.
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await toLook(page, 'Front', 'hold-hands-off');
  await holdByClap(page, new Date('2026-12-01T11:42:00'));
  await expect
    .poll(async () =>
      (await stored(page, 'checks')).some(
        ({ playerId, day, outcome }) =>
          playerId === 'demo-08' &&
          day === '2026-12-01' &&
          outcome.kind === 'seconds' &&
          Math.abs(outcome.seconds - 3.5) <= 0.2
      )
    )
    .toBe(true);
  await page.locator('[data-act=end-looks]').click();
  await page.locator('[data-act=set-practice]').first().click();
  await expect(page.locator('[data-act=to-home-card]')).toBeVisible();
  // In progress with what is right, and on the card that goes home.
  await page.goto('/progress/demo-08');
  await expect(page.locator('[data-angle-course=shoulders]')).toContainText('1 Dec 2026');
  await expectAccessible(page);
  await page.goto('/home-card/demo-08');
  await expect(page.locator('[data-home-card]')).toContainText(/shoulders: 1[012]° → [23]°/);
});

test('a picture is kept only with a consent that says who and when, and goes when it is withdrawn', async ({
  page
}) => {
  await page.addInitScript(() => {
    navigator.mediaDevices.getUserMedia = () => Promise.reject(new DOMException('', 'NotFoundError'));
  });
  await openWithClass(page, '/lesson/demo-08?category=hold');
  const measured = async () => {
    await measureShoulders(page, 4);
    await page.locator('[data-act=keep-angle]').click();
    await expect(page.locator('[data-measured=shoulders]')).toBeVisible();
  };
  await measured();
  await expect(page.locator('[data-act=keep-picture]')).toHaveCount(0);
  await page.getByRole('link', { name: 'no consent is noted' }).click();
  const consent = page.locator('[data-consent]');
  await page.locator('[data-act=ask-consent]').click();
  await expect(page.locator('[data-act=note-consent]')).toBeDisabled();
  await page.locator('[data-field=by]').fill('His made-up mother');
  await expectAccessible(page);
  await page.locator('[data-act=note-consent]').click();
  await expect(consent).toContainText('His made-up mother agreed on 24 Nov 2026');
  await page.goto('/lesson/demo-08?category=hold');
  await measured();
  const keep = page.locator('[data-act=keep-picture]');
  await keep.click();
  await expect(keep).toHaveText('✓ Picture kept until the term ends');
  await expect(keep).toBeDisabled();
  // It is seen in progress, drawn from what is kept here.
  await page.goto('/progress/demo-08');
  const picture = page.getByRole('img', { name: /Shoulders of Ludo Pennyroyal/ });
  await expect(picture).toBeVisible();
  expect(await picture.evaluate((one: HTMLImageElement) => one.naturalWidth)).toBeGreaterThan(100);
  // It leaves only by a touch on it, without a name and without anything about where it was taken.
  const saving = page.waitForEvent('download');
  await page.locator('[data-act=save-picture]').click();
  const file = await saving;
  expect(file.suggestedFilename()).toBe('shoulders-2026-11-24.jpg');
  const saved = await bytesOf(file);
  expect([...saved.subarray(0, 3)]).toEqual([0xff, 0xd8, 0xff]);
  expect(saved.includes('Exif')).toBe(false);
  await page.goto('/settings');
  await expect(page.locator('[data-pictures="1"]')).toContainText('1 of 1 player');
  await expectAccessible(page);
  // Withdrawn it is gone, and no undo brings it back.
  await page.goto('/players/demo-08');
  await page.locator('[data-act=ask-withdraw]').click();
  await expect(consent.getByRole('alert')).toContainText('removes one picture for good');
  await page.locator('[data-act=withdraw]').click();
  await expect(consent).toContainText('withdrawn on 24 Nov 2026');
  await page.keyboard.press('Control+z');
  await page.goto('/settings');
  await expect(page.locator('[data-pictures="0"]')).toBeVisible();
  const cached = await page.evaluate(async () => {
    const found: string[] = [];
    for (const name of await window.caches.keys())
      for (const { url } of await (await window.caches.open(name)).keys())
        if (/jpe?g/.test(url)) found.push(url);
    return found;
  });
  expect(cached).toEqual([]);
});
