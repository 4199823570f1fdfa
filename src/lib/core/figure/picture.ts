import { changed, changeKind, type Change, type Cue } from './changes';
import { cameraOf, seen } from './drawing/camera';
import { draw, type Drawing, type Ink } from './drawing/draw';
import type { Box } from './drawing/project';
import { figureOf, type Figure, type FigureQuestion } from './figure';
import type { Pose } from './pose/pose';
import { INSTRUMENT_PARTS } from './parts';
import { POSES } from './pose/poses';
import type { View } from './views';

/** A picture: who, with what, how, and from where. */
export interface PictureQuestion extends Omit<FigureQuestion, 'pose' | 'base'> {
  /** The name of a pose of the family; playing without one. */
  readonly pose?: string;
  readonly changes?: readonly Change[];
}

export interface PictureOptions {
  readonly view: View;
  /** Pixels per mm at which it is shown. */
  readonly detail: number;
  readonly strokePx?: number;
  /** Changes whose parts are marked, with what leads the eye to them. */
  readonly marked?: readonly Change[];
  /** What leads the eye instead of the changes' own. */
  readonly cue?: Cue;
  readonly coarse?: boolean;
}

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
}

const begins = (part: string, names: readonly string[]) => names.some((name) => part.startsWith(name));

/**
 * The figure of a question.
 *
 * @throws RangeError for a pose that the family does not have
 */
export function figureFor({ pose = 'playing', changes = [], ...question }: PictureQuestion): Figure {
  const usual: Pose | undefined = POSES[question.family][pose];
  if (!usual) throw new RangeError(`no pose ${pose} for the ${question.family}`);
  const { scrollDeg = usual.scrollLeft, tiltDeg = usual.stringTilt } = question.setup ?? {};
  const base: Pose = { ...usual, scrollLeft: scrollDeg, stringTilt: tiltDeg };
  const heightMm = question.readings.height?.[0] ?? 1500;
  return figureOf({ ...question, base, pose: changed(base, changes, heightMm) });
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
export function pictureOf(
  figure: Figure,
  { view, detail, strokePx, marked = [], cue: asked, coarse }: PictureOptions,
  window: Box | undefined = windowOf(figure, view)
): Picture {
  const kinds = marked.map(({ kind }) => changeKind(kind));
  const parts = kinds.flatMap((kind) => kind.parts);
  const inkOf = (part: string): Ink =>
    begins(part, parts) ? 'marked' : begins(part, INSTRUMENT_PARTS) ? 'instrument' : 'player';
  const drawing = draw(
    figure.shapes.filter(({ part }) => !begins(part, view.without)),
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
  const cues = (asked ? [asked] : kinds.map(({ cue }) => cue)).flatMap(
    (cue) => drawnCue(cue, drawing, figure.body.heightMm) ?? []
  );
  return { ...drawing, cues: withoutCovered(cues) };
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

/**
 * The window of a picture of a fault: that of the same without it, so that the place stays and the fault moves.
 *
 * @returns undefined where all is shown
 */
export function windowWithout(
  { changes = [], ...question }: PictureQuestion,
  { view, marked = [] }: Pick<PictureOptions, 'view' | 'marked'>
): Box | undefined {
  if (!view.crop || marked.length === 0) return undefined;
  const isMarked = ({ kind, amount }: Change) =>
    marked.some((one) => one.kind === kind && one.amount === amount);
  return windowOf(figureFor({ ...question, changes: changes.filter((one) => !isMarked(one)) }), view);
}

/** The two pictures of a fault: the same player, scale and window, as it should be and with it. */
export function pairOf(
  right: PictureQuestion,
  fault: PictureQuestion,
  options: Omit<PictureOptions, 'marked'>
): { readonly right: Picture; readonly wrong: Picture } {
  const { cue: _, ...plain } = options;
  const [one, other] = [figureFor(right), figureFor(fault)];
  const window = windowOf(one, options.view) ?? aroundBoth(one, other, options);
  return {
    right: pictureOf(one, plain, window),
    wrong: pictureOf(other, { ...options, marked: fault.changes ?? [] }, window)
  };
}

function aroundBoth(one: Figure, other: Figure, options: PictureOptions): Box {
  const coarse = { ...options, coarse: true, detail: 0.15 };
  const [a, b] = [pictureOf(one, coarse).window, pictureOf(other, coarse).window];
  const [left, top] = [Math.min(a.x, b.x), Math.min(a.y, b.y)];
  return [left, top, Math.max(a.x + a.width, b.x + b.width), Math.max(a.y + a.height, b.y + b.height)];
}
