export type { Readings } from '../body';
export { HAND_OF_ARM, PALM_LANDING, solveArm } from './arm';
export { chancesOfSizes } from './chances';
export {
  EVIDENCE_WEIGHTS,
  type Evidence,
  type EvidenceKind,
  type EvidenceWeight,
  type Side
} from './evidence';
export { CLOSED_FRAME, frameFit } from './frame';
export { consideredInstruments, fittingSize, judgeSizes, NOMINAL_SD_MM } from './judge';
export { isTooLarge } from './too-large';
export { outgrownAtMm } from './outgrown-at';
export type { BodyPart, Candidate, Proposal, Reason, Verdict, Warning } from './proposal';
export { answerOf, chosenOf, proposeSize, type SizeAnswer } from './propose';
export {
  DEFAULT_LANDING_SCHOOL,
  LANDING_LIMITS,
  LANDING_SCHOOLS,
  landingLimit,
  ruleWith,
  OWN_LIMIT_RANGE,
  type LandingRule
} from './schools';
export type { SizingQuestion, TestKind } from './yardstick';
