import type { FaultCause, KeptCause } from '../checks/types';
import {
  CHANGED_LATELY_DAYS,
  DRILL_FACTOR,
  DRILL_WEEKS,
  factorOf,
  FACTORS,
  LEAST_DRILL_FACTOR,
  LIKELY_SIZE,
  PRIOR_TRIES,
  PRIORS,
  SAME,
  TRIES_THAT_COUNT,
  UNLIKELY_NEXT,
  UNLIKELY_SIZE,
  type FactorCode,
  type ReasonCode
} from './factors';

/** How often a kind of remedy was tried for a fault, and how often it helped. */
export interface OwnRecord {
  /** `size`, without its direction, counts for both. */
  readonly cause: KeptCause;
  readonly tries: number;
  readonly successes: number;
}

/** What is on record about a player that speaks for one cause of a fault or another; what is not known is absent. */
export interface CauseFacts {
  /** How far the set-up has drifted, and how far it may, mm. */
  readonly setupDriftMm?: number;
  readonly reviewLimitMm?: number;
  /** A length that the set-up rests on was read anew since and differs by more than the tape's error. */
  readonly lengthReadAnew?: boolean;
  /** The setting stands at that end of its range from which the remedy would move it. */
  readonly settingAtOtherEnd?: boolean;
  readonly setupKept?: boolean;
  /** Days since the set-up was changed for this very fault, which is still there. */
  readonly changedDaysAgo?: number;
  /** How likely the size in use suits, 0 to 1. */
  readonly sizeChance?: number;
  readonly outgrown?: boolean;
  /** How likely the next larger size suits, 0 to 1. */
  readonly nextLargerChance?: number;
  readonly trialAgreed?: boolean;
  /** The trial on the body said that the size is larger than suits. */
  readonly trialSaidLarger?: boolean;
  /** The trial on the body said that a larger one would suit. */
  readonly trialSaidSmaller?: boolean;
  /** The left-hand frame falls short. */
  readonly frameShort?: boolean;
  /** Weeks of a drill for this fault without effect. */
  readonly drillWeeks?: number;
  /** The fault went away before after a drill. */
  readonly wentAfterDrill?: boolean;
  /** The test passes with a hand's help. */
  readonly passesWithHelp?: boolean;
  readonly record?: readonly OwnRecord[];
}

/** Something that moved a cause, and by how much: above 1 speaks for it, below against. */
export interface CauseReason {
  readonly code: ReasonCode;
  readonly factor: number;
}

/** A cause with how likely it is. */
export interface WeighedCause {
  /** Its place in the library's order. */
  readonly index: number;
  readonly cause: FaultCause;
  /** 0 to 1; those of a fault add up to 1. */
  readonly share: number;
  readonly reasons: readonly CauseReason[];
}

/** What of the known holds, before those that say the same are put together. */
function holding(facts: CauseFacts): readonly FactorCode[] {
  const { setupDriftMm, reviewLimitMm, changedDaysAgo, sizeChance, nextLargerChance } = facts;
  const drifted =
    setupDriftMm !== undefined && reviewLimitMm !== undefined && Math.abs(setupDriftMm) >= reviewLimitMm;
  const holds: Readonly<Record<FactorCode, boolean | undefined>> = {
    'drift-past-limit': drifted,
    'length-read-anew': facts.lengthReadAnew,
    'setting-at-other-end': facts.settingAtOtherEnd,
    'no-set-up-kept': facts.setupKept === false,
    'changed-for-this-lately': changedDaysAgo !== undefined && changedDaysAgo <= CHANGED_LATELY_DAYS,
    'size-unlikely': sizeChance !== undefined && sizeChance < UNLIKELY_SIZE,
    'size-outgrown': facts.outgrown,
    'frame-short': facts.frameShort,
    'trial-said-larger': facts.trialSaidLarger,
    'trial-said-smaller': facts.trialSaidSmaller,
    'next-unlikely': nextLargerChance !== undefined && nextLargerChance < UNLIKELY_NEXT,
    'size-agreed': sizeChance !== undefined && sizeChance > LIKELY_SIZE && facts.trialAgreed,
    'went-after-drill': facts.wentAfterDrill,
    'passes-with-help': facts.passesWithHelp
  };
  const codes = Object.keys(FACTORS) as readonly FactorCode[];
  const found = codes.filter((code) => holds[code] === true);
  return found.filter((code) => {
    const first = SAME.find((same) => same.includes(code))?.find((one) => found.includes(one));
    return first === undefined || first === code;
  });
}

/** Whether a kept cause is a cause of now. */
const isOf = (kept: KeptCause, cause: FaultCause): boolean =>
  kept === cause || (kept === 'size' && (cause === 'too-large' || cause === 'too-small'));

/** What a drill without effect leaves of habit. */
const afterDrill = (weeks: number): number =>
  Math.max(LEAST_DRILL_FACTOR, DRILL_FACTOR ** Math.floor(weeks / DRILL_WEEKS));

/** How the teacher's own tries move a prior; null before there are enough. */
function ownPrior(prior: number, { tries, successes }: OwnRecord): number | null {
  return tries < TRIES_THAT_COUNT ? null : (successes + PRIOR_TRIES * prior) / (tries + PRIOR_TRIES);
}

/** Shares are told to so many parts: what is equal stays so, in whatever order it was multiplied. */
const PARTS = 1e12;

/**
 * How likely each cause of a fault is, likeliest first: the library's order, moved by what is known. None is left out.
 * Of causes that are equally likely the library's first comes first.
 *
 * @param causes of the fault in the library's order
 * @param facts what is known; without any the library's order stays
 * @example
 * causesOf(['set-up', 'habit'], { setupKept: false })
 * // set-up 0.71 because no set-up was kept, habit 0.29
 */
export function causesOf(causes: readonly FaultCause[], facts: CauseFacts): readonly WeighedCause[] {
  const holds = holding(facts);
  const weighed = causes.map((cause, index) => {
    const prior = PRIORS[Math.min(index, PRIORS.length - 1)] ?? 0;
    const reasons: CauseReason[] = [];
    const own = facts.record?.find((one) => isOf(one.cause, cause));
    const replaced = own ? ownPrior(prior, own) : null;
    if (replaced !== null && replaced !== prior)
      reasons.push({ code: 'worked-here', factor: replaced / prior });
    for (const code of holds) {
      const factor = factorOf(code, cause);
      if (factor !== 1) reasons.push({ code, factor });
    }
    const drilled = cause === 'habit' && facts.drillWeeks !== undefined ? afterDrill(facts.drillWeeks) : 1;
    if (drilled < 1) reasons.push({ code: 'drilled-without-effect', factor: drilled });
    return { index, cause, reasons, weight: reasons.reduce((all, { factor }) => all * factor, prior) };
  });
  const all = weighed.reduce((sum, { weight }) => sum + weight, 0);
  return weighed
    .map(({ weight, ...one }) => ({ ...one, share: Math.round((PARTS * weight) / all) / PARTS }))
    .sort((a, b) => b.share - a.share || a.index - b.index);
}
