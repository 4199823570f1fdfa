import type { Pain } from '$lib/data';
import type { PainFeel, PainPlace } from '$lib/data/schema/check';
import { dayText } from './dates';

export const PAIN_PLACE_WORDS: Readonly<Record<PainPlace, string>> = {
  jaw: 'jaw',
  neck: 'neck',
  collarbone: 'collarbone',
  back: 'back',
  'left-shoulder': 'left shoulder',
  'left-arm': 'left arm',
  'left-wrist': 'left wrist',
  'left-hand': 'left hand',
  'right-shoulder': 'right shoulder',
  'right-arm': 'right arm',
  'right-wrist': 'right wrist',
  'right-hand': 'right hand'
};

export const PAIN_FEEL_WORDS: Readonly<Record<PainFeel, string>> = {
  pain: 'Pain',
  tingling: 'Tingling',
  numbness: 'Numbness'
};

const DURING_WORDS: Readonly<Record<Pain['during'], string>> = {
  measuring: 'while measuring',
  trial: 'in a trial on the body',
  'set-up': 'at the set-up',
  check: 'in a check of the hold',
  lesson: 'in a lesson'
};

/** Pain as it was noted, in a sentence. */
export function painSentence({ day, during, size, place, feel }: Pain): string {
  const what = feel ? PAIN_FEEL_WORDS[feel] : 'Pain, tingling or numbness';
  const where = place ? ` in the ${PAIN_PLACE_WORDS[place]}` : '';
  return `${what}${where} on ${dayText(day)}, ${DURING_WORDS[during]}${size ? ` with the ${size}` : ''}.`;
}

/** Said wherever a try or a check can hurt. Jarvel does not diagnose. */
export const PAIN_CAUTION =
  'Stop. Put the instrument down and rest. Look at size and set-up before the next try. If pain, tingling or numbness stays or comes back, a doctor or physiotherapist should see it. Jarvel makes no diagnosis.';

/** Where it is still there at another lesson. */
export const STILL_THERE =
  'Do not play through it: a doctor or physiotherapist should see it first. The note stays open until then.';
