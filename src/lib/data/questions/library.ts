import { checksFor, inWay, type Check, type Ways } from '$lib/core/checks';
import { CHANGE_NAMES, VIEW_NAMES, type ChangeName, type ViewName } from '$lib/core/figure/names';
import type { Family } from '$lib/core/instruments';
import { SUPPORT_OF, supportOf, type RestSupport, type ScrollSchool } from '$lib/core/setup';
import { newestFirst } from './case';
import type { Group, OwnCheckRecord, Settings, Setup } from '../store/records';
import { scrollSchoolOf } from './settings';

const changeNamed = (name: string): ChangeName | undefined => CHANGE_NAMES.find((one) => one === name);

/** A teacher's own check as the library's are. A picture that is not known any more is shown from the front. */
export function ownCheck(record: OwnCheckRecord): Check {
  const view: ViewName = VIEW_NAMES.find((one) => one === record.view) ?? 'front';
  return {
    id: record.id,
    families: record.families,
    category: record.category,
    standpoint: record.standpoint,
    title: record.title,
    right: record.right,
    forPlayer: record.forPlayer,
    faults: record.faults.map(({ id, text, remedy, changes }) => ({
      id,
      text,
      changes: changes.flatMap(({ kind, amount }) => {
        const name = changeNamed(kind);
        return name ? [{ kind: name, ...(amount === undefined ? {} : { amount }) }] : [];
      }),
      causes: [{ cause: 'habit', remedy }]
    })),
    result: 'rating',
    picture: { pose: record.pose, view, changes: [], spot: record.spot },
    drill: null,
    own: true
  };
}

/** What is taught: the ways of the subjects, and what is under a violin or viola. */
export interface Taught {
  readonly ways: Ways;
  readonly support: RestSupport;
}

/** How the body stands to the music follows from where the scroll points. */
const FACING: Readonly<Record<ScrollSchool, string>> = {
  'left-45': 'square',
  'left-30': 'square',
  'in-line': 'left-side'
};

/**
 * What holds for a player: the group's own ways before the teacher's; under the back is what the newest kept set-up
 * has, or what this teacher usually takes.
 */
export function taughtTo(
  settings: Settings,
  group: Pick<Group, 'ways'> | null | undefined,
  setups: readonly Setup[] = []
): Taught {
  const kept = newestFirst(setups).find(({ kind }) => kind === 'rest');
  return {
    ways: {
      ...settings.ways,
      ...group?.ways,
      facing: FACING[kept?.kind === 'rest' ? kept.choices.scroll : scrollSchoolOf(settings)]
    },
    support: kept?.kind === 'rest' ? supportOf(kept) : SUPPORT_OF[settings.restSchool]
  };
}

/** Checks in the teacher's words and order; those of no place in it come where the library has them. */
export function asTaught(checks: readonly Check[], settings: Settings): readonly Check[] {
  const { checkWords = {}, checkOrder = [] } = settings;
  const place = new Map(checkOrder.map((id, i) => [id, i]));
  const worded = checks.map((check) => {
    const { title, right, forPlayer } = checkWords[check.id] ?? {};
    return {
      ...check,
      title: title ?? check.title,
      right: right ?? check.right,
      forPlayer: forPlayer ?? check.forPlayer
    };
  });
  if (place.size === 0) return worded;
  // Only those that were moved change places among each other, within their category.
  const moved = worded
    .filter(({ id }) => place.has(id))
    .sort((a, b) => (place.get(a.id) ?? 0) - (place.get(b.id) ?? 0));
  const taken = new Map<string, number>();
  return worded.map((check) => {
    if (!place.has(check.id)) return check;
    const number = taken.get(check.category) ?? 0;
    taken.set(check.category, number + 1);
    return moved.filter(({ category }) => category === check.category)[number] ?? check;
  });
}

/** The library of a family as this teacher has it, for a group: with own checks, without hidden ones, in the group's ways. */
export async function libraryFor(
  family: Family,
  settings: Settings,
  own: readonly OwnCheckRecord[],
  { ways, support }: Taught
): Promise<readonly Check[]> {
  const hidden = new Set(settings.hiddenChecks ?? []);
  const checks = [
    ...(await checksFor(family)),
    ...own.filter(({ families }) => families.includes(family)).map(ownCheck)
  ].filter(({ id }) => !hidden.has(id));
  return asTaught(
    checks.flatMap((check) => inWay(check, ways, family, support) ?? []),
    settings
  );
}
