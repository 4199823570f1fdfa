import type { FaultCause } from '../checks/types';

/** What is known that speaks for or against a cause. */
export const REASON_CODES = [
  'drift-past-limit',
  'length-read-anew',
  'setting-at-other-end',
  'no-set-up-kept',
  'changed-for-this-lately',
  'size-unlikely',
  'size-outgrown',
  'frame-short',
  'trial-said-larger',
  'size-agreed',
  'went-after-drill',
  'passes-with-help',
  'drilled-without-effect',
  'worked-here'
] as const;
export type ReasonCode = (typeof REASON_CODES)[number];

interface FactorOf {
  readonly cause: FaultCause;
  readonly factor: number;
}

/**
 * How far each known thing moves its cause. Source: what experienced string teachers weigh against each other; meant to
 * be argued with, so it stands here as numbers.
 */
export const FACTORS = {
  'drift-past-limit': { cause: 'set-up', factor: 2 },
  'length-read-anew': { cause: 'set-up', factor: 2 },
  'setting-at-other-end': { cause: 'set-up', factor: 2 },
  'no-set-up-kept': { cause: 'set-up', factor: 1.5 },
  'changed-for-this-lately': { cause: 'set-up', factor: 0.4 },
  'size-unlikely': { cause: 'size', factor: 2 },
  'size-outgrown': { cause: 'size', factor: 2 },
  'frame-short': { cause: 'size', factor: 1.5 },
  'trial-said-larger': { cause: 'size', factor: 1.5 },
  'size-agreed': { cause: 'size', factor: 0.5 },
  'went-after-drill': { cause: 'habit', factor: 1.5 },
  'passes-with-help': { cause: 'habit', factor: 1.5 }
} as const satisfies Partial<Readonly<Record<ReasonCode, FactorOf>>>;
export type FactorCode = keyof typeof FACTORS;

/** Of several that say the same only one counts. */
export const SAME: readonly (readonly FactorCode[])[] = [
  ['drift-past-limit', 'length-read-anew'],
  ['size-unlikely', 'size-outgrown'],
  ['frame-short', 'trial-said-larger']
];

/** How likely a cause is by its place in the library's order; all further ones as the last. */
export const PRIORS = [0.5, 0.3, 0.2] as const;

/** A set-up change for this very fault speaks against the set-up for so many days. */
export const CHANGED_LATELY_DAYS = 14;
/** Below the one the size is doubtful, above the other it is well founded. */
export const UNLIKELY_SIZE = 0.5;
export const LIKELY_SIZE = 0.9;

/** Every so many weeks of a drill without effect weaken habit by a factor, to a least one. */
export const DRILL_WEEKS = 2;
export const DRILL_FACTOR = 0.5;
export const LEAST_DRILL_FACTOR = 0.25;

/** From so many tries on a teacher's own record replaces the prior, which counts as so many tries itself. */
export const TRIES_THAT_COUNT = 5;
export const PRIOR_TRIES = 2;
