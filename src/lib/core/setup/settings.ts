import { highEndOf, type HighEnd, type RestStack } from './rest-stack';
import type { ChinRestMount, RestSchool } from './rest-schools';

/** Every setting of a violin or viola set-up that is a length, in the order in which it is set. */
export const REST_SETTINGS = [
  'chinRest',
  'lift',
  'shoulderFoot',
  'chestFoot',
  'restWidth',
  'shoulderFootAlong',
  'chestFootAlong'
] as const;
export type RestSettingId = (typeof REST_SETTINGS)[number];

/** How a setting was found. */
export type SettingOrigin = 'computed' | 'adjusted';

export interface Setting {
  readonly mm: number;
  readonly origin: SettingOrigin;
  /** How to find it again, such as a sticker's place; empty when there is none. */
  readonly mark: string;
}

/** A complete set-up of chin rest and shoulder rest. */
export interface RestSettings {
  readonly school: RestSchool;
  readonly mount: ChinRestMount;
  readonly tiltDeg: number;
  readonly highEnd: HighEnd;
  readonly settings: Readonly<Record<RestSettingId, Setting>>;
}

/** What a teacher changed by hand: own values and marks. */
export interface RestAdjustments {
  readonly values: Readonly<Partial<Record<RestSettingId, number>>>;
  readonly marks: Readonly<Partial<Record<RestSettingId, string>>>;
}

export const NO_ADJUSTMENTS: RestAdjustments = { values: {}, marks: {} };

/**
 * Puts the teacher's own values and marks over the computed ones; each setting says which it is. An own lift
 * carries both computed feet with it, since they stand on the lift.
 */
export function settle(
  stack: RestStack,
  choice: { readonly school: RestSchool; readonly mount: ChinRestMount },
  adjustments: RestAdjustments = NO_ADJUSTMENTS
): RestSettings {
  const raisedMm = (adjustments.values.lift ?? stack.liftMm) - stack.liftMm;
  const setting = (id: RestSettingId): Setting => {
    const own = adjustments.values[id];
    const onLift = id === 'shoulderFoot' || id === 'chestFoot';
    return {
      mm: own ?? stack[`${id}Mm`] + (onLift ? raisedMm : 0),
      origin: own === undefined ? 'computed' : 'adjusted',
      mark: adjustments.marks[id] ?? ''
    };
  };
  const settings = {
    chinRest: setting('chinRest'),
    lift: setting('lift'),
    shoulderFoot: setting('shoulderFoot'),
    chestFoot: setting('chestFoot'),
    restWidth: setting('restWidth'),
    shoulderFootAlong: setting('shoulderFootAlong'),
    chestFootAlong: setting('chestFootAlong')
  };
  return {
    ...choice,
    tiltDeg: stack.tiltDeg,
    highEnd: highEndOf(settings.shoulderFoot.mm, settings.chestFoot.mm),
    settings
  };
}

/** One difference between two versions of a set-up. */
export type SettingChange =
  | { readonly kind: 'length'; readonly id: RestSettingId; readonly fromMm: number; readonly toMm: number }
  | { readonly kind: 'mark'; readonly id: RestSettingId; readonly from: string; readonly to: string }
  | { readonly kind: 'choice'; readonly id: 'school' | 'mount'; readonly from: string; readonly to: string };

/** Changes smaller than a tape shows are not changes, mm. */
const VISIBLE_MM = 0.5;

/** What differs between an earlier and a later set-up, in the order of setting. */
export function changesBetween(earlier: RestSettings, later: RestSettings): readonly SettingChange[] {
  const changes: SettingChange[] = [];
  for (const id of ['school', 'mount'] as const)
    if (earlier[id] !== later[id]) changes.push({ kind: 'choice', id, from: earlier[id], to: later[id] });
  for (const id of REST_SETTINGS) {
    const from = earlier.settings[id];
    const to = later.settings[id];
    if (Math.abs(from.mm - to.mm) >= VISIBLE_MM)
      changes.push({ kind: 'length', id, fromMm: from.mm, toMm: to.mm });
    if (from.mark !== to.mark) changes.push({ kind: 'mark', id, from: from.mark, to: to.mark });
  }
  return changes;
}
