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
  'trial-said-smaller',
  'next-unlikely',
  'size-agreed',
  'went-after-drill',
  'passes-with-help',
  'drilled-without-effect',
  'worked-here'
] as const;
export type ReasonCode = (typeof REASON_CODES)[number];

/**
 * How far each known thing moves its causes. Source: what experienced string teachers weigh against each other; meant to
 * be argued with, so it stands here as numbers.
 */
export const FACTORS = {
  'drift-past-limit': { 'set-up': 2 },
  'length-read-anew': { 'set-up': 2 },
  'setting-at-other-end': { 'set-up': 2 },
  'no-set-up-kept': { 'set-up': 1.5 },
  'changed-for-this-lately': { 'set-up': 0.4 },
  'size-unlikely': { 'too-large': 2, bow: 2 },
  'size-outgrown': { 'too-small': 2, 'too-large': 0.25, bow: 0.25 },
  'frame-short': { 'too-large': 1.5 },
  'trial-said-larger': { 'too-large': 1.5, bow: 1.5 },
  'trial-said-smaller': { 'too-small': 1.5 },
  'next-unlikely': { 'too-small': 0.25 },
  'size-agreed': { 'too-large': 0.5, bow: 0.5 },
  'went-after-drill': { habit: 1.5 },
  'passes-with-help': { habit: 1.5 }
} as const satisfies Partial<Readonly<Record<ReasonCode, Readonly<Partial<Record<FaultCause, number>>>>>>;
export type FactorCode = keyof typeof FACTORS;

/** How far a known thing moves a cause; 1 where it says nothing of it. */
export const factorOf = (code: FactorCode, cause: FaultCause): number =>
  (FACTORS[code] as Readonly<Partial<Record<FaultCause, number>>>)[cause] ?? 1;

/** Of several that say the same only one counts. */
export const SAME: readonly (readonly FactorCode[])[] = [
  ['drift-past-limit', 'length-read-anew'],
  ['frame-short', 'trial-said-larger']
];

/** How likely a cause is by its place in the library's order; all further ones as the last. */
export const PRIORS = [0.5, 0.3, 0.2] as const;

/** A set-up change for this very fault speaks against the set-up for so many days. */
export const CHANGED_LATELY_DAYS = 14;
/** Below the one the size is doubtful, above the other it is well founded. */
export const UNLIKELY_SIZE = 0.5;
export const LIKELY_SIZE = 0.9;
/** Below this the next larger size is out of the question. */
export const UNLIKELY_NEXT = 0.1;

/** Every so many weeks of a drill without effect weaken habit by a factor, to a least one. */
export const DRILL_WEEKS = 2;
export const DRILL_FACTOR = 0.5;
export const LEAST_DRILL_FACTOR = 0.25;

/** From so many tries on a teacher's own record replaces the prior, which counts as so many tries itself. */
export const TRIES_THAT_COUNT = 5;
export const PRIOR_TRIES = 2;
