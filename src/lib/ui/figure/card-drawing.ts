import { VIEWS } from '$lib/core/figure/views';
import type { Drawing } from '$lib/core/figure';
import { CARD_DETAIL, type CardDrawing } from '$lib/print/card';
import { drawBack, drawPicture } from '$lib/workers/pictures';

/** Draws what is on a card beside the page. */
export const drawCard = (drawing: CardDrawing): Promise<Drawing> =>
  drawing.kind === 'back'
    ? drawBack(drawing.family, drawing.of, CARD_DETAIL.back)
    : drawPicture(drawing.question, { view: VIEWS[drawing.view], detail: CARD_DETAIL.player });
