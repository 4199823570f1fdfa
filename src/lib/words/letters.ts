import type { LetterKind } from '$lib/data/schema/settings';

/** Letters and messages to families, each from a template that the teacher can edit. */
export const LETTER_NAMES: Readonly<Record<LetterKind, string>> = {
  size: 'Size letter',
  'set-up': 'Set-up',
  practice: 'Practice'
};

/** What a template can name, each with what stands there in the end and where it comes from when it is missing. */
export const LETTER_VALUES = {
  player: { means: 'the player’s name', from: 'the record' },
  instrument: { means: 'the instrument', from: 'the record' },
  size: { means: 'the decided size', from: 'a decided size' },
  why: { means: 'why this size', from: 'measured lengths' },
  measured: { means: 'when the size was decided', from: 'a decided size' },
  'look again': {
    means: 'when the size is looked at again',
    from: 'a decided size, and that day is not known or past'
  },
  settings: { means: 'every setting with its mark', from: 'a kept set-up' },
  practice: { means: 'what is practised and how often', from: 'a lesson that set a practice' },
  'next look': {
    means: 'when the practice is looked at',
    from: 'a lesson that set a practice, and that day is not known or past'
  },
  teacher: { means: 'your name', from: 'Settings' },
  date: { means: 'today', from: 'the calendar' }
} as const;
export type LetterValue = keyof typeof LETTER_VALUES;
export const LETTER_VALUE_NAMES = Object.keys(LETTER_VALUES) as readonly LetterValue[];

export const LETTER_TEMPLATES: Readonly<Record<LetterKind, string>> = {
  size: `Dear family of {player},

{player} was measured on {measured} and needs a {size} {instrument}.

Why: {why}

Where to get one: ask me first whether the school has one to lend; a string workshop rents them too. Take this letter along, and let the instrument be tried on before anything is signed.

Watch for: an instrument that is too large is held with a raised shoulder or a bent wrist. If anything hurts, tingles or goes numb, stop and tell me; if it comes back, see a doctor.

We look at the size again by {look again}.

{teacher}`,
  'set-up': `How the {instrument} of {player} is set up ({date}):

{settings}

Please leave it so; the marks show the way back. If it hurts, tingles or goes numb, stop and tell me.

{teacher}`,
  practice: `{player} practises until {next look}:

{practice}

A few minutes a day are enough. Stop and rest if it hurts, tingles or goes numb.

{teacher}`
};

/** A letter with its values in place, and what is wrong with it. */
export interface FilledLetter {
  readonly text: string;
  /** Named by the template, but not known of this player. */
  readonly missing: readonly LetterValue[];
  /** Named by the template, but nothing that a letter can say. */
  readonly unknown: readonly string[];
}

const PLACE = /\{([^{}\n]*)\}/g;
const valueNamed = (name: string): LetterValue | undefined =>
  LETTER_VALUE_NAMES.find((one) => one === name.trim());

/**
 * Puts values into a template. A value that is missing leaves its place as it is, so that nobody sends it unseen.
 *
 * @example
 * fillLetter('For {player}', { player: 'Ottilie' }).text // 'For Ottilie'
 */
export function fillLetter(
  template: string,
  values: Readonly<Partial<Record<LetterValue, string>>>
): FilledLetter {
  const missing = new Set<LetterValue>();
  const unknown = new Set<string>();
  const text = template.replace(PLACE, (place, name: string) => {
    const known = valueNamed(name);
    if (!known) {
      unknown.add(name.trim());
      return place;
    }
    const value = values[known];
    if (value === undefined || value === '') {
      missing.add(known);
      return place;
    }
    return value;
  });
  return { text, missing: [...missing], unknown: [...unknown] };
}
