export {
  CHIN_REST_MOUNTS,
  DEFAULT_REST_SCHOOL,
  DEFAULT_SCROLL_SCHOOL,
  LIFT_MAX_MM,
  REST_SCHOOLS,
  SCROLL_DEG,
  SCROLL_SCHOOLS,
  SHOULDER_SLOPES,
  SLOPE_DEG,
  TILT_DEG,
  TILT_RANGE_DEG,
  TILT_SCHOOLS,
  type ChinRestMount,
  type RestSchool,
  SUPPORT_OF,
  type RestSupport,
  type ScrollSchool,
  type ShoulderSlope,
  type TiltSchool
} from './rest-schools';
export {
  highEndOf,
  restStack,
  type HighEnd,
  type RestQuestion,
  type RestStack,
  type RestWarning
} from './rest-stack';
export { chinRestClass, type ChinRestClass } from './chin-rest-class';
export {
  NO_REST_ADJUSTMENTS,
  adjustmentsFrom,
  copiedFrom,
  noAdjustments,
  OWN_ORIGINS,
  SETTING_ORIGINS,
  settle,
  settleSeated,
  settleStanding,
  type Adjustments,
  type AdjustmentsOf,
  type Arrangement,
  type ArrangementOf,
  type OwnOrigin,
  type RestAdjustments,
  type RestArrangement,
  type Setting,
  type SettingOrigin
} from './arrangement';
export { changesBetween, type SettingChange } from './changes';
export {
  HOLDS,
  SEEN_AT_LOOK,
  seenAtLook,
  seenFor,
  stepAfter,
  type KeptLook,
  type LookQuestion,
  type Step
} from './adjust';
export { believe, LOOKS_SEEN, MOST_LOOKS } from './belief';
export {
  handWidthsOf,
  pinForPeg,
  seatedPlan,
  type SeatedPlan,
  type SeatedQuestion,
  type SeatedWarning
} from './seated-plan';
export { standingPlan, toNotch, type StandingPlan, type StandingWarning } from './standing-plan';
export {
  rangeOf,
  SETTING_IDS,
  SETTING_UNITS,
  SETUP_CHOICES,
  SETUP_KIND_OF,
  SETUP_KINDS,
  unitOf,
  type ChoiceId,
  type SettingId,
  type SetupChoices,
  type SetupKind,
  type SetupKindOf
} from './kinds';
export { asDrawn } from './as-drawn';
export { reachOf } from './reach';
export { followsOf, standsWith, withOwn, withOwnValue, type Follows } from './own-values';
export { mendedBy, settingsInUse, settingsUnder, supportOf } from './in-use';
export { onBack, type BackPlace, type OnBack } from './on-back';
export { SEEN_PICTURES } from './pictures';
export { driftAt, furthestDrift, isPastLimit, setupReview, type SetupReview, type SetupThen } from './drift';
export {
  offerRests,
  OWN_REST_KINDS,
  suits,
  type OwnRest,
  type OwnRestKind,
  type RestOffer
} from './own-rests';
