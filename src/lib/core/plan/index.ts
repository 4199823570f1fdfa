export { behindIn, type InCategory } from './behind';
export { mostAskedFor, plannedOn } from './category';
export { byPlayer, dueUntil, type Due, type DueKind } from './due';
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
