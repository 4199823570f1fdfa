import type { CauseFacts, CauseReason, RemedyEffect, Review } from '$lib/core/causes';
import type { Check } from '$lib/core/checks';
import { formatSetting, type LengthUnit } from '$lib/core/length';

/** Why a cause stands where it does, in a few words. */
export function causeReasonText({ code, factor }: CauseReason, facts: CauseFacts, unit: LengthUnit): string {
  switch (code) {
    case 'drift-past-limit': {
      const by = facts.setupDriftMm ?? 0;
      return `growth asks for ${formatSetting(Math.abs(by), unit)} ${by > 0 ? 'more' : 'less'} than is set`;
    }
    case 'length-read-anew':
      return 'a length it rests on was read anew and differs';
    case 'setting-at-other-end':
      return 'the setting stands at its other end';
    case 'no-set-up-kept':
      return 'no set-up was ever kept';
    case 'changed-for-this-lately':
      return `changed for this ${facts.changedDaysAgo === 1 ? 'a day' : `${facts.changedDaysAgo ?? 0} days`} ago, and it stayed`;
    case 'size-unlikely':
      return `the size suits in ${Math.round(100 * (facts.sizeChance ?? 0))} of 100 like this player`;
    case 'size-outgrown':
      return 'the size is outgrown';
    case 'frame-short':
      return 'the left hand’s frame fell short in the trial';
    case 'trial-said-larger':
      return 'the trial said that it is larger than suits';
    case 'trial-said-smaller':
      return 'the trial said that a larger one would suit';
    case 'next-unlikely':
      return 'the next larger size is far too large';
    case 'size-agreed':
      return 'tape and trial agree on the size';
    case 'went-after-drill':
      return 'it went away before after a drill';
    case 'passes-with-help':
      return 'it goes with a hand’s help';
    case 'drilled-without-effect':
      return `${facts.drillWeeks ?? 0} weeks of a drill changed nothing`;
    case 'worked-here':
      return factor > 1 ? 'it worked here more often' : 'it worked here less often';
  }
}

/** Whether a reason speaks for its cause. */
export const speaksFor = ({ factor }: CauseReason): boolean => factor > 1;

export const EFFECT_WORDS: Readonly<Record<RemedyEffect, string>> = {
  helped: 'helped',
  'not-yet': 'not yet'
};

/** What is due and why; a check that is not known any more goes by its id. */
export function reviewText({ review, reason }: Review, checks: readonly Check[]): string {
  const what = review === 'size' ? 'Look at the size' : 'Look at the set-up';
  const check = checks.find(({ id }) => id === reason.checkId);
  const fault = check?.faults.find(({ id }) => id === reason.fault)?.text.toLowerCase() ?? reason.fault;
  const of = `“${fault}” (${check?.title.toLowerCase() ?? reason.checkId})`;
  return reason.kind === 'came-back'
    ? `${what}: ${of} is back ${reason.times} times after practice.`
    : `${what}: ${reason.times} set-up changes did not mend ${of}.`;
}
