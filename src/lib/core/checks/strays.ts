import type { Change, ChangeName } from '../figure';

/** A change by its usual amount, or by one. */
export type Stray = ChangeName | readonly [ChangeName, number];

export const strays = (all: readonly Stray[]): readonly Change[] =>
  all.map((one) => (typeof one === 'string' ? { kind: one } : { kind: one[0], amount: one[1] }));
