import { bodyOf, type Readings } from '$lib/core/body';
import { seatedBody } from '$lib/core/cello';
import type { NominalInstrument } from '$lib/core/instruments';
import { seatedPlan, standingPlan, type SettingId } from '$lib/core/setup';
import { InputProblem } from './problem';
import type { SetupRequest } from './setup-request';

/** The instrument of a question: its size's dimensions, with those that were measured in their place. */
function instrumentOf({ instrument }: SetupRequest, nominal: NominalInstrument): NominalInstrument {
  const { notchesMm: _, ...measured } = instrument ?? {};
  const given = Object.fromEntries(Object.entries(measured).filter(([, value]) => value !== undefined));
  return { ...nominal, ...given };
}

const bodyFrom = (readings: Readings) => {
  const body = bodyOf(readings);
  if (!body) throw new InputProblem([{ path: 'measurements', message: 'needs a height or an arm length' }]);
  return body;
};

/** Values that are there, by the setting that they are of. */
const given = <Id extends SettingId>(values: Readonly<Partial<Record<Id, number | undefined>>>) =>
  Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined)) as Partial<
    Record<Id, number>
  >;

/** Answers a question for a cello's seat, endpin and place. */
export function answerSeated(request: SetupRequest, readings: Readings, nominal: NominalInstrument): unknown {
  const { locked } = request;
  const { posture, misfit, handWidths, warnings } = seatedPlan({
    body: seatedBody(bodyFrom(readings)),
    cello: instrumentOf(request, nominal),
    own: given<SettingId<'seated'>>({
      seat: locked?.seatMm,
      pin: locked?.endpinMm,
      angle: locked?.angleDeg,
      slide: locked?.slideMm
    })
  });
  return {
    seatMm: posture.seatMm,
    endpinMm: posture.pinMm,
    angleDeg: posture.angleDeg,
    slideMm: posture.slideMm,
    pegAboveEarMm: posture.pegAboveEarMm,
    cornerAboveKneeMm: posture.cornerAboveKneeMm,
    armLoad: posture.armLoad,
    bowShare: posture.bowShare,
    handWidths,
    misfit,
    warnings
  };
}

/** Answers a question for a bass's pin. */
export function answerStanding(
  request: SetupRequest,
  readings: Readings,
  nominal: NominalInstrument
): unknown {
  const body = bodyFrom(readings);
  const notchesMm = request.instrument?.notchesMm;
  const { values, notch, rules, leftHandAboveCheekMm, warnings } = standingPlan({
    heights: {
      gripHangMm: body.length('gripHang').mm,
      cheekMm: body.length('cheek').mm,
      eyebrowMm: body.length('eyebrow').mm
    },
    bass: instrumentOf(request, nominal),
    ...(notchesMm ? { notchesMm } : {}),
    own: given<SettingId<'standing'>>({ lean: request.leanDeg, bowOffset: request.offsetMm })
  });
  const { bowReachMm, cheekMm, eyebrowMm } = rules;
  return {
    pinMm: values.pin,
    notch,
    rules: { bowReachMm, cheekMm, eyebrowMm },
    leftHandAboveCheekMm,
    warnings
  };
}
