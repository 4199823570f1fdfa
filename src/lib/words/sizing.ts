import { formatLength, type LengthUnit } from '$lib/core/length';
import type {
  BodyPart,
  Candidate,
  Evidence,
  EvidenceKind,
  LandingRule,
  Proposal,
  Reason,
  Side,
  TestKind,
  Verdict,
  Warning
} from '$lib/core/sizing';
import { FAMILY_WORDS } from './families';
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
  small: 'small',
  unsaid: 'pain is open'
};

/** What a larger size asks for. */
export const LACK_WORDS: Readonly<Record<TestKind, string>> = {
  landing: 'more arm',
  'arm-load': 'more reach of the bow arm',
  'peg-above-ear': 'more trunk under the ear',
  'cheek-lift': 'more between hanging hand and cheek',
  'bow-reach': 'more height of the bow hand'
};

const BUILD_WORDS: Readonly<Record<BodyPart, Readonly<Record<'short' | 'long', string>>>> = {
  arm: { short: 'Short arms', long: 'Long arms' },
  trunk: { short: 'Short trunk', long: 'Long trunk' },
  'hanging-hand': { short: 'The hand hangs low', long: 'The hand hangs high' },
  face: { short: 'A low cheek', long: 'A high cheek' }
};

const stepsText = (steps: number) =>
  `${Math.abs(steps) === 1 ? 'one size' : `${Math.abs(steps)} sizes`} ${steps < 0 ? 'down' : 'up'}`;

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
export function verdictLine({ verdict, marginMm, landing }: Candidate, unit: LengthUnit): string {
  if (verdict === 'unsaid') return 'nothing is said while pain is open';
  if (marginMm === null) return verdict === 'small' ? 'small' : 'the smallest that is made';
  const amount = formatLength(Math.abs(marginMm), unit);
  if (verdict === 'fits') return `fits, ${amount} to spare`;
  if (marginMm < 0) return `large by ${amount}`;
  return landing === null ? `small, ${amount} to spare` : `small, ${amount} of arm left over`;
}

/** The reason in one or two sentences, most important first. */
export function reasonSentences(
  { reasons, betweenSizes, careful }: Proposal,
  unit: LengthUnit
): readonly string[] {
  return reasons
    .map((reason) => reasonSentence(reason, unit, betweenSizes ? careful : null))
    .filter((text) => text !== null);
}

function reasonSentence(reason: Reason, unit: LengthUnit, careful: string | null): string | null {
  switch (reason.code) {
    case 'landing':
      return reason.landing <= reason.limit
        ? `The scroll of a ${reason.size} ends ${landingWords(reason.landing)}, at ${percent(reason.landing)} of the hand; your limit is ${percent(reason.limit)}.`
        : `Even the scroll of a ${reason.size} ends ${landingWords(reason.landing)}, beyond your limit.`;
    case 'seated':
      return seatedSentence(reason, unit);
    case 'standing':
      return standingSentence(reason, unit);
    case 'body-differs':
      return `${BUILD_WORDS[reason.part][reason.build]}: ${stepsText(reason.steps)} from what the height alone suggests (${reason.heightSize}).`;
    case 'changes-over':
      return `Coming from a ${reason.from.size} ${FAMILY_WORDS[reason.from.family].toLowerCase()}: a ${reason.size} is about as long.`;
    case 'adult-pin-in':
      return `A grown-up of this height may still take a ${reason.size}, with the pin in: try it on.`;
    case 'shorter-instrument':
      return `On an instrument no longer than ${formatLength(reason.overallMm, unit)}, the ${reason.size} fits.`;
    case 'margin':
      return null;
    case 'between-sizes':
      return `Between ${reason.sizes[0]} and ${reason.sizes[1]}: the tape alone does not settle it. By the tape the ${careful}, unless a try on the body and room to grow both speak for the larger.`;
    case 'next-up':
      return `A ${reason.size} needs ${formatLength(reason.needsMm, unit)} ${LACK_WORDS[reason.test]}.`;
    case 'next-down':
      return reason.spareMm === null
        ? `Below it there is only the ${reason.size}.`
        : `A ${reason.size} would leave ${formatLength(reason.spareMm, unit)}.`;
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
      return warning.family === 'bass'
        ? `No size you use stands well here: even on a ${warning.size} the left hand is ${formatLength(warning.beyondMm, unit)} too high or the bow hand too low. Pin fully in, a stool with the left foot raised, a smaller one, or wait.`
        : `Even the smallest size you use, ${warning.size}, is ${formatLength(warning.beyondMm, unit)} too long. Wait, or add a smaller size in Settings.`;
    case 'contradiction':
      return `${name} can't be right: it must be ${warning.should} than the ${MEASUREMENT_WORDS[warning.than].name.toLowerCase()}. Measure both again.`;
    case 'readings-disagree':
      return `${name}: readings ${formatLength(warning.spreadMm, unit)} apart. Take another.`;
    case 'implausible':
      return `${name} is far from what the height suggests (about ${formatLength(warning.expectedMm, unit)}). Worth a second look.`;
    case 'frame-short':
      return `The ${warning.frame === 'closed' ? 'easy span' : 'widest span'} is ${formatLength(warning.shortfallMm, unit)} short of ${warning.frame === 'closed' ? 'first to fourth finger' : 'the extended hand'} on a ${warning.size}. First look whether the thumb squeezes; then think of the smaller size.`;
  }
}

type ReasonOf<Code extends Reason['code']> = Extract<Reason, { code: Code }>;

function seatedSentence(reason: ReasonOf<'seated'>, unit: LengthUnit): string {
  const peg = aboveOrBelow(reason.pegAboveEarMm, 'the ear', unit);
  if (reason.armLoadLimit === null || reason.pegLimitMm === null)
    return `On a ${reason.size}, the smallest, the lowest peg comes ${peg}.`;
  return `Placed the usual way, a ${reason.size} asks for ${percent(reason.armLoad)} of the bow arm (limit ${percent(reason.armLoadLimit)}), and its lowest peg comes ${peg} (limit ${formatLength(reason.pegLimitMm, unit)}).`;
}

function standingSentence(reason: ReasonOf<'standing'>, unit: LengthUnit): string {
  const pin = (mm: number) =>
    mm < 0 ? `${formatLength(-mm, unit)} too long` : `a pin of ${formatLength(mm, unit)}`;
  const lift =
    reason.liftMm > 0
      ? `the first finger then comes ${formatLength(reason.liftMm, unit)} above the cheek`
      : 'the left hand then stays at or below the cheek';
  return `For the bow's reach a ${reason.size} is ${pin(reason.bowReachMm).replace('a pin', 'set with a pin')}; ${lift}.`;
}

/** `3.1 cm above the ear`, `1.0 cm below the ear` */
export function aboveOrBelow(mm: number, what: string, unit: LengthUnit): string {
  return `${formatLength(Math.abs(mm), unit)} ${mm >= 0 ? 'above' : 'below'} ${what}`;
}

export const SIDE_WORDS: Readonly<Record<Side, string>> = {
  smaller: 'for a smaller one',
  this: 'for this size',
  larger: 'for a larger one'
};

export const EVIDENCE_WORDS: Readonly<Record<EvidenceKind, string>> = {
  landing: 'Scroll on the hand',
  'arm-load': 'Bow arm',
  'peg-above-ear': 'Lowest peg',
  'cheek-lift': 'Left hand over the cheek',
  'bow-reach': 'Bow hand',
  'frame-closed': 'Left-hand frame',
  'frame-extended': 'Extended frame',
  'bow-share': 'Usable bow',
  'corner-knee': 'Corner at the knee',
  pin: 'Endpin',
  'first-finger': 'First finger',
  'standing-look': 'Scroll, standing',
  'height-band': 'Height table'
};

/** The value of a piece of evidence and what it is held against. */
export function evidenceText({ kind, value, limit, speaksFor }: Evidence, unit: LengthUnit): string {
  const length = (mm: number) => formatLength(mm, unit);
  switch (kind) {
    case 'landing':
      return `${percent(value)} of the hand, limit ${percent(limit ?? 0)}`;
    case 'arm-load':
      return limit === null
        ? `${percent(value)} of the arm`
        : `${percent(value)} of the arm, limit ${percent(limit)}`;
    case 'peg-above-ear':
      return `${aboveOrBelow(value, 'the ear', unit)}${limit === null ? '' : `, limit ${length(limit)} above`}`;
    case 'cheek-lift':
      return value > 0 ? `${length(value)} above, limit ${length(limit ?? 0)}` : 'at the cheek or below';
    case 'bow-reach':
      return value < 0
        ? `the pin would be ${length(-value)} too long`
        : `reaches with a pin of ${length(value)}`;
    case 'frame-closed':
    case 'frame-extended': {
      const short = (limit ?? 0) - value;
      if (short <= 0) return `span ${length(value)} covers ${length(limit ?? 0)}`;
      return `span ${length(short)} short of ${length(limit ?? 0)}${speaksFor === 'this' ? ', will come with flexibility' : ''}`;
    }
    case 'bow-share':
      return `${percent(value)} of the bow in reach`;
    case 'corner-knee':
      return aboveOrBelow(value, 'the inner knee', unit);
    case 'pin':
      return `${length(value)} from the ribs${speaksFor === 'smaller' ? ', shorter than it goes' : speaksFor === 'larger' ? ', longer than it goes' : ''}`;
    case 'first-finger':
      return `${length(value)} high, eyebrow ${length(limit ?? 0)}`;
    case 'standing-look':
      return speaksFor === 'this'
        ? 'between mouth and eyebrow'
        : speaksFor === 'smaller'
          ? 'at the eyebrow or above'
          : 'below the mouth';
    case 'height-band':
      return speaksFor === 'this'
        ? 'within its band'
        : speaksFor === 'smaller'
          ? `from ${length(limit ?? 0)}`
          : `up to ${length(limit ?? 0)}`;
  }
}

/** How sure a chance of 0 to 1 is, as one says it; the number stands in the arithmetic. */
export function surenessText(chance: number): string {
  if (chance >= 0.95) return 'quite sure';
  if (chance >= 0.75) return 'probably';
  if (chance >= 0.4) return 'perhaps';
  return chance >= 0.1 ? 'less likely' : 'hardly';
}
