import { cameraOf, seen } from './drawing/camera';
import { flowingLine, type Flat } from './drawing/path';
import type { Figure } from './figure';
import { headAt } from './marks';
import { onBow, stickOver } from './instrument/bow';
import type { View } from './views';

type Place = readonly [x: number, y: number];

/** How far beside the stick the way of the bow is drawn, and how long its heads are, pixels. */
const BESIDE_PX = 15;
const HEAD_PX = 9;

/**
 * How often a bouncing bow leaves the string, how high that is drawn, and by how many points each time. Source: our
 * own, tried on the pictures of the four families.
 */
const HOPS = 4;
const HOP_PX = 16;
const HOP_POINTS = 8;

/** The way of what leaves its line and falls back to it, again and again. */
function hops([fx, fy]: Place, [tx, ty]: Place, high: number): Flat {
  const long = Math.hypot(tx - fx, ty - fy) || 1;
  const [nx, ny] = [((ty - fy) / long) * high, (-(tx - fx) / long) * high];
  return Array.from({ length: HOPS * HOP_POINTS + 1 }, (_, i) => {
    const share = i / (HOPS * HOP_POINTS);
    const off = Math.abs(Math.sin(HOPS * Math.PI * share));
    return [fx + (tx - fx) * share + nx * off, fy + (ty - fy) * share + ny * off];
  }).flat();
}

/** Where on its way what rushes has more heads, one after the other. */
const HURRIED = [0.68, 0.82] as const;

interface StrokesOptions {
  readonly view: View;
  readonly detail: number;
}

/**
 * The way that the bow goes, beside its stick: one line with a head at both ends where it goes to and fro without a
 * stop, else one for each piece. A picture stands still; this says what a stroke does. Empty where the pose has none.
 */
export function strokesPath(
  { parts: { pose, bow, lies } }: Figure,
  { view, detail }: StrokesOptions
): string {
  if (!lies) return '';
  const camera = cameraOf(view);
  const stickAt = (share: number): Place => {
    const along = share * bow.hairMm;
    const [x, y] = seen(camera, onBow(lies, [along, stickOver(bow, along), 0]));
    return [x, y];
  };
  const [[fx, fy], [tx, ty]] = [stickAt(0), stickAt(1)];
  const long = Math.hypot(tx - fx, ty - fy) || 1;
  // Above the bow as it is seen.
  const side = (tx - fx) / long > 0 ? 1 : -1;
  const off = (side * BESIDE_PX) / detail;
  const [nx, ny] = [((ty - fy) / long) * off, (-(tx - fx) / long) * off];
  const at = (share: number): Place => [fx + (tx - fx) * share + nx, fy + (ty - fy) * share + ny];
  const towards = Math.atan2(ty - fy, tx - fx);
  const head = HEAD_PX / detail;
  const lines = pose.strokes.flatMap(([from, to]): Flat[] => {
    const [start, end] = [at(from), at(to)];
    if (pose.strokeGoes === 'bouncing') return [hops(start, end, (side * HOP_PX) / detail)];
    const there = [[...start, ...end], headAt(end, towards, head)];
    if (pose.strokeGoes === 'rushing')
      return [...there, ...HURRIED.map((share) => headAt(at(from + (to - from) * share), towards, head))];
    return pose.strokes.length > 1 ? there : [...there, headAt(start, towards + Math.PI, head)];
  });
  return lines.map((line) => flowingLine(line, 0.1 / detail)).join('');
}
