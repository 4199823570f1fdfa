/** A thing to look at on a figure. */
export interface FigureSpot {
  readonly id: string;
  /** The figure's own name of the place. */
  readonly spot: string;
  /** What stands in it: a number, or a few. */
  readonly text: string;
  readonly sign?: string;
  /** What it is, for those who do not see it. */
  readonly label: string;
  readonly mark?: 'open' | 'there' | 'part' | 'amiss';
  readonly isCurrent: boolean;
}

/** Words at a place of a figure. */
export interface FigureTag {
  readonly spot: string;
  readonly text: string;
}

/** A place on a picture, as shares of its width and height. */
export interface Place {
  readonly id: string;
  readonly x: number;
  readonly y: number;
}

const ROUNDS = 200;
/** Places that are one go apart in turned directions, so that no line of them forms: the golden angle, radians. */
const TURN = 2.4;
/** Of the picture at most so much is given to the places, where they are many on a small one. */
const MOST_COVERED = 0.6;

/**
 * Places moved apart until each can be pressed by itself; none leaves the picture. Where they are too many for it, they
 * come as near to each other as they must.
 *
 * @param wanted least distance of two, as a share of the width
 * @param shape width over height of the picture
 */
export function spread(places: readonly Place[], wanted: number, shape: number): readonly Place[] {
  const apart = Math.min(wanted, Math.sqrt(MOST_COVERED / shape / Math.max(1, places.length)));
  const points = places.map(({ id, x, y }) => ({ id, x, y: y / shape }));
  const within = (value: number, most: number) => Math.min(most - apart / 2, Math.max(apart / 2, value));
  for (let round = 0; round < ROUNDS; round++)
    points.forEach((one, i) => {
      for (const other of points.slice(i + 1)) {
        const [dx, dy] = [other.x - one.x, other.y - one.y];
        const distance = Math.hypot(dx, dy);
        if (distance >= apart) continue;
        const push = (apart - distance) / 2 + 1e-4;
        const [ux, uy] =
          distance < 1e-6 ? [Math.cos(TURN * i), Math.sin(TURN * i)] : [dx / distance, dy / distance];
        one.x = within(one.x - ux * push, 1);
        one.y = within(one.y - uy * push, 1 / shape);
        other.x = within(other.x + ux * push, 1);
        other.y = within(other.y + uy * push, 1 / shape);
      }
    });
  return points.map(({ id, x, y }) => ({ id, x, y: y * shape }));
}
