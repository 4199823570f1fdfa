import { bodyOf, type MeasurementId, type Readings } from '../body';
import { seatedBody } from '../cello';
import {
  ageYears,
  follow,
  GROWN_YEARS,
  isBeyondReference,
  whenOutgrown,
  type HeightReading,
  type Outgrown,
  type Sex
} from '../growth';
import type { NominalInstrument } from '../instruments';
import type { IsoDay, IsoMonth } from '../time';
import type { SettingId, SetupKind } from './kinds';
import { DEFAULT_REST_SCHOOL, type RestSchool } from './rest-schools';
import { restStack } from './rest-stack';
import { seatedPlan } from './seated-plan';
import { standingPlan } from './standing-plan';

/** A set-up that was kept, with the lengths on which it rests. */
export interface SetupThen {
  readonly kind: SetupKind;
  readonly instrument: NominalInstrument;
  /** Violin and viola: how the gap is filled, and the chin rest that is fitted, mm. */
  readonly rest?: { readonly school: RestSchool; readonly chinRestMm: number };
  /** Lengths when it was set, mm; without the height nothing can be said. */
  readonly lengths: Readonly<Partial<Record<MeasurementId, number>>>;
}

/** How a setting would have to change with growth. */
export interface Drift {
  readonly setting: SettingId;
  /** What the model would set now less what it would have set then, mm. */
  readonly byMm: number;
}

/** A set-up is looked at again when it has drifted so far, mm. Source: what teachers see and mend. */
const LIMIT_MM: Readonly<Record<SetupKind, Readonly<Partial<Record<SettingId, number>>>>> = {
  rest: { lift: 4, chinRest: 4 },
  seated: { pin: 12, seat: 12 },
  standing: { pin: 20 }
};

/** Nobody grows beyond this share of the height at which something was set up while it lasts. */
const MOST_GROWTH = 1.6;
/** Growth is stepped through by this share, and the place then halved so often. */
const COARSE = 0.02;
const HALVINGS = 7;

/** Lengths after growth to another height: they keep their ratio to it. */
const grown = (lengths: SetupThen['lengths'], by: number): Readings =>
  Object.fromEntries(Object.entries(lengths).map(([id, mm]) => [id, [mm * by]]));

/**
 * What would be set for a body that has grown by a share: chin rest and lift within what the school gives, so that
 * nothing drifts that would be set the same.
 */
function setFor(
  { kind, instrument, lengths, rest }: SetupThen,
  by: number
): Readonly<Partial<Record<SettingId, number>>> {
  const readings = grown(lengths, by);
  if (kind === 'rest') {
    const school = rest?.school ?? DEFAULT_REST_SCHOOL;
    const carries = school === 'collarbone-first' || school === 'none';
    const { fillerMm, chinRestMm, liftMm } = restStack({
      instrument,
      neckGapMm: readings.neckGap?.[0] ?? null,
      heightMm: readings.height?.[0] ?? null,
      shoulder: { slope: 'medium' },
      school,
      ...(rest && !carries ? { chinRestMm: rest.chinRestMm } : {})
    });
    // What the lift can't do any more, a higher chin rest must.
    return { lift: liftMm, chinRest: chinRestMm + Math.max(0, fillerMm - chinRestMm - liftMm) };
  }
  const body = bodyOf(readings);
  if (!body) return {};
  if (kind === 'seated') {
    const { pin, seat } = seatedPlan({ body: seatedBody(body), cello: instrument }).values;
    return { pin, seat };
  }
  const { pin } = standingPlan({
    heights: {
      gripHangMm: body.length('gripHang').mm,
      cheekMm: body.length('cheek').mm,
      eyebrowMm: body.length('eyebrow').mm
    },
    bass: instrument
  }).values;
  return { pin };
}

/** What has changed between two bodies; without a value before there is no change. */
const between = (old: ReturnType<typeof setFor>, now: ReturnType<typeof setFor>): readonly Drift[] =>
  Object.entries(old).map(([setting, value]) => ({
    setting: setting as SettingId,
    byMm: (now[setting as SettingId] ?? value) - value
  }));

/**
 * How far a set-up has drifted when the player has grown to a height. What the teacher set differently from the model
 * stays different by as much: only the growth counts.
 */
export function driftAt(then: SetupThen, heightMm: number): readonly Drift[] {
  const before = then.lengths.height;
  return before === undefined ? [] : between(setFor(then, 1), setFor(then, heightMm / before));
}

const shareOfLimit = (kind: SetupKind, { byMm, setting }: Drift): number =>
  Math.abs(byMm) / (LIMIT_MM[kind][setting] ?? Infinity);

/** The drifts with the share of their limit, the furthest first. */
const furthest = (kind: SetupKind, drifts: readonly Drift[]) =>
  drifts.map((drift) => ({ drift, share: shareOfLimit(kind, drift) })).sort((a, b) => b.share - a.share)[0] ??
  null;

/** Which of the drifts passes its limit, the furthest first. */
function passed(kind: SetupKind, drifts: readonly Drift[]): Drift | null {
  const first = furthest(kind, drifts);
  return first && first.share >= 1 ? first.drift : null;
}

/** The setting that is furthest from what the model would set at a height, and how far it may be, mm. */
export function furthestDrift(
  then: SetupThen,
  heightMm: number
): (Drift & { readonly limitMm: number }) | null {
  const first = furthest(then.kind, driftAt(then, heightMm));
  return first && { ...first.drift, limitMm: LIMIT_MM[then.kind][first.drift.setting] ?? Infinity };
}

/**
 * The height at which a set-up is to be looked at again, and what will have to change by then; null when nothing was
 * measured, or growth does not move it.
 */
export function reviewHeight(then: SetupThen): { readonly heightMm: number; readonly drift: Drift } | null {
  const before = then.lengths.height;
  if (before === undefined) return null;
  const old = setFor(then, 1);
  const passedAt = (by: number) => passed(then.kind, between(old, setFor(then, by)));
  let low = 1;
  let high = 1 + COARSE;
  let drift = passedAt(high);
  while (!drift && high < MOST_GROWTH) {
    low = high;
    high += COARSE;
    drift = passedAt(high);
  }
  if (!drift) return null;
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    const there = passedAt(middle);
    if (there) [high, drift] = [middle, there];
    else low = middle;
  }
  return { heightMm: before * high, drift };
}

/** When a kept set-up is to be looked at again. */
export interface SetupReview {
  readonly drift: Drift;
  readonly heightMm: number;
  /** Early, middle and late; null where growth can't be foreseen. */
  readonly when: Outgrown | null;
  readonly why: 'no-age' | 'grown' | 'no-height' | null;
}

/** Whether a set-up has passed its limit on a day. */
export const isPastLimit = (review: SetupReview | null, today: IsoDay): boolean =>
  review?.when?.middle != null && review.when.middle <= today;

/** How a player has grown. */
export interface Growing {
  readonly sex: Sex | null;
  readonly birthMonth: IsoMonth | null;
  readonly heights: readonly HeightReading[];
  readonly today: IsoDay;
}

/** Foresees when a set-up is to be looked at again; null when its lengths do not say. */
export function setupReview(
  then: SetupThen,
  { sex, birthMonth, heights, today }: Growing
): SetupReview | null {
  const found = reviewHeight(then);
  if (!found) return null;
  if (birthMonth === null) return { ...found, when: null, why: 'no-age' };
  if (ageYears(birthMonth, today) >= GROWN_YEARS) return { ...found, when: null, why: 'grown' };
  const child = { sex, birthMonth };
  const telling = heights.filter((height) => !isBeyondReference(child, height));
  if (telling.length === 0) return { ...found, when: null, why: 'no-height' };
  return { ...found, when: whenOutgrown(follow(child, telling), found.heightMm, today), why: null };
}
