import { viewOf } from '../../figure/changes';
import type { Family } from '../../instruments';
import type { DrillId } from '../drills';
import { strays, type Stray } from '../strays';
import type { SubjectId } from '../subject-ids';
import type {
  Cause,
  Check,
  CheckCategory,
  CheckView,
  Fault,
  Goal,
  ResultKind,
  SettingStep,
  Standpoint,
  WayOfCheck
} from '../types';

/** What goes wrong: how it looks, and why, likeliest first. */
export const fault = (
  id: string,
  text: string,
  changes: readonly Stray[],
  ...causes: readonly Cause[]
): Fault => ({
  id,
  text,
  changes: strays(changes),
  causes
});

/** A fault that is seen from another side than its check. */
export const seenFrom = (view: CheckView, seen: Fault): Fault => ({ ...seen, view });

export const setUp = (setting: SettingStep['setting'], way: SettingStep['way'], remedy: string): Cause => ({
  cause: 'set-up',
  remedy,
  step: { setting, way }
});
export const size = (remedy: string): Cause => ({ cause: 'size', remedy });
export const habit = (remedy: string, drill?: DrillId): Cause => ({
  cause: 'habit',
  remedy,
  ...(drill ? { drill } : {})
});

/** What a check says besides its faults. */
interface Said {
  readonly right: string;
  readonly child: string;
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
  readonly later?: true;
  readonly gate?: readonly string[];
}

/** Checks of a category for some families. */
export const checksOf =
  (category: CheckCategory, families: readonly Family[]) =>
  (
    id: string,
    standpoint: Standpoint,
    title: string,
    { right, child, drill, spot, pose, view, shows = [], result = 'rating', goal, school, later, gate }: Said,
    ...faults: readonly Fault[]
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
