export { anglesOf, hasMoved, type AngleCourse, type AnglePoint } from './angles';
export { coursesOf, testsOf, weeksOf, type CheckCourse, type TestCourse } from './progress';
export { byCategory, summaryOf, type Summary } from './summary';
