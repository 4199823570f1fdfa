export { MEASUREMENT_IDS, MEASUREMENTS, type MeasurementId } from './measurements';
export { bodyOf, expectedLength, heightOf, readOf, type Body, type Readings } from './body';
export { contradictions } from './contradictions';
export { FIT_ORDER, LINE_ORDER } from './order';
export { EAR_BELOW_CROWN, FRACTION_OF_HEIGHT, headHeightMm } from './proportions';
export { combineReadings } from './readings';
export { plausibility, type Plausibility } from './plausibility';
