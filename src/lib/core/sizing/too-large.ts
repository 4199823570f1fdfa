import type { Size } from '../instruments';
import { judgeSizes } from './judge';
import type { SizingQuestion } from './yardstick';

/** Under this chance to hold, a size in use counts as too large. */
const PROBABLY_HOLDS = 0.5;

/**
 * Whether a size in use is too large for a body: it does not hold, and the chance that it does, the errors of tape and
 * instrument counted, is under a half. Also of one that is not in use any more; false where too little was read.
 */
export function isTooLarge(question: SizingQuestion, size: Size): boolean {
  const judged = judgeSizes({ ...question, sizes: [size] });
  const inUse = judged?.smallestFirst.find((one) => one.size === size);
  return inUse !== undefined && !inUse.holds && inUse.chance < PROBABLY_HOLDS;
}
