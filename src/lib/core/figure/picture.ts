import { changed, changeKind, type Change, type Cue } from './changes';
import type { Box } from './drawing/project';
import type { Figure } from './figure';
import {
  figureIn,
  plainPicture,
  windowOf,
  type Picture,
  type PlainOptions,
  type PlainQuestion
} from './plain-picture';

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
