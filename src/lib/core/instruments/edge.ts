/** What the outline of a violin or viola body is scaled from, mm. */
export interface OutlineSize {
  readonly bodyMm: number;
  readonly lowerBoutMm: number;
}

/** A point of the outline: share of the body length from its bottom, half width as a share of the lower bout. */
type OutlinePoint = readonly [station: number, halfWidth: number];

/**
 * Half outline of a violin body in three curves that meet at the corners: lower bout, waist, upper bout.
 * Source: our own drawing, in the usual proportions (waist 0.53 and upper bout 0.81 of the lower bout).
 */
export const HALF_OUTLINE: readonly (readonly OutlinePoint[])[] = [
  [
    [0, 0],
    [0.004, 0.1],
    [0.018, 0.21],
    [0.045, 0.32],
    [0.09, 0.415],
    [0.14, 0.473],
    [0.2, 0.5],
    [0.26, 0.484],
    [0.3, 0.456],
    [0.33, 0.438],
    [0.35, 0.437],
    [0.37, 0.455]
  ],
  [
    [0.37, 0.455],
    [0.386, 0.412],
    [0.406, 0.358],
    [0.44, 0.298],
    [0.49, 0.267],
    [0.54, 0.265],
    [0.585, 0.288],
    [0.615, 0.325],
    [0.634, 0.37],
    [0.645, 0.4]
  ],
  [
    [0.645, 0.4],
    [0.658, 0.378],
    [0.674, 0.364],
    [0.7, 0.365],
    [0.75, 0.391],
    [0.8, 0.405],
    [0.86, 0.392],
    [0.91, 0.345],
    [0.95, 0.265],
    [0.975, 0.17],
    [0.988, 0.08],
    [1, 0.06]
  ]
];

const LOWER_BOUT = HALF_OUTLINE[0] ?? [];

const pieces = (points: readonly OutlinePoint[]) =>
  points.slice(1).map((to, index) => ({ from: points[index] ?? to, to }));

/** Half width of the lower bout at a station (share of body length from the bottom, 0..0.37), mm. */
export function halfWidthMm({ lowerBoutMm }: OutlineSize, station: number): number {
  const piece = pieces(LOWER_BOUT).find(({ to }) => to[0] >= station);
  if (!piece) throw new RangeError('the station lies above the lower bout');
  const { from, to } = piece;
  const share = (station - from[0]) / (to[0] - from[0]);
  return lowerBoutMm * (from[1] + share * (to[1] - from[1]));
}

/** Distance along the edge from the end button up to a station of the lower bout, mm. */
export function alongEdgeMm(outline: OutlineSize, station: number): number {
  const end: OutlinePoint = [station, halfWidthMm(outline, station) / outline.lowerBoutMm];
  const walked = [...LOWER_BOUT.filter(([at]) => at < station), end];
  return pieces(walked).reduce(
    (sum, { from, to }) =>
      sum + Math.hypot((to[0] - from[0]) * outline.bodyMm, (to[1] - from[1]) * outline.lowerBoutMm),
    0
  );
}

/**
 * The point of the edge at a distance from the end button, as a drawing's x (centre line 0) and y (top of the
 * body 0, downward), mm. Distances beyond the lower bout end at its corner.
 */
export function footPlace(
  outline: OutlineSize,
  alongMm: number,
  side: 'left' | 'right'
): readonly [x: number, y: number] {
  let leftMm = alongMm;
  let place = LOWER_BOUT[0] ?? [0, 0];
  for (const { from, to } of pieces(LOWER_BOUT)) {
    const lengthMm = Math.hypot((to[0] - from[0]) * outline.bodyMm, (to[1] - from[1]) * outline.lowerBoutMm);
    const share = Math.min(1, Math.max(0, leftMm) / lengthMm);
    place = [from[0] + share * (to[0] - from[0]), from[1] + share * (to[1] - from[1])];
    leftMm -= lengthMm;
    if (leftMm <= 0) break;
  }
  return [(side === 'right' ? 1 : -1) * place[1] * outline.lowerBoutMm, outline.bodyMm * (1 - place[0])];
}
