import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { aloud } from './aloud';

interface Spoken {
  readonly text: string;
  voice: unknown;
}
const spoken: Spoken[] = [];
let voices: readonly { readonly localService: boolean; readonly lang: string }[] = [];
let beeps = 0;

class Sound {
  readonly currentTime = 0;
  readonly destination = {};
  resume = () => Promise.resolve();
  createGain = () => ({
    gain: { setValueAtTime: () => undefined, setTargetAtTime: () => undefined },
    connect: () => undefined
  });
  createOscillator = () => ({
    frequency: { value: 0 },
    connect: (to: unknown) => to,
    start: () => void beeps++,
    stop: () => undefined
  });
}

beforeEach(() => {
  spoken.length = 0;
  beeps = 0;
  document.documentElement.lang = 'en';
  vi.stubGlobal('AudioContext', Sound);
  vi.stubGlobal('speechSynthesis', {
    getVoices: () => voices,
    cancel: () => undefined,
    speak: (one: Spoken) => void spoken.push(one)
  });
  vi.stubGlobal(
    'SpeechSynthesisUtterance',
    class implements Spoken {
      voice: unknown = null;
      constructor(readonly text: string) {}
    }
  );
});
afterEach(() => void vi.unstubAllGlobals());

describe('counting aloud', () => {
  it('speaks the number alone, by a voice that lives on the device and has the page’s language', () => {
    const own = { localService: true, lang: 'en-GB' };
    voices = [{ localService: false, lang: 'en-US' }, { localService: true, lang: 'de-DE' }, own];
    aloud(7);
    expect(spoken).toEqual([expect.objectContaining({ text: '7', voice: own })]);
    expect(beeps).toBe(0);
  });

  it('beeps where every voice is elsewhere, or there is none', () => {
    voices = [{ localService: false, lang: 'en-GB' }];
    aloud(3);
    voices = [];
    aloud(4);
    expect([spoken.length, beeps]).toEqual([0, 2]);
  });
});
