import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isLocked, unlockText } from './locked-text';
import { lockText } from './locked-text.testing';

/** Few rounds: what is tested does not rest on their number. */
const ROUNDS = 10;
const TEXT = JSON.stringify({ players: [{ name: 'Ottilie Fernsby' }, { name: 'Иво' }] });
const PASSWORD = 'four bows in a row';

describe('a locked file of the first format', () => {
  it('opens with its password, and holds no name in clear', async () => {
    const locked = await lockText(TEXT, PASSWORD, ROUNDS);
    expect(isLocked(locked)).toBe(true);
    expect(isLocked(TEXT)).toBe(false);
    for (const name of ['Ottilie', 'Fernsby', 'players', 'Иво']) expect(locked).not.toContain(name);
    expect(await unlockText(locked, PASSWORD)).toEqual({ ok: true, text: TEXT });
  });

  it('opens whatever it holds, and however the password is composed', async () => {
    await fc.assert(
      fc.asyncProperty(fc.string(), fc.string({ minLength: 8 }), async (text, password) => {
        // Half a pair of code units is no text.
        fc.pre(text.isWellFormed() && password.isWellFormed());
        const locked = await lockText(text, password, ROUNDS);
        expect(await unlockText(locked, password.normalize('NFD'))).toEqual({ ok: true, text });
      }),
      { numRuns: 60 }
    );
  });

  it('says that the password is wrong, and only then', async () => {
    const locked = await lockText(TEXT, PASSWORD, ROUNDS);
    for (const wrong of ['', 'four bows in a roW', `${PASSWORD} `])
      expect(await unlockText(locked, wrong)).toMatchObject({ ok: false, why: 'password' });
  });

  it('is refused wherever it was altered: 500 altered files, the right password', async () => {
    const locked = await lockText(TEXT, PASSWORD, ROUNDS);
    let refused = 0;
    await fc.assert(
      fc.asyncProperty(
        fc.nat(locked.length - 1),
        fc.constantFrom('change', 'drop', 'double', 'cut', 'insert'),
        fc.integer({ min: 32, max: 126 }),
        async (at, how, code) => {
          const put = String.fromCharCode(code);
          const [before, here, after] = [locked.slice(0, at), locked[at] ?? '', locked.slice(at + 1)];
          const altered = {
            change: before + put + after,
            drop: before + after,
            double: before + here + here + after,
            cut: before,
            insert: before + put + here + after
          }[how];
          fc.pre(altered.trim() !== locked);
          const opened = await unlockText(altered, PASSWORD);
          expect(opened).toMatchObject({ ok: false, why: 'altered' });
          refused++;
        }
      ),
      { numRuns: 500 }
    );
    expect(refused).toBeGreaterThanOrEqual(500);
  });
});
