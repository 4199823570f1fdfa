import { heightRules } from '../bass';
import { expectedLength, readOf, type MeasurementId, type Readings } from '../body';
import { dimensionTable, type Family, type Size, scaledTo } from '../instruments';
import { fittingSize, limited, type Judged, type Judgement } from './judge';
import type { BodyPart, Reason } from './proposal';
import type { SizingQuestion } from './yardstick';

/** Why the chosen size was chosen, most important first. */
export function reasonsFor(
  question: SizingQuestion,
  judgement: Judgement,
  between: readonly [Size, Size] | null,
  probability: number
): readonly Reason[] {
  const { smallestFirst, chosen, yardstick } = judgement;
  const index = smallestFirst.indexOf(chosen);
  const up = smallestFirst[index + 1];
  const down = smallestFirst[index - 1];
  const { size, marginMm, instrument } = chosen;
  const reasons: Reason[] = [ruleReason(judgement), { code: 'margin', size, marginMm: limited(marginMm) }];
  if (chosen.dimensions === 'measured')
    reasons.push({ code: 'measured-instrument', size, overallMm: instrument.overallMm });
  if (between) reasons.push({ code: 'between-sizes', sizes: between, probability });
  reasons.push(...bodyDiffers(question, size), ...changesOver(question), ...adultPinIn(question, judgement));
  if (up) reasons.push(...whatWouldChange(judgement, up));
  else reasons.push({ code: 'largest-considered', size });
  if (down && chosen.holds)
    reasons.push({ code: 'next-down', size: down.size, spareMm: limited(down.marginMm) });
  if (yardstick.estimated.length > 0) reasons.push({ code: 'estimated', measurements: yardstick.estimated });
  return reasons;
}

function ruleReason({ chosen, yardstick }: Judgement): Reason {
  const { size, tests, instrument } = chosen;
  const [first, second] = tests;
  switch (yardstick.arithmetic.kind) {
    case 'landing':
      return { code: 'landing', size, landing: first?.value ?? 0, limit: first?.limit ?? 0 };
    case 'seated':
      return {
        code: 'seated',
        size,
        armLoad: first?.value ?? 0,
        armLoadLimit: limited(first?.limit ?? 0),
        pegAboveEarMm: second?.value ?? 0,
        pegLimitMm: limited(second?.limit ?? 0)
      };
    case 'standing': {
      const { bowReachMm, cheekMm, eyebrowMm, liftMm } = heightRules(
        yardstick.arithmetic.heights,
        instrument
      );
      return { code: 'standing', size, bowReachMm, cheekMm, eyebrowMm, liftMm };
    }
  }
}

/** A real instrument is not more than this much shorter than the nominal one. */
const SHORTEST_REAL_SHARE = 0.96;
/** Enough to find that length to a hundredth of a millimetre. */
const SEARCH_STEPS = 12;

function whatWouldChange({ yardstick }: Judgement, up: Judged): readonly Reason[] {
  const { size, instrument, tests } = up;
  const lacks = tests
    .filter(({ marginMm }) => marginMm < 0)
    .map(({ kind, marginMm }): Reason => ({ code: 'next-up', size, needsMm: -marginMm, test: kind }));
  const holdsAt = (overallMm: number) =>
    yardstick.tests(scaledTo(instrument, overallMm)).every(({ marginMm }) => marginMm >= 0);
  let fits = SHORTEST_REAL_SHARE * instrument.overallMm;
  if (!holdsAt(fits)) return lacks;
  let tooLong = instrument.overallMm;
  for (let step = 0; step < SEARCH_STEPS; step++) {
    const middle = (fits + tooLong) / 2;
    if (holdsAt(middle)) fits = middle;
    else tooLong = middle;
  }
  return [...lacks, { code: 'shorter-instrument', size, overallMm: fits }];
}

const ARM: readonly MeasurementId[] = ['armToPalm', 'armToWrist', 'armByTape', 'handLength'];

/** Parts of a body that can move the answer, with the measurements that tell them; the first says its build. */
const PARTS: Readonly<Record<Family, readonly (readonly [BodyPart, readonly MeasurementId[]])[]>> = {
  violin: [['arm', ARM]],
  viola: [['arm', ARM]],
  cello: [
    ['arm', ['armReach']],
    ['trunk', ['seatedEar', 'seatedBreastbone']]
  ],
  bass: [
    ['hanging-hand', ['gripHang']],
    ['face', ['cheek', 'eyebrow']]
  ]
};

/** Which part of the body moves the answer away from what height alone suggests. */
function bodyDiffers(question: SizingQuestion, size: Size): readonly Reason[] {
  const { height } = question.readings;
  const heightMm = readOf(question.readings, 'height')?.mm;
  if (!height || heightMm === undefined) return [];
  const rank = (one: Size) => dimensionTable(question.family).findIndex((row) => row.size === one);
  const sizeBy = (readings: Readings) => fittingSize({ ...question, readings });
  const heightSize = sizeBy({ height });
  if (heightSize === null || heightSize === size) return [];
  const steps = rank(heightSize) - rank(size);
  for (const [part, ids] of PARTS[question.family]) {
    const read = ids.filter((id) => (question.readings[id]?.length ?? 0) > 0);
    const alone = sizeBy({ height, ...Object.fromEntries(read.map((id) => [id, question.readings[id]])) });
    const [first] = read;
    if (!first || alone === null || Math.sign(rank(heightSize) - rank(alone)) !== Math.sign(steps)) continue;
    const mm = readOf(question.readings, first)?.mm ?? 0;
    const build = mm < expectedLength(first, heightMm).mm ? 'short' : 'long';
    return [{ code: 'body-differs', heightSize, part, build, steps }];
  }
  return [];
}

/** The size that is nearest in length to the one of another family that the player comes from. */
function changesOver({ family, from, overrides, sizes }: SizingQuestion): readonly Reason[] {
  if (!from || from.family === family || !['violin', 'viola'].includes(from.family)) return [];
  if (family !== 'viola' && family !== 'violin') return [];
  const fromMm = dimensionTable(from.family, overrides).find(({ size }) => size === from.size)?.overallMm;
  const rows = dimensionTable(family, overrides).filter(({ size, usual }) => sizes?.includes(size) ?? usual);
  if (fromMm === undefined || rows.length === 0) return [];
  const nearest = rows.reduce((best, row) =>
    Math.abs(row.overallMm - fromMm) < Math.abs(best.overallMm - fromMm) ? row : best
  );
  return [{ code: 'changes-over', from, size: nearest.size }];
}

const ADULT_BASS: Size = '3/4';
/** Adults shorter than this are still offered the usual bass. */
const SHORT_ADULT_MM = 1560;

function adultPinIn({ family, grown }: SizingQuestion, { chosen, yardstick }: Judgement): readonly Reason[] {
  const short = yardstick.body.heightMm < SHORT_ADULT_MM;
  return family === 'bass' && grown && short && chosen.size !== ADULT_BASS
    ? [{ code: 'adult-pin-in', size: ADULT_BASS }]
    : [];
}
