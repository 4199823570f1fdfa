export {
  FAMILIES,
  SHOULDER_FAMILIES,
  isShoulderFamily,
  type EditableDimension,
  type Family,
  type MeasuredInstrument,
  type NominalInstrument,
  type ShoulderFamily,
  type Size
} from './types';
export { NOMINAL_INSTRUMENTS } from './nominal';
export { dimensionTable, dimensionsOf, sizesOf, usualSizes, type DimensionOverrides } from './sizes';
