import { path, smoothThrough, type Point } from './path';

export interface ArmView {
  /** Neck, shoulder, arm and trunk, without the hand. */
  readonly body: string;
  readonly head: string;
  readonly hand: string;
  /** Lines of the palm that show where its centre is. */
  readonly creases: string;
  /** Half the breadth of the hand, mm. */
  readonly handHalfMm: number;
  /** Size of the body against one of 1200 mm. */
  readonly unit: number;
}

const NECK_TO_WRIST_OF_1200 = 0.346 * 1200;

/**
 * The left arm held straight out to the side, seen from the front: x from the base of the neck to the
 * fingertips, y downward with 0 along the middle of the arm. Paths in mm.
 *
 * @param wristMm neck base to wrist crease
 * @param handMm wrist crease to middle fingertip
 */
export function armView(wristMm: number, handMm: number): ArmView {
  const u = Math.max(0.2, wristMm / NECK_TO_WRIST_OF_1200);
  const at = (x: number, y: number): Point => [x * u, y * u];
  const elbow = wristMm * 0.62;
  const upper: Point[] = [
    at(-9, -92),
    at(-7, -66),
    at(4, -50),
    at(44, -37),
    at(92, -30),
    at(150, -23),
    [elbow, -18 * u],
    [elbow + 45 * u, -20 * u],
    [wristMm - 40 * u, -13 * u],
    [wristMm, -11 * u]
  ];
  const lower: Point[] = [
    [wristMm, 12 * u],
    [wristMm - 45 * u, 15 * u],
    [elbow + 30 * u, 21 * u],
    [elbow, 18 * u],
    at(170, 24),
    at(110, 31),
    at(88, 46),
    at(80, 80),
    at(77, 118)
  ];
  const otherSide: Point[] = [at(-69, -92), at(-71, -66), at(-82, -50), at(-122, -37), at(-160, -26)];
  const start = (points: readonly Point[]) => path('M', ...(points[0] ?? [0, 0]));
  const neckToFar = start(otherSide) + smoothThrough(otherSide);
  const [headX, headY] = at(-39, -146);
  return {
    body: start(upper) + smoothThrough(upper) + start(lower) + smoothThrough(lower) + neckToFar,
    head:
      path(
        'M',
        headX - 62 * u,
        headY - 30 * u,
        'C',
        headX - 66 * u,
        headY - 120 * u,
        headX + 66 * u,
        headY - 120 * u
      ) +
      path(
        '',
        headX + 62 * u,
        headY - 30 * u,
        'C',
        headX + 62 * u,
        headY + 30 * u,
        headX + 36 * u,
        headY + 78 * u
      ) +
      path('', headX, headY + 80 * u, 'C', headX - 36 * u, headY + 78 * u, headX - 62 * u, headY + 30 * u) +
      path('', headX - 62 * u, headY - 30 * u, 'Z'),
    hand: handPath(wristMm, handMm, u),
    creases: creases(wristMm, handMm),
    handHalfMm: 0.21 * handMm,
    unit: u
  };
}

function handPath(wristMm: number, handMm: number, u: number): string {
  const x = (share: number) => wristMm + share * handMm;
  const y = (share: number) => share * handMm;
  const finger = (top: number, bottom: number, tip: number, web: number) => {
    const round = (bottom - top) / 2;
    return (
      path('L', x(tip - round), y(top), 'C', x(tip), y(top), x(tip), y(bottom), x(tip - round), y(bottom)) +
      path('L', x(web), y(bottom + 0.004))
    );
  };
  return (
    path('M', wristMm, -11 * u, 'C', x(0.06), -11 * u, x(0.1), y(-0.17), x(0.18), y(-0.24)) +
    path('L', x(0.4), y(-0.39), 'C', x(0.47), y(-0.43), x(0.52), y(-0.36), x(0.46), y(-0.31)) +
    path('L', x(0.35), y(-0.21), 'C', x(0.38), y(-0.185), x(0.45), y(-0.195), x(0.52), y(-0.2)) +
    finger(-0.2, -0.115, 0.91, 0.545) +
    finger(-0.098, -0.012, 1, 0.555) +
    finger(0.002, 0.085, 0.945, 0.54) +
    finger(0.1, 0.175, 0.78, 0.5) +
    path(
      'C',
      x(0.35),
      y(0.21),
      x(0.2),
      y(0.2),
      x(0.12),
      y(0.15),
      'C',
      x(0.08),
      y(0.12),
      x(0.05),
      12 * u,
      wristMm,
      12 * u
    )
  );
}

function creases(wristMm: number, handMm: number): string {
  const x = (share: number) => wristMm + share * handMm;
  const y = (share: number) => share * handMm;
  return (
    path('M', x(0.43), y(-0.15), 'C', x(0.3), y(-0.1), x(0.2), y(-0.02), x(0.1), y(-0.03)) +
    path('M', x(0.47), y(-0.06), 'C', x(0.44), y(0.03), x(0.4), y(0.1), x(0.38), y(0.15))
  );
}
