import { bodyOf, type MeasurementId } from '../body';
import {
  averageSeatedBody,
  seatedBody,
  seatedLimits,
  seatedPosture,
  startPlacement,
  type SeatedBody
} from '../cello';
import type { SizingQuestion, Yardstick } from './yardstick';

const MATTERS: readonly MeasurementId[] = ['armReach', 'seatedBreastbone', 'seatedEar'];

/**
 * Cello: at the start position the bow arm's load speaks for the arm and the lowest peg's height over the ear
 * for the trunk. Each size may ask no more than the nominal one of it asks of the average player of its height.
 *
 * For the load the trunk is taken as height suggests, so that the two do not mix.
 */
export function seatedYardstick({ readings }: SizingQuestion): Yardstick | null {
  const body = bodyOf(readings);
  if (!body) return null;
  const player = seatedBody(body);
  const average = averageSeatedBody(body.heightMm);
  const armOnly: SeatedBody = { ...average, armReachMm: player.armReachMm };
  const limits = seatedLimits();
  const sd = (id: MeasurementId) => body.length(id).sdMm;
  const trunkSdMm = Math.hypot(sd('seatedBreastbone'), sd('seatedEar'));
  return {
    body,
    estimated: MATTERS.filter((id) => !body.length(id).measured),
    arithmetic: { kind: 'seated', body: player },
    tests: (cello) => {
      const limit = limits.get(cello.size) ?? { armLoad: Infinity, pegAboveEarMm: Infinity };
      const { bowDistanceMm, armLoad } = seatedPosture(armOnly, cello, startPlacement(armOnly));
      const { pegAboveEarMm } = seatedPosture(player, cello, startPlacement(player));
      const unlimited = limit.armLoad === Infinity;
      return [
        {
          kind: 'arm-load',
          value: armLoad,
          limit: limit.armLoad,
          marginMm: unlimited ? Infinity : limit.armLoad * player.armReachMm - bowDistanceMm,
          sdMm: unlimited ? 1 : limit.armLoad * sd('armReach')
        },
        {
          kind: 'peg-above-ear',
          value: pegAboveEarMm,
          limit: limit.pegAboveEarMm,
          marginMm: limit.pegAboveEarMm - pegAboveEarMm,
          sdMm: trunkSdMm
        }
      ];
    }
  };
}
