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

/** Minutes since midnight of a time, `15:30`. */
const minuteOf = (time: string): number => Number(time.slice(0, 2)) * 60 + Number(time.slice(3));
const timeOf = (minute: number): string =>
  [Math.floor(minute / 60), minute % 60].map((part) => String(part).padStart(2, '0')).join(':');
const DAY_MINUTES = 1440;
const LATEST = 21 * 60;
const HALF_PAST = 30;

/**
 * A time at which nothing comes yet, for one more lesson: after the last one of the list, on its weekday or the next
 * that has room until nine in the evening.
 *
 * @param lessons of the group that comes once more
 * @param taken lessons of everybody, at which the teacher is not free
 * @example
 * freeTime([{ weekday: 1, time: '15:00', minutes: 45 }], []) // Monday at 15:45, for 45 minutes
 */
export function freeTime(lessons: readonly WeeklyLesson[], taken: readonly WeeklyLesson[]): WeeklyLesson {
  const { weekday, time, minutes } = lessons.at(-1) ?? { weekday: 1, time: '14:15', minutes: 45 };
  const all = [...lessons, ...taken];
  // Who comes late already may come so on another day.
  const latest = Math.max(LATEST, minuteOf(time) + minutes);
  for (let day = 0; day < WEEKDAYS.length; day++) {
    const on = WEEKDAYS[(weekday - 1 + day) % WEEKDAYS.length] ?? weekday;
    const busy = all.filter((one) => one.weekday === on);
    // On the same day it comes after the last one, on another as early as that came.
    let from = minuteOf(time) + (day === 0 ? minutes : 0);
    while (from + minutes <= latest) {
      const until = from + minutes;
      const clash = busy.find((one) => minuteOf(one.time) < until && from < minuteOf(one.time) + one.minutes);
      if (!clash) {
        return { weekday: on, time: timeOf(from), minutes };
      }
      from = Math.max(from + 1, minuteOf(clash.time) + clash.minutes);
    }
  }
  // A week without a gap: half an hour after the last, whoever comes then.
  return { weekday, time: timeOf((minuteOf(time) + HALF_PAST) % DAY_MINUTES), minutes };
}

/** A lesson of a day: of which group, and which of the group's own, from 0. */
export interface LessonRow<G> {
  readonly group: G;
  readonly lesson: WeeklyLesson;
  readonly at: number;
}

/** Who comes on a day, by time: one row for each lesson. */
export const lessonsOn = <
  G extends { readonly id: string; readonly name: string; readonly lessons?: readonly WeeklyLesson[] }
>(
  groups: readonly G[],
  day: IsoDay
): readonly LessonRow<G>[] =>
  groups
    .flatMap((group) =>
      (group.lessons ?? []).flatMap((lesson, at) =>
        lesson.weekday === weekdayOf(day) ? [{ group, lesson, at }] : []
      )
    )
    .sort(
      (a, b) =>
        a.lesson.time.localeCompare(b.lesson.time) ||
        a.group.name.localeCompare(b.group.name) ||
        (a.group.id < b.group.id ? -1 : a.group.id > b.group.id ? 1 : a.at - b.at)
    );

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
