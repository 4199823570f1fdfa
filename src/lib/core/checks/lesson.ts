import { groundOf, ordered, type Focus, type FocusQuestion } from './focus';
import { openChecks } from './gates';
import { walkOf } from './shown';
import { byId, seenOf, type CheckStanding, type Stand } from './seen';
import { MOSTLY } from './strength';
import type { Check, CheckCategory } from './types';

/** Looks at most in one lesson, so that it stays a minute. */
const LOOKS_IN_A_LESSON = 6;
/** So many of them at most are at what can hurt outside of what the lesson is about. */
const HURTING_LOOKS = 4;
/** So many at what a remedy or practice was begun for. */
const AGAIN_LOOKS = 2;

/** What one lesson looks at. */
export interface LessonPlan {
  readonly focus: Focus;
  /** In the order of the walk. */
  readonly looks: readonly Check[];
  readonly standings: ReadonlyMap<string, CheckStanding>;
}

/** A check of another category, each in its turn: what can hurt and was never looked at first, then the longest ago. */
function lookAround(
  open: readonly Stand[],
  taken: ReadonlySet<string>,
  category: CheckCategory
): Stand | undefined {
  const rank = ({ listed, standing: { lastDay } }: Stand): string =>
    lastDay ?? (listed.isAboutHurt ? '0' : '1');
  return open
    .filter(({ check }) => check.category !== category && check.category !== 'ready' && !taken.has(check.id))
    .reduce<Stand | undefined>((best, one) => (best && rank(best) <= rank(one) ? best : one), undefined);
}

/**
 * The looks of a lesson: what can hurt and was seen amiss, then an own check of the teacher's that nobody has looked
 * at here yet, what the lesson is about, and one look around. Of a category that the teacher chose for this player,
 * its own alone.
 */
export function lessonPlan(question: FocusQuestion): LessonPlan {
  const { category: asked = null, planned = false, worked = [] } = question;
  const ground = groundOf(question);
  const { focus, stands, pressing, open: openStands } = ground;
  const inOrder = ordered(ground);
  const standings = byId(stands);
  const open = openStands.map(({ check }) => check);
  if (focus.category === null) return { focus, looks: [], standings };
  if (asked !== null && !planned) {
    const own = asked === focus.category ? inOrder : open.filter(({ category }) => category === asked);
    const again = own.filter(({ id }) => worked.includes(id));
    const looks = [...again, ...own.filter((check) => !again.includes(check))];
    return { focus, looks: walkOf(looks.slice(0, LOOKS_IN_A_LESSON)), standings };
  }
  const first = [...pressing]
    .sort((a, b) => Number(b === focus.check) - Number(a === focus.check))
    .slice(0, HURTING_LOOKS);
  const again = open
    .filter((check) => worked.includes(check.id) && !first.includes(check))
    .slice(0, AGAIN_LOOKS);
  const untried = open.find(
    (check) => check.own && !standings.get(check.id)?.lastDay && ![...first, ...again].includes(check)
  );
  if (untried) again.push(untried);
  const taken = new Set([...first, ...again, ...inOrder].map(({ id }) => id));
  const around = lookAround(openStands, taken, focus.category);
  const neverSeen = around !== undefined && around.listed.isAboutHurt && !around.standing.lastDay;
  const goesAround =
    around !== undefined && first.length + again.length <= HURTING_LOOKS - (neverSeen ? 1 : 2);
  const own = inOrder.filter((check) => !first.includes(check) && !again.includes(check));
  const rest = LOOKS_IN_A_LESSON - first.length - again.length - (goesAround ? 1 : 0);
  const looks = [...first, ...again, ...own.slice(0, rest), ...(goesAround ? [around.check] : [])];
  return { focus, looks: walkOf(looks), standings };
}

/** What is got ready at the start of a lesson: what was amiss last time first, then what was looked at longest ago. */
export function readyList({
  checks,
  results,
  today
}: FocusQuestion): readonly (Check & { readonly amiss: boolean })[] {
  const isAmiss = ({ standing: { strength } }: Stand): boolean => strength > 0 && strength < MOSTLY;
  const rank = (one: Stand): string => (isAmiss(one) ? '' : (one.standing.lastDay ?? '0'));
  return openChecks(seenOf({ checks, results, today }).stands)
    .filter(({ check }) => check.category === 'ready')
    .toSorted((a, b) => (rank(a) < rank(b) ? -1 : 1))
    .map((one) => ({ ...one.check, amiss: isAmiss(one) }));
}
