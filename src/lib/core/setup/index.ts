export {
  CHIN_REST_MOUNTS,
  CHIN_REST_RANGE_MM,
  DEFAULT_REST_SCHOOL,
  LIFT_MAX_MM,
  REST_SCHOOLS,
  SHOULDER_SLOPES,
  SLOPE_DEG,
  TILT_DEG,
  TILT_RANGE_DEG,
  TILT_SCHOOLS,
  type ChinRestMount,
  type RestSchool,
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
  SETTING_ORIGINS,
  settle,
  type Adjustments,
  type AdjustmentsOf,
  type Arrangement,
  type ArrangementOf,
  type RestAdjustments,
  type RestArrangement,
  type Setting,
  type SettingOrigin
} from './arrangement';
export { changesBetween, type SettingChange } from './changes';
export {
  SETTING_IDS,
  SETTING_UNITS,
  SETUP_CHOICES,
  SETUP_KIND_OF,
  SETUP_KINDS,
  unitOf,
  type SettingId,
  type SettingUnit,
  type SetupChoices,
  type SetupKind
} from './kinds';
