import type { CheckResult } from '$lib/data';
import type { FaultCause, Rating, ViewedFrom } from '$lib/core/checks';
import type { Family } from '$lib/core/instruments';

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

export const FROM_WORDS: Readonly<Record<ViewedFrom, string>> = {
  front: 'from the front',
  side: 'from the side',
  above: 'from above',
  behind: 'from behind'
};

export const FAMILY_WORDS: Readonly<Record<Family, string>> = {
  violin: 'Violin',
  viola: 'Viola',
  cello: 'Cello',
  bass: 'Bass'
};

/** What was seen, in a word or two. */
export function outcomeText(outcome: CheckResult['outcome']): string {
  switch (outcome.kind) {
    case 'rating':
      return RATING_WORDS[outcome.rating];
    case 'seconds':
      return `${outcome.seconds.toFixed(1)} s`;
    case 'stopped':
      return 'Stopped: pain';
  }
}

/** Said wherever a try or a check can hurt. Jarvel does not diagnose. */
export const PAIN_CAUTION =
  'Stop. Put the instrument down and rest. Look at size and set-up before the next try. If pain, tingling or numbness stays or comes back, a doctor or physiotherapist should see it. Jarvel makes no diagnosis.';

export const TOUCH_CAUTION = 'Ask before you touch to show a position, and keep to your school’s rules.';
