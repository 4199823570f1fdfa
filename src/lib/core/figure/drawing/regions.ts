import type { Grid } from './faces';

/** x and y of each corner, one after the other, the first once more at the end. */
type Loop = readonly number[];

/** East, south, west, north: the region lies to the right of the way. */
const STEP_X = [1, 0, -1, 0] as const;
const STEP_Y = [0, 1, 0, -1] as const;
/** The pixel before a corner, left of the way; the one to the right is that of the next way. */
const LEFT_X = [0, 0, -1, -1] as const;
const LEFT_Y = [-1, 0, 0, -1] as const;

/**
 * The outlines of what bears a label, as closed loops in the coordinates of the picture, mm. Holes are loops that
 * run the other way round. They run through the middles of the pixels' edges, so that stairs become slopes.
 *
 * @param labels the label of each pixel; 0 for none
 */
export function regionsOf(
  { width, height, left, top, detail }: Grid,
  labels: Uint8Array
): ReadonlyMap<number, readonly Loop[]> {
  const found = new Map<number, Loop[]>();
  const begun = new Uint8Array(labels.length);
  const at = (x: number, y: number): number =>
    x < 0 || y < 0 || x >= width || y >= height ? 0 : (labels[y * width + x] ?? 0);

  const beside = (x: number, y: number, way: number): number =>
    at(x + (LEFT_X[way] ?? 0), y + (LEFT_Y[way] ?? 0));

  const follow = (startX: number, startY: number, label: number): Loop => {
    const loop: number[] = [];
    let x = startX;
    let y = startY;
    let way = 0;
    do {
      if (way === 0) begun[y * width + x] = 1;
      const dx = STEP_X[way] ?? 0;
      const dy = STEP_Y[way] ?? 0;
      loop.push(left + (x + dx / 2) / detail, top + (y + dy / 2) / detail);
      x += dx;
      y += dy;
      const turned = (way + 1) & 3;
      if (beside(x, y, turned) !== label) way = turned;
      else if (beside(x, y, way) === label) way = (way + 3) & 3;
    } while (x !== startX || y !== startY || way !== 0);
    loop.push(loop[0] ?? 0, loop[1] ?? 0);
    return loop;
  };

  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const pixel = y * width + x;
      const label = labels[pixel] ?? 0;
      if (label === 0 || begun[pixel] === 1 || at(x, y - 1) === label) continue;
      const loops = found.get(label);
      const loop = follow(x, y, label);
      if (loops) loops.push(loop);
      else found.set(label, [loop]);
    }
  return found;
}
