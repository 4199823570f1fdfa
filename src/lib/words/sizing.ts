import { formatLength, type LengthUnit } from '$lib/core/length';
import type { Candidate, LandingRule, Proposal, Reason, Verdict, Warning } from '$lib/core/sizing';
import { MEASUREMENT_WORDS } from './measurements';

export const SCHOOL_WORDS: Readonly<Record<LandingRule['school'], { name: string; why: string }>> = {
  'palm-centre': { name: 'Palm centre', why: 'the common rule: the fingers can curl round the scroll' },
  heel: { name: 'Heel of the hand', why: 'a compact choice for first months and small hands' },
  wrist: { name: 'Wrist', why: 'the most careful: small children, shoulder or wrist trouble' },
  own: { name: 'Own limit', why: 'yours, anywhere along the hand' }
};

export const VERDICT_WORDS: Readonly<Record<Verdict, string>> = {
  fits: 'fits',
  large: 'large',
  small: 'small'
};

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** Where on the hand a landing is, in words. */
export function landingWords(landing: number): string {
  if (landing < 0) return 'short of the wrist';
  if (landing < 0.2) return 'at the heel of the hand';
  if (landing < 0.45) return 'in the palm';
  if (landing <= 0.55) return 'at the palm centre';
  if (landing <= 0.75) return 'at the roots of the fingers';
  return landing <= 1 ? 'on the fingers' : 'past the fingertips';
}

/** The one line under the size: what it is and by how much. */
export function verdictLine({ verdict, marginMm }: Candidate, unit: LengthUnit): string {
  const amount = formatLength(Math.abs(marginMm), unit);
  if (verdict === 'fits') return `fits, ${amount} to spare`;
  return marginMm < 0 ? `large by ${amount}` : `small, ${amount} of arm left over`;
}

/** The reason in one or two sentences, most important first. */
export function reasonSentences(
  { reasons, betweenSizes, advised }: Proposal,
  unit: LengthUnit
): readonly string[] {
  return reasons
    .map((reason) => reasonSentence(reason, unit, betweenSizes ? advised : null))
    .filter((text) => text !== null);
}

function reasonSentence(reason: Reason, unit: LengthUnit, advised: string | null): string | null {
  switch (reason.code) {
    case 'landing':
      return reason.landing <= reason.limit
        ? `The scroll of a ${reason.size} ends ${landingWords(reason.landing)}, at ${percent(reason.landing)} of the hand; your limit is ${percent(reason.limit)}.`
        : `Even the scroll of a ${reason.size} ends ${landingWords(reason.landing)}, beyond your limit.`;
    case 'margin':
      return null;
    case 'between-sizes':
      return `Between ${reason.sizes[0]} and ${reason.sizes[1]}: the tape alone does not settle it. Take the ${advised} unless a try on the body and room to grow both speak for the larger.`;
    case 'next-up':
      return `A ${reason.size} needs ${formatLength(reason.needsMm, unit)} more arm.`;
    case 'next-down':
      return `A ${reason.size} would leave ${formatLength(reason.spareMm, unit)}.`;
    case 'estimated':
      return `Estimated, not measured: ${reason.measurements.map((id) => MEASUREMENT_WORDS[id].name.toLowerCase()).join(', ')}.`;
    case 'measured-instrument':
      return `Judged by the real instrument, ${formatLength(reason.overallMm, unit)} long.`;
    case 'largest-considered':
      return `The ${reason.size} is the largest size you use.`;
  }
}

/** A warning as a sentence that says what to do. */
export function warningSentence(warning: Warning, unit: LengthUnit): string {
  const name = 'measurement' in warning ? MEASUREMENT_WORDS[warning.measurement].name : '';
  switch (warning.code) {
    case 'smallest-too-large':
      return `Even the smallest size you use, ${warning.size}, is ${formatLength(warning.beyondMm, unit)} too long. Wait, or add a smaller size in Settings.`;
    case 'readings-disagree':
      return `${name}: readings ${formatLength(warning.spreadMm, unit)} apart. Take another.`;
    case 'implausible':
      return `${name} is far from what the height suggests (about ${formatLength(warning.expectedMm, unit)}). Worth a second look.`;
    case 'frame-short':
      return `The easy span is ${formatLength(warning.shortfallMm, unit)} short of first to fourth finger on a ${warning.size}. First look whether the thumb squeezes; then think of the smaller size.`;
  }
}
