import { heardBy, NEW_GATE, type Gate } from '$lib/core/ear';
import { LONG_CLOCK_S } from '$lib/data/schema/check';
import type { SoundSource } from '../sound-source';
import { whenHidden } from '../when-hidden';
import { aloud, beep } from './aloud';
import { listenTo, NOT_TO_BE_HAD } from './in-stretches';

/** What starts and stops a clock. */
export const WATCH_WAYS = ['tap', 'beeps', 'sound', 'silence'] as const;
export type WatchWay = (typeof WATCH_WAYS)[number];

/** What it waits for: a beep, that the room is measured, or the sound that starts it. */
type Waits = { readonly kind: 'beeps'; readonly left: number } | { readonly kind: 'room' | 'start' };

const BEEPS = 3;
/** Stretches of sound that are looked at one by one, and how often, ms. */
const STRETCH_MS = 50;
/** Nobody makes a sound any more: the microphone is not left open. */
const GIVEN_UP_AFTER_MS = 120_000;
const GO_HZ = 880;
const COUNT_HZ = 440;

/** A clock that is started and stopped by a tap, after beeps, or by what is heard, for who has both hands on a child. */
export class Watch {
  way = $state<WatchWay>('tap');
  /** Whether seconds are counted aloud; not while it listens, which would hear itself. */
  aloud = $state(false);
  waits = $state.raw<Waits | null>(null);
  startedAt = $state<number | null>(null);
  elapsed = $state(0);
  /** Ran so long that it was probably forgotten: asked about before it counts, s. */
  doubtful = $state<number | null>(null);
  /** Why it can't listen. */
  refusal = $state('');
  #begun = 0;
  #ends: (() => void)[] = [];

  /** @param onstop told what was measured, in tenths of a second */
  constructor(
    private readonly onstop: (seconds: number) => void,
    private readonly open: () => Promise<SoundSource>
  ) {
    $effect(() => {
      // A page that nobody sees hears nothing; a clock that only runs goes on.
      const unwatch = whenHidden(() => {
        if (this.waits || this.listens) this.giveUp();
      });
      return () => {
        unwatch();
        this.giveUp();
      };
    });
  }

  get listens(): boolean {
    return this.way === 'sound' || this.way === 'silence';
  }

  /** Nothing runs, waits or listens any more, and nothing is recorded. */
  giveUp(): void {
    this.#begun++;
    for (const end of this.#ends.splice(0)) end();
    this.waits = null;
    this.startedAt = null;
  }

  /** The one button: begins by the way that was chosen, or ends what it began. */
  press(): void {
    if (this.startedAt !== null) return this.#stop(performance.now());
    if (this.waits) return this.giveUp();
    this.doubtful = null;
    this.refusal = '';
    if (this.way === 'tap') this.#start(performance.now());
    else if (this.way === 'beeps') this.#beep(BEEPS);
    else void this.#listen(this.way);
  }

  answer(counts: boolean): void {
    if (counts && this.doubtful !== null) this.onstop(this.doubtful);
    this.doubtful = null;
  }

  #beep(left: number): void {
    this.waits = { kind: 'beeps', left };
    beep(left > 0 ? COUNT_HZ : GO_HZ);
    if (left === 0) return this.#start(performance.now());
    const timer = setTimeout(() => this.#beep(left - 1), 1000);
    this.#ends = [() => clearTimeout(timer)];
  }

  #start(at: number): void {
    this.waits = null;
    this.startedAt = at;
    this.elapsed = 0;
    let frame = 0;
    let said = 0;
    const tick = () => {
      this.elapsed = (performance.now() - at) / 1000;
      const whole = Math.floor(this.elapsed);
      if (this.aloud && !this.listens && whole > said) aloud((said = whole));
      frame = requestAnimationFrame(tick);
    };
    tick();
    this.#ends.push(() => cancelAnimationFrame(frame));
  }

  #stop(at: number): void {
    if (this.startedAt === null) return;
    const seconds = Math.max(0, Math.round((at - this.startedAt) / 100) / 10);
    this.giveUp();
    if (seconds > LONG_CLOCK_S) this.doubtful = seconds;
    else this.onstop(seconds);
  }

  async #listen(way: 'sound' | 'silence'): Promise<void> {
    const begun = ++this.#begun;
    this.waits = { kind: 'room' };
    let gate: Gate = NEW_GATE;
    let from: number | null = null;
    const hear = (db: number, at: number) => {
      const heard = heardBy(gate, db, at);
      gate = heard.gate;
      if (heard.event) this.#heard(heard.event.kind, heard.event.at, way);
      from ??= at;
      if (this.startedAt === null && at - from > GIVEN_UP_AFTER_MS) this.giveUp();
    };
    const end = await listenTo(
      this.open,
      () => begun === this.#begun,
      STRETCH_MS,
      hear,
      () => this.#refuse(NOT_TO_BE_HAD)
    );
    if (begun !== this.#begun) end?.();
    else if (end) this.#ends = [end];
  }

  #refuse(why: string): void {
    this.giveUp();
    this.refusal = `${why} Start by a tap, or after three beeps.`;
  }

  #heard(kind: 'ready' | 'sound' | 'silence' | 'too-loud', at: number, way: 'sound' | 'silence'): void {
    if (kind === 'too-loud') this.#refuse('It is too loud here to hear a clap.');
    else if (kind === 'ready') this.waits = { kind: 'start' };
    else if (kind === 'sound' && this.startedAt === null) this.#start(at);
    else if (this.startedAt !== null && kind === way) this.#stop(at);
  }
}
