/** Strength of the partials of a bowed string, about; the lowest is weak, as of low strings on small bodies. */
const PARTIALS = [0.5, 1, 0.7, 0.5, 0.35, 0.25, 0.15, 0.1];
const LOUDNESS = 0.2;

/** A string that exists in numbers only: stands in for a microphone where there is none. */
export class MadeUpString {
  readonly sampleRate: number;
  readonly #random: () => number;
  #turns = 0;

  /**
   * @param sampleRate samples per second
   * @param random numbers from 0 to 1, for the bow's noise
   */
  constructor(sampleRate: number, random: () => number) {
    this.sampleRate = sampleRate;
    this.#random = random;
  }

  /**
   * The next stretch of its sound, in step with the one before.
   *
   * @param hz its pitch
   * @param noise the bow's noise as a share of the loudness
   */
  sound(into: Float32Array, hz: number, noise = 0.1): void {
    const step = hz / this.sampleRate;
    for (let i = 0; i < into.length; i++) {
      let sample = 0;
      for (let partial = 1; partial <= PARTIALS.length; partial++)
        sample += (PARTIALS[partial - 1] ?? 0) * Math.sin(2 * Math.PI * partial * (this.#turns + i * step));
      into[i] = LOUDNESS * (sample + noise * (2 * this.#random() - 1));
    }
    this.#turns = (this.#turns + into.length * step) % 1;
  }
}
