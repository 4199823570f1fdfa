import { cameraOf, seen } from './drawing/camera';
import { draw, type Drawing, type Ink } from './drawing/draw';
import type { Box } from './drawing/project';
import type { Cue } from './changes/kind';
import { figureOf, type Figure, type FigureQuestion } from './figure';
import { INSTRUMENT_PARTS } from './parts';
import type { Pose } from './pose/pose';
import { POSES } from './pose/poses';
import type { Straying } from './marks';
import { strokesPath } from './strokes';
import { shows, type View } from './views';

/**
 * Pictures of a figure as it is: without the faults, which are more than all the rest and of which most pictures have
 * none.
 */
export interface PlainQuestion extends Omit<FigureQuestion, 'pose' | 'base'> {
  /** The name of a pose of the family; playing without one. */
  readonly pose?: string;
}

export interface PlainOptions {
  readonly view: View;
  /** Pixels per mm at which it is shown. */
  readonly detail: number;
  readonly strokePx?: number;
  readonly coarse?: boolean;
}

/** What is marked in a picture: parts by the beginning of their name, and what leads the eye to them. */
export interface Marks {
  readonly parts: readonly string[];
  readonly cues: readonly Cue[];
}
export const NO_MARKS: Marks = { parts: [], cues: [] };

/** A ring that leads the eye, and the plumb or level line that goes with it, in the coordinates of the drawing. */
export interface DrawnCue {
  readonly x: number;
  readonly y: number;
  readonly radius: number;
  readonly line: { readonly from: readonly [number, number]; readonly to: readonly [number, number] } | null;
}

/** How far a plumb or level line runs beyond the ring, in its radii. */
const LINE_REACH = 2.4;

export interface Picture extends Drawing {
  readonly cues: readonly DrawnCue[];
  /** Where what is marked should be, and which way it strayed; null where that is not told. */
  readonly straying: Straying | null;
  /** What goes, as a path: the bow's way, and breath; empty where neither is shown. */
  readonly strokes: string;
}

export const begins = (part: string, names: readonly string[]) => names.some((name) => part.startsWith(name));

/**
 * The figure of a question.
 *
 * @param change strays from its pose
 * @throws RangeError for a pose that the family does not have
 */
export function figureIn(
  { pose = 'playing', ...question }: PlainQuestion,
  change: (pose: Pose, heightMm: number) => Pose = (usual) => usual
): Figure {
  const usual: Pose | undefined = POSES[question.family][pose];
  if (!usual) throw new RangeError(`no pose ${pose} for the ${question.family}`);
  const { scrollDeg = usual.scrollLeft, tiltDeg = usual.stringTilt } = question.setup ?? {};
  const base: Pose = { ...usual, scrollLeft: scrollDeg, stringTilt: tiltDeg };
  return figureOf({ ...question, base, pose: change(base, question.readings.height?.[0] ?? 1500) });
}

/** The window of a view, mm of its plane; undefined shows all. */
export function windowOf(figure: Figure, { crop, azimuth, elevation }: View): Box | undefined {
  const spot = crop && figure.spots[crop.spot];
  if (!crop || !spot) return undefined;
  const h = crop.of === 'body' ? figure.model.bodyMm : figure.body.heightMm;
  const [x, y] = seen(cameraOf({ azimuth, elevation }), spot);
  const [left, top] = [x + (crop.right - crop.width / 2) * h, y + (crop.down - crop.height / 2) * h];
  return [left, top, left + crop.width * h, top + crop.height * h];
}

/**
 * Draws a figure from a view.
 *
 * @param window what is shown, where it is not the view's own: the two pictures of a pair show the same
 */
export function plainPicture(
  figure: Figure,
  { view, detail, strokePx, coarse }: PlainOptions,
  { parts, cues: asked }: Marks = NO_MARKS,
  window: Box | undefined = windowOf(figure, view)
): Picture {
  const inkOf = (part: string): Ink =>
    begins(part, parts) ? 'marked' : begins(part, INSTRUMENT_PARTS) ? 'instrument' : 'player';
  const drawing = draw(
    figure.shapes.filter(({ part }) => shows(view, part)),
    {
      direction: view,
      detail,
      inkOf,
      spots: figure.spots,
      ...(window ? { window } : {}),
      ...(strokePx === undefined ? {} : { strokePx }),
      ...(coarse === undefined ? {} : { coarse })
    }
  );
  const cues = asked.flatMap((cue) => drawnCue(cue, drawing, figure.body.heightMm) ?? []);
  const strokes = strokesPath(figure, { view, detail });
  return { ...drawing, cues: withoutCovered(cues), straying: null, strokes };
}

/** Rings about one place are one ring, the largest; what has a line stays. */
const withoutCovered = (cues: readonly DrawnCue[]): readonly DrawnCue[] =>
  cues.filter(
    (one, i) =>
      one.line ||
      !cues.some(
        (other, j) =>
          (other.radius > one.radius || (other.radius === one.radius && j < i)) &&
          Math.hypot(other.x - one.x, other.y - one.y) < other.radius
      )
  );

function drawnCue(cue: Cue, { spots }: Drawing, heightMm: number): DrawnCue | null {
  const [spot, through] = [spots[cue.spot], spots[cue.lineAt ?? cue.spot]];
  if (!spot || !through) return null;
  const [[x, y], [lineX, lineY]] = [spot, through];
  const radius = cue.ring * heightMm;
  const reach = LINE_REACH * radius;
  if (!cue.line) return { x, y, radius, line: null };
  const line: DrawnCue['line'] =
    cue.line === 'plumb'
      ? { from: [lineX, Math.min(y - reach, lineY)], to: [lineX, Math.max(y + reach, lineY)] }
      : { from: [Math.min(x - reach, lineX), lineY], to: [Math.max(x + reach, lineX), lineY] };
  return { x, y, radius, line };
}
