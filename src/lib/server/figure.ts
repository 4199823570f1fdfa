import type { InferType } from 'yup';
import { heightOf } from '$lib/core/body';
import {
  CHANGE_NAMES,
  changeKind,
  detailFor,
  figureFor,
  contactsOf,
  pictureFor,
  POSES,
  poseNames,
  svgOf,
  VIEW_NAMES,
  VIEWS,
  type Change,
  type ChangeName,
  type Figure,
  type FigureSetup,
  type PictureQuestion
} from '$lib/core/figure';
import { FAMILIES, sizesOf, type NominalInstrument } from '$lib/core/instruments';
import { consideredInstruments } from '$lib/core/sizing';
import { pictureText } from '$lib/words/figure';
import type { ListBounds } from './bounds';
import { choiceOf, exactly, lengthWithin, listOf, numberWithin } from './fields';
import { measurementFields, measurementProblems, readingsFrom } from './measurements';
import { InputProblem, type FieldProblem } from './problem';
import { INSTRUMENT, sizeName } from './size';

/** Most changes of a pose in one picture. */
const MOST_CHANGES = 12;
export const FIGURE_BOUNDS: ListBounds = { changes: MOST_CHANGES };
/** A picture's longer side, pixels. */
const PICTURE_PX = 480;

const EVERY_POSE = [...new Set(FAMILIES.flatMap(poseNames))];

/** What a question for a figure must look like. */
export const figureRequest = exactly({
  family: choiceOf(FAMILIES).required(),
  size: sizeName(),
  instrument: INSTRUMENT.default(undefined).optional(),
  measurements: measurementFields.required(),
  setup: exactly(
    {
      seatMm: lengthWithin(100, 800, 'Cello: height of the seat'),
      angleDeg: numberWithin(10, 60, 'Cello: from the vertical'),
      slideMm: numberWithin(-150, 150, 'Cello: up along the breastbone'),
      pinMm: numberWithin(0, 600, 'Bass: length of the pin'),
      leanDeg: numberWithin(-15, 35, 'Bass: towards the player'),
      scrollDeg: numberWithin(0, 80, 'Violin, viola: scroll to the left of straight ahead'),
      tiltDeg: numberWithin(0, 45, 'Violin, viola: tilt of the strings'),
      restLeftMm: numberWithin(
        0,
        80,
        'Violin, viola: lift at the end over the shoulder, left of the tailpiece'
      ),
      restRightMm: numberWithin(0, 80, 'Violin, viola: lift at the end over the chest')
    },
    'What is not given is as usual'
  )
    .default(undefined)
    .optional(),
  view: choiceOf(VIEW_NAMES, 'front when not given'),
  pose: choiceOf(EVERY_POSE, 'playing when not given'),
  changes: listOf(
    exactly({
      kind: choiceOf(CHANGE_NAMES).required(),
      amount: numberWithin(
        0,
        400,
        'In the unit of the kind: mm, degrees or a share; its usual amount without one'
      )
    }).required(),
    MOST_CHANGES,
    'How the pose is strayed from'
  )
});

export type FigureRequest = InferType<typeof figureRequest>;

/**
 * What a request asks to be drawn.
 *
 * @throws InputProblem for a size, a pose or a change that the family does not have, an amount beyond its most,
 *   size and instrument together or neither, and measurements that no body has
 */
function questionOf(request: FigureRequest): PictureQuestion {
  const { family, size, instrument, pose = 'playing' } = request;
  const problems = measurementProblems(request.measurements, family);
  const bad = (path: string, message: string): void => void problems.push({ path, message });
  const readings = readingsFrom(request.measurements);
  if (heightOf(readings) === null) bad('measurements', 'needs a height or an arm length');
  if (size !== undefined && instrument !== undefined) bad('size', 'can’t be given together with instrument');
  if (size === undefined && instrument === undefined) bad('size', 'is needed, or a measured instrument');
  const named = instrument?.size ?? size;
  if (named !== undefined && !sizesOf(family).includes(named))
    bad(instrument ? 'instrument.size' : 'size', `no ${family} comes in this size`);
  if (!Object.hasOwn(POSES[family], pose)) bad('pose', `the ${family} has ${poseNames(family).join(', ')}`);
  problems.push(...changeProblems(request));
  const dimensions = problems.length === 0 && named ? dimensionsFor(request, named) : undefined;
  if (!dimensions) throw new InputProblem(problems);
  return {
    family,
    readings,
    instrument: dimensions,
    pose,
    changes: changesOf(request),
    setup: setupOf(request)
  };
}

const dimensionsFor = (
  { family, instrument }: FigureRequest,
  size: string
): NominalInstrument | undefined => {
  const measured = instrument && {
    size,
    overallMm: instrument.overallMm,
    ...(instrument.stringMm === undefined ? {} : { stringMm: instrument.stringMm })
  };
  return consideredInstruments({
    family,
    readings: {},
    sizes: [size],
    ...(measured ? { instruments: [measured] } : {})
  })[0]?.instrument;
};

const changesOf = ({ changes = [] }: FigureRequest): readonly Change[] =>
  changes.map(({ kind, amount }) => (amount === undefined ? { kind } : { kind, amount }));

const changeProblems = ({ family, changes = [] }: FigureRequest): FieldProblem[] =>
  changes.flatMap(({ kind, amount }, index): FieldProblem[] => {
    const { families, most } = changeKind(kind);
    if (!families.includes(family))
      return [{ path: `changes[${index}].kind`, message: `makes no sense for the ${family}` }];
    return amount !== undefined && amount > most
      ? [{ path: `changes[${index}].amount`, message: `must be at most ${most}` }]
      : [];
  });

function setupOf({ setup = {} }: FigureRequest): FigureSetup {
  const { seatMm, angleDeg, slideMm, pinMm, leanDeg, scrollDeg, tiltDeg, restLeftMm, restRightMm } = setup;
  return {
    ...(seatMm === undefined ? {} : { seatMm }),
    ...(angleDeg === undefined ? {} : { angleDeg }),
    ...(slideMm === undefined ? {} : { slideMm }),
    ...(pinMm === undefined ? {} : { pinMm }),
    ...(leanDeg === undefined ? {} : { leanDeg }),
    ...(scrollDeg === undefined ? {} : { scrollDeg }),
    ...(tiltDeg === undefined ? {} : { tiltDeg }),
    ...(restLeftMm === undefined && restRightMm === undefined
      ? {}
      : { rest: { leftMm: restLeftMm ?? restRightMm ?? 0, rightMm: restRightMm ?? restLeftMm ?? 0 } })
  };
}

/** The picture as SVG, titled with what it shows. */
export function answerFigureSvg(request: FigureRequest): string {
  const question = questionOf(request);
  const name = request.view ?? 'front';
  const view = VIEWS[name];
  const figure = figureFor(question);
  const box = { wide: PICTURE_PX, high: PICTURE_PX };
  const detail = detailFor(view, box, figure.body.heightMm, figure.model.bodyMm);
  const changes = question.changes ?? [];
  const title = pictureText(question.family, question.pose ?? 'playing', name, changes);
  return svgOf(pictureFor(question, { view, detail, marked: changes }, figure), detail, title);
}

/** The same in numbers: joints, limbs, what meets what, and named places. */
export function answerFigure(
  request: FigureRequest
): Pick<Figure, 'joints' | 'limbs' | 'spots'> & { readonly contacts: ReturnType<typeof contactsOf> } {
  const { joints, limbs, spots, parts } = figureFor(questionOf(request));
  return { joints, limbs, contacts: contactsOf(parts), spots };
}

/** For the description: kinds by family, with unit, usual and most. */
export const describeChanges = (): string =>
  CHANGE_NAMES.map((name: ChangeName) => {
    const { unit, usual, most, families } = changeKind(name);
    return `${name} (${unit}, usually ${usual}, at most ${most}; ${families.join(', ')})`;
  }).join('; ');
