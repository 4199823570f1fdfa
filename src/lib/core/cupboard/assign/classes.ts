import { costOf } from './cost';
import type { AssignInstrument, AssignQuestion } from './types';

/** Instruments that nobody can tell apart: one stands for all, and within it whoever stays keeps the own one. */
export interface InstrumentClass {
  readonly instruments: readonly AssignInstrument[];
  /** What a term with one of them costs, by player; null where it is not offered. */
  readonly costs: readonly (readonly (number | null)[])[];
}

/**
 * The classes of a question's instruments, in the order of their first ones: those that cost each player the same in
 * each term, whatever is known of them. A fixed or reserved one is told apart by what it costs the others.
 *
 * An instrument in use needs no class of its own: who stays in a class keeps the own one, and whoever comes gets one
 * that nobody keeps, for which there is always room. Where somebody has several lesson times that need not hold for
 * instruments of the room.
 *
 * @param apart whether each instrument of the room is by itself
 */
export function classesOf(question: AssignQuestion, apart: boolean): readonly InstrumentClass[] {
  const { instruments, players, terms } = question;
  const classes = new Map<string, { instruments: AssignInstrument[]; costs: InstrumentClass['costs'] }>();
  for (const one of instruments) {
    const costs = players.map((player) =>
      Array.from({ length: terms }, (_, term) => costOf(question, player, one, term))
    );
    const alone = one.rental || (one.shared && apart);
    const key = JSON.stringify([alone ? one.id : one.shared, costs]);
    const known = classes.get(key);
    if (known) known.instruments.push(one);
    else classes.set(key, { instruments: [one], costs });
  }
  return [...classes.values()];
}
