import type { LengthUnit } from '$lib/core/length';
import { rangeOf, type RestArrangement, type SettingId } from '$lib/core/setup';
import { settingText, settingWords } from '$lib/words/setup';
import type { Handle } from './SceneHandle.svelte';

/** The place by which a setting of a rest is moved up and down in its drawing. */
export function restHandle(id: SettingId<'rest'>, rest: RestArrangement, unit: LengthUnit): Handle {
  const { value } = rest.settings[id];
  return {
    id,
    name: settingWords(rest, id).name,
    spot: '',
    value,
    ...rangeOf('rest', id),
    text: settingText(id, value, unit),
    axis: 'up',
    perMm: 1,
    bare: true
  };
}
