import type { CheckScene } from '$lib/core/checks';
import type { PictureOptions, PictureQuestion } from '$lib/core/figure';
import { detailFor, VIEWS } from '$lib/core/figure/views';
import type { DrawnAs } from './drawn-as';

/** How large it is shown, px. */
const PX = 420;

/** What is drawn of a scene that is shown large: to practise the eye, and over a live picture. */
export function scenePicture(
  { family, readings, instrument, setup }: DrawnAs,
  { view: viewName, pose, changes, marked }: CheckScene,
  isMarked: boolean
): { readonly question: PictureQuestion; readonly options: PictureOptions } {
  const view = VIEWS[viewName];
  return {
    question: { family, readings, instrument, pose, changes, ...(setup ? { setup } : {}) },
    options: {
      view,
      detail: detailFor(view, { wide: PX, high: PX }, readings.height?.[0] ?? 1400, instrument.bodyMm),
      marked: isMarked ? marked : []
    }
  };
}
