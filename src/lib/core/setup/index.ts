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
export { restStack, type HighEnd, type RestQuestion, type RestStack, type RestWarning } from './rest-stack';
export { chinRestClass, type ChinRestClass } from './chin-rest-class';
export {
  changesBetween,
  NO_ADJUSTMENTS,
  REST_SETTINGS,
  settle,
  type RestAdjustments,
  type RestSettingId,
  type RestSettings,
  type Setting,
  type SettingChange,
  type SettingOrigin
} from './settings';
