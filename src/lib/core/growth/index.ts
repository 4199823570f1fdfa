export { STATURE, type Sex } from './stature';
export { heightOfZ, heightsAt, zOfHeight, type HeightsAtAge } from './reference';
export {
  ageYears,
  DAYS_PER_YEAR,
  driftVariance,
  follow,
  heightOn,
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
  type NextMeasureReason,
  type Outgrown
} from './outgrown';
