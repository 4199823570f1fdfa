export {
  coursesOf,
  SECURE,
  testsOf,
  weeksOf,
  type CheckCourse,
  type TestCourse,
  type WeekStrength
} from './progress';
export { byCategory, summaryOf, type Summary } from './summary';
