import type { CheckOutcome, FaultCause, Rating, Standpoint } from '$lib/core/checks';
import type { Pain } from '$lib/data';
import { dayText } from './dates';

export const RATING_WORDS: Readonly<Record<Rating, string>> = {
  'not-seen': 'Not seen yet',
  'not-yet': 'Not yet',
  'with-help': 'With help',
  mostly: 'Mostly',
  secure: 'Secure'
};

export const CAUSE_WORDS: Readonly<Record<FaultCause, string>> = {
  'set-up': 'set-up',
  size: 'size',
  habit: 'habit'
};

export const STANDPOINT_WORDS: Readonly<Record<Standpoint, string>> = {
  front: 'from the front',
  left: 'from the player’s left',
  behind: 'from behind',
  right: 'from the player’s right',
  above: 'from above',
  close: 'close at the hand'
};

/** What was seen, in a word or two. */
export function outcomeText(outcome: CheckOutcome): string {
  switch (outcome.kind) {
    case 'rating':
      return RATING_WORDS[outcome.rating];
    case 'seconds':
      return `${outcome.seconds.toFixed(1)} s`;
    case 'count':
      return `${outcome.count} times`;
    case 'yes-no':
      return outcome.yes ? 'Yes' : 'No';
    case 'angle':
      return `${Math.round(outcome.deg)}°`;
  }
}

const DURING_WORDS: Readonly<Record<Pain['during'], string>> = {
  measuring: 'while measuring',
  trial: 'in a trial on the body',
  'set-up': 'at the set-up',
  check: 'in a check of the hold',
  lesson: 'in a lesson'
};

/** Pain as it was noted, in a sentence. */
export const painSentence = ({ day, during, size }: Pain): string =>
  `Pain, tingling or numbness on ${dayText(day)}, ${DURING_WORDS[during]}${size ? ` with the ${size}` : ''}.`;

/** Said wherever a try or a check can hurt. Jarvel does not diagnose. */
export const PAIN_CAUTION =
  'Stop. Put the instrument down and rest. Look at size and set-up before the next try. If pain, tingling or numbness stays or comes back, a doctor or physiotherapist should see it. Jarvel makes no diagnosis.';

export const TOUCH_CAUTION = 'Ask before you touch to show a position, and keep to your school’s rules.';
