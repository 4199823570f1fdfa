import type { Locator, Page } from '@playwright/test';
import { expect, field } from './app';

/** A hand that counts its touches: taps, and keys that are not text. */
export class Hand {
  touches = 0;
  constructor(private readonly page: Page) {}

  async tap(what: Locator): Promise<void> {
    this.touches++;
    await what.click();
  }

  async key(name: string): Promise<void> {
    this.touches++;
    await this.page.keyboard.press(name);
  }

  /** Types into a field that was tapped. */
  async write(what: Locator, text: string): Promise<void> {
    await this.tap(what);
    await what.fill(text);
  }

  /** Picks of a list: a tap opens it, another picks. */
  async choose(what: Locator, text: string): Promise<void> {
    this.touches += 2;
    await what.selectOption(text);
  }

  /** Presses Enter on what has the focus, once it has had it for long enough to be meant. */
  async goOn(): Promise<void> {
    await this.page.waitForTimeout(300);
    await this.key('Enter');
  }

  /** Lengths as they are called out, in a row; a dash stands for one that is left out. */
  async row(lengths: string): Promise<void> {
    await expect(field(this.page, 'Height')).toBeFocused();
    await this.page.keyboard.type(lengths);
    await this.key('Enter');
  }

  /** Every look of the trial as it should be, but those that are named. */
  async trial(amiss: Readonly<Record<string, string>> = {}): Promise<void> {
    const look = this.page.locator('[data-look]');
    await expect(look).toBeFocused();
    while (await look.isVisible()) {
      const title = await look.innerText();
      await this.key(amiss[title] ?? '1');
      await expect(this.page.locator('[data-look]', { hasText: title })).toHaveCount(0);
    }
    await expect(this.page.locator('[data-end]')).toBeFocused();
  }

  async newPlayer(name: string, family: string): Promise<void> {
    await expect(this.page.getByLabel('Name, initials or number')).toBeFocused();
    await this.page.keyboard.type(name);
    if (family !== 'Violin') await this.tap(this.page.getByText(family, { exact: true }));
    await this.tap(this.page.getByRole('button', { name: 'Add and measure' }));
  }
}
