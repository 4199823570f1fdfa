export { normalCdf } from './normal';
export { clamp } from './range';
