import type {
  CheckCategory,
  CheckOutcome,
  KeptCause,
  FocusReason,
  Goal,
  Rating,
  ResultKind,
  Standpoint
} from '$lib/core/checks';
import type { Family } from '$lib/core/instruments';
import type { Aid, AidKind } from '$lib/data';
import { dayText } from './dates';

export const RATING_WORDS: Readonly<Record<Rating, string>> = {
  'not-seen': 'Not seen yet',
  'not-yet': 'Not yet',
  'with-help': 'With help',
  mostly: 'Mostly',
  secure: 'Secure'
};

export const CAUSE_WORDS: Readonly<Record<KeptCause, string>> = {
  'set-up': 'set-up',
  'too-large': 'too large',
  'too-small': 'too small',
  bow: 'bow',
  habit: 'habit',
  workshop: 'workshop',
  size: 'size'
};

export const STANDPOINT_WORDS: Readonly<Record<Standpoint, string>> = {
  front: 'from the front',
  left: 'from the player’s left',
  behind: 'from behind',
  right: 'from the player’s right',
  above: 'from above',
  'left-hand': 'close at the left hand',
  'bow-hand': 'close at the bow hand',
  instrument: 'close at the instrument'
};

/** The same on a chip of the walk. */
export const STANDPOINT_NAMES: Readonly<Record<Standpoint, string>> = {
  front: 'Front',
  left: 'Left',
  behind: 'Behind',
  right: 'Right',
  above: 'Above',
  'left-hand': 'Left hand',
  'bow-hand': 'Bow hand',
  instrument: 'Instrument'
};

const CATEGORY_NAMES: Readonly<Record<CheckCategory, string>> = {
  ready: 'Ready',
  stance: 'Stance',
  hold: 'Hold',
  'left-hand': 'Left hand',
  'bow-hand': 'Bow hand',
  'bow-use': 'Bow and plucking'
};

/** What a category is called; the cello's stance is its seat. */
export const categoryName = (category: CheckCategory, family: Family): string =>
  category === 'stance' && family === 'cello' ? 'Seat' : CATEGORY_NAMES[category];

/** The same for a group: only where all play the cello is the stance a seat. */
export function categoryNameIn(
  category: CheckCategory,
  players: readonly { readonly family: Family }[]
): string {
  const seated = players.length > 0 && players.every(({ family }) => family === 'cello');
  return categoryName(category, seated ? 'cello' : 'violin');
}

/** Why a category is proposed. */
export function focusText(reason: FocusReason): string {
  switch (reason.kind) {
    case 'pain':
      return 'Pain was noted: nothing is worked on until its note is closed.';
    case 'hurts':
      return 'It can hurt, and was amiss: it comes first.';
    case 'stays':
      return `Stayed with: ${reason.lessons === 1 ? 'one lesson' : `${reason.lessons} lessons`} so far.`;
    case 'waited':
      return `It has waited for ${reason.lessons} lessons.`;
    case 'new':
      return 'Not looked at yet; much builds on it.';
    case 'weakest':
      return `The weakest of those that carry the rest; last looked at on ${dayText(reason.lastDay)}.`;
    case 'back':
      return 'All there: looked at once more.';
  }
}

const UNITS: Readonly<Record<ResultKind, string>> = {
  rating: '',
  seconds: 's',
  count: '',
  'yes-no': '',
  angle: '°'
};

/** A goal in a sentence, by age: the highest only for those over 15 years. */
export function goalText(
  { first, later, grown, better }: Goal,
  result: ResultKind,
  isGrown: boolean
): string {
  const unit = UNITS[result] === 's' ? ' s' : UNITS[result];
  const last = isGrown && grown !== undefined ? grown : later;
  return better === 'more'
    ? `Goal ${first}${unit} at first, later ${last}${unit}.`
    : `Goal ${first}${unit} or less at first, later ${last}${unit} or less.`;
}

export const AID_WORDS: Readonly<Record<AidKind, string>> = {
  cup: 'Little-finger cup',
  sticker: 'Sticker',
  dot: 'Pen dot',
  tape: 'Tape',
  other: 'Other aid'
};

/** An aid and where it stands, in a line. */
export const aidText = ({ kind, where, from, weaned }: Aid): string =>
  `${AID_WORDS[kind]}${where ? `, ${where}` : ''}: since ${dayText(from)}${
    weaned ? `, a lesson without on ${dayText(weaned)}` : ''
  }.`;

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

export const TOUCH_CAUTION = 'Ask before you touch to show a position, and keep to your school’s rules.';
