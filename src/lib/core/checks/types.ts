import type { Change, ViewName } from '../figure';
import type { Family } from '../instruments';
import type { ChoiceId, SettingId, SetupChoices, SetupKindOf } from '../setup';
import type { DrillId } from './drills';
import type { SubjectId } from './subject-ids';

/** Categories in the order in which they build on each other. The cello's stance is its seat. */
export const CHECK_CATEGORIES = ['ready', 'stance', 'hold', 'left-hand', 'bow-hand', 'bow-use'] as const;
export type CheckCategory = (typeof CHECK_CATEGORIES)[number];

/** How far a player has it, weakest first. */
export const RATINGS = ['not-seen', 'not-yet', 'with-help', 'mostly', 'secure'] as const;
export type Rating = (typeof RATINGS)[number];

/** Where a teacher stands to see it best, in the order of a walk round the player; then close at a hand or at a thing. */
export const STANDPOINTS = [
  'front',
  'left',
  'behind',
  'right',
  'above',
  'left-hand',
  'bow-hand',
  'instrument'
] as const;
export type Standpoint = (typeof STANDPOINTS)[number];

/** Kinds of cause: a setting, the size by its direction, the bow, a habit, the instrument itself. */
export const FAULT_CAUSES = ['set-up', 'too-large', 'too-small', 'bow', 'habit', 'workshop'] as const;
export type FaultCause = (typeof FAULT_CAUSES)[number];
/** A cause as it is on record: earlier remedies knew the size without its direction. */
export type KeptCause = FaultCause | 'size';

/** A setting of a family, or one of its ways. */
export type SettingOf<F extends Family> = F extends Family
  ? SettingId<SetupKindOf<F>> | (keyof SetupChoices<SetupKindOf<F>> & ChoiceId)
  : never;

/** A change of the set-up: which setting, and which way. */
export interface SettingStep<Setting extends SettingId | ChoiceId = SettingId | ChoiceId> {
  readonly setting: Setting;
  readonly way: 'raise' | 'lower' | 'other';
}

/** What speaks of one way only, where teachers differ: in these ways of a subject it is not said. */
export interface Spoken {
  readonly except?: Readonly<Partial<Record<SubjectId, readonly string[]>>>;
}

/** What can bring a fault about, with its remedy. */
export interface Cause<Setting extends SettingId | ChoiceId = SettingId | ChoiceId> extends Spoken {
  readonly cause: FaultCause;
  /** For these families of the check only. */
  readonly families?: readonly Family[];
  /** What to do, in a teacher's words. */
  readonly remedy: string;
  /** Where the remedy is a set-up change. */
  readonly step?: SettingStep<Setting>;
  /** Where the remedy is a drill. */
  readonly drill?: DrillId;
}

export interface Fault<Setting extends SettingId | ChoiceId = SettingId | ChoiceId> extends Spoken {
  readonly id: string;
  readonly text: string;
  /** How the picture of right is strayed from. */
  readonly changes: readonly Change[];
  /** From where it is seen, where that is not the side of the check's picture; some families only, if so. */
  readonly view?: CheckView;
  /** In what pose it is seen, right beside it too, where that is not the picture's. */
  readonly pose?: string;
  /** Likely causes with their remedy, likeliest first. */
  readonly causes: readonly Cause<Setting>[];
}

/** What a look is recorded as. */
export const RESULT_KINDS = ['rating', 'seconds', 'count', 'yes-no', 'angle'] as const;
export type ResultKind = (typeof RESULT_KINDS)[number];

/** From where a check is drawn, by family where that differs. */
export type CheckView = ViewName | Readonly<Partial<Record<Family, ViewName>>>;

/** The picture of right: a pose, the side from which it is shown, and what sets it off from the pose. */
export interface CheckPicture {
  readonly pose: string;
  readonly view: CheckView;
  readonly changes: readonly Change[];
  /** The place on the figure that is looked at. */
  readonly spot: string;
}

/** What was seen at one look. */
export type CheckOutcome =
  | { readonly kind: 'rating'; readonly rating: Rating }
  | { readonly kind: 'seconds'; readonly seconds: number }
  | { readonly kind: 'count'; readonly count: number }
  | { readonly kind: 'yes-no'; readonly yes: boolean }
  | { readonly kind: 'angle'; readonly deg: number };

/** How much is enough: at first, and later. */
export interface Goal {
  readonly first: number;
  readonly later: number;
  /** What more is asked only of those over 15 years. */
  readonly grown?: number;
  readonly better: 'more' | 'less';
  /** When the clock or the counting stops. */
  readonly stops: string;
}

/** What right looks like by one way of a subject on which teachers differ. */
export interface WayOfCheck {
  readonly title?: string;
  readonly right?: string;
  readonly forPlayer?: string;
  /** What sets the picture of right off from the pose, where it is not drawn as the way itself is. */
  readonly changes?: readonly Change[];
  /** Another pose, where that of the picture would hide it. */
  readonly pose?: string;
  /** This way does not look at it at all. */
  readonly none?: true;
}

/** One thing to look at, with what right looks like and what usually goes wrong. */
export interface Check extends Spoken {
  readonly id: string;
  readonly families: readonly Family[];
  readonly category: CheckCategory;
  readonly title: string;
  /** From where it is seen best. */
  readonly standpoint: Standpoint;
  readonly right: string;
  /** The same in a line that a child understands, for the card. */
  readonly forPlayer: string;
  readonly faults: readonly Fault[];
  readonly result: ResultKind;
  readonly goal?: Goal;
  /** On what it depends, where teachers differ, and what each way changes; a way that is not named changes nothing. */
  readonly school?: { readonly subject: SubjectId; readonly ways: Readonly<Record<string, WayOfCheck>> };
  readonly picture: CheckPicture;
  /** Practised at home for it; null where only what the teacher says is. */
  readonly drill: DrillId | null;
  /** A teacher's own. */
  readonly own?: true;
  /** Not for beginners: comes once the others of its category are secure. */
  readonly later?: true;
  /** Comes only once these checks are secure. */
  readonly gate?: readonly string[];
  /** Comes only once these categories are mostly there. */
  readonly after?: readonly CheckCategory[];
}
