import type { Size } from '$lib/core/instruments';
import { formatLength, type LengthUnit } from '$lib/core/length';
import type { Proposal, Reason } from '$lib/core/sizing';
import { LACK_WORDS, landingWords } from './sizing';

/** What a reason says to a family, who know neither limits nor rules; null where it says nothing to them. */
function toFamily(reason: Reason, unit: LengthUnit): string | null {
  switch (reason.code) {
    case 'landing':
      return reason.landing <= reason.limit
        ? `With the arm stretched out, the scroll of a ${reason.size} comes to lie ${landingWords(reason.landing)}, as it should.`
        : `Even the scroll of a ${reason.size} comes to lie ${landingWords(reason.landing)}: it is the smallest that there is.`;
    case 'seated':
      return `Seated with a ${reason.size}, the bow arm has room and the pegs come to the right height.`;
    case 'standing':
      return reason.liftMm > 0
        ? `Standing with a ${reason.size}, the bow hand comes to its place and the left hand stays near the cheek.`
        : `Standing with a ${reason.size}, both hands come to their places.`;
    case 'next-up':
      return `A ${reason.size} still needs ${formatLength(reason.needsMm, unit)} ${LACK_WORDS[reason.test]}.`;
    case 'between-sizes':
      return `The tape measure comes out between ${reason.sizes[0]} and ${reason.sizes[1]}.`;
    default:
      return null;
  }
}

/**
 * Why a size was decided, for a letter home: what the tape said of it, or that the trial on the body decided where the
 * tape had said another one.
 *
 * @param proposal what the tape said when it was decided
 */
export function whyForFamily(size: Size, proposal: Proposal, unit: LengthUnit): string {
  if (proposal.proposal !== size)
    return `It was tried on, and the ${size} suits better than the tape alone says.`;
  // One larger size is enough to name, whatever it lacks.
  const [first, ...others] = proposal.reasons.flatMap((reason) => toFamily(reason, unit) ?? []);
  return [first, others.at(0)].filter((text) => text !== undefined).join(' ');
}
