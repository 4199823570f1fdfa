import type { AssignInstrument, AssignQuestion } from './types';

/** Instruments that nobody can tell apart: one stands for all, and within it whoever stays keeps the own one. */
export interface InstrumentClass {
  readonly instruments: readonly AssignInstrument[];
}

/**
 * What makes an instrument another than the next. One that was measured, reserved or fixed is told apart, and one of the
 * room, since who shares it depends on the lesson times of all.
 */
function keyOf(one: AssignInstrument, fixed: ReadonlySet<string>): string {
  const alone = one.steps !== null || one.only !== null || one.rental || one.shared || fixed.has(one.id);
  return alone ? one.id : JSON.stringify([one.size, one.there]);
}

/**
 * The classes of a question's instruments, in the order of their first ones.
 *
 * An instrument in use needs no class of its own: who stays in a class keeps the own one, and whoever comes gets one
 * that nobody keeps, for which there is always room.
 */
export function classesOf({
  instruments,
  players
}: Pick<AssignQuestion, 'instruments' | 'players'>): readonly InstrumentClass[] {
  const fixed = new Set(
    players.flatMap((player) => player.fixed.flatMap(({ instrumentId }) => instrumentId ?? []))
  );
  const classes = new Map<string, AssignInstrument[]>();
  for (const one of instruments) {
    const key = keyOf(one, fixed);
    const known = classes.get(key);
    if (known) known.push(one);
    else classes.set(key, [one]);
  }
  return [...classes.values()].map((all) => ({ instruments: all }));
}
