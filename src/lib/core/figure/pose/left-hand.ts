import type { HandTargets } from '../body/hand';
import type { HandWish } from '../body/arm';
import { PAD } from '../body/hand';
import type { FigureBody } from '../body/lengths';
import type { Spine } from '../body/spine';
import { boardHalf, boardTop, noteAt, onString, type Model } from '../instrument/model';
import { add, direct, mix, place, scale, sum, turn, unit, type Frame, type Vec } from '../vector';
import type { Pose } from './pose';

/** Where a hand stands, and where its fingers go; bulges are told once the hand's frame is known. */
export interface HandPlan {
  readonly wish: HandWish;
  readonly targets: (hand: Frame) => HandTargets;
  /** The strings' or stick's places that the fingers should meet, for contacts. */
  readonly touches: readonly Vec[];
}

/** How the left hand meets the neck. */
export function leftHandPlan(
  body: FigureBody,
  model: Model,
  frame: Frame,
  pose: Pose,
  spine: Spine
): HandPlan {
  return model.family === 'violin' || model.family === 'viola'
    ? underTheNeck(body, model, frame, pose, spine)
    : behindTheNeck(body, model, frame, pose);
}

const FLAT_FROM = [0.6, 0.6, 1, 1] as const;

function fingerPlaces(body: FigureBody, model: Model, frame: Frame, pose: Pose) {
  const H = body.handMm;
  const back = pose.handBack;
  const stations = pose.frame.map((semitones) => noteAt(model, Math.max(0.2, semitones - back)));
  const touches = stations.map((along) => place(frame, onString(model, pose.leftString, along)));
  const tips = touches.map((touch, i) => add(touch, scale(frame.z, (PAD + (pose.lifted[i] ?? 0)) * H)));
  return { stations, touches, tips };
}

/** Violin and viola: the neck lies at the base of the first finger, the hand comes up beside it. */
function underTheNeck(body: FigureBody, model: Model, frame: Frame, pose: Pose, spine: Spine): HandPlan {
  const H = body.handMm;
  const on = (wide: number, along: number, out: number) => place(frame, [wide, along, out]);
  const way = (wide: number, along: number, out: number) => direct(frame, [wide, along, out]);
  const { stations, touches, tips } = fingerPlaces(body, model, frame, pose);
  const first = noteAt(model, Math.max(0.2, pose.frame[0] - 0.6 - pose.handBack));
  const top = boardTop(model, first);
  const side = boardHalf(model, first);
  const hooked = pose.thumbHooked;
  const thumbAt = first - 0.06 * H + pose.thumbAlong * H;
  const beside = on(-(side + 0.05 * H), thumbAt, top - 0.005 * H - 0.05 * H * pose.thumbPressing);
  const over = on(side * 0.1, first + 0.04 * H, top + 0.08 * H);
  const below = on(-side * 0.2, thumbAt, top - model.neckRadius * 2.1);
  const thumb = add(
    mix(mix(beside, over, hooked), below, 0.75 * pose.thumbPressing),
    way(0, 0, 0.13 * H * pose.neckDeep)
  );
  const flat = tips.map((tip, i) => {
    const amount = Math.max(pose.fingersFlat * (FLAT_FROM[i] ?? 1), i === 3 ? pose.fourthFlat : 0);
    const hidden = i === 3 ? pose.fourthHidden : 0;
    return sum(tip, way(-0.12 * H * amount + 0.3 * H * hidden, 0, -0.012 * H * amount - 0.34 * H * hidden));
  });
  const swing = unit(sum(scale(spine.chest.x, -0.12), scale(spine.chest.y, -1), scale(spine.chest.z, 0.16)));
  return {
    wish: {
      knuckle: 0,
      stands: on(
        side + (0.052 + 0.17 * pose.offNeck) * H,
        first,
        top + (-0.03 + 0.12 * hooked + 0.15 * pose.neckDeep - 0.19 * pose.handLow) * H
      ),
      along: way(0.06 + 0.1 * pose.offNeck, 0.12, 0.98),
      back: way(0.97 - 0.2 * pose.palmAway, 0.2 + 0.8 * pose.palmAway, 0),
      pole: turn(swing, frame.y, pose.leftElbowSwing),
      flexDeg: pose.leftWristFlex,
      straightens: 0.85
    },
    targets: (hand) => ({
      fingers: flat,
      thumb,
      thumbBulge: way(-1, 0.3, -0.2 - 0.6 * pose.thumbPressing),
      thumbFollows: 0.5 - 0.45 * pose.thumbStraight,
      bulge: flat.map((_, i) =>
        i === 3 && pose.fourthFlat > 0.5
          ? add(hand.y, way(0.2, 0, 0.35))
          : add(hand.y, way(0.5, 0, 1 - 0.7 * pose.fingersFlat))
      ),
      follows: flat.map(() => (pose.fingersCollapsed > 0 ? -1.1 * pose.fingersCollapsed : undefined))
    }),
    touches: stations.length > 0 ? touches : []
  };
}

/**
 * How a hand comes round a neck that stands, in hand lengths and in directions across, along and out of the board: the
 * knuckles beside it and over it, where the fingers point, where the back of the hand looks, where the thumb lies behind
 * the neck, in halves of the nut, and to where its joint stands out. A bass's neck is so thick that the hand stays beside it.
 *
 * Source: our own drawing.
 */
const STANCES: Readonly<
  Record<
    'cello' | 'bass',
    {
      readonly beside: number;
      readonly over: number;
      readonly along: Vec;
      readonly back: Vec;
      readonly thumbBeside: number;
      readonly bulge: readonly [across: number, along: number];
      /** How far flat fingers reach over the board, and the knuckles sink. */
      readonly flat: { readonly reaches: number; readonly sinks: number };
    }
  >
> = {
  cello: {
    beside: 0,
    over: 0.2,
    along: [-0.86, 0.3, 0.12],
    back: [0.25, 0.25, 1],
    thumbBeside: 1,
    bulge: [0.75, 0.5],
    flat: { reaches: 0.26, sinks: 0.16 }
  },
  bass: {
    beside: 0.22,
    over: 0.02,
    along: [-0.5, 0.3, 0.6],
    back: [0.8, 0.1, 0.7],
    thumbBeside: 0.35,
    bulge: [0.5, 0.1],
    flat: { reaches: 0.2, sinks: 0 }
  }
};

/** Cello and bass: the hand comes round the neck as a C, the thumb behind the second finger. */
function behindTheNeck(body: FigureBody, model: Model, frame: Frame, pose: Pose): HandPlan {
  const H = body.handMm;
  const low = model.family === 'bass';
  const stance = STANCES[low ? 'bass' : 'cello'];
  const on = (wide: number, along: number, out: number) => place(frame, [wide, along, out]);
  const way = (wide: number, along: number, out: number) => direct(frame, [wide, along, out]);
  const { stations, touches, tips } = fingerPlaces(body, model, frame, pose);
  const [first = 0, second = 0, , fourth = 0] = stations;
  const middle = (first + fourth) / 2;
  const [wide, , out] = onString(model, pose.leftString, middle);
  const behind = boardTop(model, second) - model.neckRadius * 1.95 - 0.045 * H;
  const beside = model.nutHalf * stance.thumbBeside;
  const back = on(beside, second + 0.03 * H + pose.thumbAlong * H, behind + 0.02 * H);
  // Round the back of the neck, its tip over the far edge of the fingerboard.
  const hooked = on(-model.nutHalf - 0.09 * H, (first + second) / 2, boardTop(model, second) - 0.02 * H);
  const pressing = on(beside * 1.1, second + 0.05 * H, behind + 0.01 * H);
  // In thumb position it lies across two strings, a whole step below the first finger.
  const [acrossAt, , over] = onString(model, 2, noteAt(model, 12));
  const lying = on(acrossAt, noteAt(model, 12) + pose.thumbAlong * H, over + 0.045 * H);
  const thumb = mix(
    mix(mix(back, hooked, pose.thumbHooked), pressing, pose.thumbPressing),
    lying,
    pose.thumbOver
  );
  // A thumb that goes all the way round pulls the neck into the web.
  const deep = Math.max(pose.neckDeep, 0.4 * pose.thumbHooked);
  const flat = tips.map((tip, i) => {
    const amount = Math.max(pose.fingersFlat, i === 3 ? pose.fourthFlat : 0);
    const hidden = i === 3 ? pose.fourthHidden : 0;
    return sum(
      tip,
      way(
        -stance.flat.reaches * H * amount + 0.3 * H * hidden,
        -0.04 * H * hidden,
        -0.015 * H * amount - 0.1 * H * hidden
      )
    );
  });
  return {
    wish: {
      knuckle: 1,
      stands: on(
        Math.max(wide + 0.17 * H, model.nutHalf + stance.beside * H) - 0.06 * deep * H,
        middle + 0.02 * H,
        out + (stance.over - stance.flat.sinks * pose.fingersFlat - 0.15 * deep + 0.06 * pose.thumbOver) * H
      ),
      along: way(stance.along[0], stance.along[1] - 1.2 * pose.palmAway, stance.along[2]),
      back: way(...stance.back),
      pole: turn(
        low ? unit([0.85, -0.3, 0.1]) : unit([0.8, -0.85, 0.12]),
        [0, 0, 1],
        0.6 * pose.leftElbowSwing
      ),
      flexDeg: pose.leftWristFlex,
      straightens: 0.55
    },
    targets: (hand) => ({
      fingers: flat,
      thumb,
      thumbBulge: way(
        stance.bulge[0] * (1 - pose.thumbHooked),
        stance.bulge[1] - 1.6 * pose.thumbPressing,
        -0.85 + 0.75 * pose.thumbStraight + 0.5 * pose.thumbPressing
      ),
      thumbFollows: 0.6 - 0.6 * pose.thumbStraight - 2.1 * pose.thumbPressing,
      bulge: flat.map((_, i) => add(hand.y, way(0.35 * (1 - pose.fingersFlat), 0.25 - 0.12 * i, 0.4))),
      follows: flat.map(() => (pose.fingersCollapsed > 0 ? -0.9 * pose.fingersCollapsed : undefined))
    }),
    touches
  };
}
