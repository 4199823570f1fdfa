export { leastSquares, type Variable } from './least-squares';
export { normalCdf } from './normal';
export { beyondRange, clamp } from './range';
