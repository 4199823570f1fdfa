import { MadeUpRoom, type MadeUpSound } from '$lib/core/ear';
import { HEARD_SAMPLES, MadeUpString } from '$lib/core/tuner';

/** Where a tuner's sound comes from. */
export interface SoundSource {
  readonly sampleRate: number;
  /** How many samples it gives at once. */
  readonly samples: number;
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
    samples: HEARD_SAMPLES,
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
    samples: HEARD_SAMPLES,
    read: (into) => string.sound(into, hz()),
    close: () => undefined
  };
}

const ROOM_RATE = 8000;
const ROOM_DB = -52;
const ROOM_SAMPLES = 3200;

/** A made-up room with sounds in it, from the moment at which it is opened. */
function roomWith(sounds: readonly MadeUpSound[]): SoundSource {
  const begun = performance.now();
  const room = new MadeUpRoom(ROOM_RATE, ROOM_DB, sounds, Math.random);
  return {
    sampleRate: ROOM_RATE,
    samples: ROOM_SAMPLES,
    read: (into) => room.sound(into, (performance.now() - begun) / 1000),
    close: () => undefined
  };
}

/** Somebody claps, holds still for a while, and claps again. */
export const madeUpRoom = (): SoundSource => roomWith([2, 5.5].map((at) => ({ kind: 'clap', at, db: -8 })));

/** Somebody plucks eight times. */
export const madeUpPlucks = (): SoundSource =>
  roomWith(Array.from({ length: 8 }, (_, i) => ({ kind: 'pluck', at: 2 + 0.6 * i, db: -12 })));
