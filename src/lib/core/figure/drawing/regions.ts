import type { Grid } from './faces';

/** x and y of each corner, one after the other, the first once more at the end. */
type Loop = readonly number[];

/** Room for the labels and for where loops have begun, kept from one picture to the next. */
const room = { labels: new Uint8Array(0), begun: new Uint8Array(0) };

/**
 * The outlines of what bears a label, as closed loops in the coordinates of the picture, mm. Holes are loops that
 * run the other way round. They run through the middles of the pixels' edges, so that stairs become slopes.
 *
 * @param nearest the solid at each pixel, -1 for none
 * @param labelOf the label of each solid, from 1
 */
export function regionsOf(
  { width, height, left, top, detail }: Grid,
  nearest: Int16Array,
  labelOf: Uint8Array
): ReadonlyMap<number, readonly Loop[]> {
  // With a rim of no label all round, nothing that is looked up lies beside the picture.
  const row = width + 2;
  const all = row * (height + 2);
  if (room.labels.length < all) [room.labels, room.begun] = [new Uint8Array(all), new Uint8Array(all)];
  const { labels, begun } = room;
  labels.fill(0, 0, all);
  begun.fill(0, 0, all);
  for (let y = 0; y < height; y++) {
    const from = y * width;
    const to = (y + 1) * row + 1;
    for (let x = 0; x < width; x++) {
      const solid = nearest[from + x] ?? -1;
      if (solid >= 0) labels[to + x] = labelOf[solid] ?? 0;
    }
  }

  /** East, south, west, north, the region to the right of the way: steps, and the pixel before a corner, left of it. */
  const step = [1, row, -1, -row] as const;
  const ahead = [-row, 0, -1, -row - 1] as const;
  const stepX = [1, 0, -1, 0] as const;
  const stepY = [0, 1, 0, -1] as const;

  const follow = (start: number, label: number): Loop => {
    const loop: number[] = [];
    let x = (start % row) - 1;
    let y = Math.floor(start / row) - 1;
    let at = start;
    let way = 0;
    do {
      if (way === 0) begun[at] = 1;
      const dx = stepX[way] ?? 0;
      const dy = stepY[way] ?? 0;
      loop.push(left + (x + dx / 2) / detail, top + (y + dy / 2) / detail);
      x += dx;
      y += dy;
      at += step[way] ?? 0;
      const turned = (way + 1) & 3;
      if (labels[at + (ahead[turned] ?? 0)] !== label) way = turned;
      else if (labels[at + (ahead[way] ?? 0)] === label) way = (way + 3) & 3;
    } while (at !== start || way !== 0);
    loop.push(loop[0] ?? 0, loop[1] ?? 0);
    return loop;
  };

  const found = new Map<number, Loop[]>();
  for (let at = row; at < all - row; at++) {
    const label = labels[at] ?? 0;
    if (label === 0 || labels[at - row] === label || begun[at] === 1) continue;
    const loop = follow(at, label);
    const loops = found.get(label);
    if (loops) loops.push(loop);
    else found.set(label, [loop]);
  }
  return found;
}
