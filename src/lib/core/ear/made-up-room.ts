/** Something that sounds in a made-up room. */
export interface MadeUpSound {
  readonly kind: 'clap' | 'pluck' | 'voice' | 'bowed';
  /** When it begins, and for how long it lasts where it is held, seconds. */
  readonly at: number;
  readonly seconds?: number;
  /** How loud it is at its loudest, dB below full scale. */
  readonly db: number;
}

/** How fast each dies away, 1 / s; what is held does not until its end. */
const FADES: Readonly<Record<MadeUpSound['kind'], number>> = { clap: 45, pluck: 5, voice: 0, bowed: 0 };
/** What is struck is over by then, seconds. */
const RINGS_S = 1.6;
const PITCH_HZ: Readonly<Record<MadeUpSound['kind'], number>> = {
  clap: 0,
  pluck: 196,
  voice: 210,
  bowed: 440
};
const FADE_IN_S = 0.02;

/**
 * A room that nobody is in: its noise, and what sounds in it at which moment. Stands in for a microphone.
 *
 * @param noiseDb level of the noise
 * @param random numbers from 0 to 1
 */
export class MadeUpRoom {
  constructor(
    private readonly rate: number,
    private readonly noiseDb: number,
    private readonly sounds: readonly MadeUpSound[],
    private readonly random: () => number
  ) {}

  /** The samples that end at a moment, seconds from when the room was begun. */
  sound(into: Float32Array, until: number): void {
    const noise = 10 ** (this.noiseDb / 20) * Math.sqrt(3);
    for (let i = 0; i < into.length; i++) {
      const now = until - (into.length - i) / this.rate;
      let value = noise * (2 * this.random() - 1);
      for (const { kind, at, seconds, db } of this.sounds) {
        const since = now - at;
        if (since < 0 || since > (seconds ?? RINGS_S)) continue;
        const loud = 10 ** (db / 20) * Math.exp(-FADES[kind] * since) * Math.min(1, since / FADE_IN_S + 0.2);
        const hz = PITCH_HZ[kind];
        value +=
          loud *
          (hz === 0
            ? 2 * this.random() - 1
            : Math.sin(2 * Math.PI * hz * now) + 0.4 * Math.sin(4 * Math.PI * hz * now));
      }
      into[i] = value;
    }
  }
}
