import { changed, changeKind, type Change, type Cue } from './changes';
import type { Box } from './drawing/project';
import { shifted } from './drawing/shapes';
import type { Figure } from './figure';
import { strayingOf, type MarkOptions } from './marks';
import { squeezePath } from './squeeze';
import { strokesPath } from './strokes';
import {
  begins,
  figureIn,
  plainPicture,
  windowOf,
  type Picture,
  type PlainOptions,
  type PlainQuestion
} from './plain-picture';
import { sub } from './vector';
import { shows } from './views';

/** A picture: who, with what, how, and from where. */
export interface PictureQuestion extends PlainQuestion {
  readonly changes?: readonly Change[];
}

export interface PictureOptions extends PlainOptions {
  /** Changes whose parts are marked, with what leads the eye to them. */
  readonly marked?: readonly Change[];
  /** What leads the eye instead of the changes' own. */
  readonly cue?: Cue;
}

/**
 * The figure of a question.
 *
 * @throws RangeError for a pose that the family does not have
 */
export const figureFor = ({ changes = [], ...question }: PictureQuestion): Figure =>
  figureIn(question, (pose, heightMm) => changed(pose, changes, heightMm));

/**
 * Draws a figure from a view.
 *
 * @param window what is shown, where it is not the view's own: the two pictures of a pair show the same
 */
export function pictureOf(
  figure: Figure,
  { marked = [], cue, ...options }: PictureOptions,
  window?: Box
): Picture {
  const kinds = marked.map(({ kind }) => changeKind(kind));
  const marks = {
    parts: kinds.flatMap(({ parts }) => parts),
    cues: cue ? [cue] : kinds.map((kind) => kind.cue)
  };
  return plainPicture(figure, options, marks, window);
}

/** The same without what is marked: as it should be. */
const asItShouldBe = (
  { changes = [], ...question }: PictureQuestion,
  { marked = [] }: Pick<PictureOptions, 'marked'>
): PictureQuestion => ({
  ...question,
  changes: changes.filter(
    ({ kind, amount }) => !marked.some((one) => one.kind === kind && one.amount === amount)
  )
});

/** Tells of what is marked where it should be and which way it strayed; a ring stays where nothing moved. */
function withStraying(picture: Picture, right: Figure, wrong: Figure, options: PictureOptions): Picture {
  const parts = (options.marked ?? []).flatMap(({ kind }) => changeKind(kind).parts);
  const { view, detail, strokePx = 1.5 } = options;
  const { x, y, width, height } = picture.window;
  const of = ({ shapes }: Figure) => shapes.filter(({ part }) => begins(part, parts) && shows(view, part));
  const against = (options.marked ?? []).map(({ kind }) => changeKind(kind).against).find((spot) => spot);
  const [was, is] = against ? [right.spots[against], wrong.spots[against]] : [];
  const should = was && is ? of(right).map((shape) => shifted(shape, sub(is, was))) : of(right);
  const asked: MarkOptions = { view, detail, strokePx, window: [x, y, x + width, y + height] };
  const squeezed = (options.marked ?? []).map(({ kind }) => changeKind(kind).squeezes).find((spots) => spots);
  const straying = squeezed
    ? { ghost: '', arrow: squeezePath(wrong, squeezed, asked) }
    : strayingOf(should, of(wrong), asked);
  const strayed = straying.ghost !== '' || straying.arrow !== '';
  const cues = picture.cues.flatMap((cue) => (strayed ? (cue.line ? { ...cue, radius: 0 } : []) : cue));
  if (wrong.parts.pose.strokes === right.parts.pose.strokes) return { ...picture, cues, straying };
  // Where the stroke itself is another, its way says it.
  const ghost = straying.ghost + strokesPath(right, { view, detail });
  return { ...picture, cues, straying: { ghost, arrow: picture.strokes }, strokes: '' };
}

/**
 * Draws what is asked for. Of a fault the window is that of the same without it, so that the place stays and the fault
 * moves, and it is marked against it.
 *
 * @param figure of the question, where it is at hand
 */
export function pictureFor(
  question: PictureQuestion,
  options: PictureOptions,
  figure: Figure = figureFor(question)
): Picture {
  if (!options.marked?.length) return pictureOf(figure, options);
  const right = figureFor(asItShouldBe(question, options));
  return withStraying(pictureOf(figure, options, windowOf(right, options.view)), right, figure, options);
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
  const asked = { ...options, marked: fault.changes ?? [] };
  return {
    right: pictureOf(one, plain, window),
    wrong: withStraying(pictureOf(other, asked, window), one, other, asked)
  };
}

function aroundBoth(one: Figure, other: Figure, options: PictureOptions): Box {
  const coarse = { ...options, coarse: true, detail: 0.15 };
  const [a, b] = [pictureOf(one, coarse).window, pictureOf(other, coarse).window];
  const [left, top] = [Math.min(a.x, b.x), Math.min(a.y, b.y)];
  return [left, top, Math.max(a.x + a.width, b.x + b.width), Math.max(a.y + a.height, b.y + b.height)];
}
