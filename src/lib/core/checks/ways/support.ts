import { SHOULDER_FAMILIES, type Family } from '../../instruments';
import { settingsUnder, type RestSupport } from '../../setup';
import type { Check } from '../types';

/** What is looked at where a pad or a sponge takes the place of a shoulder rest. */
const UNDER = {
  pad: {
    title: 'The pad is on as marked',
    right: 'The pad sits at its mark on the shoulder side and does not slide.',
    forPlayer: 'Put the pad on its mark.'
  },
  sponge: {
    title: 'The sponge is on as marked',
    right: 'The sponge lies at its mark; its band runs from the lower corner to the button.',
    forPlayer: 'Put the sponge on its mark, the band round.'
  }
} as const;

/** Faults that a thing without feet and ends does not have. */
const OF_A_REST: readonly string[] = ['swapped', 'crooked'];

/**
 * A check of violin or viola by what is under the back: nobody looks for a rest that is not used, and no remedy names a
 * setting that is not there. Null where nothing is left to look at.
 */
export function underneath(check: Check, family: Family, support: RestSupport): Check | null {
  if (support === 'shoulder-rest' || !SHOULDER_FAMILIES.some((one) => one === family)) return check;
  if (check.id === 'ready-rest' && support === 'none') return null;
  const there = settingsUnder(support);
  const faults = check.faults.map((fault) => ({
    ...fault,
    causes: fault.causes.filter(
      ({ step }) =>
        !step ||
        step.setting === 'scroll' ||
        step.setting === 'mount' ||
        there.some((one) => one === step.setting)
    )
  }));
  if (check.id !== 'ready-rest' || support === 'none') return { ...check, faults };
  const changes = [...check.picture.changes, { kind: `${support}-under` } as const];
  return {
    ...check,
    ...UNDER[support],
    faults: faults
      .filter(({ id }) => !OF_A_REST.includes(id))
      .map((fault) => ({ ...fault, text: fault.id === 'missing' ? 'Nothing under it' : fault.text })),
    picture: { ...check.picture, changes }
  };
}
