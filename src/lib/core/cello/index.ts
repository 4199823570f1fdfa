export { averageSeatedBody, seatedBody, type SeatedBody } from './seated-body';
export {
  seatedPosture,
  START_SEAT_OVER_LEG_MM,
  START_ANGLE_DEG,
  startPlacement,
  type Cello,
  type Place,
  type Placement,
  type Posture
} from './posture';
export {
  CORNER_RANGE_MM,
  misfit,
  SEAT_OVER_LEG_MM,
  SLIDE_RANGE_MM,
  solvePosture,
  ANGLE_RANGE_DEG,
  PEG_RANGE_MM,
  type Locked
} from './solve';
export { seatedLimits, type SeatedLimit } from './limits';
