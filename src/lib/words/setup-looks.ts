import { standsWith, unitOf, type Follows, type SettingId, type Step } from '$lib/core/setup';
import type { LengthUnit } from '$lib/core/length';
import { SETTING_WORDS, settingText } from './setup';

/** What can be seen at a look, and what helps where no number does or the setting is at its end. */
export const SEEN_WORDS: Readonly<Record<string, { readonly text: string; readonly hint?: string }>> = {
  'rest-head-tips': { text: 'The head tips towards the instrument' },
  'rest-chin-up': { text: 'The head is pushed away, chin up' },
  'rest-shoulder-raised': {
    text: 'The shoulder is pulled up to clamp',
    hint: 'Still up after two raises: it is a habit. Leave the rest and work on the hold.'
  },
  'rest-scroll-droops': {
    text: 'The scroll sinks',
    hint: 'First seat it further back on the shoulder; then the left arm’s strength.'
  },
  'rest-scroll-up': { text: 'The scroll points up', hint: 'Seat it a little further out on the shoulder.' },
  'rest-slides-off': {
    text: 'It slides off on the chest side',
    hint: 'Widen the rest, and look at the tilt.'
  },
  'rest-slips': {
    text: 'The rest slips or its foot comes off',
    hint: 'Set it anew where it grips, with the band tight and a cloth under it.'
  },
  'rest-neck-turned': {
    text: 'The neck is turned far to the side',
    hint: 'The scroll is too far out: bring it in, or mount the chin rest nearer the centre.'
  },
  'rest-sore': {
    text: 'Red mark, sore jaw or collarbone',
    hint: 'A cover or cloth, another shape, less pressure. If it hurts, stop: the red button below notes it.'
  },
  'seated-peg-high': { text: 'The lowest peg is above the ear' },
  'seated-peg-low': { text: 'The lowest peg is far below the ear' },
  'seated-neck-on-shoulder': { text: 'The neck rests on the shoulder' },
  'seated-leans-back': { text: 'The player leans back' },
  'seated-slumps': { text: 'The player leans forward or slumps' },
  'seated-knees-high': { text: 'The knees are above the corners' },
  'seated-knee-slides': { text: 'A knee slides off' },
  'seated-slides-away': {
    text: 'The cello slides away on the floor',
    hint: 'Anchor it: a strap to the chair leg is surest. One hole shorter when it lies too flat, one longer when too upright.'
  },
  'standing-hand-high': { text: 'The left hand is above the eyes' },
  'standing-hunched': { text: 'Hunched to reach the bow’s place' },
  'standing-wrist-bent': { text: 'The left wrist is bent, though the height is right' },
  'standing-falls': { text: 'It falls or has to be held' },
  'standing-leans-on': { text: 'The player hangs on the bass' }
};

/** Which other part must give when a setting is at its end. */
const AT_THE_END: Readonly<Partial<Record<SettingId, string>>> = {
  lift: 'Another rest or a higher chin rest must give.',
  chestFoot: 'Another rest, or another seat on the shoulder, must give.',
  restWidth: 'Another rest must give.',
  seat: 'Another stool must give.',
  pin: 'Another seat, a longer pin or another size must give.',
  angle: 'The pin or the seat must give.',
  lean: 'The pin or the stance must give.'
};

/** A difference as it is read off a scale. */
const byText = (id: SettingId, value: number, unit: LengthUnit) =>
  unitOf(id) === 'deg' ? `${Math.round(value)}°` : settingText(id, value, unit);

/** What a set-up calls its settings. */
type NameOf = (id: SettingId) => string;
const usualName: NameOf = (id) => SETTING_WORDS[id].name;

/** What stands and what moves along with a change on a cello, in a sentence. */
export function followsSentence(
  step: Step,
  follows: readonly Follows[],
  unit: LengthUnit,
  nameOf: NameOf = usualName
): string {
  if (step.kind !== 'change') return '';
  const { stands } = standsWith(step.setting as SettingId<'seated'>);
  const moved = follows.flatMap(({ id, from, to }) => {
    const [was, is] = [byText(id, from, unit), byText(id, to, unit)];
    if (was === is) return [];
    return id === 'slide'
      ? [
          `the back touches ${byText(id, Math.abs(to - from), unit)} ${to > from ? 'higher' : 'lower'} on the breastbone`
        ]
      : [`${nameOf(id).toLowerCase()} ${was} → ${is}`];
  });
  const still = stands.map((id) => nameOf(id).toLowerCase()).join(' and ');
  return `Leave ${still} as they are${moved.length > 0 ? `; what follows: ${moved.join(', ')}` : ''}.`;
}

/** What to do after a look, in a sentence or two. */
export function stepSentence(step: Step, seen: string, unit: LengthUnit, nameOf: NameOf = usualName): string {
  switch (step.kind) {
    case 'change': {
      const { setting, from, to } = step;
      const way = to > from ? 'more' : 'less';
      const [before, after, by] = [from, to, Math.abs(to - from)].map((value) =>
        byText(setting, value, unit)
      );
      return `${nameOf(setting)} ${before} → ${after}, ${by} ${way}. Change it, then look again.`;
    }
    case 'holds': {
      if (step.setting === null || step.belief === null) return 'It holds. Keep this set-up.';
      const name = nameOf(step.setting);
      return step.belief.by === 'teacher'
        ? `${name} holds. Keep this set-up.`
        : `${name} is as good as found${step.to === null ? '' : ` at ${byText(step.setting, step.to, unit)}`}. Keep this set-up.`;
    }
    case 'again':
      return `The looks do not agree yet. Leave ${nameOf(step.setting).toLowerCase()} as it is and look once more.`;
    case 'end':
      return `${nameOf(step.setting)} is at its end, ${byText(step.setting, step.at, unit)}. ${AT_THE_END[step.setting] ?? 'Another part must give.'}`;
    case 'not-found':
      return `Not found: the looks do not agree. Best so far: ${nameOf(step.setting).toLowerCase()} at ${byText(step.setting, step.to, unit)}. Set it by hand and keep what you like best.`;
    case 'hint':
      return SEEN_WORDS[seen]?.hint ?? 'Change one thing, then look again.';
  }
}
