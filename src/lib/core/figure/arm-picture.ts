import type { Readings } from '../body';
import type { Family, NominalInstrument } from '../instruments';
import { cameraOf, seen } from './drawing/camera';
import { draw, type Drawing } from './drawing/draw';
import { modelOf } from './instrument/model';
import { BARE, instrumentShapes } from './instrument/solids';
import { INSTRUMENT_PARTS } from './parts';
import { figureIn, NO_MARKS, plainPicture, type Picture } from './plain-picture';
import type { Frame } from './vector';

/** An outstretched left arm and the instruments that may be laid along it. */
export interface ArmQuestion {
  readonly family: Extract<Family, 'violin' | 'viola'>;
  readonly readings: Readings;
  readonly instruments: readonly NominalInstrument[];
}

/** The arm as sizing measures it, seen at right angles: x runs along the arm, y down, mm. */
export interface ArmPicture {
  readonly person: Picture;
  /** The side of the neck in the person's picture, from where the arm is measured. */
  readonly neck: readonly [x: number, y: number];
  /** From the end button, whose place is 0, to the scroll on the right. */
  readonly instruments: readonly Drawing[];
}

/** Of the person only what is near the arm, in shares of the height: left, up and down from the neck. */
const SHOWN = { left: 0.14, up: 0.15, down: 0.1 };
/** An instrument that lies on its back is seen a little from above. */
const RAISED_DEG = 4;
const LYING: Frame = { at: [0, 0, 0], x: [0, 0, 1], y: [1, 0, 0], z: [0, 1, 0] };

/** @param detail pixels per mm at which it is shown */
export function armPicture({ family, readings, instruments }: ArmQuestion, detail: number): ArmPicture {
  const [instrument] = instruments;
  if (!instrument) throw new RangeError('an arm is drawn with at least one size');
  const figure = figureIn({ family, readings, instrument, pose: 'outstretched' });
  const { at, y: along } = figure.frame ?? LYING;
  const azimuth = (-Math.atan2(along[2], along[0]) * 180) / Math.PI;
  const view = { azimuth, elevation: 3, crop: null, without: INSTRUMENT_PARTS };
  const camera = cameraOf(view);
  const [x, y] = seen(camera, at);
  const [fingertip] = seen(camera, figure.joints.leftSecondTip ?? at);
  const h = figure.body.heightMm;
  return {
    person: plainPicture(figure, { view, detail }, NO_MARKS, [
      x - SHOWN.left * h,
      y - SHOWN.up * h,
      fingertip + 0.03 * h,
      y + SHOWN.down * h
    ]),
    neck: [x, y],
    instruments: instruments.map((one) =>
      draw(instrumentShapes(modelOf(family, one), LYING, BARE), {
        direction: { azimuth: 0, elevation: RAISED_DEG },
        detail,
        inkOf: () => 'instrument'
      })
    )
  };
}
