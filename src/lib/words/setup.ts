import { formatLength, formatSetting, type LengthUnit } from '$lib/core/length';
import { unitOf } from '$lib/core/setup';
import type {
  ChinRestClass,
  ChinRestMount,
  HighEnd,
  RestSchool,
  RestWarning,
  SettingChange,
  SettingId,
  ShoulderSlope,
  TiltSchool
} from '$lib/core/setup';

export const REST_SCHOOL_WORDS: Readonly<Record<RestSchool, { name: string; why: string }>> = {
  'rest-first': {
    name: 'Shoulder rest first',
    why: 'the chin rest stays as fitted, the shoulder rest makes up the height'
  },
  'collarbone-first': { name: 'Collarbone first', why: 'the chin rest carries the height, next to no lift' },
  pad: { name: 'Pad', why: 'a sponge or pad held by a band, up to 15 mm' }
};

export const MOUNT_WORDS: Readonly<Record<ChinRestMount, string>> = {
  beside: 'beside the tailpiece',
  between: 'in between',
  centre: 'centred over it'
};

export const SLOPE_WORDS: Readonly<Record<ShoulderSlope, string>> = {
  flat: 'Flat',
  medium: 'Medium',
  steep: 'Steep'
};

export const HIGH_END_WORDS: Readonly<Record<HighEnd, string>> = {
  shoulder: 'high end over the shoulder',
  chest: 'high end over the chest',
  even: 'both ends even'
};

export const CHIN_CLASS_WORDS: Readonly<Record<ChinRestClass, string>> = {
  low: 'low',
  medium: 'medium',
  high: 'high',
  'very-high': 'very high'
};

export const SETTING_WORDS: Readonly<Record<SettingId, { name: string; hint: string }>> = {
  chinRest: { name: 'Chin rest', hint: 'height over the top plate' },
  lift: { name: 'Lift', hint: 'back held off the collarbone' },
  shoulderFoot: { name: 'Shoulder foot', hint: 'pad from the back' },
  chestFoot: { name: 'Chest foot', hint: 'pad from the back' },
  restWidth: { name: 'Rest width', hint: 'foot to foot' },
  shoulderFootAlong: { name: 'Shoulder foot at', hint: 'along the edge from the end button' },
  chestFootAlong: { name: 'Chest foot at', hint: 'along the edge from the end button' },
  tilt: { name: 'Tilt', hint: 'of the strings' },
  seat: { name: 'Seat', hint: 'floor to the top of the seat' },
  pin: { name: 'Endpin', hint: 'from the ribs' },
  angle: { name: 'Angle', hint: 'of the instrument from the vertical' },
  slide: { name: 'Slide', hint: 'up along the breastbone' },
  anchor: { name: 'Anchor', hint: 'from the chair leg to the tip' },
  lean: { name: 'Lean', hint: 'towards the player' },
  bowOffset: { name: 'Bow offset', hint: 'for the own bow hold' },
  stool: { name: 'Stool', hint: 'height, where one is used' }
};

const ALONG: readonly SettingId[] = [
  'restWidth',
  'shoulderFootAlong',
  'chestFootAlong',
  'seat',
  'pin',
  'anchor',
  'stool'
];

/** Whether a setting is laid along something, and so reads like a length; the others read like small heights. */
export const isAlong = (id: SettingId): boolean => ALONG.includes(id);

/** A setting's value as people read it. */
export function settingText(id: SettingId, value: number, unit: LengthUnit): string {
  if (unitOf(id) === 'deg') return `${Math.round(value)}°`;
  return isAlong(id) ? formatLength(value, unit) : formatSetting(value, unit);
}

export function restWarningSentence(warning: RestWarning, unit: LengthUnit): string {
  switch (warning.code) {
    case 'chin-rest-too-high':
      return `Instrument and chin rest fill ${formatSetting(warning.excessMm, unit)} more than there is. Take a chin rest of about ${formatSetting(warning.fittingMm, unit)}.`;
    case 'chin-rest-too-low':
      return `${formatSetting(warning.missingMm, unit)} are missing. Take a higher chin rest, about ${formatSetting(warning.fittingMm, unit)}, rather than a taller rest.`;
    case 'tilt-reduced':
      return `Tilt reduced from ${Math.round(warning.fromDeg)}° to ${Math.round(warning.toDeg)}° so that the chest foot keeps its place.`;
    case 'estimated':
      return `The neck gap is an estimate from height (${formatSetting(warning.mm, unit)}). Measure it for a better start.`;
  }
}

const wayText = (id: string, way: string): string => {
  if (id === 'school') return REST_SCHOOL_WORDS[way as RestSchool]?.name ?? way;
  return id === 'mount' ? (MOUNT_WORDS[way as ChinRestMount] ?? way) : way;
};

/** One change between two versions in a line. */
function changeSentence(change: SettingChange, unit: LengthUnit): string {
  switch (change.kind) {
    case 'value': {
      const [from, to] = [change.from, change.to].map((value) => settingText(change.id, value, unit));
      return from === to ? '' : `${SETTING_WORDS[change.id].name} ${from} → ${to}`;
    }
    case 'mark':
      return `${SETTING_WORDS[change.id].name}, mark: ${change.from || 'none'} → ${change.to || 'none'}`;
    case 'choice': {
      const words = `${wayText(change.id, change.from)} → ${wayText(change.id, change.to)}`;
      return change.id === 'mount' ? `Chin rest ${words}` : words;
    }
  }
}

/** Changes between two versions, one line each; those that the chosen unit does not show are left out. */
export const changeSentences = (changes: readonly SettingChange[], unit: LengthUnit): readonly string[] =>
  changes.map((change) => changeSentence(change, unit)).filter((sentence) => sentence !== '');

export const TILT_SCHOOL_WORDS: Readonly<Record<TiltSchool, string>> = {
  'high-over-shoulder': 'High end over the shoulder, 18° tilt',
  'low-over-shoulder': 'Low end over the shoulder, 3° tilt'
};
