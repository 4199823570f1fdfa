import { countedBy, countOf, NEW_COUNTING, type Counted, type Counting } from '$lib/core/ear';
import type { SoundSource } from '../sound-source';
import { whenHidden } from '../when-hidden';
import { listenTo, NOT_TO_BE_HAD } from './in-stretches';

const STRETCH_MS = 25;
/** Nobody plays any more: the microphone is not left open. */
const GIVEN_UP_AFTER_MS = 120_000;

/** Counts repetitions by ear: the room is measured first, and what is heard is not kept. */
export class CountByEar {
  phase = $state<'off' | 'room' | 'counts'>('off');
  heard = $state.raw<Counted>({ count: 0, doubt: 'none' });
  refusal = $state('');
  #begun = 0;
  #end: (() => void) | null = null;

  constructor(private readonly open: () => Promise<SoundSource>) {
    $effect(() => {
      const unwatch = whenHidden(() => this.stop());
      return () => {
        unwatch();
        this.stop();
      };
    });
  }

  /** Lets go of the microphone; what was counted stays. */
  stop(): void {
    this.#begun++;
    this.#end?.();
    this.#end = null;
    this.phase = 'off';
  }

  async start(): Promise<void> {
    this.stop();
    const begun = this.#begun;
    this.refusal = '';
    this.heard = { count: 0, doubt: 'none' };
    this.phase = 'room';
    let counting: Counting = NEW_COUNTING;
    let last: number | null = null;
    const hear = (db: number, at: number) => {
      counting = countedBy(counting, db, at);
      const { phase } = counting.gate;
      if (phase === 'too-loud') return this.#refuse('It is too loud here to count by ear.');
      if (phase !== 'room') this.phase = 'counts';
      const now = countOf(counting);
      if (last === null || now.count !== this.heard.count) last = at;
      this.heard = now;
      if (at - last > GIVEN_UP_AFTER_MS) this.stop();
    };
    const end = await listenTo(
      this.open,
      () => begun === this.#begun,
      STRETCH_MS,
      hear,
      () => this.#refuse(NOT_TO_BE_HAD)
    );
    if (begun === this.#begun) this.#end = end;
    else end?.();
  }

  #refuse(why: string): void {
    this.stop();
    this.refusal = `${why} Count by tapping.`;
  }
}
