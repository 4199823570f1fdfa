import type { TapeMark, TapeZone } from '$lib/core/fitting-tape';
import type { LandingRule } from '$lib/core/sizing';

const PLACES: Readonly<Record<Exclude<LandingRule['school'], 'own'>, string>> = {
  'palm-centre': 'the centre of the palm',
  heel: 'the heel of the hand',
  wrist: 'the crease of the wrist'
};

/** Where a school reads the tape. */
export function tapePlace(rule: LandingRule): string {
  if (rule.school !== 'own') return PLACES[rule.school];
  const share = Math.round(Math.abs(rule.limit) * 100);
  return rule.limit < 0
    ? `${share} % of the hand’s length before the crease of the wrist`
    : `${share} % of the way from the crease of the wrist to the tip of the middle finger`;
}

/** What stands at a line: the size, and the own instruments that are so long; ~ is by the table, not measured. */
export const markText = ({ size, names, dimensions }: TapeMark): string =>
  names.length > 0 ? `${dimensions === 'nominal' ? '~' : ''}${size} no. ${names.join(', ')}` : `${size} none`;

const lineText = ({ size, names: [name] }: TapeMark): string =>
  name === undefined ? `the ${size}` : `no. ${name} (${size})`;

/** What is read off a tape: `between no. 7 (1/2) and no. 9 (1/2)`. */
export function zoneText({ after, before }: TapeZone): string {
  if (after && before) return `between ${lineText(after)} and ${lineText(before)}`;
  if (after) return `past ${lineText(after)}`;
  return before ? `short of ${lineText(before)}` : '';
}
