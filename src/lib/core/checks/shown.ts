import type { Change, ViewName } from '../figure';
import type { Family } from '../instruments';
import type { RestSupport } from '../setup';
import { SUBJECT_IDS, type Ways } from './subject-ids';
import { wayOf } from './subjects';
import { underneath } from './ways/support';
import { UNDERHAND } from './ways/underhand';
import {
  STANDPOINTS,
  type Check,
  type CheckCategory,
  type CheckPicture,
  type CheckView,
  type Fault,
  type Spoken,
  type Standpoint
} from './types';

/** How the bow is held while its hand is built; on the string it is seen from close by. */
const BUILDING: Readonly<Record<string, Pick<CheckPicture, 'pose'> & Partial<CheckPicture>>> = {
  upright: { pose: 'bowUpright' },
  'palm-up': { pose: 'bowPalmUp' },
  'on-string': {
    pose: 'middle',
    view: { violin: 'bowHand', viola: 'bowHand', cello: 'bowHandAbove', bass: 'bowHandAbove' }
  },
  carried: { pose: 'bowCarried' }
};

/** What waits by how one begins: the bow until the holds are there, or plucking until the bow is. */
function begun(check: Check, ways: Ways): Check {
  const start = wayOf('start', ways).id;
  const plucks = check.id.startsWith('pluck-');
  if (check.category !== 'bow-use') return check;
  if (start === 'holds-first') return { ...check, after: ['hold', 'bow-hand'] };
  if (start === 'bow-first' && plucks) return { ...check, later: true };
  return check;
}

/** A bow that is held otherwise has its own side, for the faults too. */
const fromOneSide = (faults: readonly Fault[]): readonly Fault[] =>
  faults.map(({ view: _view, pose: _pose, ...fault }) => fault);

/** A bow held from below: seen so in every picture of the bow, and said so where the hand is another. */
function fromBelow(check: Check, family: Family, ways: Ways): Check {
  const bows = check.category === 'bow-hand' || check.category === 'bow-use';
  if (family !== 'bass' || !bows || check.id.startsWith('pluck-')) return check;
  if (wayOf('bass-bow-hold', ways).id !== 'underhand') return check;
  const changes = [...check.picture.changes, { kind: 'bow-underhand' } as const];
  const { without = [], ...said } = UNDERHAND[check.id] ?? {};
  return {
    ...check,
    faults: (check.category === 'bow-hand' ? fromOneSide(check.faults) : check.faults).filter(
      ({ id }) => !without.includes(id)
    ),
    ...said,
    picture: { ...check.picture, changes }
  };
}

/** Whether something is said in the ways that are taught. */
const isSaid = ({ except = {} }: Spoken, ways: Ways): boolean =>
  SUBJECT_IDS.every((subject) => except[subject]?.includes(wayOf(subject, ways).id) !== true);

/** The check with what speaks of other ways left out. */
const spoken = (check: Check, ways: Ways): Check => ({
  ...check,
  faults: check.faults
    .filter((fault) => isSaid(fault, ways))
    .map((fault) => ({ ...fault, causes: fault.causes.filter((cause) => isSaid(cause, ways)) }))
});

/** The check as the teacher's way has it for a family; null where this way does not look at it. */
export function inWay(
  original: Check,
  ways: Ways,
  family: Family,
  support: RestSupport = 'shoulder-rest'
): Check | null {
  const under = isSaid(original, ways) ? underneath(original, family, support) : null;
  if (!under) return null;
  const check = begun(spoken(under, ways), ways);
  const { school } = check;
  if (!school) return fromBelow(check, family, ways);
  const { id, picture } = wayOf(school.subject, ways);
  const own = school.ways[id];
  if (own?.none) return null;
  const building = school.subject === 'bow-building' ? BUILDING[id] : undefined;
  const taught = {
    ...check,
    title: own?.title ?? check.title,
    faults: building?.view ? fromOneSide(check.faults) : check.faults,
    right: own?.right ?? check.right,
    forPlayer: own?.forPlayer ?? check.forPlayer,
    picture: {
      ...check.picture,
      ...building,
      ...(own?.pose ? { pose: own.pose } : {}),
      // As the way itself is drawn, unless the check says otherwise.
      changes: own?.changes ?? (own && picture.changes.length > 0 ? picture.changes : check.picture.changes)
    }
  };
  return fromBelow(taught, family, ways);
}

/** What a picture of a check is made of: right, or with a fault. */
export interface CheckScene {
  readonly pose: string;
  readonly view: ViewName;
  readonly changes: readonly Change[];
  /** What of it is wrong; nothing in the picture of right. */
  readonly marked: readonly Change[];
}

const viewFor = (view: CheckView | undefined, family: Family): ViewName | undefined =>
  typeof view === 'string' ? view : view?.[family];

/** The picture of a check for a family; with a fault where one is given, from where that is seen. */
export function sceneOf({ picture }: Check, family: Family, fault?: Fault): CheckScene {
  const { pose, view, changes } = picture;
  const strays = fault?.changes ?? [];
  return {
    pose: fault?.pose ?? pose,
    view: viewFor(fault?.view, family) ?? viewFor(view, family) ?? 'front',
    changes: [...changes, ...strays],
    marked: strays
  };
}

/** A side from which a check is shown: what right looks like from there, and the faults that show there. */
export interface Side {
  readonly right: CheckScene;
  readonly faults: readonly { readonly fault: Fault; readonly scene: CheckScene }[];
}

/** Scenes of one check with the same key are seen from the same side, in the same pose. */
export const sideKey = ({ pose, view }: CheckScene): string => `${pose} ${view}`;

/** The pictures of a check for a family, each fault beside right from the same side; the check's own side first. */
export function sidesOf(check: Check, family: Family): readonly Side[] {
  const right = sceneOf(check, family);
  const faults = check.faults.map((fault) => ({ fault, scene: sceneOf(check, family, fault) }));
  const sides = new Map([right, ...faults.map(({ scene }) => scene)].map((scene) => [sideKey(scene), scene]));
  return [...sides]
    .map(([key, { pose, view }]) => ({
      right: { ...right, pose, view },
      faults: faults.filter(({ scene }) => sideKey(scene) === key)
    }))
    .filter((side) => side.faults.length > 0 || faults.length === 0);
}

/** The faults of a check in the order in which they are shown. */
export const faultsShown = (check: Check, family: Family): readonly Fault[] =>
  sidesOf(check, family).flatMap(({ faults }) => faults.map(({ fault }) => fault));

const order = (standpoint: Standpoint) => STANDPOINTS.indexOf(standpoint);

/** Checks in the order of a teacher's walk: each standpoint once, in the library's order at each. */
export const walkOf = (checks: readonly Check[]): readonly Check[] =>
  [...checks].sort((a, b) => order(a.standpoint) - order(b.standpoint));

/** Standpoints from which a look comes close, with a side of its own. */
const CLOSE: readonly Standpoint[] = ['left-hand', 'bow-hand', 'instrument'];

/** The view in which the large figure is shown while a check is in hand: the whole hand, not only where it lands. */
export function figureView(check: Check, family: Family): ViewName {
  const { category, standpoint } = check;
  const { view } = sceneOf(check, family);
  const isClose = CLOSE.includes(standpoint) || category === 'ready';
  return isClose && view !== 'prints' ? view : standpointView(family, category, standpoint);
}

/** The view in which the large figure is shown at a standpoint of a category. */
export function standpointView(family: Family, category: CheckCategory, standpoint: Standpoint): ViewName {
  const shoulder = family === 'violin' || family === 'viola';
  const near = category !== 'stance' && category !== 'ready' && shoulder;
  switch (standpoint) {
    case 'front':
      return near ? 'head' : 'front';
    case 'left':
      return near ? 'headLeft' : 'left';
    case 'behind':
      return near ? 'headBehind' : 'behind';
    case 'right':
      return 'right';
    case 'above':
      return 'bodyAbove';
    case 'left-hand':
      return shoulder ? 'leftHand' : 'leftHandSide';
    case 'bow-hand':
      return shoulder ? 'bowHand' : 'bowHandAbove';
    case 'instrument':
      return 'threeQuarterRight';
  }
}
