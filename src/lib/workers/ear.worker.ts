import { expose } from 'comlink';
import { levelsOf } from '$lib/core/ear';
import type { Family } from '$lib/core/instruments';
import { OPEN_STRINGS } from '$lib/core/tones';
import { hear, type Heard } from '$lib/core/tuner';

const door = {
  /** Which open string of a family sounds in a stretch of sound. */
  hear: (samples: Float32Array, sampleRate: number, family: Family, aHz: number): Heard =>
    hear(samples, sampleRate, OPEN_STRINGS[family], aHz),
  levels: levelsOf
};

export type EarDoor = typeof door;

expose(door);
