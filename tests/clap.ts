import { expect, NOW } from './app';
import type { Page } from '@playwright/test';

/**
 * A hold that is timed by claps, in a made-up room where somebody holds for three and a half seconds. The look stands open.
 *
 * @param at when it is; time stands still but for what is let pass, so that a busy machine hears the same
 * @param before what is to be looked at once it is set up
 */
export async function holdByClap(
  page: Page,
  at = new Date(NOW.getTime() + 3_600_000),
  before: () => Promise<void> = () => Promise.resolve()
): Promise<void> {
  const watch = page.locator('[data-watch]');
  await page.locator('[data-watch-way=sound]').click();
  await page.getByLabel('In a made-up room').check();
  await before();
  await page.clock.pauseAt(at);
  await watch.click();
  await expect(watch).toContainText('Quiet, please');
  await page.clock.runFor(1200);
  await expect(watch).toContainText('Clap or speak');
  await page.clock.runFor(2000);
  await expect(watch).toContainText('Stop');
  await page.clock.runFor(4000);
  await expect(watch).toContainText('Listen');
  await page.clock.resume();
}
