import type { MeasurementId } from '$lib/core/body';
import type { CheckOutcome } from '$lib/core/checks';
import type {
  DimensionOverrides,
  Family,
  MeasuredInstrument,
  ShoulderFamily,
  Size
} from '$lib/core/instruments';
import type { LengthUnit } from '$lib/core/length';
import type {
  ChinRestMount,
  RestAdjustments,
  RestSchool,
  RestSettings,
  ShoulderSlope,
  TiltSchool
} from '$lib/core/setup';
import type { LandingRule } from '$lib/core/sizing';
import type { IsoDay, IsoMonth } from '$lib/core/time';
import type { TrialAnswer, TrialVerdict } from '$lib/core/trial';

/** A moment as an ISO string in UTC. */
export type IsoMoment = string;

/** Which growth curve to use; null when the teacher does not say. */
export type GrowthCurve = 'girl' | 'boy' | 'both';

/** A pupil. Holds no more personal data than fitting needs. */
export interface Player {
  readonly id: string;
  /** A name, initials or a number: whatever the school allows. */
  readonly name: string;
  readonly birthMonth: IsoMonth | null;
  readonly curve: GrowthCurve | null;
  readonly family: Family;
  readonly group: string;
  readonly notes: string;
  readonly photosAllowed: boolean;
  readonly archivedOn: IsoDay | null;
  readonly createdAt: IsoMoment;
  /** Belongs to the made-up class and leaves with it. */
  readonly demo: boolean;
}

/** One length of one player on one day, with every reading. */
export interface Measurement {
  /** `player:kind:day`, so that a day holds one record of a kind. */
  readonly id: string;
  readonly playerId: string;
  readonly kind: MeasurementId;
  readonly day: IsoDay;
  readonly readings: readonly { readonly mm: number; readonly at: IsoMoment }[];
  /** Only for the shoulder slope: judged by look instead of measured. */
  readonly look: ShoulderSlope | null;
}

/** A decided size: a dated version that is never overwritten. */
export interface Fit {
  readonly id: string;
  readonly playerId: string;
  readonly family: Family;
  readonly at: IsoMoment;
  readonly day: IsoDay;
  /** Readings that the decision rested on, mm. */
  readonly readings: Readonly<Partial<Record<MeasurementId, readonly number[]>>>;
  /** How far the scroll might come; null where the family is not sized by it. */
  readonly rule: LandingRule | null;
  /** Real instruments that it was judged by. */
  readonly instruments: readonly MeasuredInstrument[];
  /** The trial on the body that it rests on, if any. */
  readonly trialId: string | null;
  readonly proposal: Size;
  readonly advised: Size;
  readonly betweenSizes: boolean;
  readonly probability: number;
  readonly marginMm: number;
  /** What the teacher decided. */
  readonly size: Size;
  /** Why it differs from what was advised; null when it does not. */
  readonly reason: string | null;
  readonly nextLook: IsoDay;
}

/** One trial of an instrument on the body, as it ended. */
export interface Trial {
  readonly id: string;
  readonly playerId: string;
  readonly family: Family;
  readonly at: IsoMoment;
  readonly day: IsoDay;
  /** The size that was tried on. */
  readonly size: Size;
  readonly answers: readonly TrialAnswer[];
  readonly verdict: TrialVerdict;
}

/** A trial that is under way. */
export interface OpenTrial {
  readonly size: Size;
  readonly answers: readonly TrialAnswer[];
}

/** One version of a player's set-up. */
export interface Setup {
  readonly id: string;
  readonly playerId: string;
  readonly fitId: string;
  readonly family: ShoulderFamily;
  readonly size: Size;
  readonly version: number;
  readonly at: IsoMoment;
  readonly day: IsoDay;
  readonly fillerMm: number;
  readonly neckGapMm: number;
  readonly neckGapEstimated: boolean;
  readonly rest: RestSettings;
}

/** What was seen at one look at one check. */
export interface CheckResult {
  readonly id: string;
  readonly playerId: string;
  readonly checkId: string;
  readonly at: IsoMoment;
  readonly day: IsoDay;
  readonly setupId: string | null;
  readonly outcome: CheckOutcome | { readonly kind: 'stopped'; readonly because: 'pain' };
  readonly faults: readonly string[];
}

/** An instrument of the cupboard. */
export interface Instrument {
  readonly id: string;
  readonly number: string;
  readonly family: Family;
  readonly size: Size;
  readonly overallMm: number | null;
  readonly stringMm: number | null;
  readonly playerId: string | null;
  readonly since: IsoDay | null;
  readonly notes: string;
  readonly demo: boolean;
}

/** A fit that is under way: what was typed or chosen and is not yet a record. */
export interface Draft {
  /** The player's id. */
  readonly id: string;
  /** When this fit was begun; later decisions and set-ups belong to it. */
  readonly startedAt: IsoMoment;
  readonly updatedAt: IsoMoment;
  /** Typed but not entered, by measurement. */
  readonly texts: Readonly<Partial<Record<MeasurementId, string>>>;
  readonly overrideSize: Size | null;
  readonly overrideReason: string;
  /** Real instruments at hand, measured, in place of the nominal ones. */
  readonly instruments: readonly MeasuredInstrument[];
  readonly trial: OpenTrial | null;
  readonly restSchool: RestSchool | null;
  readonly mount: ChinRestMount;
  readonly tiltDeg: number | null;
  readonly adjustments: RestAdjustments;
}

/** Where one player of a line stands; whether a size was decided follows from the fits since it began. */
export type LineState = 'waiting' | 'passed' | 'trial' | 'skipped' | 'absent';

export interface LineEntry {
  readonly playerId: string;
  readonly state: LineState;
}

/** A fitting day: a line of players, measured one after the other. */
export interface FittingDay {
  readonly id: string;
  readonly name: string;
  readonly day: IsoDay;
  readonly startedAt: IsoMoment;
  readonly closedAt: IsoMoment | null;
  readonly entries: readonly LineEntry[];
  /** Typed at the player who is being measured, and not entered yet. */
  readonly typed: Readonly<Partial<Record<MeasurementId, string>>>;
  readonly demo: boolean;
}

export type ThemeChoice = 'light' | 'dark' | 'system';

export interface Settings {
  readonly id: 'settings';
  readonly unit: LengthUnit;
  readonly rule: LandingRule;
  readonly restSchool: RestSchool;
  readonly tiltSchool: TiltSchool;
  /** Sizes to consider by family; the usual ones where absent. */
  readonly sizes: Readonly<Partial<Record<Family, readonly Size[]>>>;
  readonly dimensions: DimensionOverrides;
  readonly theme: ThemeChoice;
  /** Printed on the card. */
  readonly teacherName: string;
}

/** Every table whose records are the teacher's, with the type of its records. */
export interface Records {
  players: Player;
  measurements: Measurement;
  fits: Fit;
  setups: Setup;
  trials: Trial;
  checks: CheckResult;
  instruments: Instrument;
  days: FittingDay;
  drafts: Draft;
  settings: Settings;
}

export type TableName = keyof Records;

export const TABLE_NAMES = [
  'players',
  'measurements',
  'fits',
  'setups',
  'trials',
  'checks',
  'instruments',
  'days',
  'drafts',
  'settings'
] as const satisfies readonly TableName[];
