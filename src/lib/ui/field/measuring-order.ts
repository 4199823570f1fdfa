import type { MeasurementId } from '$lib/core/body';

/** A field of a measuring list, as the list reaches it. */
interface MeasuringField {
  focus(): void;
  takeRest(rest: string, goOn: boolean): void;
}

/** Goes down a list of lengths: to the next field, to the next with the rest of a typed row, and out at its end. */
export class MeasuringOrder {
  /** The fields on the page. */
  readonly at: Partial<Record<MeasurementId, MeasuringField | null>> = {};

  /** The lengths as they are listed. Plain: a field that is left because its place goes away still asks for them. */
  kinds: readonly MeasurementId[] = [];

  /** @param done the last length is in, or a row has ended */
  constructor(readonly done: () => void) {}

  #after(kind: MeasurementId): MeasuringField | null | undefined {
    const following = this.kinds[this.kinds.indexOf(kind) + 1];
    return following && this.at[following];
  }

  next(kind: MeasurementId): void {
    const following = this.#after(kind);
    if (following) following.focus();
    else this.done();
  }

  isLast(kind: MeasurementId): boolean {
    return this.kinds.at(-1) === kind;
  }

  passOn(kind: MeasurementId, rest: string, goOn: boolean): void {
    this.#after(kind)?.takeRest(rest, goOn);
  }
}
