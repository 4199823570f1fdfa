import type { FingerTape, Tape } from '$lib/core/tapes';

export const LAYOUT_WORDS: Readonly<Record<string, string>> = {
  'first-second-third': 'First, second, third',
  'with-fourth': 'With fourth',
  'first-and-third': 'First and third',
  'first-and-fourth': 'First and fourth',
  'first-third-fourth': 'First, third, fourth',
  'all-four': 'All four',
  'half-position': 'Half position',
  'first-position': 'First position'
};

/** Sixteenths of an inch as they stand on a tape: `4 5/16`. */
export function sixteenthsText({ sixteenths }: Pick<Tape, 'sixteenths'>): string {
  const whole = Math.floor(sixteenths / 16);
  let [top, bottom] = [sixteenths % 16, 16];
  while (top > 0 && top % 2 === 0) [top, bottom] = [top / 2, bottom / 2];
  const fraction = top === 0 ? '' : `${top}/${bottom}`;
  return [whole > 0 || fraction === '' ? `${whole}` : '', fraction].filter((part) => part !== '').join(' ');
}

const FINGER_WORDS = { 1: '1st finger', 2: '2nd finger', 3: '3rd finger', 4: '4th finger' } as const;

/** What a tape is called: by the finger that falls on it. */
export const fingerText = ({ finger }: Pick<FingerTape, 'finger'>): string => FINGER_WORDS[finger];

/** What a tape beyond any layout is called. */
export const semitonesText = (semitones: number): string =>
  `${semitones} ${semitones === 1 ? 'semitone' : 'semitones'} above the open string`;
