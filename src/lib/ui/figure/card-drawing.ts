import { VIEWS } from '$lib/core/figure/views';
import type { Drawing } from '$lib/core/figure';
import type { CardDrawing } from '$lib/print/card';
import { drawBack, drawPicture } from '$lib/workers/pictures';

/** Pixels per mm of a card's picture: finer than any printer shows at this size. */
const BACK_DETAIL = 1;
const PLAYER_DETAIL = 0.3;

/** Draws what is on a card beside the page. */
export const drawCard = (drawing: CardDrawing): Promise<Drawing> =>
  drawing.kind === 'back'
    ? drawBack(drawing.family, drawing.of, BACK_DETAIL)
    : drawPicture(drawing.question, { view: VIEWS[drawing.view], detail: PLAYER_DETAIL });
