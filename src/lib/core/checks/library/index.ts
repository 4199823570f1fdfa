import type { Family } from '../../instruments';
import type { Check } from '../types';

/** The checks of a family, in the order of categories and of looking: read when they are needed. */
const READERS: Readonly<Record<Family, () => Promise<{ readonly CHECKS: readonly Check[] }>>> = {
  violin: () => import('./shoulder'),
  viola: () => import('./shoulder'),
  cello: () => import('./cello'),
  bass: () => import('./bass')
};

/** The check with the causes of a family: what is for others only is left out. */
const causesFor = (check: Check, family: Family): Check => ({
  ...check,
  faults: check.faults.map((fault) => ({
    ...fault,
    causes: fault.causes.filter(({ families }) => families?.includes(family) ?? true)
  }))
});

const known = new Map<Family, Promise<readonly Check[]>>();

/**
 * The library of a family.
 *
 * @example
 * (await checksFor('cello'))[0].id // 'ready-tune'
 */
export function checksFor(family: Family): Promise<readonly Check[]> {
  const reading =
    known.get(family) ??
    READERS[family]().then(({ CHECKS }) =>
      CHECKS.filter(({ families }) => families.includes(family)).map((check) => causesFor(check, family))
    );
  known.set(family, reading);
  // What could not be fetched is asked for again.
  reading.catch(() => known.delete(family));
  return reading;
}
