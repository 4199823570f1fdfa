import type { Family } from '../../instruments';
import type { Check } from '../types';
import { ofFamily } from './of-family';

/** The checks of a family, in the order of categories and of looking: read when they are needed. */
const READERS: Readonly<Record<Family, () => Promise<{ readonly CHECKS: readonly Check[] }>>> = {
  violin: () => import('./shoulder'),
  viola: () => import('./shoulder'),
  cello: () => import('./cello'),
  bass: () => import('./bass')
};

const known = new Map<Family, Promise<readonly Check[]>>();

/**
 * The library of a family.
 *
 * @example
 * (await checksFor('cello'))[0].id // 'ready-tune'
 */
export function checksFor(family: Family): Promise<readonly Check[]> {
  const reading = known.get(family) ?? READERS[family]().then(({ CHECKS }) => ofFamily(CHECKS, family));
  known.set(family, reading);
  // What could not be fetched is asked for again.
  reading.catch(() => known.delete(family));
  return reading;
}
