import type { Family } from '../../instruments';
import { sharedIdentity } from '../identities';
import type { Cause, Check, Fault } from '../types';
import { SHARED_CAUSES } from './causes';

/**
 * Why a fault of a check comes about in a family, likeliest first. What is seen in several checks has the same causes
 * in all of them; a word that a check has of its own on one of them comes first, in its place.
 */
function causesOf(checkId: string, { id, causes: own }: Fault, family: Family): readonly Cause[] {
  const shared = sharedIdentity(checkId, id);
  const common: readonly Cause[] = shared ? SHARED_CAUSES[shared] : [];
  const kinds = new Set(own.map(({ cause }) => cause));
  // Without a bow in the hand it can't be the bow.
  const plucks = checkId.startsWith('pluck-');
  return [...own, ...common.filter(({ cause }) => !kinds.has(cause))].filter(
    ({ families, cause }) => (families?.includes(family) ?? true) && !(plucks && cause === 'bow')
  );
}

/** The checks of a family among others, each fault with its causes there. */
export const ofFamily = (checks: readonly Check[], family: Family): readonly Check[] =>
  checks
    .filter(({ families }) => families.includes(family))
    .map((check) => ({
      ...check,
      faults: check.faults.map((fault) => ({ ...fault, causes: causesOf(check.id, fault, family) }))
    }));
