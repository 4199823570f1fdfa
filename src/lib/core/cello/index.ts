export { averageSeatedBody, seatedBody, type SeatedBody } from './seated-body';
export { seatedPosture, startPlacement, type Cello, type Placement, type Posture } from './posture';
export {
  CORNER_RANGE_MM,
  misfit,
  SLIDE_RANGE_MM,
  solvePosture,
  ANGLE_RANGE_DEG,
  PEG_RANGE_MM
} from './solve';
export { heldPlacement } from './held';
export { seatedLimits } from './limits';
