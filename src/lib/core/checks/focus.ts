import { daysBetween, type IsoDay } from '../time';
import { openChecks } from './gates';
import { seenOf, type CheckStanding, type Stand } from './seen';
import { MOSTLY, SECURE, type SeenResult } from './strength';
import { categoryOf, themeOf, THEMES, type LastAbout, type LessonsSoFar, type Theme } from './themes';
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
const pressing = (hurting: readonly Stand[], lastLesson: IsoDay | null): readonly Check[] =>
  hurting
    .filter(({ standing }) => !stepsBack(standing, lastLesson))
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
  /** Open checks of what the lesson is about. */
  readonly own: readonly Stand[];
  readonly open: readonly Stand[];
  readonly lastLesson: IsoDay | null;
}

/** Compares checks of a theme as they are taken: what can hurt first, then the weakest, what is stuck last. */
const asTaken = (lastLesson: IsoDay | null) => {
  const rank = (one: Stand): number =>
    stepsBack(one.standing, lastLesson) ? 1 : -(one.standing.hurts ? 2 : 0) - needOf(one);
  // Of as weak ones the one that was not seen for longest.
  return (a: Stand, b: Stand): number => rank(a) - rank(b) || byLastDay(a, b);
};

/** The checks of what a lesson is about, in the order in which they are taken. */
export const ordered = ({ own, lastLesson }: Ground): readonly Check[] =>
  own.toSorted(asTaken(lastLesson)).map(({ check }) => check);

/** Works out what a lesson is about, and what comes in it first. */
export function groundOf(question: FocusQuestion): Ground {
  const { checks, results, thisLesson = [], today, pain = false } = question;
  const all = thisLesson.length > 0 ? [...results, ...thisLesson] : results;
  // Today is this lesson, whatever was seen in it already.
  const { stands, lessons, ...seen } = seenOf({ checks, results: all, today });
  const resting = seen.resting.flatMap(({ check, standing: { restsUntil } }) =>
    restsUntil === null ? [] : { checkId: check.id, until: restsUntil }
  );
  const lastLesson = lessons.lastDay;
  const none = { category: null, check: null, stays: 0, resting } as const;
  const empty = { stands, pressing: [], own: [], open: [], lastLesson };
  if (pain) return { ...empty, focus: { ...none, reason: { kind: 'pain' } } };

  const openNow = openChecks(stands);
  const open = themesOpen(openNow, lessons);
  const held = heldTheme(stands, lessons);
  const asked = open.find(({ theme }) => categoryOf(theme) === question.category);
  const others = open.filter(({ theme }) => theme !== lessons.last);
  const chosen =
    (question.category === 'ready' ? undefined : asked) ??
    open.find(({ theme }) => theme === held) ??
    // Plucking begins in the first lessons.
    others.find(({ theme, last }) => theme === 'plucking' && !last && lessons.count > 0) ??
    mostOf(
      others.filter(({ waits }) => waits >= MOST_LESSONS_WAITING),
      ({ waits }) => waits
    ) ??
    mostOf(others, asksFor(openNow, today)) ??
    open[0];
  const hurting = pressing(seen.hurting, lastLesson);
  if (!chosen) return { ...empty, focus: { ...none, reason: { kind: 'back' } } };
  const { theme, at, waits } = chosen;
  const own = openNow.filter(({ listed }) => listed.theme === at);
  const compare = asTaken(lastLesson);
  let first: Stand | undefined;
  for (const one of own) if (!first || compare(one, first) < 0) first = one;
  const stays = theme === lessons.last ? lessons.held : 0;
  // What the lesson is about is begun with its own; what hurts elsewhere is worked on in the next.
  const hurtingHere = hurting.find((one) => themeOf(one) === theme) ?? (stays > 0 ? hurting[0] : undefined);
  const focus: Focus = {
    category: categoryOf(theme),
    check: hurtingHere ?? first?.check ?? null,
    reason: hurtingHere
      ? { kind: 'hurts' }
      : stays > 0 && theme === held
        ? { kind: 'stays', lessons: stays }
        : reasonFor(own, waits),
    stays,
    resting
  };
  return { focus, stands, pressing: hurting, own, open: openNow, lastLesson };
}

/** The one with the most of something, the first of several. */
function mostOf<T>(some: readonly T[], amount: (one: T) => number): T | undefined {
  let best: { readonly one: T; readonly most: number } | undefined;
  for (const one of some) {
    const most = amount(one);
    if (!best || most > best.most) best = { one, most };
  }
  return best?.one;
}

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

/** A theme with something open, its place, and the last lesson about it. */
interface OpenTheme {
  readonly theme: Theme;
  readonly at: number;
  readonly last: LastAbout | null;
  /** For how many lessons it has waited. */
  readonly waits: number;
}

function themesOpen(open: readonly Stand[], lessons: LessonsSoFar): readonly OpenTheme[] {
  const isOpen = THEMES.map(() => false);
  for (const { listed } of open) if (listed.theme >= 0) isOpen[listed.theme] = true;
  return THEMES.flatMap((theme, at) => {
    if (!isOpen[at]) return [];
    const last = lessons.about(at);
    return { theme, at, last, waits: lessons.count - 1 - (last?.lesson ?? -1) };
  });
}

/** How much a theme asks for: by what is still to do in it, how much builds on it, and how long ago it was. */
function asksFor(open: readonly Stand[], today: IsoDay): (one: OpenTheme) => number {
  const [needs, counts] = [THEMES.map(() => 0), THEMES.map(() => 0)];
  for (const stand of open) {
    const { theme } = stand.listed;
    if (theme < 0) continue;
    needs[theme] = (needs[theme] ?? 0) + needOf(stand);
    counts[theme] = (counts[theme] ?? 0) + 1;
  }
  return ({ theme, at, last }) => {
    const days = last ? Math.max(0, daysBetween(last.day, today)) : TERM_DAYS;
    const need = (needs[at] ?? 0) / (counts[at] ?? 1);
    return need * CARRIES[theme] * (1 + WAITING_COUNTS * Math.min(1, days / TERM_DAYS));
  };
}

/** The theme that is stayed with; null where it is time for another. */
function heldTheme(stands: readonly Stand[], { last, held }: LessonsSoFar): Theme | null {
  // How many of its checks are mostly there, less those that are not.
  let there = 0;
  if (last && held >= LEAST_LESSONS_HELD) {
    const its = THEMES.indexOf(last);
    for (const { check, listed, standing } of stands)
      if (listed.theme === its && !check.later) there += standing.strength >= MOSTLY ? 1 : -1;
  }
  return held >= MOST_LESSONS_HELD || there > 0 ? null : last;
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
