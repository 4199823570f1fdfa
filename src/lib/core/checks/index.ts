export { DRILLS, drillNamed, drillsFor } from './drills';
export {
  focusOf,
  MOST_LESSONS_WAITING,
  openChecks,
  REST_DAYS,
  standingOf,
  standingsOf,
  strengthOf,
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
  type CheckScene
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
  type Fault,
  type FaultCause,
  type Goal,
  type Rating,
  type ResultKind,
  type SettingStep,
  type Standpoint
} from './types';
