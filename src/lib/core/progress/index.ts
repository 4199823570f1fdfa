export {
  coursesOf,
  testsOf,
  weeksOf,
  type CheckCourse,
  type TestCourse,
  type WeekStrength
} from './progress';
