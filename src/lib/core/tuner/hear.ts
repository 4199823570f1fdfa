import { PitchDetector } from 'pitchy';
import { pitchOf, type OpenString } from '../tones';

/** What is heard in a short stretch of sound. */
export type Heard =
  | { readonly kind: 'silence' }
  /** Sound without one clear tone, or a tone far from every open string. */
  | { readonly kind: 'unclear' }
  | {
      readonly kind: 'tone';
      readonly hz: number;
      /** The name of the nearest open string. */
      readonly string: string;
      /** How much higher than that string should be; below nought it is too low. */
      readonly cents: number;
    };

/** Samples of one stretch: at 48 kHz a third of a second, fourteen periods of the lowest string of a bass. */
export const HEARD_SAMPLES = 16384;
/** As far from its pitch as a string may be and count as in tune: what a trained ear still lets pass. */
export const IN_TUNE_CENTS = 3;

/** Softer than this nothing was played: root mean square of samples between -1 and 1. */
const SILENCE = 0.004;
/** How much of a period must come again in the next one: noise stays far below, a bowed string far above. */
const CLEAR = 0.85;
/** A string that is being put on may be this far off; what is further belongs to no open string. */
const FAR_CENTS = 350;

let detector: PitchDetector<Float32Array> | null = null;
const smooth = new Float32Array(HEARD_SAMPLES);

/** Partials above this one of the highest string tell nothing more of its pitch: what lies above them is mostly noise. */
const HIGHEST_PARTIAL = 40;

/** The sound without what lies far above the strings: each sample as the middle of the last few. */
function smoothed(samples: Float32Array, over: number): Float32Array {
  let sum = 0;
  for (let i = 0; i < samples.length; i++) {
    sum += (samples[i] ?? 0) - (i >= over ? (samples[i - over] ?? 0) : 0);
    smooth[i] = sum / Math.min(over, i + 1);
  }
  return smooth;
}

/**
 * Which of the open strings sounds, and how far it is from its pitch.
 *
 * The pitch is found by how well the sound repeats itself (McLeod and Wyvill), which a weak fundamental, as of a small
 * bass, does not mislead.
 *
 * @param samples `HEARD_SAMPLES` samples between -1 and 1
 * @param sampleRate samples per second
 * @param aHz the A that is tuned to, 430 to 450
 * @throws RangeError for another number of samples
 * @example A violin's A of 436.2 Hz at 440: `{ kind: 'tone', string: 'A4', cents: -15, ... }`.
 */
export function hear(
  samples: Float32Array,
  sampleRate: number,
  strings: readonly OpenString[],
  aHz: number
): Heard {
  if (samples.length !== HEARD_SAMPLES) throw new RangeError(`a stretch has ${HEARD_SAMPLES} samples`);
  let power = 0;
  for (const sample of samples) power += sample * sample;
  if (!(Math.sqrt(power / samples.length) >= SILENCE)) return { kind: 'silence' };
  detector ??= PitchDetector.forFloat32Array(HEARD_SAMPLES);
  const pitches = strings.map((string) => pitchOf(string, aHz));
  const over = Math.max(1, Math.floor(sampleRate / (HIGHEST_PARTIAL * Math.max(...pitches))));
  let [hz, clarity] = detector.findPitch(smoothed(samples, over), sampleRate);
  // A stretch that happens to begin and end near nought looks as if all of it were one long period.
  if (hz < Math.min(...pitches) / 2) [hz, clarity] = detector.findPitch(samples, sampleRate);
  if (!(clarity >= CLEAR && hz > 0)) return { kind: 'unclear' };
  let nearest: { string: string; cents: number } | null = null;
  for (const string of strings) {
    const cents = 1200 * Math.log2(hz / pitchOf(string, aHz));
    if (!nearest || Math.abs(cents) < Math.abs(nearest.cents)) nearest = { string: string.name, cents };
  }
  return nearest && Math.abs(nearest.cents) <= FAR_CENTS
    ? { kind: 'tone', hz, ...nearest }
    : { kind: 'unclear' };
}
