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
    [0.26, 0.483],
    [0.31, 0.437],
    [0.345, 0.415],
    [0.37, 0.437]
  ],
  [
    [0.37, 0.437],
    [0.395, 0.37],
    [0.43, 0.305],
    [0.48, 0.27],
    [0.54, 0.266],
    [0.6, 0.295],
    [0.63, 0.33],
    [0.645, 0.37]
  ],
  [
    [0.645, 0.37],
    [0.67, 0.349],
    [0.71, 0.368],
    [0.76, 0.398],
    [0.81, 0.405],
    [0.87, 0.385],
    [0.92, 0.33],
    [0.955, 0.255],
    [0.978, 0.165],
    [0.99, 0.08],
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
