export { anglesOf, hasMoved, type AngleCourse } from './angles';
export { coursesOf, testsOf, weeksOf, type CheckCourse, type TestCourse } from './progress';
export { byCategory, summaryOf, type Summary } from './summary';
