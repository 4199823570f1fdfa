export { leastSquares } from './least-squares';
export { median } from './median';
export { normalCdf } from './normal';
export { beyondRange, clamp } from './range';
