export { DRILLS, drillNamed, drillsFor } from './drills';
export { focusOf, type Focus, type FocusReason } from './focus';
export { identityOf, seenIn, SHARED_FAULTS } from './identities';
export { lessonPlan, readyList } from './lesson';
export { isAboutHurt } from './listed';
export { REST_DAYS, standingOf, standingsOf } from './seen';
export { SECURE, strengthOf, type SeenResult } from './strength';
export { checksFor } from './library';
export { faultsShown, figureView, inWay, sceneOf, sideKey, sidesOf, walkOf, type CheckScene } from './shown';
export { SUBJECT_IDS, type SubjectId, type Ways } from './subject-ids';
export { CHOSEN_SUBJECTS, subjectOf, subjectsFor, wayOf, type Subject, type Way } from './subjects';
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
  type KeptCause,
  type Goal,
  type Rating,
  type ResultKind,
  type SettingStep,
  type Standpoint
} from './types';
