import { PAD } from '../body/hand';
import type { FigureBody } from '../body/lengths';
import type { Spine } from '../body/spine';
import { onBow, stickOver, type Bow, type BowFrame } from '../instrument/bow';
import { bowStation, onString, type Model } from '../instrument/model';
import {
  add,
  cosDeg,
  cross,
  mix,
  place,
  scale,
  sinDeg,
  sub,
  sum,
  turn,
  unit,
  type Frame,
  type Vec
} from '../vector';
import type { HandPlan } from './left-hand';
import type { Pose } from './pose';

const isHigh = ({ family }: Model): boolean => family === 'violin' || family === 'viola';

/** The bow's plane on each string, degrees from level with the instrument's top. */
const levelDeg = (string: number): number => 20 - (40 / 3) * string;

/** The bow on its string: the hair lies on it, at right angles unless the pose says else. */
export function bowFrameOn(model: Model, frame: Frame, pose: Pose, bow: Bow): BowFrame {
  const touch = place(frame, onString(model, pose.bowString, bowStation(model, pose.bowPlace)));
  const level = levelDeg(pose.bowString) + pose.bowLevel;
  const across = add(scale(frame.x, cosDeg(level)), scale(frame.z, sinDeg(level)));
  const up = sub(scale(frame.z, cosDeg(level)), scale(frame.x, sinDeg(level)));
  // From the frog to the tip: to the lowest string on violin and viola, to the highest on cello and bass.
  const along = turn(scale(across, isHigh(model) ? -1 : 1), up, pose.bowAngle);
  const from = add(touch, scale(up, pose.bowOff));
  return { at: sub(from, scale(along, bow.hairMm * pose.bowAt)), along, up: turn(up, along, pose.bowTilt) };
}

/** The bow in the air before the player: upright, over the open palm, or across from the left hand. */
export function bowFrameFree(body: FigureBody, spine: Spine, held: Pose['bowHeld'], bow: Bow): BowFrame {
  const h = body.heightMm;
  const { x, y, z } = spine.chest;
  const at = (left: number, up: number, forward: number) =>
    place(spine.chest, [left * h, up * h, forward * h]);
  if (held === 'palmUp') return { at: at(-0.1, -0.06, 0.2), along: x, up: scale(y, -1) };
  if (held === 'carried')
    return {
      at: at(-0.12, -0.04, 0.22),
      along: unit(add(x, scale(y, 0.15))),
      up: unit(sub(y, scale(x, 0.15)))
    };
  const along = unit(add(y, scale(z, 0.1)));
  return { at: sub(at(-0.1, 0, 0.2), scale(along, 0.02 * bow.hairMm)), along, up: scale(x, -1) };
}

export const bowTouch = (model: Model, frame: Frame, pose: Pose): Vec =>
  place(frame, onString(model, pose.bowString, bowStation(model, pose.bowPlace)));

/** The right hand on the bow: thumb below, fingers over the stick. */
export function bowHandPlan(body: FigureBody, model: Model, pose: Pose, bow: Bow, lies: BowFrame): HandPlan {
  const H = body.handMm;
  const high = isHigh(model);
  if (pose.bowUnder > 0) return underhandPlan(body, bow, lies, pose);
  const far = cross(lies.along, lies.up);
  const r = bow.stickRadius;
  const tip = PAD * H;
  const from = 6 * bow.size + pose.bowHandAlong * bow.hairMm;
  const at = (along: number, beyond: number, up: number): Vec =>
    onBow(lies, [along, stickOver(bow, along) + up, beyond]);
  const way = (beyond: number, along: number, up: number): Vec =>
    sum(scale(far, beyond), scale(lies.along, along), scale(lies.up, up));
  const step = 0.118 * H * (1 + pose.bowSpread);
  const [x1, x2, x3, x4] = [from + 3.35 * step, from + 2.1 * step, from + 1.1 * step, from];
  const fist = pose.bowFist;
  const straight = pose.bowThumbStraight;
  const curved: Vec[] = [
    at(
      x1 + (0.02 + 0.04 * pose.bowFirstOver + 0.3 * pose.bowFirstFar) * H,
      r + tip * 0.9 - 0.1 * H * pose.bowFirstOver,
      (-0.1 - 0.12 * pose.bowFirstOver) * H
    ),
    at(x2, r + tip, -0.15 * H),
    at(x3, r + tip, -0.13 * H),
    high ? at(x4, r * 0.3, r + tip * 0.9) : at(x4, r + tip, -0.06 * H)
  ];
  const flatLittle = high
    ? at(x4 - 0.36 * H, r + 0.04 * H, r + 0.24 * H)
    : at(x4 - 0.16 * H, r + 0.2 * H, 0.02 * H);
  // A board of a hand: straight fingers, down beyond the stick from above it, or over it from beside it.
  const stiff: Vec[] = [x1, x2, x3, x4].map((x) =>
    high ? at(x, r + tip, -0.16 * H) : at(x, 0.3 * H, r + tip)
  );
  const closed: Vec[] = [x1, x2, x3, x4].map((x) => at(x - 0.02 * H, -0.05 * H, -0.2 * H));
  const fingers = curved.map((point, i) => {
    const little =
      i === 3
        ? add(
            mix(point, flatLittle, pose.bowLittleFlat),
            scale(lies.up, (high ? 0.2 : 0.34) * H * pose.bowLittleOff)
          )
        : point;
    return mix(mix(little, stiff[i] ?? point, pose.bowStiff), closed[i] ?? point, fist);
  });
  return {
    wish: {
      knuckle: 1,
      stands: at(
        x2 - 0.02 * H + 0.03 * H * fist,
        (-0.15 + 0.1 * fist + 0.04 * pose.bowStiff) * H,
        (0.21 +
          0.26 * straight -
          0.09 * fist -
          0.09 * pose.bowFirstOver +
          (high ? 0.08 : -0.1) * pose.bowStiff) *
          H
      ),
      along: high ? way(0.78, 0.3, -0.42) : way(0.75, 0.42, 0.02),
      back: high ? way(0.35, 0.22, 1) : way(-0.1, 0.1, 1),
      pole: turn(
        high ? unit([-0.75, -0.75, 0]) : unit([-1, -0.25, -0.25]),
        [0, 0, 1],
        0.8 * pose.rightElbowSwing
      ),
      flexDeg: pose.rightWristFlex,
      straightens: high ? 0.35 : 0.45
    },
    targets: (hand) => ({
      fingers,
      thumb: at(x2 + (0.03 + 0.2 * pose.bowThumbAlong) * H, -(r + tip * 0.8), -0.02 * H),
      thumbBulge: straight > 0.5 ? way(0.6, 0.9, -1) : way(-1, 0.15, -0.9),
      thumbFollows: straight > 0 ? -0.2 : 0.7,
      bulge: fingers.map(() => add(hand.y, way(-0.25, 0, 0.6))),
      follows: fingers.map((_, i) => (i === 3 && pose.bowLittleFlat > 0 ? 0.05 : undefined))
    }),
    touches: [at(x1, r, 0), at(x2, r, 0), at(x3, r, 0), at(x4, high ? 0 : r, high ? r : 0)]
  };
}

/** Bass: the hand comes from below, the frog in the palm, the thumb on the stick. */
function underhandPlan(body: FigureBody, bow: Bow, lies: BowFrame, pose: Pose): HandPlan {
  const H = body.handMm;
  const far = cross(lies.along, lies.up);
  const r = bow.stickRadius;
  const tip = PAD * H;
  const from = 6 * bow.size + pose.bowHandAlong * bow.hairMm;
  const at = (along: number, below: number, out: number): Vec =>
    onBow(lies, [from + along * H, stickOver(bow, from + along * H) + out, below]);
  const way = (below: number, along: number, out: number): Vec =>
    sum(scale(far, below), scale(lies.along, along), scale(lies.up, out));
  const closed = pose.bowFist;
  const straight = Math.max(pose.bowThumbStraight, pose.bowStiff);
  // The fingers keep their middle when they are spread or crowded.
  const spread = (along: number) => 0.14 + (along - 0.14) * (1 + 0.8 * pose.bowSpread);
  const over = pose.bowFirstOver;
  const little = mix(at(spread(-0.02), 0.2 * H, -0.06 * H), at(-0.3, 0.64 * H, 0.2 * H), pose.bowLittleFlat);
  const curved: Vec[] = [
    at(
      spread(0.3) + 0.14 * over - 0.1 * closed + 0.3 * pose.bowFirstFar,
      (0.1 * closed + 0.24 * over) * H,
      r + tip - 0.2 * H * over
    ),
    at(spread(0.2) - 0.1 * closed, r + 0.12 * H * closed, r + tip),
    at(spread(0.06), 0.14 * H, 0.02 * H - 0.1 * H * closed),
    sum(little, scale(far, 0.5 * H * pose.bowLittleOff), scale(lies.along, -0.35 * H * pose.bowLittleOff))
  ];
  const fingers = curved.map((point, i) =>
    mix(point, at(spread(0.42 - 0.1 * i), 0.05 * H * i, r + tip + 0.16 * H), pose.bowStiff)
  );
  return {
    wish: {
      knuckle: 1,
      stands: at(-0.12 + 0.06 * closed, (0.25 - 0.06 * closed) * H, 0.17 * H),
      along: way(-0.35, 0.9, 0.05),
      back: way(0.45, 0.1, 0.9),
      pole: turn(unit([-1, -0.6, -0.4]), [0, 0, 1], 0.8 * pose.rightElbowSwing),
      flexDeg: pose.rightWristFlex,
      straightens: 0.4
    },
    targets: (hand) => ({
      fingers,
      thumb: at(0.22 + 0.18 * pose.bowThumbAlong + 0.1 * straight, -(r + tip * 0.8), 0.01 * H),
      thumbBulge: straight > 0.5 ? way(1, 0.1, -0.4) : way(-1, 0.1, 0.4),
      ...(straight > 0 ? { thumbFollows: -0.2 } : {}),
      bulge: fingers.map(() => add(hand.y, way(0, 0, 0.5))),
      follows: fingers.map((_, i) => (i === 3 && pose.bowLittleFlat > 0 ? 0.05 : undefined))
    }),
    touches: [at(0.3, 0, r), at(0.2, r, r)]
  };
}

/** The right hand at the end of the fingerboard, the first finger on the string, the thumb beside the board. */
export function pluckingPlan(body: FigureBody, model: Model, frame: Frame, pose: Pose): HandPlan {
  const H = body.handMm;
  const high = isHigh(model);
  const on = (wide: number, along: number, out: number) => place(frame, [wide, along, out]);
  const way = (wide: number, along: number, out: number): Vec =>
    sum(scale(frame.x, wide), scale(frame.y, along), scale(frame.z, out));
  const along = model.boardEnd + ((high ? 0.03 : 0.05) - 0.16 * pose.pluckAlong) * model.stringMm;
  const [wide, , out] = onString(model, pose.bowString, along);
  const touch = on(wide, along, out);
  const side = high ? 1 : -1;
  const up = pose.pluckUp * H;
  const first = sum(
    touch,
    way(-side * 0.1 * H * pose.pluckDeep, 0, PAD * H + 0.75 * up - 0.14 * H * pose.pluckDeep)
  );
  const thumb = sum(
    on(side * 1.7 * model.nutHalf, along + 0.04 * model.stringMm, out - 0.05 * H),
    way(side * 0.4 * H * pose.pluckThumbOff, 0.12 * H * pose.pluckThumbOff, 0.34 * H * pose.pluckThumbOff)
  );
  const bent = (i: number) =>
    sum(touch, way(side * (0.16 + 0.02 * i) * H, (-0.1 * i - 0.02) * H, (0.13 + 0.02 * i) * H));
  const fingers = [first, bent(1), bent(2), bent(3)];
  return {
    wish: {
      knuckle: 0,
      stands: sum(touch, way(side * 0.22 * H, -0.06 * H, (0.3 - 0.1 * pose.pluckDeep) * H + 0.8 * up)),
      along: way(-side * 0.75, 0.35, -0.5),
      back: way(-side * 0.3, -0.2, 1),
      pole: turn(
        high ? unit([-0.8, -0.7, 0]) : unit([-1, -0.3, -0.25]),
        [0, 0, 1],
        0.8 * pose.rightElbowSwing
      ),
      flexDeg: pose.rightWristFlex,
      straightens: 0.4
    },
    targets: (hand) => ({
      fingers,
      thumb,
      thumbBulge: way(side * 0.5, 0.6, 0.4),
      bulge: fingers.map(() => add(hand.y, way(0, 0, 0.6)))
    }),
    touches: [touch]
  };
}
