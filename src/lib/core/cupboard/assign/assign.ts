import { classesOf, type InstrumentClass } from './classes';
import { hasName, modelOf } from './model';
import { placesIn } from './places';
import { costsOfPlan, sumOf, type Plan } from './plan-cost';
import { planByPrices, type Priced } from './prices';
import type { Assigned, AssignQuestion } from './types';

/** What a solver of mixed integer programs answers. */
export interface Solved {
  /** The values of its variables; null where nothing holds all rows. */
  readonly values: ReadonlyMap<string, number> | null;
  /** No answer costs less than this. */
  readonly bound: number;
}

/** Solves a program that is given as text, wherever that is done. */
export type Solver = (text: string) => Promise<Solved>;

export interface Assignment {
  readonly assignments: readonly Assigned[];
  readonly cost: number;
  /** No plan costs less. */
  readonly bound: number;
  /** How much more than the bound it costs at most, as a share; 0 is proven the best. */
  readonly gap: number;
}

/** Less than this is rounding. */
const EQUAL = 1e-4;

/** Who has what by the answer of a solver; null where those of a class can't share its instruments. */
function planFrom(
  { players, terms }: AssignQuestion,
  classes: readonly InstrumentClass[],
  values: ReadonlyMap<string, number>
): Plan | null {
  const plan: (string | null)[][] = players.map(() => []);
  for (let term = 0; term < terms; term++)
    for (const [k, { instruments }] of classes.entries()) {
      const here = players.flatMap((_, p) => ((values.get(hasName(p, k, term)) ?? 0) > 0.5 ? [p] : []));
      const [first] = instruments;
      const kept = new Map<number, number>();
      for (const p of here) {
        const before = term === 0 ? players[p]?.now : plan[p]?.[term - 1];
        const own = instruments.findIndex(({ id }) => id === before);
        if (own >= 0) kept.set(p, own);
      }
      const slots = (p: number) => players[p]?.slots ?? [];
      const meet = (a: number, b: number) =>
        !first?.rental &&
        (!first?.shared ||
          slots(a).some((slot) => slots(b).includes(slot)) ||
          (slots(a).length === 0 && slots(b).length === 0));
      const places = placesIn(here, kept, instruments.length, meet);
      if (!places) return null;
      for (const [p, place] of places) {
        const own = plan[p];
        if (own) own[term] = instruments[place]?.id ?? null;
      }
    }
  return plan.map((own) => Array.from({ length: terms }, (_, term) => own[term] ?? null));
}

/** With more ways than this to have something in a term, a program has no good plan in a minute. */
const MOST_WAYS = 7_500;

/** Whether there is too much to choose from for a program, and each instrument goes home, as prices can tell. */
const isForPrices = ({ instruments }: AssignQuestion, classes: readonly InstrumentClass[]): boolean =>
  instruments.every(({ shared, rental }) => !shared && !rental) &&
  classes
    .flatMap(({ costs }) => costs)
    .reduce((sum, terms) => sum + terms.filter((cost) => cost !== null).length, 0) > MOST_WAYS;

function assignmentOf(question: AssignQuestion, plan: Plan | null, bound: number): Assignment | null {
  const assignments = plan && costsOfPlan(question, plan);
  if (!assignments) return null;
  const cost = sumOf(assignments);
  const over = cost - bound;
  return { assignments, cost, bound, gap: over <= EQUAL ? 0 : over / Math.max(cost, EQUAL) };
}

/**
 * Who gets which instrument, term by term, so that the sum of all costs is the least.
 *
 * Instruments of the room are counted as one class first; where those who have several lesson times can't share them
 * as counted, each is looked at by itself. Where hundreds of measured ones make hundreds of classes, the plan is nearly
 * the best, and its gap says how nearly.
 *
 * @param onState told how far it is where no program is solved; true ends the work with the best so far
 * @returns null where what was fixed can't be: on an instrument that is away, reserved or fixed twice
 */
export async function assign(
  question: AssignQuestion,
  solve: Solver,
  onState?: (state: Omit<Priced, 'plan'>) => boolean
): Promise<Assignment | null> {
  if (question.players.length === 0) return { assignments: [], cost: 0, bound: 0, gap: 0 };
  for (const apart of [false, true]) {
    const classes = classesOf(question, apart);
    if (isForPrices(question, classes)) {
      const priced = planByPrices(question, onState);
      return priced && assignmentOf(question, priced.plan, priced.bound);
    }
    const { values, bound } = await solve(modelOf(question, classes));
    if (!values) return null;
    const found = assignmentOf(question, planFrom(question, classes, values), bound);
    if (found) return found;
  }
  return null;
}
