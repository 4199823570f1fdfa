import { flushSync } from 'svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Mirror } from './mirror.svelte';

/** A camera that tells whether it was let go of. */
function madeUp() {
  const let_: { go: number; lose: () => void } = { go: 0, lose: () => undefined };
  const live = {
    stream: {} as MediaStream,
    whenLost: (act: () => void) => void (let_.lose = act),
    close: () => void let_.go++
  };
  return { live, let_ };
}
const bitmap = () => ({ width: 4, height: 3, close: vi.fn() }) as unknown as ImageBitmap;

let mirror: Mirror;
let leave: () => void;
beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('createImageBitmap', () => Promise.resolve(bitmap()));
  leave = $effect.root(() => void (mirror = new Mirror()));
  flushSync();
});
afterEach(() => {
  leave();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe('the camera', () => {
  it('is let go of when the mirror is left, stopped or hidden', async () => {
    for (const end of [
      () => mirror.stop(),
      () => {
        vi.spyOn(document, 'hidden', 'get').mockReturnValue(true);
        document.dispatchEvent(new Event('visibilitychange'));
        vi.restoreAllMocks();
      },
      () => leave()
    ]) {
      const { live, let_ } = madeUp();
      await mirror.start(() => Promise.resolve(live));
      expect(mirror.live).toBe(live);
      end();
      expect([let_.go, mirror.live]).toEqual([1, null]);
    }
  });

  it('that is taken away says so; one of before says nothing', async () => {
    const [first, second] = [madeUp(), madeUp()];
    await mirror.start(() => Promise.resolve(first.live));
    await mirror.start(() => Promise.resolve(second.live));
    first.let_.lose();
    expect([mirror.live, mirror.refusal]).toEqual([second.live, '']);
    second.let_.lose();
    expect([mirror.live, second.let_.go]).toEqual([null, 1]);
    expect(mirror.refusal).toContain('gone');
  });

  it('that comes after it was given up is let go of at once', async () => {
    const { live, let_ } = madeUp();
    let give: (live: typeof madeUp extends () => { live: infer L } ? L : never) => void = () => undefined;
    const starting = mirror.start(() => new Promise((done) => (give = done)));
    mirror.stop();
    give(live);
    await starting;
    expect([let_.go, mirror.live, mirror.starting]).toEqual([1, null, false]);
  });

  it('says why it is not to be had', async () => {
    for (const [name, says] of [
      ['NotAllowedError', 'Allow it'],
      ['NotFoundError', 'No camera'],
      ['NotReadableError', 'Something else'],
      ['OtherError', 'did not start']
    ]) {
      await mirror.start(() => Promise.reject(new DOMException('', name)));
      expect(mirror.refusal).toContain(says);
      expect(mirror.starting).toBe(false);
    }
  });

  it('untouched for two minutes goes off, after asking; a touch keeps it on', async () => {
    const { live, let_ } = madeUp();
    await mirror.start(() => Promise.resolve(live));
    vi.advanceTimersByTime(110_000);
    expect(mirror.forgotten).toBe(true);
    mirror.touched();
    expect(mirror.forgotten).toBe(false);
    vi.advanceTimersByTime(100_000);
    expect(mirror.live).toBe(live);
    vi.advanceTimersByTime(25_000);
    expect([let_.go, mirror.live]).toEqual([1, null]);
    expect(mirror.refusal).toContain('two minutes');
  });
});

describe('a still', () => {
  it('is held at once or after three seconds, and let go of for the next', async () => {
    const source = {} as ImageBitmapSource;
    await mirror.freeze(source);
    const first = mirror.still;
    expect(first).not.toBeNull();
    mirror.freezeSoon(() => source);
    expect(mirror.counting).toBe(3);
    vi.advanceTimersByTime(2500);
    expect(mirror.counting).toBe(1);
    await vi.advanceTimersByTimeAsync(1000);
    expect(mirror.counting).toBeNull();
    expect(first?.close).toHaveBeenCalled();
    mirror.thaw();
    expect(mirror.still).toBeNull();
  });

  it('that is no more wanted is not taken', async () => {
    const from = vi.fn(() => null);
    mirror.freezeSoon(from);
    mirror.freezeSoon(from);
    await vi.advanceTimersByTimeAsync(5000);
    expect(from).not.toHaveBeenCalled();
    expect(mirror.counting).toBeNull();
  });
});
