export { behindIn, type InCategory } from './behind';
export { mostAskedFor, plannedOn } from './category';
export { byPlayer, DUE_KINDS, dueUntil, type Due, type DueKind } from './due';
export {
  freeTime,
  lessonsOn,
  mondayOf,
  takenUpOn,
  weekdayOf,
  WEEKDAYS,
  weekOf,
  type Weekday,
  type WeeklyLesson
} from './week';
export { byPressing, isNow, nextOf, type Next, type NextKind } from './next';
