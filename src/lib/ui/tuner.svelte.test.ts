import { flushSync } from 'svelte';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { OPEN_STRINGS } from '$lib/core/tones';
import { hear } from '$lib/core/tuner';
import type { Ear } from '$lib/workers/ear';
import { Tuner } from './tuner.svelte';

const ears: { ended: boolean }[] = [];
vi.mock('$lib/workers/ear', () => ({
  earAside: (): Ear => {
    const ear = { ended: false };
    ears.push(ear);
    return {
      hear: (samples, rate, family, aHz) => Promise.resolve(hear(samples, rate, OPEN_STRINGS[family], aHz)),
      levels: () => Promise.resolve([]),
      end: () => void (ear.ended = true)
    };
  }
}));

const tracks: { stopped: boolean }[] = [];
let asking: () => Promise<unknown> = () => Promise.reject(new Error('nobody asked'));
/** A microphone that hears nothing. */
const giveMicrophone = () => {
  const track = { stopped: false };
  tracks.push(track);
  return { getTracks: () => [{ stop: () => (track.stopped = true) }] };
};
class SilentAudio {
  readonly sampleRate = 48_000;
  createAnalyser = () => ({ fftSize: 0, getFloatTimeDomainData: (into: Float32Array) => into.fill(0) });
  createMediaStreamSource = () => ({ connect: () => undefined });
  close = () => Promise.resolve();
}

beforeEach(() => {
  ears.length = 0;
  tracks.length = 0;
  vi.useFakeTimers();
  vi.stubGlobal('AudioContext', SilentAudio);
  vi.stubGlobal('navigator', { mediaDevices: { getUserMedia: () => asking() } });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

/** A tuner on a screen, and the way to leave that screen. */
function tuning() {
  let tuner: Tuner | undefined;
  const close = $effect.root(() => {
    tuner = new Tuner(
      () => 'cello',
      () => 440
    );
  });
  flushSync();
  if (!tuner) throw new Error('no tuner was made');
  return { tuner, close };
}

it('hears the made-up string, and follows its fine tuner', async () => {
  const { tuner, close } = tuning();
  tuner.string = 'G2';
  await tuner.start('made-up');
  await vi.advanceTimersByTimeAsync(400);
  expect(tuner.heard).toMatchObject({ kind: 'tone', string: 'G2' });
  expect(tuner.heard.kind === 'tone' && tuner.heard.cents).toBeCloseTo(-30, 0);
  tuner.offCents = 0;
  await vi.advanceTimersByTimeAsync(1200);
  expect(tuner.heard.kind === 'tone' && Math.abs(tuner.heard.cents)).toBeLessThan(2);
  close();
  expect(ears.map(({ ended }) => ended)).toEqual([true]);
});

it('lets go of the microphone when it stops, when its screen goes, and after a while of silence', async () => {
  asking = () => Promise.resolve(giveMicrophone());
  const { tuner, close } = tuning();
  await tuner.start('microphone');
  tuner.stop();
  await tuner.start('microphone');
  await vi.advanceTimersByTimeAsync(170_000);
  expect(tuner.source).toBe('microphone');
  await vi.advanceTimersByTimeAsync(30_000);
  expect(tuner.source).toBeNull();
  await tuner.start('microphone');
  close();
  expect(tracks.map(({ stopped }) => stopped)).toEqual([true, true, true]);
  expect(ears.map(({ ended }) => ended)).toEqual([true, true, true]);
});

it('takes no microphone that comes after it was stopped, and only one however often it is pressed', async () => {
  let give: () => void = () => undefined;
  asking = () => new Promise((given) => (give = () => given(giveMicrophone())));
  const { tuner, close } = tuning();
  const late = tuner.start('microphone');
  expect(tuner.starting).toBe(true);
  tuner.stop();
  give();
  await late;
  expect([tuner.source, tuner.starting]).toEqual([null, false]);
  const first = tuner.start('microphone');
  const giveFirst = give;
  const second = tuner.start('microphone');
  give();
  giveFirst();
  await Promise.all([first, second]);
  expect(tuner.source).toBe('microphone');
  expect(tracks.map(({ stopped }) => stopped)).toEqual([true, false, true]);
  close();
});

it('says whether leave was refused or there is no microphone', async () => {
  const { tuner, close } = tuning();
  asking = () => Promise.reject(new DOMException('no', 'NotAllowedError'));
  await tuner.start('microphone');
  expect(tuner.refusal).toContain('Allow it');
  asking = () => Promise.reject(new DOMException('none', 'NotFoundError'));
  await tuner.start('microphone');
  expect(tuner.refusal).toContain('No microphone was found');
  expect([tuner.source, tuner.starting]).toEqual([null, false]);
  close();
});
