export { LOOK_PICTURES, type LookPicture } from './pictures';
export { advise, neighbour, type Advice, type AdviceReason, type TriedOn } from './advice';
export { followTrial, type TrialState } from './follow-trial';
export { looksFor, TRIAL_LOOKS } from './looks';
export {
  STOP,
  type SpeaksFor,
  type TrialAnswer,
  type TrialChoice,
  type TrialLook,
  type TrialVerdict
} from './types';
