import { loopsOf, type Picture } from '../figure';

type Point = readonly [x: number, y: number];

/** A finger is so wide, as a share of the picture's longer side. */
const FINGER = 0.06;

const distance = ([ax, ay]: Point, [bx, by]: Point): number => Math.hypot(ax - bx, ay - by);

/** Whether a point lies within outlines, by how often a line to the left of it crosses them. */
function isWithin([x, y]: Point, loops: readonly (readonly Point[])[]): boolean {
  let crossed = 0;
  for (const loop of loops)
    loop.forEach(([bx, by], i) => {
      const [ax, ay] = loop.at(i - 1) ?? [bx, by];
      if (ay > y !== by > y && x > ax + ((y - ay) / (by - ay)) * (bx - ax)) crossed++;
    });
  return crossed % 2 === 1;
}

/**
 * Whether somebody who tapped a picture meant what is marked in it: on the part at fault or where it should be, or a
 * finger's width beside.
 *
 * @param at in the picture's own mm
 * @returns null where nothing is marked
 */
export function isOnMark(
  { marked, straying, cues, window }: Pick<Picture, 'marked' | 'straying' | 'cues' | 'window'>,
  at: Point
): boolean | null {
  const near = FINGER * Math.max(window.width, window.height);
  const loops = [...loopsOf(marked), ...loopsOf(straying?.ghost ?? '')];
  const rings = cues.filter(({ radius }) => radius > 0);
  if (loops.length === 0 && rings.length === 0) return null;
  return (
    isWithin(at, loopsOf(marked)) ||
    loops.some((loop) => loop.some((point) => distance(point, at) <= near)) ||
    rings.some(({ x, y, radius }) => distance([x, y], at) <= radius + near)
  );
}
