import type { Locator, Page } from '@playwright/test';
import { expect, field } from './app';

/** The devices that a teacher has at hand; on the tablet everything is tapped. */
export const DEVICES = [
  ['a desk', { viewport: { width: 1280, height: 800 }, hasTouch: false }],
  ['a tablet', { viewport: { width: 820, height: 1180 }, hasTouch: true }]
] as const;

/** A hand that counts its touches: taps, and keys that are not text. */
export class Hand {
  touches = 0;
  /** Without a keyboard what has a key is tapped; the keyboard on the screen is there for text and its Enter. */
  constructor(
    private readonly page: Page,
    private readonly hasTouch = false
  ) {}

  async tap(what: Locator): Promise<void> {
    this.touches++;
    await (this.hasTouch ? what.tap() : what.click());
  }

  /** A key that answers, by the name that its button bears. */
  async key(name: string): Promise<void> {
    if (this.hasTouch)
      return this.tap(this.page.locator(`:is(button, a):has(.key:text-is("${name.toUpperCase()}"))`).first());
    this.touches++;
    await this.page.keyboard.press(name);
  }

  /** Enter in a field. */
  async enter(): Promise<void> {
    this.touches++;
    await this.page.keyboard.press('Enter');
  }

  /** Edits the child at hand: by its shortcut, or beside its name. */
  async edit(): Promise<void> {
    if (!this.hasTouch) {
      this.touches++;
      return this.page.keyboard.press('Alt+KeyE');
    }
    await this.tap(this.page.getByRole('button', { name: /^Edit / }).first());
  }

  /** Types into a field that was tapped. */
  async write(what: Locator, text: string): Promise<void> {
    await this.tap(what);
    await what.fill(text);
  }

  /** Who is next in the line is not there. */
  async absent(): Promise<void> {
    if (this.hasTouch) return this.tap(this.page.getByRole('button', { name: 'Absent' }));
    this.touches++;
    await this.page.keyboard.press('Alt+KeyA');
  }

  /** Picks of a list: a tap opens it, another picks. */
  async choose(what: Locator, text: string): Promise<void> {
    this.touches += 2;
    await what.selectOption(text);
  }

  /** Presses Enter on what has the focus, once it has had it for long enough to be meant. */
  async goOn(): Promise<void> {
    if (this.hasTouch) return this.tap(this.page.locator('button:focus, main .btn.act-next').first());
    await this.page.waitForTimeout(300);
    await this.enter();
  }

  /** Lengths as they are called out, in a row; a dash stands for one that is left out. */
  async row(lengths: string): Promise<void> {
    await expect(field(this.page, 'Height')).toBeFocused();
    await this.page.keyboard.type(lengths);
    await this.enter();
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
