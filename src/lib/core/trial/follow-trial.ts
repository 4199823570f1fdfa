import {
  STOP,
  type Concern,
  type TrialAnswer,
  type TrialChoice,
  type TrialLook,
  type TrialVerdict
} from './types';

/** How a trial stands after the answers given so far. */
export type TrialState =
  | {
      readonly kind: 'asking';
      readonly look: TrialLook;
      /** What can be answered: after placing it anew, that is no answer any more. */
      readonly choices: readonly TrialChoice[];
      /** Whether this look is asked for the second time. */
      readonly again: boolean;
      readonly number: number;
    }
  | { readonly kind: 'ended'; readonly verdict: TrialVerdict };

interface Tally {
  readonly smaller: number;
  readonly larger: number;
}

const NOTHING: Tally = { smaller: 0, larger: 0 };
/** Answers from which a side has decided. */
const DECIDED = 2;

function counted(tally: Tally, { speaksFor, decides }: TrialChoice): Tally {
  const signs = decides ? DECIDED : 1;
  const add = (side: SpeaksSide) => Math.min(DECIDED, tally[side] + (speaksFor === side ? signs : 0));
  return { smaller: add('smaller'), larger: add('larger') };
}
type SpeaksSide = keyof Tally;

/** Too large harms more than too small, so one sign for smaller outweighs all for larger. */
function verdictOf({ smaller, larger }: Tally): TrialVerdict {
  if (smaller >= DECIDED) return 'smaller';
  return larger >= DECIDED && smaller === 0 ? 'larger' : 'keep';
}

/**
 * Follows a trial: one look after the other, the same look again after placing the instrument anew (once). It ends when
 * it is too large, at pain, and after the last look: what is no matter of size is seen on the way, for the set-up.
 *
 * @param answers in the order given; answers to unknown looks are passed over
 */
export function followTrial(looks: readonly TrialLook[], answers: readonly TrialAnswer[]): TrialState {
  let at = 0;
  let again = false;
  let tally = NOTHING;
  for (const answer of answers) {
    if (answer.choice === STOP) return { kind: 'ended', verdict: 'stopped' };
    const look = looks[at];
    const choice = look?.choices.find(({ id }) => id === answer.choice);
    if (!look || look.id !== answer.look || !choice) continue;
    if (choice.speaksFor === 'reseat' && !again) {
      again = true;
      continue;
    }
    tally = counted(tally, choice);
    at++;
    again = false;
  }
  const left = looks.slice(at);
  const [look] = left;
  if (!look || tally.smaller >= DECIDED) return { kind: 'ended', verdict: verdictOf(tally) };
  const choices = again ? look.choices.filter(({ speaksFor }) => speaksFor !== 'reseat') : look.choices;
  return { kind: 'asking', look, choices, again, number: at + 1 };
}

/** What was answered to each look, in their order: the last word on it. */
export const answered = (looks: readonly TrialLook[], answers: readonly TrialAnswer[]): readonly Concern[] =>
  looks.flatMap((look) => {
    const last = answers.findLast((one) => one.look === look.id);
    const choice = look.choices.find(({ id, speaksFor }) => id === last?.choice && speaksFor !== 'reseat');
    return choice ? [{ look, choice }] : [];
  });

/** What was not as it should be, whatever the verdict on the size: the set-up looks at it first. */
export const concernsOf = (
  looks: readonly TrialLook[],
  answers: readonly TrialAnswer[]
): readonly Concern[] => answered(looks, answers).filter(({ choice }) => choice.seen !== undefined);
