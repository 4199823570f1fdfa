import { combineReadings, plausibility, type MeasurementId } from '$lib/core/body';
import { firstOfRow, parseLength, type LengthUnit } from '$lib/core/length';
import { takenNow, type ComingReading } from '$lib/data';
import { Action } from '$lib/ui/action.svelte';
import { lengthProblemSentence, plausibilitySentence } from '$lib/words/lengths';

/** What a field of the measuring list knows of its surroundings at this moment. */
export interface EntrySurroundings {
  readonly kind: MeasurementId;
  readonly unit: LengthUnit;
  /** What is typed and not entered. */
  readonly text: string;
  /** Readings that count today, mm. */
  readonly readings: readonly number[];
  /** Null where the height is not known, or is what is measured. */
  readonly heightMm: number | null;
  /** Lengths of this player that are on their way to the database: the next one is judged in their light. */
  readonly coming: Map<MeasurementId, ComingReading>;
  /** Whether a height lies far outside what the age lets expect. */
  readonly isBeyondAge: (mm: number) => boolean;
  /** Writes a reading taken now; resolves when it is in the database. */
  readonly write: (mm: number, now: Date) => Promise<unknown>;
  /** The text has become a reading. */
  readonly entered: (text: string) => void;
  readonly goOn: () => void;
  /** This length of a row stays here, what was typed behind it is for the fields that follow. */
  readonly passOn: (own: string, rest: string, goOn: boolean) => void;
  /** No field follows. */
  readonly isLast: boolean;
}

/**
 * How a typed length becomes a reading: read, asked about when it is unlikely, refused when it can't be, and
 * written. Readings that lie apart keep the field open.
 */
export class LengthEntry {
  question = $state.raw<{ readonly mm: number; readonly text: string } | null>(null);
  problem = $state('');
  /** Readings lie apart, and the teacher has not been told by going on. */
  stays = $state(false);
  readonly #taking = new Action();
  readonly #around: () => EntrySurroundings;

  constructor(around: () => EntrySurroundings) {
    this.#around = around;
  }

  get busy(): boolean {
    return this.#taking.busy;
  }

  /** Something else is typed, or the question is given up. */
  reset(): void {
    this.question = null;
    this.problem = '';
    this.stays = false;
  }

  /** Enter: takes what is typed and goes on; on an empty field it goes on at once. */
  enter(): void {
    this.#take(false, true);
  }

  /** The question was answered with yes. */
  confirm(): void {
    this.#take(true, true);
  }

  /** Leaving the field takes what was typed too, but answers no question and does not go on. */
  leave(): void {
    if (this.question === null && this.problem === '') this.#take(false, false);
  }

  #take(confirmed: boolean, goOn: boolean): void {
    const { kind, unit, text, readings, coming, isBeyondAge, write, entered, passOn, isLast } =
      this.#around();
    const heightMm = kind === 'height' ? null : (coming.get('height')?.mm ?? this.#around().heightMm);
    if (text.trim() === '') return goOn ? this.#goOn(readings) : undefined;
    const split = firstOfRow(text, unit);
    const row = split && isLast && split.rest !== '' ? null : split;
    const own = row ? row.first : text;
    const after = () => {
      if (row) passOn(own, row.rest, goOn);
      if (goOn && (row?.rest ?? '') === '') this.#around().goOn();
    };
    if (own === '') return after();
    const parsed = parseLength(own, unit);
    if (!parsed.ok) {
      this.problem = lengthProblemSentence(parsed.problem, unit);
      return;
    }
    const { mm } = parsed;
    this.problem = '';
    const judged = plausibility(kind, mm, heightMm, isBeyondAge(mm) ? 'beyond' : 'within');
    if (judged.kind === 'impossible') {
      this.problem = plausibilitySentence(kind, mm, judged, unit);
      return;
    }
    if (judged.kind === 'ask' && !confirmed && this.question?.mm !== mm) {
      this.question = { mm, text: plausibilitySentence(kind, mm, judged, unit) };
      return;
    }
    if (this.busy) return;
    this.question = null;
    const reading = takenNow(mm);
    coming.set(kind, reading);
    void this.#taking
      .run(async () => {
        await write(mm, reading.at);
        entered(own);
      })
      .finally(() => coming.delete(kind));
    if (row || combineReadings(kind, [...readings, mm]).agrees) after();
  }

  /** Readings that lie apart are gone past only by a second Enter. */
  #goOn(readings: readonly number[]): void {
    const apart = readings.length > 0 && !combineReadings(this.#around().kind, readings).agrees;
    if (apart && !this.stays) this.stays = true;
    else this.#around().goOn();
  }
}
