import type { Size } from '../../instruments';
import { assign, type Assignment, type Solver } from './assign';
import type { AssignQuestion } from './types';

/** What one more instrument of a size would save. */
export interface MoreOf {
  readonly size: Size;
  readonly saves: number;
}

/** A plan with what one more of each size would do. */
export interface Planned extends Assignment {
  readonly moreOf: readonly MoreOf[];
}

/** Less is not worth an instrument. */
const WORTH = 0.25;

/** What one more of each size would save, the most first; sizes of which one more helps nobody are left out. */
export function moreOf(question: AssignQuestion, cost: number, solve: Solver): readonly MoreOf[] {
  const there = Array.from({ length: question.terms }, () => true);
  return question.sizes
    .map((size): MoreOf => {
      const one = { id: `more ${size}`, size, shared: false, only: null, there, rental: false, steps: null };
      const better = assign({ ...question, instruments: [...question.instruments, one] }, solve);
      return { size, saves: better ? cost - better.cost : 0 };
    })
    .filter(({ saves }) => saves >= WORTH)
    .sort((a, b) => b.saves - a.saves);
}
