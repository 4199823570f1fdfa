import { bodyOf, type Readings } from '../body';
import { seatedBody } from '../cello';
import { dimensionsOf, type Family, type Size } from '../instruments';
import {
  noAdjustments,
  restStack,
  seatedPlan,
  settle,
  settleSeated,
  settleStanding,
  standingPlan,
  type Arrangement,
  type RestSchool,
  type SeatedPlan,
  type SettingId,
  type StandingPlan
} from '.';

type Own = Readonly<Partial<Record<SettingId, number>>>;

/** A body of a height, with some lengths as shares of it, for tests. */
export function bodyFor(heightMm: number, shares: Readonly<Record<string, number>> = {}) {
  const lengths = Object.entries(shares).map(([id, of]) => [id, [of * heightMm]]);
  const body = bodyOf({ height: [heightMm], ...Object.fromEntries(lengths) } as Readings);
  if (!body) throw new Error('no body');
  return body;
}

/** What any family is set up with on a size, with what the teacher holds, for tests. */
export function laidFor(
  family: Family,
  size: Size,
  heightMm: number,
  own: Own = {},
  school: RestSchool = 'rest-first'
): {
  readonly arrangement: Arrangement;
  readonly values: Own;
  readonly warnings: readonly { readonly code: string }[];
  /** Where it puts everything; of a cello and a bass. */
  readonly model: Partial<SeatedPlan> & Partial<StandingPlan>;
} {
  const instrument = dimensionsOf(family, size);
  const body = bodyFor(heightMm);
  if (family === 'cello') {
    const plan = seatedPlan({ body: seatedBody(body), cello: instrument, own });
    const usual = { anchoring: 'strap', placing: 'turned' } as const;
    const arrangement = settleSeated(plan, usual, { ...noAdjustments('seated'), values: own });
    return { arrangement, values: plan.values, warnings: plan.warnings, model: { posture: plan.posture } };
  }
  if (family === 'bass') {
    const heights = {
      gripHangMm: body.length('gripHang').mm,
      cheekMm: body.length('cheek').mm,
      eyebrowMm: body.length('eyebrow').mm
    };
    const plan = standingPlan({ heights, bass: instrument, own });
    const adjustments = { ...noAdjustments('standing'), values: own };
    const arrangement = settleStanding(plan, { bowHold: 'overhand' }, adjustments);
    return { arrangement, values: plan.values, warnings: plan.warnings, model: { places: plan.places } };
  }
  const stack = restStack({
    instrument,
    neckGapMm: body.length('neckGap').mm,
    heightMm,
    shoulder: { slope: 'medium' },
    school,
    ...(own.chinRest === undefined ? {} : { chinRestMm: own.chinRest }),
    ...(own.lift === undefined ? {} : { liftMm: own.lift })
  });
  const usual = { school, mount: 'beside', scroll: 'left-45' } as const;
  const arrangement = settle(stack, usual, { ...noAdjustments('rest'), values: own });
  const values = Object.fromEntries(
    Object.entries(arrangement.settings).map(([id, { value }]) => [id, value])
  );
  return { arrangement, values, warnings: stack.warnings, model: {} };
}
