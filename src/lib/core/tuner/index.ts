export { hear, HEARD_SAMPLES, IN_TUNE_CENTS, type Heard } from './hear';
export { MadeUpString } from './made-up-string';
export { steadied, STEADY_OVER } from './steady';
