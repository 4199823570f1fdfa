export type { Readings } from '../body';
export { solveArm, type Arm } from './arm';
export { chancesOfSizes } from './chances';
export {
  EVIDENCE_WEIGHTS,
  LEAST_BOW_SHARE,
  type Evidence,
  type EvidenceKind,
  type EvidenceWeight,
  type Side
} from './evidence';
export {
  BASS_FIRST_POSITION,
  CLOSED_FRAME,
  EXTENDED_FRAME,
  FRAME_ALLOWANCE,
  frameFit,
  type FrameFit
} from './frame';
export {
  consideredInstruments,
  fittingSize,
  judgeSizes,
  NOMINAL_SD_MM,
  type Judged,
  type Judgement
} from './judge';
export { outgrownAtMm } from './outgrown-at';
export type { BodyPart, Candidate, Proposal, Reason, Verdict, Warning } from './proposal';
export { answerOf, chosenOf, proposeSize, SURE_FROM, type SizeAnswer } from './propose';
export {
  DEFAULT_LANDING_SCHOOL,
  LANDING_LIMITS,
  LANDING_SCHOOLS,
  landingLimit,
  ruleWith,
  OWN_LIMIT_RANGE,
  type LandingRule,
  type LandingSchool
} from './schools';
export type { Arithmetic, SizeTest, SizingQuestion, TestKind } from './yardstick';
