export { STATURE, type Sex } from './stature';
export { heightOfZ, heightsAt, zOfHeight } from './reference';
export {
  ageYears,
  DAYS_PER_YEAR,
  driftVariance,
  follow,
  heightOn,
  isBeyondReference,
  scoreOf,
  type Followed,
  type HeightReading
} from './follow';
export {
  GROWN_YEARS,
  nextMeasure,
  whenOutgrown,
  type DecidedOn,
  type NextMeasure,
  type NextMeasureReason,
  type Outgrown
} from './outgrown';
