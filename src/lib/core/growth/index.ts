export { STATURE, type Sex } from './stature';
export { heightOfZ, heightsAt, REFERENCE_REACH_Z, zOfHeight, type HeightsAtAge } from './reference';
export {
  ageYears,
  DAYS_PER_YEAR,
  driftVariance,
  follow,
  heightOn,
  isBeyondReference,
  scoreOf,
  sdAt,
  type Child,
  type Followed,
  type HeightReading
} from './follow';
export {
  chanceOfHeight,
  GROWN_YEARS,
  nextMeasure,
  whenOutgrown,
  type DecidedOn,
  type NextMeasure,
  type NextMeasureReason,
  type Outgrown
} from './outgrown';
