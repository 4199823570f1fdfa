import { levelDb } from '$lib/core/ear';
import type { SoundSource } from '../sound-source';

/**
 * Hears a source in stretches of a length, each once, the oldest first: a busy moment loses none of them.
 *
 * @param hear is given a stretch's level and when it ended, ms on the page's clock
 * @returns lets go of the source; nothing is heard after it
 */
export function inStretches(
  source: SoundSource,
  stretchMs: number,
  hear: (db: number, at: number) => void
): () => void {
  const samples = new Float32Array(source.samples);
  const stretch = Math.round((source.sampleRate * stretchMs) / 1000);
  let ended = false;
  let last = performance.now();
  const timer = setInterval(() => {
    const now = performance.now();
    source.read(samples);
    const count = Math.min(Math.floor(samples.length / stretch), Math.floor((now - last) / stretchMs));
    for (let back = count; back > 0 && !ended; back--) {
      const end = samples.length - (back - 1) * stretch;
      last = now - (back - 1) * stretchMs;
      hear(levelDb(samples.subarray(end - stretch, end)), last);
    }
  }, stretchMs);
  return () => {
    ended = true;
    clearInterval(timer);
    source.close();
  };
}
