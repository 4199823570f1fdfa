import { HEARD_SAMPLES, MadeUpString } from '$lib/core/tuner';

/** Where a tuner's sound comes from. */
export interface SoundSource {
  readonly sampleRate: number;
  /** Fills in the newest stretch of sound. */
  read(into: Float32Array): void;
  /** Lets go of it: the browser shows no microphone in use any more. */
  close(): void;
}

/**
 * The microphone, as it is: without what browsers do to voices.
 *
 * @throws DOMException when it is refused or there is none
 */
export async function microphone(): Promise<SoundSource> {
  const stream = await navigator.mediaDevices.getUserMedia({
    audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false }
  });
  const audio = new AudioContext();
  const analyser = audio.createAnalyser();
  analyser.fftSize = HEARD_SAMPLES;
  audio.createMediaStreamSource(stream).connect(analyser);
  return {
    sampleRate: audio.sampleRate,
    read: (into) => analyser.getFloatTimeDomainData(into as Float32Array<ArrayBuffer>),
    close: () => {
      for (const track of stream.getTracks()) track.stop();
      void audio.close();
    }
  };
}

/** True where the browser gives a microphone at all: on a secure page. */
export const hasMicrophone = (): boolean =>
  typeof navigator !== 'undefined' && navigator.mediaDevices !== undefined;

const MADE_UP_RATE = 48_000;

/** A made-up string that sounds at a pitch that can change, Hz. */
export function madeUp(hz: () => number): SoundSource {
  const string = new MadeUpString(MADE_UP_RATE, Math.random);
  return {
    sampleRate: MADE_UP_RATE,
    read: (into) => string.sound(into, hz()),
    close: () => undefined
  };
}
