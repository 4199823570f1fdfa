import { daysBetween, type IsoDay } from '../time';
import { openChecks } from './gates';
import { seenOf, type CheckStanding, type Stand } from './seen';
import { MOSTLY, SECURE, type SeenResult } from './strength';
import { categoryOf, themeOf, THEMES, type Theme, type ThemeOfLesson } from './themes';
import type { Check, CheckCategory } from './types';

/** Why a category and a check are proposed. */
export type FocusReason =
  /** Pain comes before everything: nothing is worked on until its note is closed. */
  | { readonly kind: 'pain' }
  /** It can hurt where it goes on, and was seen amiss. */
  | { readonly kind: 'hurts' }
  /** It is stayed with, for so many lessons so far. */
  | { readonly kind: 'stays'; readonly lessons: number }
  /** It waited for so many lessons. */
  | { readonly kind: 'waited'; readonly lessons: number }
  | { readonly kind: 'new' }
  /** Weakest of those on which the others build; looked at last on a day. */
  | { readonly kind: 'weakest'; readonly lastDay: IsoDay }
  /** All that was looked at is secure; this one comes back. */
  | { readonly kind: 'back' };

export interface Focus {
  /** What the lesson is about; it is stayed with for some lessons. */
  readonly category: CheckCategory | null;
  /** The one check to work on, of that category or what can hurt elsewhere; null where pain stops all or all rests. */
  readonly check: Check | null;
  readonly reason: FocusReason;
  /** For how many lessons the category was worked on before this one, without a break. */
  readonly stays: number;
  readonly resting: readonly { readonly checkId: string; readonly until: IsoDay }[];
}

export interface FocusQuestion {
  readonly checks: readonly Check[];
  /** What was seen in earlier lessons, in any order. */
  readonly results: readonly SeenResult[];
  /** What was seen in this lesson so far: it moves what is worked on, and leaves the category. */
  readonly thisLesson?: readonly SeenResult[];
  readonly today: IsoDay;
  /** Pain was noted and is not closed. */
  readonly pain?: boolean;
  /** A category of the teacher's choice. */
  readonly category?: CheckCategory | null;
  /** It was planned for a group: then what can hurt this player comes before it all the same. */
  readonly planned?: boolean;
  /** Checks for which a remedy or practice was begun: they are looked at again. */
  readonly worked?: readonly string[];
}

/**
 * How much is still to do at a strength.
 *
 * Source: our own weights for the teachers' rule, the weakest first; not seen lies between "not yet" and "with help".
 */
const NEED = [0.8, 1, 0.75, 0.35, 0.08] as const;
/** How much builds on a theme: what comes first carries the rest. */
const CARRIES: Readonly<Record<Theme, number>> = {
  stance: 1.25,
  plucking: 1.22,
  hold: 1.2,
  'left-hand': 1.1,
  'bow-hand': 1.05,
  'bow-use': 1
};
/** A term in days: by then waiting counts for as much as it ever does. */
const TERM_DAYS = 84;
const WAITING_COUNTS = 0.5;
/** So many lessons a category is stayed with at most, and so many it may wait: about a term. */
const MOST_LESSONS_HELD = 4;
const LEAST_LESSONS_HELD = 2;
const MOST_LESSONS_WAITING = 12;

const needOf = ({ standing: { strength } }: Stand): number => NEED[strength] ?? 0;

/** Puts what was not seen for longest first. */
const byLastDay = ({ standing: a }: Stand, { standing: b }: Stand): number => {
  const [one, other] = [a.lastDay ?? '', b.lastDay ?? ''];
  return one < other ? -1 : one > other ? 1 : 0;
};

/** What can hurt and was seen amiss, longest ago first; what is stuck steps back for one lesson. */
const pressing = (stands: readonly Stand[], lastLesson: IsoDay | null): readonly Check[] =>
  stands
    .filter(({ standing }) => standing.hurts && !stepsBack(standing, lastLesson))
    .sort(byLastDay)
    .map(({ check }) => check);

/** What came no further in three looks, the last of them in the last lesson, is left alone for one lesson. */
const stepsBack = ({ stuck, lastDay }: CheckStanding, lastLesson: IsoDay | null): boolean =>
  stuck && lastDay === lastLesson;

/** Everything that a lesson's plan rests on. */
interface Ground {
  readonly focus: Focus;
  readonly stands: readonly Stand[];
  /** What can hurt and comes first, whatever the lesson is about. */
  readonly pressing: readonly Check[];
  /** Open checks of what the lesson is about, in the order in which they are taken. */
  readonly inOrder: readonly Check[];
  readonly open: readonly Stand[];
  readonly lastLesson: IsoDay | null;
}

/** The checks of a theme as they are taken: what can hurt first, then the weakest, what is stuck last. */
function ordered(own: readonly Stand[], lastLesson: IsoDay | null): readonly Check[] {
  const rank = (one: Stand): number =>
    stepsBack(one.standing, lastLesson) ? 1 : -(one.standing.hurts ? 2 : 0) - needOf(one);
  // Of as weak ones the one that was not seen for longest.
  return own.toSorted((a, b) => rank(a) - rank(b) || byLastDay(a, b)).map(({ check }) => check);
}

/** Works out what a lesson is about, and what comes in it first. */
export function groundOf(question: FocusQuestion): Ground {
  const { checks, results, thisLesson = [], today, pain = false } = question;
  const all = thisLesson.length > 0 ? [...results, ...thisLesson] : results;
  // Today is this lesson, whatever was seen in it already.
  const { stands, lessons } = seenOf({ checks, results: all, today });
  const resting: { checkId: string; until: IsoDay }[] = [];
  for (const { check, standing } of stands)
    if (standing.restsUntil) resting.push({ checkId: check.id, until: standing.restsUntil });
  const lastLesson = lessons.at(-1)?.day ?? null;
  const none = { category: null, check: null, stays: 0, resting } as const;
  const empty = { stands, pressing: [], inOrder: [], open: [], lastLesson };
  if (pain) return { ...empty, focus: { ...none, reason: { kind: 'pain' } } };

  const openNow = openChecks(stands);
  const open = themesOpen(openNow, lessons, today);
  const held = heldTheme(stands, lessons);
  const asked = open.find(({ theme }) => categoryOf(theme) === question.category);
  const others = open.filter(({ theme }) => theme !== lessons.at(-1)?.theme);
  const chosen =
    (question.category === 'ready' ? undefined : asked) ??
    open.find(({ theme }) => theme === held.theme) ??
    // Plucking begins in the first lessons.
    others.find(({ theme, begun }) => theme === 'plucking' && !begun && lessons.length > 0) ??
    longestOf(others.filter(({ waits }) => waits >= MOST_LESSONS_WAITING)) ??
    others.reduce<(typeof open)[number] | undefined>(
      (best, one) => (best && best.score >= one.score ? best : one),
      undefined
    ) ??
    open[0];
  const hurting = pressing(stands, lastLesson);
  if (!chosen) return { ...empty, focus: { ...none, reason: { kind: 'back' } } };
  const { theme, own, waits } = chosen;
  const inOrder = ordered(own, lastLesson);
  const stays = theme === lessons.at(-1)?.theme ? held.lessons : 0;
  // What the lesson is about is begun with its own; what hurts elsewhere is worked on in the next.
  const hurtingHere = hurting.find((one) => themeOf(one) === theme) ?? (stays > 0 ? hurting[0] : undefined);
  const focus: Focus = {
    category: categoryOf(theme),
    check: hurtingHere ?? inOrder[0] ?? null,
    reason: hurtingHere
      ? { kind: 'hurts' }
      : stays > 0 && theme === held.theme
        ? { kind: 'stays', lessons: stays }
        : reasonFor(own, waits),
    stays,
    resting
  };
  return { focus, stands, pressing: hurting, inOrder, open: openNow, lastLesson };
}

const longestOf = <T extends { readonly waits: number }>(some: readonly T[]): T | undefined =>
  some.reduce<T | undefined>(
    (longest, one) => (longest && longest.waits >= one.waits ? longest : one),
    undefined
  );

function reasonFor(own: readonly Stand[], waits: number): FocusReason {
  const lastDay = lastOf(own);
  if (lastDay === null) return { kind: 'new' };
  if (waits >= MOST_LESSONS_WAITING) return { kind: 'waited', lessons: waits };
  return own.every(({ standing }) => standing.strength === SECURE)
    ? { kind: 'back' }
    : { kind: 'weakest', lastDay };
}

const lastOf = (own: readonly Stand[]): IsoDay | null =>
  own.reduce<IsoDay | null>(
    (last, { standing: { lastDay } }) =>
      lastDay !== null && (last === null || lastDay > last) ? lastDay : last,
    null
  );

/** The themes with something open, with how much each asks for. */
function themesOpen(open: readonly Stand[], lessons: readonly ThemeOfLesson[], today: IsoDay) {
  const byTheme = THEMES.map((): Stand[] => []);
  for (const stand of open) byTheme[stand.listed.theme]?.push(stand);
  return THEMES.map((theme, at) => {
    const own = byTheme[at] ?? [];
    const need = own.reduce((sum, one) => sum + needOf(one), 0) / (own.length || 1);
    const since = lessons.findLastIndex((lesson) => lesson.theme === theme);
    const lastDay = lessons[since]?.day;
    const days = lastDay === undefined ? TERM_DAYS : Math.max(0, daysBetween(lastDay, today));
    const score = need * CARRIES[theme] * (1 + WAITING_COUNTS * Math.min(1, days / TERM_DAYS));
    return { theme, own, score, begun: since >= 0, waits: lessons.length - 1 - since };
  }).filter(({ own }) => own.length > 0);
}

/** The theme that is stayed with, and for how many lessons the last one was: null where it is time for another. */
function heldTheme(
  stands: readonly Stand[],
  lessons: readonly ThemeOfLesson[]
): { readonly theme: Theme | null; readonly lessons: number } {
  const theme = lessons.at(-1)?.theme ?? null;
  const end = lessons.findLastIndex((lesson) => lesson.theme !== theme);
  const held = lessons.length - 1 - end;
  // How many of its checks are mostly there, less those that are not.
  let there = 0;
  if (theme && held >= LEAST_LESSONS_HELD) {
    const its = THEMES.indexOf(theme);
    for (const { check, listed, standing } of stands)
      if (listed.theme === its && !check.later) there += standing.strength >= MOSTLY ? 1 : -1;
  }
  const done = held >= MOST_LESSONS_HELD || there > 0;
  return { theme: done ? null : theme, lessons: held };
}

/**
 * What to work on: a category that is stayed with until most of it is mostly there or for four lessons, then the one
 * that asks for most, by what is still to do, how much builds on it, and, a little, how long ago it was looked at; none
 * waits more than about a term. In it what can hurt comes first, then the weakest. What can hurt and was seen amiss
 * anywhere comes before both. Pain comes first of all.
 *
 * Source: one category at a time, from the body outward; what is secure rests for six weeks and comes back once.
 */
export const focusOf = (question: FocusQuestion): Focus => groundOf(question).focus;
