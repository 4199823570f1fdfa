export {
  MEASUREMENT_IDS,
  MEASUREMENTS,
  measurementsFor,
  type MeasurementId,
  type MeasurementKind
} from './measurements';
export { bodyOf, expectedLength, heightOf, readOf, type Body, type BodyLength, type Readings } from './body';
export { contradictions, type Contradiction } from './contradictions';
export { FIT_ORDER, LINE_ORDER } from './order';
export { EAR_BELOW_CROWN, FRACTION_OF_HEIGHT, headHeightMm } from './proportions';
export { combineReadings, type Reading } from './readings';
export { plausibility, type Plausibility } from './plausibility';
