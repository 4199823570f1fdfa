import { formatLength, formatSetting, type LengthUnit } from '$lib/core/length';
import type { RestWarning, SeatedWarning, StandingWarning } from '$lib/core/setup';
import { aboveOrBelow } from './sizing';

/** A warning of a rest as a sentence that says what to do. */
export function restWarningSentence(warning: RestWarning, unit: LengthUnit): string {
  switch (warning.code) {
    case 'chin-rest-too-high':
      return `Instrument and chin rest fill ${formatSetting(warning.excessMm, unit)} more than there is. Take a chin rest of about ${formatSetting(warning.fittingMm, unit)}.`;
    case 'chin-rest-too-low':
      return `${formatSetting(warning.missingMm, unit)} are missing. Take a higher chin rest, about ${formatSetting(warning.fittingMm, unit)}, rather than a taller rest.`;
    case 'lift-too-high':
      return `It fills ${formatSetting(warning.excessMm, unit)} more than there is. Lower the lift to about ${formatSetting(warning.fittingMm, unit)}.`;
    case 'lift-too-low':
      return `${formatSetting(warning.missingMm, unit)} are missing under the jaw. Raise the lift to about ${formatSetting(warning.fittingMm, unit)}.`;
    case 'lift-beyond':
      return `A lift of ${formatSetting(warning.liftMm, unit)} is more than this kind should have (${formatSetting(warning.limitMm, unit)} at most). Take a higher chin rest.`;
    case 'tilt-reduced':
      return `Tilt reduced from ${Math.round(warning.fromDeg)}° to ${Math.round(warning.toDeg)}° so that the chest foot keeps its place.`;
    case 'estimated':
      return `The neck gap is an estimate from height (${formatSetting(warning.mm, unit)}). Measure it for a better start.`;
  }
}

const away = (mm: number, unit: LengthUnit) => formatLength(Math.abs(mm), unit);

function seatedWarningSentence(warning: SeatedWarning, unit: LengthUnit): string {
  switch (warning.code) {
    case 'pin-range':
      return `The pin would have to be ${formatLength(warning.pinMm, unit)}; this one goes to ${formatLength(warning.limitMm, unit)}. Another seat, another pin or another size must give.`;
    case 'pin-unreachable':
      return `With what is held, the pin comes out at ${formatLength(warning.neededMm, unit)}, not ${formatLength(warning.pinMm, unit)}. Let another value go.`;
    case 'peg':
      return `The lowest peg comes ${away(warning.byMm, unit)} ${warning.byMm > 0 ? 'too high' : 'too low'} behind the ear.`;
    case 'corner':
      return `The lower corner comes ${away(warning.byMm, unit)} ${warning.byMm > 0 ? 'above' : 'below'} its place at the knee.`;
    case 'anchor-unreachable':
      return `With what is set, the tip comes to stand ${formatLength(warning.neededMm, unit)} before the chair leg, not ${formatLength(warning.anchorMm, unit)}. Move the anchor, or let another value go.`;
    case 'contact':
      return `The back touches ${away(warning.byMm, unit)} ${warning.byMm > 0 ? 'above' : 'below'} where it rests well on the breastbone.`;
    case 'angle':
      return `${Math.round(warning.angleDeg)}° is ${warning.angleDeg > 30 ? 'flatter' : 'more upright'} than a cello stands (20 to 40°).`;
    case 'seat':
      return warning.byMm > 0
        ? `The seat is ${away(warning.byMm, unit)} too high for the feet to stand flat.`
        : `The seat is ${away(warning.byMm, unit)} below the knees: they come up into the cello.`;
    case 'bow':
      return `Only ${Math.round(warning.bowShare * 100)} % of the bow can be used here.`;
  }
}

const orStool = (mm: number | undefined, unit: LengthUnit) =>
  mm === undefined ? '' : `, or a stool of about ${formatLength(mm, unit)} with the left foot raised`;

function standingWarningSentence(warning: StandingWarning, unit: LengthUnit): string {
  switch (warning.code) {
    case 'pin-range':
      return `A pin of ${formatLength(warning.wantedMm, unit)} is ${warning.wantedMm > warning.limitMm ? 'longer' : 'shorter'} than this one goes (${formatLength(warning.limitMm, unit)}).`;
    case 'between-notches':
      return `${formatLength(warning.pinMm, unit)} lies between two notches: the nearest is at ${formatLength(warning.nearestMm, unit)}.`;
    case 'stands-off':
      return `The bass stands ${away(warning.byMm, unit)} too ${warning.byMm > 0 ? 'high' : 'low'}: the bow’s place comes ${aboveOrBelow(warning.bowMm, 'the bow hand', unit)}, the first finger ${aboveOrBelow(warning.handMm, 'the cheek', unit)}.`;
    case 'hand-high':
      return `The first finger is ${away(warning.byMm, unit)} above the eyebrow: a smaller bass${orStool(warning.stoolMm, unit)}.`;
    case 'hand-low':
      return `The first finger is ${away(warning.byMm, unit)} below the cheek: the back will bend.`;
    case 'conflict':
      return `Bow and left hand want pins ${formatLength(warning.liftMm, unit)} apart: a smaller bass${orStool(warning.stoolMm, unit)}.`;
    case 'lean':
      return `${Math.round(warning.leanDeg)}° is outside the usual lean of 8 to 16°. Upright or leaning out it falls.`;
  }
}

type Warning = RestWarning | SeatedWarning | StandingWarning;
const REST_CODES: readonly string[] = [
  'chin-rest-too-high',
  'chin-rest-too-low',
  'lift-too-high',
  'lift-too-low',
  'lift-beyond',
  'tilt-reduced',
  'estimated'
];
const STANDING_CODES: readonly string[] = [
  'between-notches',
  'stands-off',
  'hand-high',
  'hand-low',
  'conflict',
  'lean'
];
const isRest = (warning: Warning): warning is RestWarning => REST_CODES.includes(warning.code);
const isStanding = (warning: Warning): warning is StandingWarning =>
  STANDING_CODES.includes(warning.code) || 'wantedMm' in warning;

/** Warnings of any kind of set-up, one sentence each. */
export const warningSentences = (warnings: readonly Warning[], unit: LengthUnit): readonly string[] =>
  warnings.map((warning) =>
    isRest(warning)
      ? restWarningSentence(warning, unit)
      : isStanding(warning)
        ? standingWarningSentence(warning, unit)
        : seatedWarningSentence(warning, unit)
  );
