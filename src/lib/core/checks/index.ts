export { CHECKS, checksFor, DRILLS, HANDS_OFF_GOALS_S, HOLD_CHECKS } from './catalogue';
export { focusOf } from './focus';
export {
  CHECK_CATEGORIES,
  RATINGS,
  RESULT_KINDS,
  STANDPOINTS,
  type Cause,
  type Check,
  type CheckCategory,
  type CheckOutcome,
  type CheckPicture,
  type Drill,
  type DrillId,
  type Fault,
  type FaultCause,
  type Rating,
  type ResultKind,
  type SchoolSubject,
  type Standpoint
} from './types';
