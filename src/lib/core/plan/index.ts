export { BEHIND_BY, behindIn, type InCategory } from './behind';
export { byPlayer, DUE_KINDS, dueUntil, type Due, type DueKind } from './due';
export { lessonsOn, mondayOf, weekdayOf, WEEKDAYS, weekOf, type Weekday, type WeeklyLesson } from './week';
