import type { AssignInstrument, AssignPlayer, AssignQuestion } from './types';

/** Three sizes or more too small are not offered above this chance. */
const FAR_TOO_SMALL = 0.05;
/** Too large at all is not offered above this chance, and above the other where nothing too large is taken. */
const TOO_LARGE = 0.35;
const NO_LARGER = 0.05;

/** How an instrument may stand to the size that fits, and how likely. */
function steps(
  { sizes }: Pick<AssignQuestion, 'sizes'>,
  player: AssignPlayer,
  instrument: AssignInstrument,
  term: number
): readonly { readonly step: number; readonly chance: number }[] {
  const measured = instrument.steps?.get(player.id);
  if (measured !== undefined) return [{ step: measured, chance: 1 }];
  const at = sizes.indexOf(instrument.size);
  // What is in use was judged as it is.
  const leans = player.now === instrument.id ? 0 : (instrument.leans ?? 0);
  const stands = (player.wanted[term] ?? []).map(({ size, chance }) => ({
    step: at - sizes.indexOf(size),
    chance
  }));
  if (leans === 0) return stands;
  return stands.flatMap(({ step, chance }) => [
    { step, chance: chance * (1 - Math.abs(leans)) },
    { step: step + Math.sign(leans), chance: chance * Math.abs(leans) }
  ]);
}

/**
 * What a player costs with an instrument in a term; null where it is not offered. What the teacher fixed is offered
 * whatever its chances, as long as it is there and not another's.
 *
 * Source: the rules of who may have what: no far too small one, none that is likely too large, none that is reserved,
 * away, or of pain and a trial's "not yet" too large at all.
 */
export function costOf(
  question: Pick<AssignQuestion, 'sizes' | 'costs'>,
  player: AssignPlayer,
  instrument: AssignInstrument,
  term: number
): number | null {
  const { smaller, larger, rental } = question.costs;
  const fixed = player.fixed.find((one) => one.term === term);
  if (fixed && fixed.instrumentId !== instrument.id) return null;
  if (!instrument.there[term] || (instrument.only !== null && instrument.only !== player.id)) return null;
  const stands = steps(question, player, instrument, term);
  const chance = (isOne: (step: number) => boolean) =>
    stands.reduce((sum, one) => sum + (isOne(one.step) ? one.chance : 0), 0);
  if (!fixed) {
    if (chance((step) => step <= -3) > FAR_TOO_SMALL) return null;
    if (chance((step) => step > 0) > (player.noLarger ? NO_LARGER : TOO_LARGE)) return null;
  }
  const of = (step: number): number => {
    if (step === 0) return 0;
    const [one, more] = step < 0 ? smaller : larger;
    return Math.abs(step) === 1 ? one : more;
  };
  return stands.reduce(
    (sum, { step, chance: likely }) => sum + likely * of(step),
    instrument.rental ? rental : 0
  );
}

/** Whether a player may wait in a term: not where an instrument was fixed. */
export const mayWait = (player: AssignPlayer, term: number): boolean =>
  player.fixed.every((one) => one.term !== term || one.instrumentId === null);

/** The last term counts twice, for what comes after it. */
export const weightOf = ({ terms }: Pick<AssignQuestion, 'terms'>, term: number): number =>
  term === terms - 1 ? 2 : 1;
