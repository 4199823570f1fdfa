import type { Family } from '$lib/core/instruments';
import type { Heard } from '$lib/core/tuner';
import { aside } from './aside';
import type { EarDoor } from './ear.worker';

/** Ears beside the page; ended when nobody listens any more. */
export interface Ear {
  hear(samples: Float32Array, sampleRate: number, family: Family, aHz: number): Promise<Heard>;
  /** The levels of stretches of so many samples, dB, the oldest first. */
  levels(samples: Float32Array, stretch: number): Promise<readonly number[]>;
  end(): void;
}

export function earAside(): Ear {
  const { door, broken, end } = aside<EarDoor>(
    new Worker(new URL('./ear.worker.ts', import.meta.url), { type: 'module' })
  );
  return {
    hear: (...stretch) => Promise.race([door.hear(...stretch), broken]),
    levels: (...stretches) => Promise.race([door.levels(...stretches), broken]),
    end
  };
}
