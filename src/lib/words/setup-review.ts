import type { LengthUnit } from '$lib/core/length';
import type { SetupReview } from '$lib/core/setup';
import type { IsoDay } from '$lib/core/time';
import { monthText } from './dates';
import { SETTING_WORDS, settingText } from './setup';

const NO_REVIEW_WORDS = {
  'no-age': 'Without a birth month there is no telling how long this set-up stays right.',
  grown: 'Grown up: this set-up stays right unless something else changes.',
  'no-height': 'Measure the height once, and the set-up gets a date.'
} as const;

/** What a set-up will want by when: early, middle and late. */
export function setupReviewSentence(
  { drift, when, why }: SetupReview,
  unit: LengthUnit,
  today: IsoDay
): string {
  if (why) return NO_REVIEW_WORDS[why];
  const name = drift.setting === 'lift' ? 'Chin rest and lift together' : SETTING_WORDS[drift.setting].name;
  const change = `${settingText(drift.setting, Math.abs(drift.byMm), unit)} ${drift.byMm > 0 ? 'more' : 'less'}`;
  if (!when?.middle) return `This set-up will probably stay right.`;
  if (when.middle <= today)
    return `Look again at the set-up: by growth, ${name.toLowerCase()} wants ${change}.`;
  const ends = [
    ...(when.early ? [`at the earliest ${when.early <= today ? 'now' : monthText(when.early)}`] : []),
    when.late ? `at the latest ${monthText(when.late)}` : 'perhaps never'
  ];
  return `${name}: ${change} about ${monthText(when.middle)}, ${ends.join(', ')}.`;
}
