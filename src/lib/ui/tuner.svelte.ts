import type { Family } from '$lib/core/instruments';
import { OPEN_STRINGS, pitchOf } from '$lib/core/tones';
import { HEARD_SAMPLES, steadied, STEADY_OVER, type Heard } from '$lib/core/tuner';
import { earAside, type Ear } from '$lib/workers/ear';
import { status } from './shell/status.svelte';
import { whenHidden } from './when-hidden';
import { madeUp, microphone, type SoundSource } from './sound-source';

export type TunerSource = 'microphone' | 'made-up';

const EVERY_MS = 120;
/** Nobody plays any more: the microphone is not left open. */
const GIVEN_UP_AFTER_MS = 180_000;

/** Listens to one string at a time and tells how far it is from its pitch. */
export class Tuner {
  /** What it listens to; null while it is off. */
  source = $state<TunerSource | null>(null);
  starting = $state(false);
  /** Why the microphone was not to be had. */
  refusal = $state('');
  heard = $state.raw<Heard>({ kind: 'silence' });
  /** The made-up string: its name, and how many cents it is off. */
  string = $state('');
  offCents = $state(-30);

  readonly #family: () => Family;
  readonly #aHz: () => number;
  #begun = 0;
  #end: (() => void) | null = null;

  constructor(family: () => Family, aHz: () => number) {
    this.#family = family;
    this.#aHz = aHz;
    $effect(() => {
      const unwatch = whenHidden(() => this.stop());
      return () => {
        unwatch();
        this.stop();
      };
    });
  }

  async start(kind: TunerSource): Promise<void> {
    this.stop();
    const begun = ++this.#begun;
    this.refusal = '';
    this.starting = true;
    let source: SoundSource;
    try {
      source = kind === 'made-up' ? madeUp(() => this.#madeUpHz()) : await microphone();
    } catch (error) {
      if (begun === this.#begun) {
        this.starting = false;
        this.refusal =
          error instanceof DOMException && error.name === 'NotAllowedError'
            ? 'The browser did not give the microphone. Allow it for this page, or practise with the made-up string.'
            : 'No microphone was found. The made-up string stands in for it.';
      }
      return;
    }
    // Stopped, or begun anew, while the browser asked.
    if (begun !== this.#begun) return source.close();
    this.starting = false;
    this.source = kind;
    this.#listen(source, earAside());
  }

  stop(): void {
    this.#begun++;
    this.#end?.();
    this.#end = null;
    this.starting = false;
    this.source = null;
    this.heard = { kind: 'silence' };
  }

  #madeUpHz(): number {
    const strings = OPEN_STRINGS[this.#family()];
    const string = strings.find(({ name }) => name === this.string) ?? strings[0];
    return string ? pitchOf(string, this.#aHz()) * 2 ** (this.offCents / 1200) : 440;
  }

  #listen(source: SoundSource, ear: Ear): void {
    const samples = new Float32Array(HEARD_SAMPLES);
    let last: readonly Heard[] = [];
    let busy = false;
    let ended = false;
    let silentMs = 0;
    const look = async () => {
      if (busy) return;
      busy = true;
      source.read(samples);
      const heard = await ear.hear(samples, source.sampleRate, this.#family(), this.#aHz());
      busy = false;
      if (ended) return;
      last = [...last.slice(1 - STEADY_OVER), heard];
      this.heard = steadied(last);
      silentMs = heard.kind === 'tone' ? 0 : silentMs + EVERY_MS;
      if (silentMs >= GIVEN_UP_AFTER_MS) this.stop();
    };
    const timer = setInterval(
      () =>
        void look().catch((error: unknown) => {
          // Nobody hears any more: the microphone is let go.
          this.stop();
          this.refusal = 'Listening broke down. Start it once more.';
          status.breakDown(error);
        }),
      EVERY_MS
    );
    this.#end = () => {
      ended = true;
      clearInterval(timer);
      source.close();
      ear.end();
    };
  }
}
