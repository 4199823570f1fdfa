import {
  across,
  add,
  cross,
  direct,
  mix,
  place,
  scale,
  sub,
  sum,
  unit,
  type Frame,
  type Vec
} from '../vector';
import { cone, type Curve, type Shape } from '../drawing/shapes';
import { curl, type Bones, type Chain } from './limbs';
import type { Side } from './spine';

/**
 * Base knuckles from the first to the fourth finger, in hand lengths: towards the thumb, to the back of the hand, along
 * the hand. A hand's frame begins at the wrist.
 */
const KNUCKLES: readonly Vec[] = [
  [0.155, 0, 0.5],
  [0.052, 0.012, 0.525],
  [-0.052, 0.006, 0.5],
  [-0.15, -0.014, 0.45]
];
/** Lengths of the fingers from the knuckle, and what each bone has of it. */
const FINGERS = [0.44, 0.48, 0.445, 0.355] as const;
const BONES: Bones = [0.46, 0.29, 0.25];
const THUMB_ROOT: Vec = [0.125, -0.06, 0.2];
const THUMB_BONES: Bones = [0.23, 0.17, 0.14];
/** A finger's pad lies this far from the middle of its tip, in hand lengths. */
export const PAD = 0.037;

export interface HandTargets {
  /** Where the middles of the finger tips go; null hangs relaxed. */
  readonly fingers: readonly (Vec | null)[];
  readonly thumb: Vec | null;
  /** To which side each finger bulges; the back of the hand without it. */
  readonly bulge?: readonly Vec[];
  readonly thumbBulge?: Vec;
  /** How much the last joint follows the middle one, where it is not as usual. */
  readonly follows?: readonly (number | undefined)[];
  readonly thumbFollows?: number;
}

export interface Hand {
  readonly frame: Frame;
  readonly fingers: readonly Chain[];
  readonly thumb: Chain;
  /** What each finger and the thumb miss to their targets, mm. */
  readonly shortMm: { readonly fingers: readonly number[]; readonly thumb: number };
}

/** Puts the fingers of a hand on their targets. */
export function handOf(handMm: number, frame: Frame, targets: HandTargets): Hand {
  const at = (local: Vec) => place(frame, scale(local, handMm));
  const bones = (long: number, shares: Bones): Bones => [
    shares[0] * long * handMm,
    shares[1] * long * handMm,
    shares[2] * long * handMm
  ];
  const fingers = KNUCKLES.map((knuckle, i) => {
    const long = FINGERS[i] ?? 0.4;
    const relaxed = at([knuckle[0] * 1.15, -0.17, knuckle[2] + long * 0.84]);
    return curl(
      at(knuckle),
      targets.fingers[i] ?? relaxed,
      bones(long, BONES),
      targets.bulge?.[i] ?? frame.y,
      targets.follows?.[i]
    );
  });
  const thumb = curl(
    at(THUMB_ROOT),
    targets.thumb ?? at([0.3, -0.16, 0.5]),
    bones(1, THUMB_BONES),
    targets.thumbBulge ?? direct(frame, [1, 0.3, 0.3]),
    targets.thumbFollows
  );
  return {
    frame,
    fingers: fingers.map(({ chain }) => chain),
    thumb: thumb.chain,
    shortMm: { fingers: fingers.map(({ shortMm }) => shortMm), thumb: thumb.shortMm }
  };
}

/** The nail of a chain's last bone: it tells which side of a hand is seen. */
function nail([, , joint, tip]: Chain, before: Vec, radius: number, part: string): Curve {
  const along = unit(sub(tip, joint));
  const out = across(sub(joint, before), along);
  const back =
    (out[0] === 0 && out[1] === 0 && out[2] === 0) || Number.isNaN(out[0]) ? across([0, 1, 0], along) : out;
  const wide = cross(along, back);
  const points = Array.from({ length: 11 }, (_, i) => {
    const angle = (i / 10) * Math.PI;
    return sum(
      mix(joint, tip, 0.62),
      scale(along, (1 - Math.sin(angle)) * 0.9 * radius + 0.1 * radius),
      scale(wide, -Math.cos(angle) * 0.62 * radius),
      scale(back, radius * (0.86 + 0.1 * Math.sin(angle)))
    );
  });
  return {
    kind: 'curve',
    part,
    points,
    normals: points.map(() => back),
    on: [part],
    fine: true,
    fromDetail: 0.75
  };
}

/** A hand as shapes, from its wrist to the nails. */
export function handShapes(
  handMm: number,
  side: Side,
  { frame, fingers, thumb }: Hand,
  nailsLong = 0
): Shape[] {
  const H = handMm;
  const at = (local: Vec) => place(frame, scale(local, H));
  const skin = { tone: 'skin', flesh: `${side}Hand` } as const;
  const shapes: Shape[] = [];
  fingers.forEach((chain, i) => {
    const knuckle = KNUCKLES[i] ?? [0, 0, 0.5];
    const radius = (0.049 - (i === 3 ? 0.006 : 0)) * H;
    const part = `${side}Finger${i + 1}`;
    shapes.push(
      cone(at([knuckle[0] * 0.45, -0.01, 0.04]), chain[0], 0.07 * H, 0.057 * H, {
        part: `${side}Palm`,
        ...skin,
        soft: 0.04 * H
      })
    );
    for (const j of [0, 1, 2] as const)
      shapes.push(
        cone(chain[j], chain[j + 1] ?? chain[3], radius * (1 - 0.07 * j), radius * (0.93 - 0.07 * j), {
          part,
          ...skin,
          soft: 0.014 * H
        })
      );
    shapes.push(nail(chain, chain[1], radius * 0.82, part));
    if (nailsLong > 0) {
      const out = unit(sub(chain[3], chain[2]));
      const back = across(sub(chain[2], chain[1]), out);
      const root = sum(chain[3], scale(out, 0.3 * radius), scale(back, 0.75 * radius));
      const end = sum(root, scale(out, 0.05 * H * nailsLong), scale(back, 0.06 * H * nailsLong));
      shapes.push(
        cone(root, end, radius * 0.7, radius * 0.16, {
          part: `${side}Nail`,
          tone: 'nail'
        })
      );
    }
  });
  const part = `${side}Thumb`;
  for (const [j, [ra, rb]] of (
    [
      [0.076, 0.058],
      [0.055, 0.05],
      [0.05, 0.043]
    ] as const
  ).entries())
    shapes.push(
      cone(thumb[j] ?? thumb[0], thumb[j + 1] ?? thumb[3], ra * H, rb * H, {
        part,
        ...skin,
        soft: (j === 0 ? 0.04 : 0.016) * H
      })
    );
  shapes.push(nail(thumb, thumb[1], 0.045 * H, part));
  // The ball of the thumb, between wrist and thumb: a hand seen from its palm has it.
  shapes.push(
    cone(at([0.05, -0.05, 0.08]), at([0.1, -0.062, 0.24]), 0.058 * H, 0.066 * H, {
      part: `${side}Palm`,
      ...skin,
      soft: 0.04 * H
    })
  );
  return shapes;
}

/**
 * The frame of a hand whose knuckle stands at a place.
 *
 * @param knuckle which knuckle, 0 to 3
 * @param along where the fingers point
 * @param back where the back of the hand looks
 */
export function handAt(
  handMm: number,
  side: Side,
  knuckle: number,
  stands: Vec,
  along: Vec,
  back: Vec
): Frame {
  const z = unit(along);
  const y = across(back, z);
  const x = side === 'left' ? cross(z, y) : cross(y, z);
  const local = KNUCKLES[knuckle] ?? [0, 0, 0.5];
  const from = sum(scale(x, local[0]), scale(y, local[1]), scale(z, local[2]));
  return { at: sub(stands, scale(from, handMm)), x, y, z };
}

export const middleOfHand = (handMm: number, frame: Frame): Vec =>
  add(frame.at, scale(frame.z, 0.5 * handMm));
