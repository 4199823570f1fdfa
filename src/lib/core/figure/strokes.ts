import { onHead } from './body/spine';
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

/** Where on its way what rushes has more heads, one after the other. Source: our own, tried on the pictures. */
const HURRIED = [0.68, 0.82] as const;

/** The lines in which breath leaves the mouth, by how far they lie from the middle one. Source: our own drawing. */
const BREATHS = [-1, 0, 1] as const;
const BREATH_POINTS = 13;
/** A head whose face looks this far aside, as a sine, is turned. */
const TURNED = 0.25;

/** Breath that goes: before a face that is turned, else aside of it, where it is seen from the front. In heads. */
function breathLines({ parts: { body, spine } }: Figure, { view }: StrokesOptions): readonly Flat[] {
  const camera = cameraOf(view);
  const at = onHead(spine, body);
  const ahead = Math.abs(spine.head.z[0]) > TURNED;
  return BREATHS.map((row) =>
    Array.from({ length: BREATH_POINTS }, (_, i) => {
      const far = i / (BREATH_POINTS - 1);
      const y = 0.16 + row * (0.05 + 0.06 * far) + 0.022 * Math.sin(2.5 * Math.PI * far);
      const place = ahead
        ? at(0.1 + 0.2 * far, y + 0.1, 0.5 + 0.5 * far)
        : at(-0.36 - 0.4 * far, y, 0.42 + 0.2 * far);
      return seen(camera, place).slice(0, 2);
    }).flat()
  );
}

interface StrokesOptions {
  readonly view: View;
  readonly detail: number;
}

/** What goes in a picture, which stands still: the bow's way, and breath. Empty where neither is shown. */
export function strokesPath(figure: Figure, options: StrokesOptions): string {
  const lines = [
    ...bowLines(figure, options),
    ...(figure.parts.pose.breathGoes > 0 ? breathLines(figure, options) : [])
  ];
  return lines.map((line) => flowingLine(line, 0.1 / options.detail)).join('');
}

/**
 * The way that the bow goes, beside its stick: one line with a head at both ends where it goes to and fro without a
 * stop, else one for each piece. None where the pose has none.
 */
function bowLines({ parts: { pose, bow, lies } }: Figure, { view, detail }: StrokesOptions): readonly Flat[] {
  if (!lies) return [];
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
  return pose.strokes.flatMap(([from, to]): Flat[] => {
    const [start, end] = [at(from), at(to)];
    if (pose.strokeGoes === 'bouncing') return [hops(start, end, (side * HOP_PX) / detail)];
    const there = [[...start, ...end], headAt(end, towards, head)];
    if (pose.strokeGoes === 'rushing')
      return [...there, ...HURRIED.map((share) => headAt(at(from + (to - from) * share), towards, head))];
    return pose.strokes.length > 1 ? there : [...there, headAt(start, towards + Math.PI, head)];
  });
}
