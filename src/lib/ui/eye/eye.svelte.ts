import { answered, askEye, type EyeQuestion, type EyeRecord, type Library } from '$lib/core/eye';
import { keepEye, keptEye } from './kept-eye';

/** Pictures in one go: about a minute. */
export const PICTURES = 10;
/** How long a picture is seen, ms. */
export const LOOK_MS = 3000;

/** A picture that was answered. */
export interface Told {
  readonly question: EyeQuestion;
  readonly picked: string;
  /** Whether the place that was tapped is the one; null where none was, or nothing is marked. */
  readonly onMark: boolean | null;
}

/** What it is was picked, and no other place was tapped. */
export const isTold = ({ question, picked, onMark }: Told): boolean =>
  picked === question.answer && onMark !== false;

/** Ten pictures, one after the other: seen for three seconds, answered, and told. */
export class EyeRound {
  record = $state.raw<EyeRecord>(keptEye());
  question = $state.raw<EyeQuestion | null>(null);
  /** The picture has gone again; it stays while it is being drawn. */
  gone = $state(false);
  /** What was picked for the picture at hand; null until then. */
  picked = $state<string | null>(null);
  told = $state.raw<readonly Told[]>([]);
  #library: Library = {};
  #shownAt: number | null = null;
  #timer: ReturnType<typeof setTimeout> | undefined;

  begin(library: Library): void {
    this.#library = library;
    this.told = [];
    this.#ask();
  }

  /** Ten are through. */
  get over(): boolean {
    return this.question === null && this.told.length > 0;
  }

  #ask(): void {
    clearTimeout(this.#timer);
    this.#shownAt = null;
    this.gone = false;
    this.picked = null;
    this.question = askEye(this.#library, this.record, Math.random);
  }

  /** The picture is drawn: from now on it is seen for a while. */
  there(): void {
    if (this.#shownAt !== null || this.picked !== null) return;
    this.#shownAt = performance.now();
    this.#timer = setTimeout(() => (this.gone = true), LOOK_MS);
  }

  /** Counts once for each picture. */
  answer(picked: string, onMark: boolean | null): void {
    const { question } = this;
    if (!question || this.picked !== null || this.#shownAt === null) return;
    clearTimeout(this.#timer);
    this.picked = picked;
    const told = { question, picked, onMark };
    this.told = [...this.told, told];
    this.record = answered(this.record, question.key, isTold(told), performance.now() - this.#shownAt);
    keepEye(this.record);
  }

  next(): void {
    if (this.picked === null) return;
    if (this.told.length < PICTURES) this.#ask();
    else this.question = null;
  }

  end(): void {
    clearTimeout(this.#timer);
  }
}
