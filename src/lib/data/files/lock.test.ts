import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isLockedFile, seal, unseal, type Bytes } from './lock';
import { lockText } from './locked-text.testing';

/** Few rounds and small pieces: what is tested does not rest on their number. */
const QUICK = { rounds: 10, piece: 1024 };
const PASSWORD = 'four bows in a row';
const bytesOf = (text: string): Bytes => new TextEncoder().encode(text);
const TEXT = JSON.stringify({
  players: [{ name: 'Ottilie Fernsby' }, { name: 'Иво' }],
  filler: 'x'.repeat(5000)
});
const sealed = (bytes = bytesOf(TEXT), password = PASSWORD) => seal(bytes, password, undefined, QUICK);

describe('a locked file', () => {
  it('opens with its password, says how far it is, and holds no name in clear', async () => {
    const shares: number[] = [];
    const file = await seal(bytesOf(TEXT), PASSWORD, (share) => shares.push(share), QUICK);
    expect(shares.length).toBeGreaterThan(3);
    expect(shares.at(-1)).toBe(1);
    expect(isLockedFile(file)).toBe(true);
    expect(isLockedFile(bytesOf(TEXT))).toBe(false);
    const seen = new TextDecoder('latin1').decode(file);
    for (const name of ['Ottilie', 'Fernsby', 'players']) expect(seen).not.toContain(name);
    const opened = await unseal(file, PASSWORD);
    expect(opened.ok && new TextDecoder().decode(opened.bytes)).toBe(TEXT);
    expect(await sealed()).not.toEqual(file);
  });

  it('opens whatever it holds and however long, and however the password is composed', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.uint8Array({ maxLength: 5000 }),
        fc.string({ minLength: 8 }),
        async (content, password) => {
          fc.pre(password.isWellFormed());
          const bytes = new Uint8Array(content);
          const opened = await unseal(await sealed(bytes, password), password.normalize('NFD'));
          expect(opened).toEqual({ ok: true, bytes });
        }
      ),
      {
        numRuns: 60,
        examples: [
          [new Uint8Array(0), PASSWORD],
          [new Uint8Array(2048), PASSWORD]
        ]
      }
    );
  });

  it('says that the password is wrong, and only then', async () => {
    const file = await sealed();
    for (const wrong of ['', 'four bows in a roW', `${PASSWORD} `])
      expect(await unseal(file, wrong)).toMatchObject({ ok: false, why: 'password' });
  });

  it('needs a password of some length', async () => {
    await expect(sealed(bytesOf(TEXT), 'short')).rejects.toThrow(RangeError);
  });

  it('is refused wherever it was altered: 500 altered files, the right password', async () => {
    const file = await sealed();
    await fc.assert(
      fc.asyncProperty(
        fc.integer({ min: 14, max: file.length - 1 }),
        fc.constantFrom('change', 'drop', 'double', 'cut', 'insert'),
        fc.integer({ min: 1, max: 255 }),
        async (at, how, by) => {
          const [before, after] = [[...file.slice(0, at)], [...file.slice(at + 1)]];
          const here = file[at] ?? 0;
          const altered = {
            change: [...before, here ^ by, ...after],
            drop: [...before, ...after],
            double: [...before, here, here, ...after],
            cut: before,
            insert: [...before, here ^ by, here, ...after]
          }[how];
          expect(await unseal(new Uint8Array(altered), PASSWORD)).toMatchObject({
            ok: false,
            why: 'altered'
          });
        }
      ),
      { numRuns: 500 }
    );
  });

  it('is refused when its pieces are moved, left out or doubled, though its sum is right', async () => {
    const file = await sealed();
    const [head, size, sum] = [55, 1024 + 16, 32];
    const pieces: Bytes[] = [];
    for (let at = head; at < file.length - sum; at += size)
      pieces.push(file.slice(at, Math.min(at + size, file.length - sum)));
    const [first, second, ...rest] = pieces;
    if (!first || !second) throw new Error('too few pieces');
    for (const parts of [
      [second, first, ...rest],
      [second, ...rest],
      [first, first, second, ...rest],
      pieces.slice(0, -1)
    ]) {
      const body = new Uint8Array([...file.slice(0, head), ...parts.flatMap((part) => [...part])]);
      const added = new Uint8Array(await crypto.subtle.digest('SHA-256', body));
      expect(await unseal(new Uint8Array([...body, ...added]), PASSWORD)).toMatchObject({
        ok: false,
        why: 'altered'
      });
    }
  });

  it('of the first format opens too', async () => {
    const old = bytesOf(await lockText(TEXT, PASSWORD, 10));
    expect(isLockedFile(old)).toBe(true);
    const opened = await unseal(old, PASSWORD);
    expect(opened.ok && new TextDecoder().decode(opened.bytes)).toBe(TEXT);
    expect(await unseal(old, 'three bows in a row')).toMatchObject({ ok: false, why: 'password' });
  });
});
