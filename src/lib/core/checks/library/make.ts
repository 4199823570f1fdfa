import { viewOf } from '../../figure/changes';
import type { Family } from '../../instruments';
import type { ChoiceId, SettingId } from '../../setup';
import type { DrillId } from '../drills';
import { strays, type Stray } from '../strays';
import type { SubjectId } from '../subject-ids';
import type {
  Cause,
  Check,
  CheckCategory,
  CheckView,
  Fault,
  FaultCause,
  Goal,
  ResultKind,
  SettingOf,
  SettingStep,
  Spoken,
  Standpoint,
  WayOfCheck
} from '../types';

type AnySetting = SettingId | ChoiceId;

/** What goes wrong: how it looks, and why, likeliest first. */
export const fault = <Setting extends AnySetting = never>(
  id: string,
  text: string,
  changes: readonly Stray[],
  ...causes: readonly Cause<Setting>[]
): Fault<Setting> => ({
  id,
  text,
  changes: strays(changes),
  causes
});

/** A fault that is seen from another side than its check. */
export const seenFrom = <Setting extends AnySetting>(
  view: CheckView,
  seen: Fault<Setting>
): Fault<Setting> => ({ ...seen, view });

export const setUp = <const Setting extends AnySetting>(
  setting: Setting,
  way: SettingStep['way'],
  remedy: string
): Cause<Setting> => ({ cause: 'set-up', remedy, step: { setting, way } });

const plain =
  (cause: FaultCause) =>
  (remedy: string): Cause<never> => ({ cause, remedy });
export const tooLarge = plain('too-large');
export const tooSmall = plain('too-small');
export const bow = plain('bow');
export const workshop = plain('workshop');
export const habit = (remedy: string, drill?: DrillId): Cause<never> => ({
  cause: 'habit',
  remedy,
  ...(drill ? { drill } : {})
});

/** A cause for some families of a check that is shared: it names what they have. */
export const only = <const F extends Family>(
  families: readonly F[],
  cause: Cause<SettingOf<F>>
): Cause<never> => ({ ...cause, families }) as Cause<never>;

/** What is not said in some ways of a subject. */
export const except = <Thing extends Spoken>(
  subject: SubjectId,
  ways: readonly string[],
  thing: Thing
): Thing => ({ ...thing, except: { ...thing.except, [subject]: ways } });

/** Settings that every one of some families has. */
type CommonSetting<F extends Family> = (F extends Family ? (one: SettingOf<F>) => void : never) extends (
  one: infer Common
) => void
  ? Common & AnySetting
  : never;

/** How a check is looked at, besides its words and its faults. */
interface Look {
  readonly drill: DrillId;
  /** Where to look on the figure. */
  readonly spot: string;
  /** Playing where absent. */
  readonly pose?: string;
  /** The first fault's own view where absent. */
  readonly view?: CheckView;
  readonly shows?: readonly Stray[];
  readonly result?: ResultKind;
  readonly goal?: Goal;
  readonly school?: readonly [SubjectId, Readonly<Record<string, WayOfCheck>>];
  readonly except?: Spoken['except'];
  readonly later?: true;
  readonly gate?: readonly string[];
}

/** Checks of a category for some families. */
export const checksOf =
  <const F extends Family>(category: CheckCategory, families: readonly F[]) =>
  (
    id: string,
    standpoint: Standpoint,
    title: string,
    right: string,
    child: string,
    {
      drill,
      spot,
      pose,
      view,
      shows = [],
      result = 'rating',
      goal,
      school,
      except: unless,
      later,
      gate
    }: Look,
    ...faults: readonly Fault<CommonSetting<F>>[]
  ): Check => ({
    id,
    families,
    category,
    standpoint,
    title,
    right,
    forPlayer: child,
    faults,
    result,
    ...(goal ? { goal } : {}),
    ...(unless ? { except: unless } : {}),
    ...(school ? { school: { subject: school[0], ways: school[1] } } : {}),
    picture: {
      pose: pose ?? 'playing',
      view: view ?? viewFrom(faults, families),
      changes: strays(shows),
      spot
    },
    drill,
    ...(later ? { later } : {}),
    ...(gate ? { gate } : {})
  });

/** From where the first fault is seen best. */
function viewFrom([first]: readonly Fault[], families: readonly Family[]): CheckView {
  const kind = first?.changes[0]?.kind;
  if (!kind) throw new Error('a check needs a view or a fault that is drawn');
  return Object.fromEntries(families.map((family) => [family, viewOf(kind, family)]));
}
