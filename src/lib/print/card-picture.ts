import { backPicture, figureFor, pictureOf, VIEWS, type Drawing } from '$lib/core/figure';
import { CARD_DETAIL, type CardDrawing } from './card';

/** What is on a card, drawn. */
export const cardPicture = (drawing: CardDrawing): Drawing =>
  drawing.kind === 'back'
    ? backPicture(drawing.family, drawing.of, CARD_DETAIL.back)
    : pictureOf(figureFor(drawing.question), { view: VIEWS[drawing.view], detail: CARD_DETAIL.player });
