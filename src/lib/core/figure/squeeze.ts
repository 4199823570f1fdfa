import { cameraOf, seen } from './drawing/camera';
import { flowingLine, type Flat } from './drawing/path';
import type { Figure } from './figure';
import { headAt, type MarkOptions } from './marks';

/** What is pressed together: two spots of the figure, one on either side. */
export type Squeezed = readonly [one: string, other: string];

// Shares of the picture's longer side. Source: our own, tried on sheets of all that grips and presses.
const ARROW = 0.16;
/** So near to the edge an arrow ends, a short one if need be. */
const INSET = 0.02;
const HEAD = 0.075;
/** How far off what is pressed the points stay. */
const OFF = 0.04;
/** Nearer to each other in the picture than this, two spots give no direction: then it is pressed from above and below. */
const APART = 0.02;

/** Two arrows towards each other, over what is pressed between them: it has not moved so much as it holds too hard. */
export function squeezePath(
  { spots }: Figure,
  [one, other]: Squeezed,
  { view, detail, window: [left, top, right, bottom] }: MarkOptions
): string {
  const [a, b] = [spots[one], spots[other]];
  if (!a || !b) return '';
  const camera = cameraOf(view);
  const [[ax, ay], [bx, by]] = [seen(camera, a), seen(camera, b)];
  const long = Math.max(right - left, bottom - top);
  const apart = Math.hypot(bx - ax, by - ay);
  const towards = apart < APART * long ? Math.PI / 2 : Math.atan2(by - ay, bx - ax);
  const [ux, uy] = [Math.cos(towards), Math.sin(towards)];
  const [x, y] = [(ax + bx) / 2, (ay + by) / 2];
  const off = apart / 2 + OFF * long;
  const lines = [-1, 1].flatMap((side): Flat[] => {
    const at = (far: number) => [x + side * far * ux, y + side * far * uy] as const;
    const tip = at(off);
    const room = (from: number, by: number, low: number, most: number) =>
      by === 0 ? Infinity : ((by > 0 ? most : low) - from) / by - (INSET * long) / Math.abs(by);
    const [dx, dy] = [side * ux, side * uy];
    const length = Math.min(ARROW * long, room(tip[0], dx, left, right), room(tip[1], dy, top, bottom));
    if (length < HEAD * long) return [];
    return [[...at(off + length), ...tip], headAt(tip, side < 0 ? towards : towards + Math.PI, HEAD * long)];
  });
  return lines.map((line) => flowingLine(line, 0.1 / detail)).join('');
}
