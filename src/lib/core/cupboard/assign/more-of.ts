import type { Size } from '../../instruments';
import { assign, type Solver } from './assign';
import type { AssignQuestion } from './types';

/** What one more instrument of a size would save. */
export interface MoreOf {
  readonly size: Size;
  readonly saves: number;
}

/** Less is rounding. */
const NOTHING = 1e-4;

/** What one more of each size would save, the most first; sizes of which one more helps nobody are left out. */
export async function moreOf(
  question: AssignQuestion,
  cost: number,
  solve: Solver
): Promise<readonly MoreOf[]> {
  const there = Array.from({ length: question.terms }, () => true);
  const found: MoreOf[] = [];
  for (const size of question.sizes) {
    const one = { id: `more ${size}`, size, shared: false, only: null, there, rental: false, steps: null };
    const better = await assign({ ...question, instruments: [...question.instruments, one] }, solve);
    const saves = better ? cost - better.cost : 0;
    if (saves > NOTHING) found.push({ size, saves });
  }
  return found.sort((a, b) => b.saves - a.saves);
}
