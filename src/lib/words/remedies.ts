import type { SettingStep } from '$lib/core/checks';
import type { ChoiceId, SettingId } from '$lib/core/setup';
import { SETTING_WORDS } from './setup';

const CHOICE_NAMES: Readonly<Record<ChoiceId, string>> = {
  school: 'what fills the gap',
  mount: 'where the chin rest is mounted',
  scroll: 'where the scroll points',
  anchoring: 'how the pin is anchored',
  placing: 'turned or square',
  bowHold: 'the bow hold'
};

const isSetting = (id: SettingStep['setting']): id is SettingId => id in SETTING_WORDS;

/** Which setting a remedy moves, and which way. */
export function settingStepText({ setting, way }: SettingStep): string {
  const name = isSetting(setting) ? SETTING_WORDS[setting].name.toLowerCase() : CHOICE_NAMES[setting];
  return way === 'other' ? `(${name})` : `(${name} ${way === 'raise' ? 'up' : 'down'})`;
}
