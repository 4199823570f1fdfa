import type { InferType } from 'yup';
import { dimensionsOf, FAMILIES, sizesOf } from '$lib/core/instruments';
import {
  believe,
  LOOKS_SEEN,
  MOST_LOOKS,
  reachOf,
  SETTING_IDS,
  SETUP_KIND_OF,
  SETUP_KINDS,
  type SettingId
} from '$lib/core/setup';
import type { ListBounds } from './bounds';
import { choiceOf, exactly, listOf, numberWithin } from './fields';
import { InputProblem } from './problem';
import { sizeName } from './size';

export const ADJUST_BOUNDS: ListBounds = { looks: MOST_LOOKS, rangeMm: 2 };

const EVERY_SETTING = [...new Set(SETUP_KINDS.flatMap((kind): readonly SettingId[] => SETTING_IDS[kind]))];
const FARTHEST = 2000;
const value = () => numberWithin(-FARTHEST, FARTHEST);

/** What a question for the next change of a setting must look like. */
export const adjustRequest = exactly({
  family: choiceOf(FAMILIES).required(),
  setting: choiceOf(EVERY_SETTING, 'One of the settings of the family; angles are in degrees').required(),
  size: sizeName(),
  rangeMm: listOf(value().required(), 2, 'Lowest and highest value; the setting’s own when not given'),
  startMm: value().required(),
  looks: listOf(
    exactly({ atMm: value().required(), seen: choiceOf(LOOKS_SEEN).required() }).required(),
    MOST_LOOKS,
    'What was seen at which value, oldest first',
    0
  ).required()
});

/**
 * Answers what to try next.
 *
 * @throws InputProblem for a setting or a size that the family does not have, and a range without extent
 */
export function answerAdjust({
  family,
  setting,
  size,
  rangeMm,
  startMm,
  looks
}: InferType<typeof adjustRequest>): unknown {
  const kind = SETUP_KIND_OF[family];
  const settings: readonly SettingId[] = SETTING_IDS[kind];
  if (!settings.includes(setting))
    throw new InputProblem([{ path: 'setting', message: `a ${family} has ${settings.join(', ')}` }]);
  if (size !== undefined && !sizesOf(family).includes(size))
    throw new InputProblem([{ path: 'size', message: `no ${family} comes in this size` }]);
  const instrument = size === undefined ? null : dimensionsOf(family, size);
  const reach = reachOf(setting, { kind, instrument });
  const [low = reach.low, high = reach.high] = rangeMm ?? [];
  if (rangeMm && rangeMm.length !== 2)
    throw new InputProblem([{ path: 'rangeMm', message: 'must hold the lowest and the highest value' }]);
  if (high - low < reach.tolerance)
    throw new InputProblem([{ path: 'rangeMm', message: `must span at least ${reach.tolerance}` }]);
  const { next, state, by, sure, best } = believe(
    { low, high, start: startMm, tolerance: reach.tolerance },
    looks.map(({ atMm, seen }) => ({ at: atMm, seen }))
  );
  return { nextMm: next, state, ...(by ? { by } : {}), sure, bestMm: best };
}
