import { costOf, mayWait, weightOf } from './cost';
import type { Assigned, AssignQuestion } from './types';

/** Without what adding up leaves behind the sixth place. */
const whole = (cost: number): number => Math.round(cost * 1e6) / 1e6;

/** Who has what: of each player an instrument's id or null, term by term, in the question's order. */
export type Plan = readonly (readonly (string | null)[])[];

/**
 * What a plan costs, player by player and term by term; null where it breaks a hard rule.
 *
 * It knows nothing of how the plan was found, so that it can be held against every way of finding one.
 */
export function costsOfPlan(question: AssignQuestion, plan: Plan): readonly Assigned[] | null {
  const { players, instruments, costs, terms } = question;
  const byId = new Map(instruments.map((one) => [one.id, one]));
  const taken = new Set<string>();
  const found: Assigned[] = [];
  for (const [at, player] of players.entries())
    for (let term = 0; term < terms; term++) {
      const instrumentId = plan[at]?.[term] ?? null;
      const before = term === 0 ? player.now : (plan[at]?.[term - 1] ?? null);
      if (instrumentId === null) {
        if (!mayWait(player, term)) return null;
        found.push({
          playerId: player.id,
          term,
          instrumentId,
          cost: whole(weightOf(question, term) * costs.waits)
        });
        continue;
      }
      const instrument = byId.get(instrumentId);
      const cost = instrument ? costOf(question, player, instrument, term) : null;
      if (!instrument || cost === null) return null;
      if (!instrument.rental) {
        const slots = instrument.shared && player.slots.length > 0 ? player.slots : [''];
        for (const slot of instrument.shared ? slots : ['']) {
          const place = JSON.stringify([instrumentId, term, slot]);
          if (taken.has(place)) return null;
          taken.add(place);
        }
      }
      const change = before !== null && before !== instrumentId ? costs.change : 0;
      found.push({
        playerId: player.id,
        term,
        instrumentId,
        cost: whole(weightOf(question, term) * cost + change)
      });
    }
  return found;
}

export const sumOf = (found: readonly Assigned[]): number =>
  whole(found.reduce((sum, { cost }) => sum + cost, 0));
