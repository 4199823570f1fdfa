import { formatLength, formatSetting, type LengthUnit } from '$lib/core/length';
import type {
  ChinRestClass,
  ChinRestMount,
  HighEnd,
  RestSchool,
  RestSettingId,
  RestWarning,
  SettingChange,
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

export const SETTING_WORDS: Readonly<Record<RestSettingId, { name: string; hint: string }>> = {
  chinRest: { name: 'Chin rest', hint: 'height over the top plate' },
  lift: { name: 'Lift', hint: 'back held off the collarbone' },
  shoulderFoot: { name: 'Shoulder foot', hint: 'pad from the back' },
  chestFoot: { name: 'Chest foot', hint: 'pad from the back' },
  restWidth: { name: 'Rest width', hint: 'foot to foot' },
  shoulderFootAlong: { name: 'Shoulder foot at', hint: 'along the edge from the end button' },
  chestFootAlong: { name: 'Chest foot at', hint: 'along the edge from the end button' }
};

/** Lengths laid along the instrument read like lengths, heights like settings. */
export const settingText = (id: RestSettingId, mm: number, unit: LengthUnit): string =>
  id === 'restWidth' || id.endsWith('Along') ? formatLength(mm, unit) : formatSetting(mm, unit);

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

/** One change between two versions in a line. */
export function changeSentence(change: SettingChange, unit: LengthUnit): string {
  switch (change.kind) {
    case 'length':
      return `${SETTING_WORDS[change.id].name} ${settingText(change.id, change.fromMm, unit)} → ${settingText(change.id, change.toMm, unit)}`;
    case 'mark':
      return `${SETTING_WORDS[change.id].name}, mark: ${change.from || 'none'} → ${change.to || 'none'}`;
    case 'choice':
      return change.id === 'school'
        ? `${REST_SCHOOL_WORDS[change.from as RestSchool].name} → ${REST_SCHOOL_WORDS[change.to as RestSchool].name}`
        : `Chin rest ${MOUNT_WORDS[change.from as ChinRestMount]} → ${MOUNT_WORDS[change.to as ChinRestMount]}`;
  }
}

export const TILT_SCHOOL_WORDS: Readonly<Record<TiltSchool, string>> = {
  'high-over-shoulder': 'High end over the shoulder, 18° tilt',
  'low-over-shoulder': 'Low end over the shoulder, 3° tilt'
};
