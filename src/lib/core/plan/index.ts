export { BEHIND_BY, behindIn, type InCategory } from './behind';
export { mostAskedFor, plannedOn, type PlannedWeek } from './category';
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
