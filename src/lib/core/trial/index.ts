export { LOOK_PICTURES } from './pictures';
export { advise, type Advice, type TriedOn } from './advice';
export { answered, concernsOf, followTrial, type TrialState } from './follow-trial';
export { looksFor, TRIAL_LOOKS } from './looks';
export {
  STOP,
  type Concern,
  type TrialAnswer,
  type TrialChoice,
  type TrialLook,
  type TrialVerdict
} from './types';
