import { daysBetween, daysLater, type IsoDay } from '../time';

/** Monday is 1, Sunday 7. */
export type Weekday = 1 | 2 | 3 | 4 | 5 | 6 | 7;
export const WEEKDAYS: readonly Weekday[] = [1, 2, 3, 4, 5, 6, 7];

/** A Monday, from which weekdays are counted. */
const A_MONDAY = '2024-01-01';

/**
 * The weekday of a day.
 *
 * @example
 * weekdayOf('2026-11-26') // 4, a Thursday
 */
export const weekdayOf = (day: IsoDay): Weekday => WEEKDAYS[((daysBetween(A_MONDAY, day) % 7) + 7) % 7] ?? 1;

/** The Monday of a day's week. */
export const mondayOf = (day: IsoDay): IsoDay => daysLater(day, 1 - weekdayOf(day));

/** The seven days of a day's week. */
export const weekOf = (day: IsoDay): readonly IsoDay[] =>
  WEEKDAYS.map((weekday) => daysLater(mondayOf(day), weekday - 1));

/** A lesson that comes every week. */
export interface WeeklyLesson {
  readonly weekday: Weekday;
  /** Local time, `15:30`. */
  readonly time: string;
  readonly minutes: number;
}

/** Who comes on a day, by time: one row for each lesson. */
export const lessonsOn = <G extends { readonly name: string; readonly lessons?: readonly WeeklyLesson[] }>(
  groups: readonly G[],
  day: IsoDay
): readonly { readonly group: G; readonly lesson: WeeklyLesson }[] =>
  groups
    .flatMap((group) =>
      (group.lessons ?? [])
        .filter(({ weekday }) => weekday === weekdayOf(day))
        .map((lesson) => ({ group, lesson }))
    )
    .sort((a, b) => a.lesson.time.localeCompare(b.lesson.time) || (a.group.name < b.group.name ? -1 : 1));

/**
 * The day on which something due is taken up: at the next lesson of the player's group, and on its own day where no
 * lesson comes. What is overdue counts from today.
 *
 * @example
 * takenUpOn('2026-11-17', [{ weekday: 4, time: '15:30', minutes: 60 }], '2026-11-24') // '2026-11-26'
 */
export function takenUpOn(due: IsoDay, lessons: readonly WeeklyLesson[], today: IsoDay): IsoDay {
  const from = due < today ? today : due;
  const next = WEEKDAYS.map((_, days) => daysLater(from, days)).find((day) =>
    lessons.some(({ weekday }) => weekday === weekdayOf(day))
  );
  return next ?? from;
}
