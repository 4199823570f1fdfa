import type { NextMeasureReason, Outgrown } from '$lib/core/growth';
import type { NoForecast, Outlook, Rung } from '$lib/core/outlook';
import type { Size } from '$lib/core/instruments';
import type { IsoDay } from '$lib/core/time';
import { dayText, monthText } from './dates';

/** Why to measure on that day. */
export const NEXT_MEASURE_WORDS: Readonly<Record<NextMeasureReason, string>> = {
  'half-year': 'half a year is the longest to wait',
  'change-likely': 'by then a larger size has one chance in four',
  borderline: 'it was between two sizes',
  'no-age': 'without a birth month growth can’t be foreseen, so half a year',
  grown: 'grown up, so only a look after half a year',
  'too-large': 'it was measured too large',
  'chosen-larger': 'it was chosen larger, and measured again since'
};

/** Why nothing is forecast, and what would help. */
export const NO_FORECAST_WORDS: Readonly<Record<NoForecast, string>> = {
  'no-age': 'Without a birth month there is no telling how fast this player grows. Add it under Edit.',
  grown: 'After 18 nothing is forecast: the size stays unless the body says otherwise.',
  'no-height': 'Measure the height once, and a forecast appears.',
  'largest-size': 'This is the largest size in use: it is never outgrown.',
  'beyond-reference':
    'The last height lies far outside the growth curve for this age, so nothing is forecast. Look at the height (centimetres or inches?) and the birth month.',
  'below-tape':
    'It was taken smaller than the tape says, on purpose. The next measuring tells how long it will do.'
};

/** When a size is outgrown, in one sentence. */
export function outgrownSentence(size: Size, { early, middle, late }: Outgrown, today: IsoDay): string {
  if (middle === null)
    return early === null
      ? `The ${size} will probably last for good.`
      : `The ${size} may last for good; at the earliest it is outgrown in ${monthText(early)}.`;
  if (middle <= today) return `The ${size} is outgrown now.`;
  const ends = [
    ...(early ? [`at the earliest ${early <= today ? 'now' : monthText(early)}`] : []),
    late ? `at the latest ${monthText(late)}` : 'perhaps never'
  ];
  return `The ${size} is outgrown about ${monthText(middle)}, ${ends.join(', ')}.`;
}

/** That the size in use is too large by the tape, or was taken larger; null where it is not. */
const tooLargeText = (ahead: Outlook | null): string | null =>
  ahead?.tooLarge
    ? ahead.tooLarge.onPurpose
      ? 'chosen larger than the tape says'
      : `measured too large on ${dayText(ahead.tooLarge.measuredOn)}`
    : null;

/** Everything that can be said of what comes, as sentences. */
export function outlookSentences(size: Size, ahead: Outlook, today: IsoDay): readonly string[] {
  const tooLarge = tooLargeText(ahead);
  if (tooLarge)
    return [`The ${size} is ${tooLarge}: look at it again at each measuring, and try it on the body.`];
  return [
    ...(ahead.outgrown ? [outgrownSentence(size, ahead.outgrown, today)] : []),
    ...(ahead.why ? [NO_FORECAST_WORDS[ahead.why]] : []),
    ...(ahead.outgrown && ahead.estimated.length > 0
      ? ['An estimate: it rests on height, since the lengths that decide were not all measured.']
      : [])
  ];
}

/** When a size of the ladder was, is or comes. */
export function rungText(rung: Rung, today: IsoDay): string {
  if (rung.when === 'coming') return rung.about <= today ? 'now' : `about ${monthText(rung.about)}`;
  return `${rung.when === 'now' ? 'since' : 'from'} ${monthText(rung.since)}`;
}

/** Why nothing is forecast, as briefly as a list wants it. */
export const NO_FORECAST_BRIEFLY: Readonly<Record<NoForecast, string>> = {
  'no-age': 'no birth month',
  grown: 'grown up',
  'no-height': 'no height',
  'largest-size': 'largest in use',
  'beyond-reference': 'height far outside the curve',
  'below-tape': 'taken smaller on purpose'
};
