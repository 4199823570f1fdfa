export {
  CHIN_REST_MOUNTS,
  CHIN_REST_RANGE_MM,
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
  SUPPORT_OF,
  type RestSchool,
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
  looksAt,
  pinForPeg,
  SEEN_AT_LOOK,
  seenAtLook,
  seenFor,
  stepAfter,
  type KeptLook,
  type SeenAtLook,
  type Step
} from './adjust';
export {
  believe,
  LOOKS_SEEN,
  MOST_LOOKS,
  type Belief,
  type LookSeen,
  type Search,
  type SettingLook
} from './belief';
export {
  handWidthsOf,
  seatedPlan,
  type SeatedPlan,
  type SeatedQuestion,
  type SeatedWarning
} from './seated-plan';
export {
  LEAN_RANGE_DEG,
  standingPlan,
  toNotch,
  type StandingPlan,
  type StandingQuestion,
  type StandingWarning
} from './standing-plan';
export {
  reachOf,
  SETTING_IDS,
  SETTING_REACH,
  SETTING_UNITS,
  SETUP_CHOICES,
  SETUP_KIND_OF,
  SETUP_KINDS,
  unitOf,
  type ChoiceId,
  type SettingId,
  type SettingReach,
  type SettingUnit,
  type SetupChoices,
  type SetupKind
} from './kinds';
export { asDrawn } from './as-drawn';
export { withOwn, withOwnValue } from './own-values';
export { mendedBy, settingsInUse, supportOf } from './in-use';
export { onBack, type BackPlace, type OnBack } from './on-back';
export { LOOK_VIEWS, SEEN_PICTURES, SETTING_SPOTS, spotOf, type SeenPicture } from './pictures';
export {
  driftAt,
  furthestDrift,
  isPastLimit,
  reviewHeight,
  setupReview,
  type Drift,
  type Growing,
  type SetupReview,
  type SetupThen
} from './drift';
export {
  offerRests,
  OWN_REST_KINDS,
  suits,
  type OwnRest,
  type OwnRestKind,
  type RestOffer
} from './own-rests';
