export { CHECKS, checksFor, DRILLS, HANDS_OFF_GOALS_S, HOLD_CHECKS } from './catalogue';
export { focusOf, type CheckOutcome } from './focus';
export {
  CHECK_CATEGORIES,
  RATINGS,
  type Check,
  type CheckCategory,
  type Drill,
  type DrillId,
  type Fault,
  type FaultCause,
  type Rating,
  type Remedy,
  type ViewedFrom
} from './types';
