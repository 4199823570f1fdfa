import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { averageSeatedBody, seatedPosture, solvePosture } from '../cello';
import { heightRules, LEAN_DEG, pinFor, standingPlaces } from '../bass';
import { bodyOf } from '../body';
import { dimensionsOf, FAMILIES, sizesOf, type Family } from '../instruments';
import {
  CHANGE_NAMES,
  changeKind,
  changesFor,
  figureFor,
  POSES,
  poseNames,
  contactsOf,
  REACHED_MM,
  type Change,
  type Figure,
  type PictureQuestion,
  type Vec
} from '.';
import { strokesPath } from './strokes';
import { sample } from './testing';
import { VIEWS } from './views';

const away = (a: Vec | undefined, b: Vec | undefined): number =>
  a && b ? Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]) : NaN;

/** A size that is at hand for somebody of a height: the height's own and its neighbours. */
const sizeFor = (family: Family, heightMm: number, off: number): string => {
  const sizes = sizesOf(family);
  const fits = sizes.findIndex((size) => (dimensionsOf(family, size).heightFromMm ?? 0) <= heightMm);
  const at = Math.max(0, Math.min(sizes.length - 1, (fits < 0 ? sizes.length - 1 : fits) + off));
  return sizes[at] ?? '4/4';
};

const questions = fc
  .record({
    family: fc.constantFrom(...FAMILIES),
    heightMm: fc.integer({ min: 950, max: 1950 }),
    off: fc.constantFrom(-1, 0, 0, 0, 1),
    arm: fc.double({ min: 0.93, max: 1.07, noNaN: true }),
    pose: fc.nat(),
    change: fc.nat(),
    share: fc.double({ min: 0, max: 1, noNaN: true })
  })
  .map(({ family, heightMm, off, arm, pose, change, share }) => {
    const names = poseNames(family);
    const kinds = changesFor(family);
    const kind = kinds[change % kinds.length] ?? 'slumped';
    const question: PictureQuestion = {
      family,
      instrument: dimensionsOf(family, sizeFor(family, heightMm, off)),
      readings: { height: [heightMm], armReach: [Math.round(0.386 * heightMm * arm)] },
      pose: names[pose % names.length] ?? 'playing'
    };
    return { question, change: { kind, amount: share * changeKind(kind).most } satisfies Change };
  });

const numbersOf = (figure: Figure): readonly number[] =>
  [...Object.values(figure.joints), ...Object.values(figure.spots)].flat();

describe('a figure of any player, in any pose, with any fault', () => {
  it('keeps the lengths of its bones, is made of numbers, and says what it cannot reach', () => {
    fc.assert(
      fc.property(questions, ({ question, change }) => {
        const figure = figureFor({ ...question, changes: [change] });
        const { body, limbs } = figure;
        const contacts = contactsOf(figure.parts);
        for (const side of ['left', 'right']) {
          expect(Math.abs((limbs[`${side}UpperArm`] ?? NaN) - body.upperArmMm)).toBeLessThan(0.5);
          expect(Math.abs((limbs[`${side}Forearm`] ?? NaN) - body.forearmMm)).toBeLessThan(0.5);
          expect(Math.abs((limbs[`${side}Thigh`] ?? NaN) - body.thighMm)).toBeLessThan(0.5);
          expect(Math.abs((limbs[`${side}Shin`] ?? NaN) - body.shinMm)).toBeLessThan(0.5);
        }
        expect(numbersOf(figure).every(Number.isFinite)).toBe(true);
        for (const { target, reached, outOfReach } of Object.values(contacts))
          expect(away(target, reached) > REACHED_MM).toBe(outOfReach);
      }),
      { numRuns: 2000, seed: 7 }
    );
  });

  it('never mixes left with right', () => {
    fc.assert(
      fc.property(questions, ({ question }) => {
        const { joints } = figureFor(question);
        const x = (joint: string) => joints[joint]?.[0] ?? NaN;
        expect(x('leftShoulder')).toBeGreaterThan(x('rightShoulder'));
        expect(x('leftHip')).toBeGreaterThan(x('rightHip'));
        expect(x('leftKnee')).toBeGreaterThan(x('rightKnee'));
        expect(x('leftElbow')).toBeGreaterThan(x('rightElbow'));
        expect(Object.keys(joints).length).toBeGreaterThanOrEqual(20);
      }),
      { numRuns: 400, seed: 8 }
    );
  });
});

describe('every player of the usual height for a size', () => {
  const usual = FAMILIES.flatMap((family) =>
    sizesOf(family).map((size) => {
      const instrument = dimensionsOf(family, size);
      const heightMm = Math.round(
        ((instrument.heightFromMm ?? (instrument.heightToMm ?? 1700) - 90) +
          (instrument.heightToMm ?? (instrument.heightFromMm ?? 1500) + 170)) /
          2
      );
      return { family, size, question: { family, instrument, readings: { height: [heightMm] } } };
    })
  );

  it.each(usual)('reaches string and stick: $family $size', ({ question }) => {
    const contacts = contactsOf(figureFor(question).parts);
    expect(Object.entries(contacts).filter(([, { outOfReach }]) => outOfReach)).toEqual([]);
  });

  it.each(usual)('holds the bow at frog, middle and tip: $family $size', ({ question }) => {
    for (const pose of ['frog', 'middle', 'tip'])
      for (const [name, { target, reached }] of Object.entries(
        contactsOf(figureFor({ ...question, pose }).parts)
      )) {
        const off = away(target, reached);
        expect([pose, name, off < 8 ? 'there' : off]).toEqual([pose, name, 'there']);
      }
  });
});

/** Ends of the bones of all fingers. */
const fingersOf = ({ shapes }: Figure): readonly Vec[] =>
  shapes.flatMap((shape) => (shape.kind === 'cone' && /Finger|Thumb/.test(shape.part) ? [shape.b] : []));

const ofPose = CHANGE_NAMES.filter((kind) => changeKind(kind).unit !== 'there');
/** Changes of things and of what a stroke uses: no joint moves with them. */
const OF_THINGS =
  /^(strokes|bow-halts|tapes|rest-crooked|peg|string|rosin|bow-slack|bow-overtight|hair|pin-tip|pin-off|nails)/;

describe('a change', () => {
  it.each(CHANGE_NAMES.filter((kind) => changeKind(kind).unit === 'there' || OF_THINGS.test(kind)))(
    '%s is drawn, and not at nought',
    (kind) => {
      for (const family of changeKind(kind).families) {
        const size = family === 'viola' ? '13 in' : '1/2';
        const question = { family, instrument: dimensionsOf(family, size), readings: { height: [1350] } };
        const drawn = (figure: Figure) =>
          JSON.stringify([figure.shapes, strokesPath(figure, { view: VIEWS.front, detail: 1 })]);
        const shapes = (amount: number) => drawn(figureFor({ ...question, changes: [{ kind, amount }] }));
        const base = drawn(figureFor(question));
        expect(shapes(0)).toBe(base);
        expect(shapes(changeKind(kind).usual)).not.toBe(base);
      }
    }
  );

  it.each(ofPose.filter((kind) => !OF_THINGS.test(kind)))(
    '%s does nothing at nought, and goes further the more it is',
    (kind) => {
      const { most, families } = changeKind(kind);
      for (const family of families) {
        const size = family === 'viola' ? '13 in' : '1/2';
        const question = {
          family,
          instrument: dimensionsOf(family, size),
          readings: { height: [family === 'bass' ? 1480 : 1330] }
        };
        const pose = changeKind(kind).pose ?? 'playing';
        const at = (amount: number) => figureFor({ ...question, pose, changes: [{ kind, amount }] });
        const base = figureFor({ ...question, pose });
        const moved = [0, 0.25, 0.5, 1].map((share) => {
          const figure = at(share * most);
          return Math.max(
            ...Object.entries(figure.joints).map(([name, place]) => away(place, base.joints[name])),
            ...Object.entries(figure.spots).map(([name, place]) => away(place, base.spots[name])),
            ...fingersOf(figure).map((place, i) => away(place, fingersOf(base)[i]))
          );
        });
        const [nothing = NaN, little = NaN, more = NaN, far = NaN] = moved;
        expect(nothing).toBeLessThan(1e-6);
        expect([family, little > 0.2, more > little, far > more]).toEqual([family, true, true, true]);
      }
    }
  );

  it.each([
    ['head-tipped', 'violin', 'crown', 0, 1],
    ['head-turned', 'cello', 'rightEar', 2, 1],
    ['head-forward', 'bass', 'crown', 2, 1],
    ['shoulder-raised', 'violin', 'leftShoulder', 1, 1],
    ['bow-shoulder-raised', 'cello', 'rightShoulder', 1, 1],
    ['shoulder-rolled', 'viola', 'rightShoulder', 2, 1],
    ['trunk-bent', 'cello', 'crown', 0, 1],
    ['trunk-twisted', 'violin', 'rightShoulder', 2, 1],
    ['slumped', 'cello', 'neck', 1, -1],
    ['leaning-back', 'cello', 'neck', 2, -1],
    ['belly-out', 'violin', 'belly', 2, 1],
    ['feet-wide', 'bass', 'leftAnkle', 0, 1],
    ['feet-together', 'violin', 'leftAnkle', 0, -1],
    ['feet-drawn-in', 'cello', 'leftAnkle', 2, -1],
    ['weight-on-one-leg', 'violin', 'hips', 0, 1],
    ['on-the-chest', 'violin', 'bodyMiddle', 1, -1],
    ['scroll-droops', 'viola', 'scroll', 1, -1],
    ['scroll-up', 'viola', 'scroll', 1, 1],
    ['scroll-to-front', 'violin', 'scroll', 0, -1],
    ['scroll-to-side', 'violin', 'scroll', 2, -1],
    ['cello-too-upright', 'cello', 'lowestPeg', 1, 1],
    ['cello-too-flat', 'cello', 'lowestPeg', 2, -1],
    ['pushed-away', 'cello', 'bridge', 2, 1],
    ['pin-too-short', 'cello', 'lowestPeg', 1, -1],
    ['pin-too-long', 'bass', 'nut', 1, 1],
    ['seat-too-low', 'cello', 'hips', 1, -1],
    ['seat-too-high', 'cello', 'hips', 1, 1],
    ['bass-upright', 'bass', 'nut', 2, 1],
    ['bass-leans-out', 'bass', 'nut', 2, 1],
    ['bass-squeezed', 'bass', 'nut', 2, -1],
    ['bass-too-high', 'bass', 'nut', 1, 1],
    ['bass-too-low', 'bass', 'nut', 1, -1],
    ['elbow-out', 'violin', 'leftElbow', 0, 1],
    ['elbow-in', 'violin', 'leftElbow', 0, -1],
    ['elbow-out', 'cello', 'leftElbow', 1, 1],
    ['elbow-dropped', 'cello', 'leftElbow', 1, -1],
    ['elbow-dropped', 'bass', 'leftElbow', 1, -1],
    ['bow-elbow-high', 'violin', 'rightElbow', 1, 1],
    ['bow-elbow-dropped', 'violin', 'rightElbow', 1, -1],
    ['bow-elbow-high', 'cello', 'rightElbow', 1, 1],
    ['bow-elbow-dropped', 'bass', 'rightElbow', 1, -1],
    ['wrist-caved', 'violin', 'leftWrist', 0, 1],
    ['wrist-bent-out', 'violin', 'leftWrist', 0, -1],
    ['hand-slides-back', 'cello', 'leftHand', 1, 1],
    ['bow-over-board', 'cello', 'bow', 1, 1],
    ['bow-bounces', 'violin', 'bow', 1, 1],
    ['shoulders-pulled-up', 'bass', 'rightShoulder', 1, 1],
    ['left-foot-forward', 'bass', 'leftAnkle', 2, 1],
    ['heels-up', 'cello', 'leftAnkle', 1, 1],
    ['knees-wide', 'cello', 'leftKnee', 0, 1],
    ['knees-together', 'cello', 'leftKnee', 0, -1]
  ] as const)('%s of the %s moves the %s the way that it says', (kind, family, name, axis, way) => {
    const at = (figure: Figure) => (figure.joints[name] ?? figure.spots[name])?.[axis] ?? NaN;
    const moved = at(figureFor(sample(family, { changes: [{ kind }] }))) - at(figureFor(sample(family)));
    expect(moved * way).toBeGreaterThan(2);
  });

  it('of a side moves that side', () => {
    const base = figureFor(sample('violin')).joints;
    const { joints } = figureFor(sample('violin', { changes: [{ kind: 'shoulder-raised', amount: 30 }] }));
    expect((joints.leftShoulder?.[1] ?? 0) - (base.leftShoulder?.[1] ?? 0)).toBeCloseTo(30, 6);
    expect(joints.rightShoulder).toEqual(base.rightShoulder);
  });
});

describe('the cello stands where the set-up says', () => {
  it.each([
    [1290, '1/2'],
    [1700, '4/4'],
    [1100, '1/8']
  ])('for a player of %d mm on a %s', (heightMm, size) => {
    const instrument = dimensionsOf('cello', size);
    const body = averageSeatedBody(heightMm);
    const placement = solvePosture(body, instrument);
    const posture = seatedPosture(body, instrument, placement);
    const { spots, joints } = figureFor({
      family: 'cello',
      instrument,
      readings: { height: [heightMm] },
      setup: { seatMm: placement.seatMm, angleDeg: placement.angleDeg, slideMm: placement.slideMm }
    });
    const near = (place: Vec | undefined, at: { x: number; y: number }) =>
      Math.hypot((place?.[1] ?? NaN) - at.y, (place?.[2] ?? NaN) - at.x);
    expect(near(spots.peg, posture.peg)).toBeLessThan(1);
    expect(near(spots.lowerCorner, posture.corner)).toBeLessThan(1);
    expect(near(spots.pinTip, posture.pinTip)).toBeLessThan(1);
    expect(Math.abs((spots.innerKnee?.[1] ?? NaN) - posture.kneeMm)).toBeLessThan(1);
    expect(Math.abs((joints.leftEar?.[1] ?? NaN) - posture.ear.y)).toBeLessThan(25);
  });
});

describe('the bass stands where the height rules say', () => {
  it.each([
    [1730, '3/4'],
    [1330, '1/4']
  ])('for a player of %d mm on a %s', (heightMm, size) => {
    const instrument = dimensionsOf('bass', size);
    const body = bodyOf({ height: [heightMm] });
    if (!body) throw new Error('no body');
    const heights = {
      gripHangMm: body.length('gripHang').mm,
      cheekMm: body.length('cheek').mm,
      eyebrowMm: body.length('eyebrow').mm
    };
    const places = standingPlaces(instrument, pinFor(heightRules(heights, instrument), instrument), LEAN_DEG);
    const { spots } = figureFor({ family: 'bass', instrument, readings: { height: [heightMm] } });
    expect(Math.abs((spots.axisNut?.[1] ?? NaN) - places.nutMm)).toBeLessThan(1);
    expect(Math.abs((spots.axisFirstFinger?.[1] ?? NaN) - places.firstFingerMm)).toBeLessThan(1);
    expect(Math.abs((spots.axisBow?.[1] ?? NaN) - places.bowMm)).toBeLessThan(1);
  });
});

describe('the violin laid along the arm', () => {
  it.each([
    [421, 128],
    [455, 140]
  ])('reaches the wrist at %d mm, and the hand beyond it', (wristMm, handMm) => {
    const instrument = dimensionsOf('violin', '1/4');
    const { frame, joints, spots } = figureFor({
      family: 'violin',
      pose: 'outstretched',
      instrument,
      readings: { height: [1230], armToWrist: [wristMm], handLength: [handMm] }
    });
    const from = frame?.at;
    expect(away(from, joints.leftWrist)).toBeCloseTo(wristMm, 0);
    // The rule: the scroll lands on the hand at (overall - wrist) / hand.
    const landing = (away(from, spots.axisEnd) - away(from, joints.leftWrist)) / handMm;
    expect(landing).toBeCloseTo((instrument.overallMm - wristMm) / handMm, 2);
  });
});

it('every family has a pose to play, and only one that stands without its instrument or guards it', () => {
  for (const family of FAMILIES) {
    expect(Object.keys(POSES[family])).toEqual(
      expect.arrayContaining(['playing', 'frog', 'middle', 'tip', 'plucking'])
    );
    expect(
      Object.values(POSES[family]).filter(({ instrument }) => instrument !== 'played').length
    ).toBeGreaterThan(0);
  }
});
