import { flushSync } from 'svelte';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { levelsOf, MadeUpRoom, type MadeUpSound } from '$lib/core/ear';
import { madeUpRoom, type SoundSource } from '../sound-source';
import { aloud, beep } from './aloud';
import { LONG_CLOCK_S } from '$lib/data/schema/check';
import type { Ear } from '$lib/workers/ear';
import { Watch } from './watch.svelte';
import { seeded } from '$lib/core/dice.testing';

vi.mock('./aloud', () => ({ aloud: vi.fn(), beep: vi.fn() }));

let isDeaf = false;
vi.mock('$lib/workers/ear', () => ({
  earAside: (): Pick<Ear, 'levels' | 'end'> => ({
    levels: (...stretches) =>
      isDeaf ? Promise.reject(new Error('none')) : Promise.resolve(levelsOf(...stretches)),
    end: () => undefined
  })
}));

const RATE = 8000;
let closed = 0;
function roomWith(sounds: readonly MadeUpSound[], noiseDb = -50): SoundSource {
  const begun = performance.now();
  const room = new MadeUpRoom(RATE, noiseDb, sounds, seeded(3));
  return {
    sampleRate: RATE,
    samples: 3200,
    read: (into) => room.sound(into, (performance.now() - begun) / 1000),
    close: () => void closed++
  };
}

const stopped = vi.fn<(seconds: number) => void>();
let watch: Watch;
let leave: () => void = () => undefined;
function begin(open: () => Promise<SoundSource> = () => Promise.reject(new Error('none'))) {
  leave = $effect.root(() => void (watch = new Watch(stopped, open)));
  flushSync();
}
const after = (ms: number) => vi.advanceTimersByTimeAsync(ms);

beforeEach(() => {
  vi.useFakeTimers();
  vi.clearAllMocks();
  closed = 0;
});
afterEach(() => {
  leave();
  vi.useRealTimers();
});

describe('a clock', () => {
  it('is started and stopped by a press, counts aloud where it is asked to, and is given up with the page', async () => {
    begin();
    watch.aloud = true;
    watch.press();
    await after(2340);
    expect(vi.mocked(aloud).mock.calls).toEqual([[1], [2]]);
    watch.press();
    expect(stopped.mock.calls).toEqual([[2.3]]);
    watch.press();
    leave();
    await after(5000);
    expect(stopped).toHaveBeenCalledTimes(1);
  });

  it('goes after three beeps; pressed before, it does not', async () => {
    begin();
    watch.way = 'beeps';
    watch.press();
    await after(2500);
    watch.press();
    await after(3000);
    expect([watch.startedAt, watch.waits]).toEqual([null, null]);
    watch.press();
    await after(3000);
    expect(watch.startedAt).not.toBeNull();
    expect(vi.mocked(beep)).toHaveBeenCalledTimes(3 + 4);
    await after(1500);
    watch.press();
    expect(stopped.mock.calls).toEqual([[1.5]]);
  });

  it('that ran for very long asks before it counts', async () => {
    begin();
    watch.press();
    await after(1000 * (LONG_CLOCK_S + 60));
    watch.press();
    expect([stopped.mock.calls.length, watch.doubtful]).toEqual([0, LONG_CLOCK_S + 60]);
    watch.answer(false);
    expect([stopped.mock.calls.length, watch.doubtful]).toEqual([0, null]);
  });
});

describe('a clock that listens', () => {
  it('is started by a clap and stopped by the next, without a hand', async () => {
    begin(() => Promise.resolve(madeUpRoom()));
    watch.way = 'sound';
    watch.press();
    await after(1000);
    expect(watch.waits).toEqual({ kind: 'start' });
    await after(6000);
    expect(stopped).toHaveBeenCalledTimes(1);
    expect(Math.abs((stopped.mock.calls[0]?.[0] ?? 0) - 3.5)).toBeLessThanOrEqual(0.1);
    expect(watch.waits).toBeNull();
  });

  it('runs as long as a note sounds', async () => {
    begin(() => Promise.resolve(roomWith([{ kind: 'bowed', at: 2, seconds: 4.2, db: -16 }])));
    watch.way = 'silence';
    watch.press();
    await after(9000);
    expect(Math.abs((stopped.mock.calls[0]?.[0] ?? 0) - 4.2)).toBeLessThanOrEqual(0.15);
    expect(closed).toBe(1);
  });

  it('lets go of the microphone when it is given up, refused, too loud, hidden or left alone', async () => {
    begin(() => Promise.resolve(roomWith([])));
    watch.way = 'sound';
    watch.press();
    await after(500);
    watch.press();
    expect([closed, watch.waits]).toEqual([1, null]);
    watch.press();
    await after(500);
    vi.spyOn(document, 'hidden', 'get').mockReturnValue(true);
    document.dispatchEvent(new Event('visibilitychange'));
    vi.restoreAllMocks();
    expect(closed).toBe(2);
    watch.press();
    await after(125_000);
    expect([closed, watch.waits]).toEqual([3, null]);
    leave();

    begin(() => Promise.resolve(roomWith([], -12)));
    watch.way = 'sound';
    watch.press();
    await after(1500);
    expect([closed, watch.refusal.includes('too loud')]).toEqual([4, true]);
    leave();

    begin();
    watch.way = 'sound';
    watch.press();
    await after(100);
    expect([watch.waits, watch.refusal.includes('microphone')]).toEqual([null, true]);
    leave();

    isDeaf = true;
    begin(() => Promise.resolve(roomWith([])));
    watch.way = 'sound';
    watch.press();
    await after(200);
    isDeaf = false;
    expect([closed, watch.waits, watch.refusal.includes('microphone')]).toEqual([5, null, true]);
    expect(stopped).not.toHaveBeenCalled();
  });
});
