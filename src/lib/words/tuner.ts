import type { Family } from '$lib/core/instruments';
import { IN_TUNE_CENTS, type Heard } from '$lib/core/tuner';

/** Farther than this a fine tuner does not reach, cents. */
const FINE_TUNER_CENTS = 50;

/** The letter of a string: `G` of `G3`. */
export const stringLetter = (name: string): string => name.replace(/\d/g, '');

/** Whether what is heard is in tune, too low or too high. */
export function tuningState(heard: Heard): 'none' | 'low' | 'in-tune' | 'high' {
  if (heard.kind !== 'tone') return 'none';
  if (Math.abs(heard.cents) <= IN_TUNE_CENTS) return 'in-tune';
  return heard.cents < 0 ? 'low' : 'high';
}

/** What to do about what is heard. */
export function tuningSentence(heard: Heard, family: Family): string {
  if (heard.kind === 'silence') return 'Play one open string with a long bow, or pluck it.';
  if (heard.kind === 'unclear') return 'No clear tone: one open string, the others quiet.';
  const letter = stringLetter(heard.string);
  const state = tuningState(heard);
  if (state === 'in-tune') return `${letter} is in tune.`;
  const low = state === 'low';
  const is = `${letter} is too ${low ? 'low' : 'high'}:`;
  if (family === 'bass')
    return `${is} ${low ? 'tighten' : 'loosen'} it at its machine head, a little at a time.`;
  if (Math.abs(heard.cents) <= FINE_TUNER_CENTS) return `${is} turn its fine tuner ${low ? 'in' : 'out'}.`;
  return `${is} ${low ? 'up' : 'down'} by the peg, pushing it in while it turns.`;
}
