export {
  EDITABLE_DIMENSIONS,
  FAMILIES,
  SHOULDER_FAMILIES,
  isShoulderFamily,
  type EditableDimension,
  type Family,
  type KnownInstrument,
  type MeasuredInstrument,
  type NominalInstrument,
  type ShoulderFamily,
  type Size
} from './types';
export { NOMINAL_INSTRUMENTS } from './nominal';
export {
  CELLO_BOW,
  CELLO_LOWER_CORNER,
  CELLO_PEG,
  COLLAR_MM,
  CONTACT_BELOW_EDGE_MM,
  stationsOf
} from './stations';
export { alongEdgeMm, footPlace, HALF_OUTLINE, halfWidthMm } from './edge';
export {
  asMeasured,
  dimensionTable,
  dimensionsOf,
  isSmaller,
  scaledTo,
  sizesOf,
  sizesUp,
  usualSizes,
  type DimensionOverrides
} from './sizes';
