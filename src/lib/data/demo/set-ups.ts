import { bodyOf } from '$lib/core/body';
import { seatedBody } from '$lib/core/cello';
import { dimensionsOf, isShoulderFamily, type ShoulderFamily } from '$lib/core/instruments';
import {
  DEFAULT_SCROLL_SCHOOL,
  noAdjustments,
  restStack,
  seatedPlan,
  settle,
  settleSeated,
  settleStanding,
  SETTING_IDS,
  SETUP_KIND_OF,
  standingPlan,
  TILT_DEG,
  type Arrangement,
  type RestSchool,
  type SettingId
} from '$lib/core/setup';
import type { Fit, Setup } from '../store/records';

/** Marks as somebody would leave them. */
const MARKS: Readonly<Partial<Record<SettingId, string>>> = {
  shoulderFootAlong: 'blue sticker at the foot',
  chestFootAlong: 'blue sticker at the foot',
  seat: 'stool with the green dot',
  pin: 'red tape',
  anchor: 'third hole of the strap'
};

const marked = <Kind extends Arrangement['kind']>(kind: Kind) => ({
  ...noAdjustments(kind),
  marks: Object.fromEntries(
    (SETTING_IDS[kind] as readonly SettingId[]).flatMap((id) => {
      const mark = MARKS[id];
      // A bass's pin is found again by its notch.
      return mark && kind !== 'standing' ? [[id, mark]] : [];
    })
  )
});

/** The set-up that a decision of the made-up class led to, with the lengths it rests on. */
export function demoSetUp(fit: Fit, school: RestSchool): Arrangement & Pick<Setup, 'basis'> {
  const instrument = dimensionsOf(fit.family, fit.size);
  const firsts = Object.entries(fit.readings).flatMap(([id, [mm]]) => (mm === undefined ? [] : [[id, mm]]));
  const basis: Setup['basis'] = { lengths: Object.fromEntries(firsts), estimated: [] };
  if (isShoulderFamily(fit.family)) return rest(fit, fit.family, school);
  const body = bodyOf(fit.readings);
  if (!body) throw new Error('the made-up class is measured');
  if (SETUP_KIND_OF[fit.family] === 'seated') {
    const plan = seatedPlan({ body: seatedBody(body), cello: instrument });
    return { ...settleSeated(plan, { anchoring: 'strap', placing: 'turned' }, marked('seated')), basis };
  }
  const heights = {
    gripHangMm: body.length('gripHang').mm,
    cheekMm: body.length('cheek').mm,
    eyebrowMm: body.length('eyebrow').mm
  };
  const plan = standingPlan({ heights, bass: instrument });
  return { ...settleStanding(plan, { bowHold: 'overhand' }, marked('standing')), basis };
}

function rest(fit: Fit, family: ShoulderFamily, school: RestSchool): Arrangement & Pick<Setup, 'basis'> {
  const heightMm = fit.readings.height?.[0] ?? null;
  const dropMm = fit.readings.shoulderSlope?.[0];
  const stack = restStack({
    instrument: dimensionsOf(family, fit.size),
    neckGapMm: fit.readings.neckGap?.[0] ?? null,
    heightMm,
    shoulder: dropMm === undefined ? { slope: 'medium' } : { dropMm },
    school,
    tiltDeg: TILT_DEG['high-over-shoulder']
  });
  return {
    ...settle(stack, { school, mount: 'beside', scroll: DEFAULT_SCROLL_SCHOOL }, marked('rest')),
    basis: {
      lengths: { neckGap: stack.neckGapMm, ...(heightMm === null ? {} : { height: heightMm }) },
      estimated: []
    }
  };
}
