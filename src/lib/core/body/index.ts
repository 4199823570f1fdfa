export {
  MEASUREMENT_IDS,
  MEASUREMENTS,
  measurementsFor,
  type MeasurementId,
  type MeasurementKind
} from './measurements';
export { FRACTION_OF_HEIGHT } from './proportions';
export { combineReadings, type Reading } from './readings';
export { plausibility, type Plausibility } from './plausibility';
