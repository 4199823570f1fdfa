import { hasName, modelOf, type Model } from './model';
import { placesIn } from './places';
import { costsOfPlan, sumOf, type Plan } from './plan-cost';
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
  { classes }: Model,
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

/**
 * Who gets which instrument, term by term, so that the sum of all costs is the least.
 *
 * Instruments of the room are counted as one class first; where those who have several lesson times can't share them
 * as counted, each is looked at by itself.
 *
 * @returns null where what was fixed can't be: on an instrument that is away, reserved or fixed twice
 */
export async function assign(question: AssignQuestion, solve: Solver): Promise<Assignment | null> {
  if (question.players.length === 0) return { assignments: [], cost: 0, bound: 0, gap: 0 };
  for (const apart of [false, true]) {
    const model = modelOf(question, apart);
    const { values, bound } = await solve(model.text);
    if (!values) return null;
    const plan = planFrom(question, model, values);
    const assignments = plan && costsOfPlan(question, plan);
    if (!assignments) continue;
    const cost = sumOf(assignments);
    const over = cost - bound;
    return { assignments, cost, bound, gap: over <= EQUAL ? 0 : over / Math.max(cost, EQUAL) };
  }
  return null;
}
