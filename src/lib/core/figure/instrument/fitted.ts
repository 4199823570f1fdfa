import { ball, cone, egg, type Shape } from '../drawing/shapes';
import { place, scale, type Frame, type Vec } from '../vector';
import { onString, type Model } from './model';

/** The lowest string with slack in it: it hangs out to the side. */
export const slackString = (model: Model, slack: number): Vec[] =>
  Array.from({ length: 11 }, (_, i) => {
    const t = (i + 1) / 12;
    const [wide, along, out] = onString(model, 0, model.nut + (model.bridge - model.nut) * t);
    const aside = Math.sin(Math.PI * t) * (0.06 + 0.02 * Math.sin(6 * Math.PI * t)) * model.stringMm * slack;
    return [wide - aside, along, out + 2];
  });

/** Grains of rosin lie so far from the middle of the film, at this turn from one to the next. */
const GRAINS = 54;
const GOLDEN_RAD = 2.399963;

/** Where rosin gathers under the strings, mm from the lower end. */
export const rosinAt = ({ bridge, bodyMm }: Pick<Model, 'bridge' | 'bodyMm'>): number =>
  bridge + 0.085 * bodyMm;

/** Rosin on the wood between bridge and board: a pale film and fine grains. */
export function rosinShapes({ bridge, bodyMm, ribMm, spread }: Model, frame: Frame, heap: number): Shape[] {
  const spot = (wide: number, along: number, radius: number, thick: number): Shape => ({
    kind: 'ellipsoid',
    part: 'rosin',
    tone: 'nail',
    at: place(frame, [wide, rosinAt({ bridge, bodyMm }) + along, ribMm]),
    axes: [scale(frame.x, radius * 1.4), scale(frame.y, radius), scale(frame.z, thick)]
  });
  const reach = 0.06 * bodyMm * Math.sqrt(heap);
  const grains = Array.from({ length: GRAINS }, (_, i) => {
    const out = reach * (0.25 + 0.95 * Math.sqrt(i / GRAINS));
    const turn = i * GOLDEN_RAD;
    return spot(out * Math.cos(turn) * 1.7 + spread, out * Math.sin(turn), 0.004 * bodyMm, 0.014 * bodyMm);
  });
  return [spot(spread, 0, reach, 0.004 * bodyMm), ...grains];
}

/** How many grains lie on each string, and over what length of it, as a share of the body. Source: our own drawing. */
const DUST = 6;
const DUSTY = 0.13;

/** The little dust that enough rosin leaves on the strings, about the bow's place. */
export const rosinDust = (model: Model, frame: Frame): Shape[] =>
  [0, 1, 2, 3].flatMap((string) =>
    Array.from({ length: DUST }, (_, i) => {
      const along = rosinAt(model) + (i / (DUST - 1) - 0.5) * DUSTY * model.bodyMm;
      const [wide, at, out] = onString(model, string, along);
      // Beside the string, now on one side and now on the other.
      const aside = (i % 2 === 0 ? 1 : -1) * (0.006 + 0.004 * ((i + string) % 3)) * model.bodyMm;
      return ball(place(frame, [wide + aside, at, out]), 0.003 * model.bodyMm, {
        part: 'dust',
        tone: 'nail'
      });
    })
  );

/** The cap on a pin's tip, and a cello's stop on the floor. */
export function pinEndShapes(
  { family, bodyMm, ribMm }: Model,
  frame: Frame,
  pinMm: number,
  bare: number,
  stopAway: number | null
): Shape[] {
  const tip = place(frame, [0, -pinMm, ribMm / 2]);
  const cap = Math.max(8, 0.019 * bodyMm);
  const end =
    bare > 0
      ? cone(tip, place(frame, [0, -pinMm - 0.035 * bodyMm * bare, ribMm / 2]), 0.006 * bodyMm, 0.5, {
          part: 'pinTip',
          tone: 'metal'
        })
      : ball(tip, cap, { part: 'pinTip', tone: 'rest' });
  if (family !== 'cello') return [end];
  if (stopAway === null) {
    // To the front leg of the chair, on the player's right.
    const leg: Vec = [-0.2 * bodyMm, 0.02 * bodyMm, 0.06 * bodyMm];
    return [end, cone(tip, leg, 3, 3, { part: 'strap', tone: 'rest', slender: true })];
  }
  const radius = 0.055 * bodyMm;
  const plate = {
    kind: 'ellipsoid',
    part: 'stop',
    tone: 'rest',
    at: [tip[0] - 0.4 * stopAway, tip[1] - cap, tip[2] - stopAway],
    axes: [
      [radius, 0, 0],
      [0, 0.16 * radius, 0],
      [0, 0, radius]
    ]
  } as const;
  return [end, plate];
}

/** A shoulder rest's lift over the back at either end, mm. */
export interface RestLift {
  readonly leftMm: number;
  readonly rightMm: number;
}

/** Something soft under the back, by its thickness. */
export interface Cushion {
  readonly cushion: 'pad' | 'sponge';
  readonly thickMm: number;
}

/** Half of it across and along, as shares of the lower bout. */
const CUSHIONS = { pad: [0.15, 0.15], sponge: [0.2, 0.15] } as const;
const LEAST_CUSHION_MM = 3;

/** A pad under the shoulder side of the back, or a sponge there with the band that holds it. */
export function cushionUnder(model: Model, frame: Frame, { cushion, thickMm }: Cushion): Shape[] {
  const { bodyMm, lowerBoutMm: wide } = model;
  const [across, along] = CUSHIONS[cushion];
  const half = Math.max(LEAST_CUSHION_MM, thickMm / 2);
  const centre: Vec = [-0.3 * wide, 0.19 * bodyMm, -half];
  const look = { part: 'shoulderRest', tone: 'rest', flesh: 'rest' } as const;
  const soft = egg(frame, centre, [across * wide, along * wide, half], look);
  if (cushion === 'pad') return [soft];
  const band = { ...look, slender: true };
  const over = place(frame, [centre[0], centre[1], -2 * half]);
  return [
    soft,
    cone(over, place(frame, [-0.46 * wide, 0.37 * bodyMm, 0]), 1.5, 1.5, band),
    cone(over, place(frame, [0, 0, 0]), 1.5, 1.5, band)
  ];
}

/** A bridge across the back with two feet on the edges, each end at its own lift. */
export function shoulderRest(
  model: Model,
  frame: Frame,
  { leftMm, rightMm }: RestLift,
  crooked: number
): Shape[] {
  const { bodyMm, lowerBoutMm: wide } = model;
  const along = 0.17 * bodyMm;
  // Crooked: one foot slips along the edge towards the waist.
  const at = ([x, y, z]: Vec) => place(frame, [x, y + (x > 0 ? 0.2 * crooked * bodyMm : 0), z]);
  const thick = 0.017 * wide;
  const low = Math.max(9, leftMm);
  const high = Math.max(9, rightMm);
  const look = { part: 'shoulderRest', tone: 'rest', flesh: 'rest' } as const;
  return [
    cone(
      at([-0.4 * wide, along, -low]),
      at([0, along * 1.1, -0.5 * (low + high) - 2]),
      thick * 2,
      thick * 2.2,
      look
    ),
    cone(
      at([0, along * 1.1, -0.5 * (low + high) - 2]),
      at([0.4 * wide, along * 1.22, -high]),
      thick * 2.2,
      thick * 2,
      look
    ),
    ...([-1, 1] as const).map((side) =>
      cone(
        at([side * 0.4 * wide, along * (side > 0 ? 1.22 : 1), side > 0 ? -high : -low]),
        at([side * 0.47 * wide, along * (side > 0 ? 1.22 : 1), 3]),
        thick,
        thick,
        { ...look, slender: true }
      )
    )
  ];
}
