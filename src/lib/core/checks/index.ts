export { DRILL_IDS, DRILLS, drillNamed, drillsFor, type Drill, type DrillId } from './drills';
export {
  focusOf,
  MOST_LESSONS_WAITING,
  openChecks,
  REST_DAYS,
  SECURE_APART_DAYS,
  standingOf,
  standingsOf,
  strengthOf,
  type CheckStanding,
  type Focus,
  type FocusQuestion,
  type FocusReason,
  type SeenResult
} from './focus';
export { checksFor } from './library';
export {
  faultsShown,
  inWay,
  lessonLooks,
  LOOKS_IN_A_LESSON,
  sceneOf,
  sidesOf,
  standpointView,
  walkOf,
  type CheckScene,
  type Side
} from './shown';
export { SUBJECT_IDS, type SubjectId, type Ways } from './subject-ids';
export { subjectOf, subjectsFor, wayOf, type Subject, type Way } from './subjects';
export {
  CHECK_CATEGORIES,
  FAULT_CAUSES,
  RATINGS,
  RESULT_KINDS,
  STANDPOINTS,
  type Cause,
  type Check,
  type CheckCategory,
  type CheckOutcome,
  type CheckPicture,
  type Fault,
  type FaultCause,
  type Goal,
  type Rating,
  type ResultKind,
  type SettingStep,
  type Standpoint
} from './types';
