import type { Standing } from '$lib/core/roster';
import type { GrowthCurve } from '$lib/data';

export const STANDING_WORDS: Readonly<Record<Standing, string>> = {
  outgrown: 'Outgrown',
  'under-way': 'Half done',
  due: 'Due to measure',
  new: 'No size yet',
  settled: 'Settled'
};

export const CURVE_WORDS: Readonly<Record<GrowthCurve, string>> = {
  girl: 'Girls’ curve',
  boy: 'Boys’ curve',
  both: 'Both, averaged'
};
