import { bodyOf, type MeasurementId } from '../body';
import { heightRules, LEAN_DEG, LOWEST_REACH_SHARE, MOST_LIFT_MM } from '../bass';
import type { SizingQuestion, Yardstick } from './yardstick';

const MATTERS: readonly MeasurementId[] = ['gripHang', 'cheek'];

/**
 * Double bass: with the pin that lets the bow reach its place, the left hand may not be lifted too far above the
 * cheek, and the bow hand may not fall below the bridge.
 */
export function standingYardstick({ readings }: SizingQuestion): Yardstick | null {
  const body = bodyOf(readings);
  if (!body) return null;
  const heights = {
    gripHangMm: body.length('gripHang').mm,
    cheekMm: body.length('cheek').mm,
    eyebrowMm: body.length('eyebrow').mm
  };
  const cos = Math.cos((LEAN_DEG * Math.PI) / 180);
  const gripSdMm = body.length('gripHang').sdMm / cos;
  const cheekSdMm = body.length('cheek').sdMm / cos;
  return {
    body,
    estimated: MATTERS.filter((id) => !body.length(id).measured),
    arithmetic: { kind: 'standing', heights },
    tests: (bass) => {
      const { bowReachMm, liftMm } = heightRules(heights, bass);
      const lowest = LOWEST_REACH_SHARE * bass.stringMm;
      return [
        {
          kind: 'cheek-lift',
          value: liftMm,
          limit: MOST_LIFT_MM,
          marginMm: MOST_LIFT_MM - liftMm,
          sdMm: bowReachMm > 0 ? Math.hypot(gripSdMm, cheekSdMm) : cheekSdMm
        },
        {
          kind: 'bow-reach',
          value: bowReachMm,
          limit: lowest,
          marginMm: bowReachMm - lowest,
          sdMm: gripSdMm
        }
      ];
    }
  };
}
