import { isGrown, type Standing } from '$lib/core/outlook';
import type { IsoDay } from '$lib/core/time';
import type { GrowthCurve } from '$lib/data';
import type { RosterEntry } from '$lib/data/questions/roster';
import { dayText, monthText } from './dates';
import { NO_FORECAST_BRIEFLY } from './growth';

export const STANDING_WORDS: Readonly<Record<Standing, string>> = {
  pain: 'Pain is open',
  'measured-too-large': 'Measured too large',
  'measured-too-small': 'Measured too small',
  'probably-too-small': 'Probably too small by now',
  'under-way': 'Half done',
  due: 'Due to measure',
  new: 'No size yet',
  'chosen-larger': 'Chosen larger',
  settled: 'Settled'
};

/** Where a player stands, in a line. */
export function standingText({ standing, foresight, pending }: RosterEntry): string {
  if (pending && standing === 'new') return 'Looking…';
  if (!foresight) return STANDING_WORDS[standing];
  const { size, nextMeasure, tooLarge } = foresight;
  switch (standing) {
    case 'measured-too-large':
      return `${STANDING_WORDS[standing]}: the ${size}, on ${dayText(tooLarge?.measuredOn ?? nextMeasure.date)}`;
    case 'chosen-larger':
      return nextMeasure.reason === 'chosen-larger'
        ? `${STANDING_WORDS[standing]}: the ${size}. Look at it again`
        : `${STANDING_WORDS[standing]}: the ${size}, measure by ${dayText(nextMeasure.date)}`;
    case 'pain':
    case 'measured-too-small':
    case 'probably-too-small':
      return `${STANDING_WORDS[standing]}: the ${size}`;
    case 'due':
      return `${STANDING_WORDS.due}, by ${dayText(nextMeasure.date)}`;
    case 'settled':
      return `${STANDING_WORDS.settled}, measure by ${dayText(nextMeasure.date)}`;
    case 'under-way':
    case 'new':
      return STANDING_WORDS[standing];
  }
}

/** A sentence as it stands within another. */
export const lowered = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** When a size is outgrown, as briefly as a list wants it. */
export function outgrownBriefly(entry: RosterEntry, today: IsoDay): string {
  const { standing, foresight } = entry;
  if (!foresight) return '';
  const { outgrown, why, estimated, tooSmall } = foresight;
  if (standing === 'pain') return 'nothing is said while pain is open';
  if (standing === 'measured-too-large' || standing === 'chosen-larger') return lowered(standingText(entry));
  if (standing === 'measured-too-small' || standing === 'probably-too-small')
    return STANDING_WORDS[standing].toLowerCase();
  if (tooSmall && !isGrown(foresight, today))
    return estimated ? STANDING_WORDS['probably-too-small'].toLowerCase() : 'measured too small';
  if (isGrown(foresight, today)) return NO_FORECAST_BRIEFLY.grown;
  if (why) return NO_FORECAST_BRIEFLY[why];
  if (!outgrown) return 'not known';
  const { early, middle, late } = outgrown;
  const byHeight = estimated ? ', by height only' : '';
  if (middle === null) return early === null ? 'lasts' : `perhaps, from ${monthText(early)}${byHeight}`;
  if (middle <= today) return 'probably too small by now';
  const from = early && early > today ? monthText(early) : 'now';
  return `${monthText(middle)} (${from} to ${late ? monthText(late) : 'never'})${byHeight}`;
}

export const CURVE_WORDS: Readonly<Record<GrowthCurve, string>> = {
  girl: 'Girls’ curve',
  boy: 'Boys’ curve',
  both: 'Both, averaged'
};
