import type { Size } from '$lib/core/instruments';
import type { Proposal } from '$lib/core/sizing';
import type { Advice, TrialVerdict } from '$lib/core/trial';

/** How a trial ended, for the bench and the history. */
export function trialVerdictSentence(size: Size, verdict: TrialVerdict): string {
  switch (verdict) {
    case 'smaller':
      return `Tried on, the ${size} is too large.`;
    case 'keep':
      return `Tried on, the ${size} suits.`;
    case 'larger':
      return `Tried on, the ${size} is too small.`;
    case 'stopped':
      return `The trial of the ${size} was stopped: pain, tingling or numbness.`;
  }
}

/** What can be tried another way, by what the instrument has. */
const ANOTHER_WAY: Readonly<Record<Proposal['arithmetic']['kind'], string>> = {
  landing: 'a softer pad, another rest or another place on the collarbone',
  seated: 'another seat height, another pin or the cello further to the side',
  standing: 'the pin higher or lower, a stool, or the bass leant more'
};

/** What tape, trial and growth together advise, and why. */
export function adviceSentence({ size, trialSize, because, smaller }: Advice, proposal: Proposal): string {
  switch (because) {
    case 'tape':
      return `By the tape: the ${size}.`;
    case 'agree':
      return `Tape and trial agree on the ${size}.`;
    case 'trial-outranks':
      return `The tape says ${proposal.proposal}, the body says ${trialSize}. The body outranks the tape: the ${size}.`;
    case 'room-to-grow':
      return `Between ${proposal.between?.join(' and ')}: it suits the body, and the smaller one would be outgrown soon. The ${size}.`;
    case 'careful':
      return trialSize === null || trialSize === size
        ? `Between ${proposal.between?.join(' and ')}: the ${size}, unless trial and growth both speak for the larger.`
        : `Between ${proposal.between?.join(' and ')}: the ${trialSize} suits the body, but the ${size} will do for a good while yet. The ${size}.`;
    case 'beyond-rule':
      return `The ${trialSize} suits the body, but lies beyond your limit: the ${size}. Take the deciding lengths once more; the larger one is yours to choose, with your reason.`;
    case 'none-smaller':
      return 'It is too large, and no smaller one is in use. Wait, or add a smaller size in Settings.';
    case 'pain':
      return `Leave it for today. Rest, then try ${ANOTHER_WAY[proposal.arithmetic.kind]}${smaller === null ? '' : `, or a ${smaller}`}; or wait some weeks. If it stays or comes back, a doctor or physiotherapist should look at it.`;
  }
}
