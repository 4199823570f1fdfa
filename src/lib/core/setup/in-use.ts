import type { Adjustments, Arrangement } from './arrangement';
import { SETTING_IDS, type SettingId } from './kinds';
import { DEFAULT_REST_SCHOOL, SUPPORT_OF, type RestSchool, type RestSupport } from './rest-schools';

/** A pad or a sponge has one place and no feet; without either there is only the chin rest. */
const OF_SUPPORT: Readonly<Record<RestSupport, readonly SettingId<'rest'>[]>> = {
  'shoulder-rest': SETTING_IDS.rest,
  pad: ['chinRest', 'lift', 'shoulderFootAlong', 'tilt'],
  sponge: ['chinRest', 'lift', 'shoulderFootAlong', 'tilt'],
  none: ['chinRest', 'tilt']
};

/** What is under the instrument in a set-up for violin or viola. */
export const supportOf = ({ choices }: { readonly choices: { readonly school?: RestSchool } }): RestSupport =>
  SUPPORT_OF[choices.school ?? DEFAULT_REST_SCHOOL];

/** The settings of violin and viola with something, or nothing, under the back. */
export const settingsUnder = (support: RestSupport): readonly SettingId<'rest'>[] => OF_SUPPORT[support];

/** The settings that a set-up has: what its way of filling the gap does not know is left out. */
export const settingsInUse = (setup: Arrangement | Adjustments): readonly SettingId[] =>
  setup.kind === 'rest' ? settingsUnder(supportOf(setup)) : SETTING_IDS[setup.kind];

/**
 * The setting that takes the place of one which a way of filling the gap leaves alone; null where no number does.
 *
 * Source: who goes by the collarbone, or has nothing under the back, changes the height at the chin rest.
 */
const INSTEAD: Readonly<Record<RestSchool, Readonly<Partial<Record<SettingId, SettingId | null>>>>> = {
  'rest-first': {},
  'collarbone-first': { lift: 'chinRest' },
  pad: { chestFoot: null, shoulderFoot: null, restWidth: null },
  sponge: { chestFoot: null, shoulderFoot: null, restWidth: null },
  none: { lift: 'chinRest', chestFoot: null, shoulderFoot: null, restWidth: null }
};

/** The setting by which a set-up mends what is usually mended by another one; null where no number does. */
export function mendedBy(
  { kind, choices }: Pick<Arrangement, 'kind' | 'choices'>,
  setting: SettingId
): SettingId | null {
  if (kind !== 'rest' || !('school' in choices)) return setting;
  const instead = INSTEAD[choices.school][setting];
  return instead === undefined ? setting : instead;
}
