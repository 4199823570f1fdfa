import type { Size } from '../../instruments';
import { assign, type Solver } from './assign';
import type { AssignInstrument, AssignQuestion } from './types';

/** So many of a size to rent or buy. */
export interface ToGet {
  readonly size: Size;
  readonly count: number;
}

/** So little that what else a plan costs only chooses between as few. */
const LITTLE = 1e-5;
/** Waiting costs more than whatever could be got. */
const NEVER = 1000;

/**
 * The fewest instruments to rent or buy so that nobody waits who could have one: of those, the ones with which the plan
 * costs the least.
 */
export async function toGet(question: AssignQuestion, solve: Solver): Promise<readonly ToGet[]> {
  const { smaller, larger, change } = question.costs;
  const there = Array.from({ length: question.terms }, () => true);
  const offers = question.sizes.map((size): AssignInstrument => ({
    id: `get ${size}`,
    size,
    shared: false,
    only: null,
    there,
    rental: true,
    each: 1,
    steps: null
  }));
  const found = await assign(
    {
      ...question,
      instruments: [...question.instruments, ...offers],
      costs: {
        smaller: [smaller[0] * LITTLE, smaller[1] * LITTLE],
        larger: [larger[0] * LITTLE, larger[1] * LITTLE],
        change: change * LITTLE,
        waits: NEVER,
        rental: 0
      }
    },
    solve
  );
  return offers.flatMap(({ id, size }) => {
    const counts = there.map(
      (_, term) =>
        (found?.assignments ?? []).filter((one) => one.instrumentId === id && one.term === term).length
    );
    const count = Math.max(0, ...counts);
    return count > 0 ? [{ size, count }] : [];
  });
}
