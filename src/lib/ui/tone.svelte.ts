/** How loud a tone is, and how long it swells and fades, so that it neither startles nor clicks. */
const LOUDNESS = 0.25;
const SWELL_S = 0.04;
const FADE_S = 0.08;
/** Overtones of a bowed string, about: strength by number. */
const OVERTONES = [0, 1, 0.5, 0.35, 0.2, 0.12, 0.08];

/** A steady tone from the loudspeaker; one at a time. */
export class Tone {
  /** What sounds, Hz; null for silence. */
  sounding = $state<number | null>(null);
  #audio: AudioContext | null = null;
  #stop: (() => void) | null = null;

  constructor() {
    $effect(() => () => {
      this.stop();
      void this.#audio?.close();
    });
  }

  /** Begins a tone, or ends the one that sounds at that pitch. */
  toggle(hz: number): void {
    if (this.sounding === hz) return this.stop();
    this.stop();
    const audio = (this.#audio ??= new AudioContext());
    void audio.resume();
    const loudness = audio.createGain();
    const voice = audio.createOscillator();
    voice.setPeriodicWave(
      audio.createPeriodicWave(new Float32Array(OVERTONES.length), Float32Array.from(OVERTONES))
    );
    voice.frequency.value = hz;
    loudness.gain.setValueAtTime(0, audio.currentTime);
    loudness.gain.linearRampToValueAtTime(LOUDNESS, audio.currentTime + SWELL_S);
    voice.connect(loudness).connect(audio.destination);
    voice.start();
    this.sounding = hz;
    this.#stop = () => {
      loudness.gain.cancelScheduledValues(audio.currentTime);
      loudness.gain.setTargetAtTime(0, audio.currentTime, FADE_S / 4);
      voice.stop(audio.currentTime + FADE_S);
    };
  }

  stop(): void {
    this.#stop?.();
    this.#stop = null;
    this.sounding = null;
  }
}
