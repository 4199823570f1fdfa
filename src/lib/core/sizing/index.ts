export { solveArm, type Arm, type Readings } from './arm';
export { chancesOfSizes } from './chances';
export { CLOSED_FRAME, FRAME_ALLOWANCE, frameFit, type FrameFit } from './frame';
export type { Candidate, Proposal, Reason, Verdict, Warning } from './proposal';
export { NOMINAL_SD_MM, proposeSize, SURE_FROM, type SizingQuestion } from './propose';
export {
  DEFAULT_LANDING_SCHOOL,
  LANDING_LIMITS,
  LANDING_SCHOOLS,
  landingLimit,
  OWN_LIMIT_RANGE,
  type LandingRule,
  type LandingSchool
} from './schools';
