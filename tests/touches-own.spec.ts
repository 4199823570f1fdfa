import { bytesOf, expect, openWithClass, readPdf, test } from './app';
import { DEVICES, Hand } from './hand';

for (const [device, use] of DEVICES)
  test.describe(`on ${device}`, () => {
    test.use(use);

    test('an own way: the scroll in line, another bow thumb, a check hidden, an own one: 18 touches', async ({
      page,
      hasTouch
    }) => {
      const hand = new Hand(page, hasTouch);
      await openWithClass(page, '/settings');
      await hand.tap(page.locator('[data-subject=scroll] [data-way=in-line]'));
      await hand.tap(page.locator('[data-fold=way-bow] .fold-title'));
      await hand.tap(page.locator('[data-subject=bow-thumb-shape] button[aria-pressed=false]').first());
      await hand.tap(page.getByRole('link', { name: /^The checks/ }));
      await hand.tap(page.locator('[data-check=hold-jaw]').getByRole('button', { name: 'Hide' }));
      await hand.tap(page.locator('[data-act=own-check]'));
      const form = page.locator('[data-own-check]');
      await expect(form.getByLabel('Title')).toBeFocused();
      await page.keyboard.type('Smiles while playing');
      await hand.write(form.getByLabel('What goes wrong'), 'Looks at the floor');
      await hand.write(form.getByLabel('Remedy'), 'Look at the wall.');
      await hand.choose(form.getByLabel('How it looks'), 'head-forward');
      await hand.tap(form.getByRole('button', { name: 'Keep the check' }));
      await expect(page.locator('li', { hasText: 'Smiles while playing' })).toBeVisible();
      await hand.tap(page.getByRole('link', { name: 'Today', exact: true }).first());
      await hand.tap(page.getByRole('link', { name: 'Lesson: Ottilie Fernsby' }));
      // An own check that nobody has looked at yet is in the next lesson.
      await expect(page.getByRole('button', { name: /^\d+: The jaw/ })).toHaveCount(0);
      await hand.tap(page.getByRole('button', { name: /^\d+: Smiles/ }));
      const look = page.locator('[data-look]').filter({ hasText: 'Smiles while playing' });
      await hand.tap(look.locator('[data-fault]').first());
      await expect(look.locator('[data-rate=not-yet]')).toHaveAttribute('aria-pressed', 'true');
      await hand.key('e');
      await hand.tap(page.locator('[data-act=set-practice]').first());
      await hand.tap(page.locator('[data-act=to-home-card]'));
      await expect(page.locator('[data-home-card]')).toContainText('Look at the wall.');
      expect(hand.touches).toBeLessThanOrEqual(18);
    });

    test('a week, a group’s progress, a letter, and a group that two teachers change: 24 touches', async ({
      page,
      hasTouch,
      browser,
      baseURL
    }) => {
      const hand = new Hand(page, hasTouch);
      await openWithClass(page);
      await hand.tap(page.getByRole('link', { name: 'Next week' }));
      await hand.tap(page.locator('[data-act=plan-all]'));
      await expect(page.locator('[data-act=plan-asked]')).toHaveCount(0);
      const calendar = page.waitForEvent('download');
      await hand.tap(page.locator('[data-act=calendar]'));
      await calendar;
      await hand.tap(page.getByRole('link', { name: 'Thursday strings' }).first());
      await hand.tap(page.getByRole('tab', { name: 'Progress' }));
      await hand.tap(page.getByRole('tab', { name: 'Cards and strips' }));
      await expect(page.getByLabel('Your name, under the letters')).toBeFocused();
      await page.keyboard.type('Ms Placeholder');
      const letters = page.waitForEvent('download');
      await hand.tap(page.getByRole('button', { name: 'Letters home' }));
      expect((await readPdf(await bytesOf(await letters))).text).toContain('Ludo Pennyroyal');
      await hand.tap(page.getByRole('link', { name: 'Hand this group over' }));
      const password = page.locator('[data-files=other-copy]').getByLabel('Password, if it is to be locked');
      await expect(password).toBeFocused();
      await page.keyboard.type('four bows in a row');
      const saving = page.waitForEvent('download');
      await hand.enter();
      const buffer = await bytesOf(await saving);

      const elsewhere = await browser.newContext({ ...use, baseURL: baseURL ?? '', serviceWorkers: 'block' });
      const other = await elsewhere.newPage();
      const second = new Hand(other, hasTouch);
      await other.goto('/files');
      const readIn = async (who: Hand, at: typeof page, file: Buffer) => {
        const picking = at.waitForEvent('filechooser');
        await who.tap(at.getByText('Read in another copy…'));
        await (await picking).setFiles({ name: 'copy.json', mimeType: 'application/json', buffer: file });
      };
      await readIn(second, other, buffer);
      await expect(other.getByLabel('Password of the file')).toBeFocused();
      await other.keyboard.type('four bows in a row');
      await second.enter();
      await second.tap(other.locator('[data-act=merge]'));
      await expect(other.locator('[data-act=merge]')).toHaveCount(0);
      const rename = async (who: Hand, at: typeof page, name: string) => {
        await who.tap(at.locator('[data-in-it]').getByRole('link', { name: 'Ludo Pennyroyal' }));
        await expect(at.locator('[data-status]')).toBeVisible();
        await who.edit();
        await at.getByRole('textbox', { name: /^Name/ }).fill(name);
        await who.enter();
        await expect(at.getByRole('button', { name: /^Save changes/ })).toBeHidden();
      };
      await rename(second, other, 'Ludo There');
      await second.tap(other.getByRole('link', { name: 'Files', exact: true }));
      await expect(other.locator('[data-locked-as-before]')).toBeVisible();
      const theirs = other.waitForEvent('download');
      await second.tap(other.locator('[data-act=save-copy]'));
      const back = await bytesOf(await theirs);
      await elsewhere.close();
      await rename(hand, page, 'Ludo Here');
      await hand.tap(page.getByRole('link', { name: 'Files', exact: true }));
      // It is locked as it went, and the password is still known.
      await readIn(hand, page, back);
      const conflict = page.locator('[data-conflict="players:demo-08"]');
      await hand.tap(conflict.locator('[data-pick=there]'));
      await hand.tap(page.locator('[data-act=merge]'));
      await expect(page.locator('[data-act=merge]')).toHaveCount(0);
      expect(hand.touches + second.touches).toBeLessThanOrEqual(24);
    });
  });
