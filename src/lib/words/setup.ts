import { formatLength, formatSetting, type LengthUnit } from '$lib/core/length';
import { supportOf, unitOf } from '$lib/core/setup';
import type {
  Adjustments,
  Arrangement,
  ChinRestClass,
  ChinRestMount,
  HighEnd,
  OnBack,
  RestSchool,
  RestSupport,
  ScrollSchool,
  SetupChoices,
  SettingChange,
  SettingId,
  SettingOrigin,
  ShoulderSlope,
  TiltSchool
} from '$lib/core/setup';

export const REST_SCHOOL_WORDS: Readonly<Record<RestSchool, { name: string; why: string }>> = {
  'rest-first': {
    name: 'Shoulder rest first',
    why: 'the chin rest stays as fitted, the shoulder rest makes up the height'
  },
  'collarbone-first': { name: 'Collarbone first', why: 'the chin rest carries the height, next to no lift' },
  pad: { name: 'Pad', why: 'a pad that sticks to the back, up to 15 mm: light, and the body is felt' },
  sponge: {
    name: 'Sponge with band',
    why: 'a sponge under a band from the lower corner to the end button, up to 15 mm'
  },
  none: { name: 'No rest', why: 'nothing under the back: the chin rest gives all the height' }
};

export const MOUNT_WORDS: Readonly<Record<ChinRestMount, string>> = {
  beside: 'beside the tailpiece',
  between: 'in between',
  centre: 'centred over it'
};

export const SCROLL_WORDS: Readonly<Record<ScrollSchool, string>> = {
  'left-45': 'Scroll 45° left',
  'left-30': 'Scroll 30° left',
  'in-line': 'In line: nose, shoulder, scroll'
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

/** What lies on the back of an instrument, after its name. */
export const ON_BACK_WORDS: Readonly<Record<OnBack['kind'], string>> = {
  rest: 'with the feet of the shoulder rest; the high end is filled',
  cushion: 'with what is soft under the shoulder side',
  bare: 'with nothing under it'
};

export const CHIN_CLASS_WORDS: Readonly<Record<ChinRestClass, string>> = {
  low: 'low',
  medium: 'medium',
  high: 'high',
  'very-high': 'very high'
};

interface SettingWords {
  readonly name: string;
  readonly hint: string;
}
export const SETTING_WORDS: Readonly<Record<SettingId, SettingWords>> = {
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
  slide: { name: 'Slide', hint: 'higher (+) or lower (−) on the breastbone' },
  anchor: { name: 'Anchor', hint: 'from the chair leg to the tip' },
  lean: { name: 'Lean', hint: 'towards the player' },
  bowOffset: { name: 'Bow offset', hint: 'for the own bow hold' },
  stool: { name: 'Stool', hint: 'height, where one is used' }
};

const SOFT_WORDS = (name: string): Readonly<Partial<Record<SettingId, SettingWords>>> => ({
  lift: { name, hint: 'how thick, under the shoulder side of the back' },
  shoulderFootAlong: { name: `${name} at`, hint: 'along the edge from the end button' }
});
const IN_A_SUPPORT: Readonly<Record<RestSupport, Readonly<Partial<Record<SettingId, SettingWords>>>>> = {
  'shoulder-rest': {},
  pad: SOFT_WORDS('Pad'),
  sponge: SOFT_WORDS('Sponge'),
  none: {}
};

/** What a setting is called in a set-up: the lift of one with a pad is the pad itself. */
export const settingWords = (setup: Arrangement | Adjustments, id: SettingId): SettingWords =>
  (setup.kind === 'rest' ? IN_A_SUPPORT[supportOf(setup)][id] : undefined) ?? SETTING_WORDS[id];

/** How a value was found. */
export const ORIGIN_WORDS: Readonly<Record<SettingOrigin, string>> = {
  computed: 'worked out',
  adjusted: 'by looks',
  copied: 'taken over',
  typed: 'typed',
  held: 'as it stood'
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

export const ANCHORING_WORDS: Readonly<Record<SetupChoices<'seated'>['anchoring'], string>> = {
  strap: 'Strap to the chair leg',
  stop: 'Floor stop'
};
export const PLACING_WORDS: Readonly<
  Record<SetupChoices<'seated'>['placing'], { name: string; why: string }>
> = {
  turned: {
    name: 'Turned a little',
    why: 'the left edge comes forward, the top string nearer, the head is free'
  },
  square: { name: 'Square', why: 'both rear edges rest on the legs, neither shows' }
};
export const BOW_HOLD_WORDS: Readonly<Record<SetupChoices<'standing'>['bowHold'], string>> = {
  overhand: 'French (overhand)',
  underhand: 'German (underhand)'
};

const WAY_WORDS: Readonly<Record<string, string>> = {
  ...ANCHORING_WORDS,
  turned: PLACING_WORDS.turned.name,
  square: PLACING_WORDS.square.name,
  ...BOW_HOLD_WORDS,
  ...SCROLL_WORDS
};

const wayText = (id: string, way: string): string => {
  if (id === 'school') return REST_SCHOOL_WORDS[way as RestSchool]?.name ?? way;
  return id === 'mount' ? (MOUNT_WORDS[way as ChinRestMount] ?? way) : (WAY_WORDS[way] ?? way);
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

/** What speaks for each way of the rest, and of the scroll. */
export const TILT_SCHOOL_WHY: Readonly<Record<TiltSchool, string>> = {
  'high-over-shoulder': 'the strings come to the bow, small hands reach the lowest',
  'low-over-shoulder': 'for square shoulders, the chest needs the lift'
};
export const SCROLL_WHY: Readonly<Record<ScrollSchool, string>> = {
  'left-45': 'body square to the stand, the scroll at its left corner',
  'left-30': 'for arms that are short for the instrument',
  'in-line': 'the left side aimed at the stand: instrument, eyes and music in one line'
};

export const TILT_SCHOOL_WORDS: Readonly<Record<TiltSchool, string>> = {
  'high-over-shoulder': 'High end over the shoulder, 18° tilt',
  'low-over-shoulder': 'Low end over the shoulder, 3° tilt'
};
