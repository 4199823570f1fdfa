const BEEP_S = 0.12;
const LOUDNESS = 0.2;
let audio: AudioContext | null = null;

/** A short tone from the loudspeaker. */
export function beep(hz: number): void {
  audio ??= new AudioContext();
  void audio.resume();
  const [voice, loudness] = [audio.createOscillator(), audio.createGain()];
  const now = audio.currentTime;
  voice.frequency.value = hz;
  loudness.gain.setValueAtTime(LOUDNESS, now);
  loudness.gain.setTargetAtTime(0, now + BEEP_S / 2, BEEP_S / 6);
  voice.connect(loudness).connect(audio.destination);
  voice.start(now);
  voice.stop(now + BEEP_S * 2);
}

const TICK_HZ = 660;

/** A number, spoken by a voice that lives on the device, in the language of the page; a beep where there is none. */
export function aloud(count: number): void {
  const voices = 'speechSynthesis' in globalThis ? speechSynthesis.getVoices() : [];
  const own = voices.find(
    ({ localService, lang }) => localService && lang.slice(0, 2) === document.documentElement.lang.slice(0, 2)
  );
  if (!own) return beep(TICK_HZ);
  speechSynthesis.cancel();
  const spoken = new SpeechSynthesisUtterance(String(count));
  spoken.voice = own;
  spoken.rate = 1.3;
  speechSynthesis.speak(spoken);
}
