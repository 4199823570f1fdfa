import { hasName, modelOf, type Model } from './model';
import { costsOfPlan, sumOf, type Plan } from './plan-cost';
import type { Assigned, AssignQuestion } from './types';

/** What a solver of mixed integer programs answers. */
export interface Solved {
  /** The values of its variables; null where nothing holds all rows. */
  readonly values: ReadonlyMap<string, number> | null;
  /** No answer costs less than this. */
  readonly bound: number;
}

/** Solves a program that is given as text. */
export type Solver = (text: string) => Solved;

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

/** Within a class whoever stays keeps the own instrument; who comes gets one that nobody keeps, in the question's order. */
function planFrom(
  { players, terms }: AssignQuestion,
  { classes }: Model,
  values: ReadonlyMap<string, number>
): Plan {
  const plan: (string | null)[][] = players.map(() => []);
  for (let term = 0; term < terms; term++)
    classes.forEach(({ instruments }, k) => {
      const here = players.flatMap((_, p) => ((values.get(hasName(p, k, term)) ?? 0) > 0.5 ? [p] : []));
      const [first] = instruments;
      const kept = new Map<number, string>();
      for (const p of here) {
        const before = term === 0 ? players[p]?.now : plan[p]?.[term - 1];
        const own = instruments.find(({ id }) => id === before);
        if (own) kept.set(p, own.id);
      }
      const taken = new Set(kept.values());
      const free = instruments.filter(({ id }) => !taken.has(id)).map(({ id }) => id);
      for (const p of here) {
        const several = first?.shared === true || first?.rental === true;
        const id = kept.get(p) ?? (several ? first.id : free.shift());
        const own = plan[p];
        if (own) own[term] = id ?? null;
      }
    });
  return plan.map((own) => Array.from({ length: terms }, (_, term) => own[term] ?? null));
}

/**
 * Who gets which instrument, term by term, so that the sum of all costs is the least.
 *
 * @returns null where what was fixed can't be: on an instrument that is away, reserved or fixed twice
 */
export function assign(question: AssignQuestion, solve: Solver): Assignment | null {
  if (question.players.length === 0) return { assignments: [], cost: 0, bound: 0, gap: 0 };
  const model = modelOf(question);
  const { values, bound } = solve(model.text);
  const assignments = values && costsOfPlan(question, planFrom(question, model, values));
  if (!assignments) return null;
  const cost = sumOf(assignments);
  const over = cost - bound;
  return { assignments, cost, bound, gap: over <= EQUAL ? 0 : over / Math.max(cost, EQUAL) };
}
