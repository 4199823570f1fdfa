import { earAside } from '$lib/workers/ear';
import type { SoundSource } from '../sound-source';

export const NOT_TO_BE_HAD = 'The microphone is not to be had.';

/**
 * Opens a source and hears it in stretches.
 *
 * @param isWanted no longer once it was given up, which may be while the browser asks
 * @returns lets go of the source; null where it is not heard, of which `deaf` was told unless nobody wants it any more
 */
export async function listenTo(
  open: () => Promise<SoundSource>,
  isWanted: () => boolean,
  ...[stretchMs, hear, deaf]: [number, (db: number, at: number) => void, () => void]
): Promise<(() => void) | null> {
  let source: SoundSource;
  try {
    source = await open();
  } catch {
    if (isWanted()) deaf();
    return null;
  }
  if (isWanted()) return inStretches(source, stretchMs, hear, deaf);
  source.close();
  return null;
}

/**
 * Hears a source in stretches of a length, each once, the oldest first: a busy moment loses none of them. The sound is
 * heard beside the page, which is told no more than how loud it was.
 *
 * @param hear is given a stretch's level, dB, and when it ended, ms on the page's clock
 * @param deaf is told that there is no hearing beside the page
 * @returns lets go of the source; nothing is heard after it
 */
function inStretches(
  source: SoundSource,
  stretchMs: number,
  hear: (db: number, at: number) => void,
  deaf: () => void
): () => void {
  const samples = new Float32Array(source.samples);
  const stretch = Math.round((source.sampleRate * stretchMs) / 1000);
  const ear = earAside();
  let ended = false;
  let last = performance.now();
  const timer = setInterval(() => {
    const now = performance.now();
    const count = Math.min(Math.floor(samples.length / stretch), Math.floor((now - last) / stretchMs));
    if (count === 0) return;
    last = now;
    source.read(samples);
    ear.levels(samples.slice(samples.length - count * stretch), stretch).then(
      (levels) => levels.forEach((db, i) => !ended && hear(db, now - (count - 1 - i) * stretchMs)),
      () => !ended && deaf()
    );
  }, stretchMs);
  return () => {
    ended = true;
    clearInterval(timer);
    ear.end();
    source.close();
  };
}
