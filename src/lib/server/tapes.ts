import type { InferType } from 'yup';
import { HIGHEST_TAPE, tapePlaces } from '$lib/core/tapes';
import type { ListBounds } from './bounds';
import { exactly, lengthWithin, listOf, numberWithin } from './fields';

const MOST_TAPES = 12;
export const TAPES_BOUNDS: ListBounds = { layout: MOST_TAPES };

/** What a question for finger tapes must look like. */
export const tapesRequest = exactly({
  stringMm: lengthWithin(100, 1300, 'Nut to bridge, measured on this instrument').required(),
  layout: listOf(
    numberWithin(0.5, HIGHEST_TAPE, 'Semitones above the open string').required(),
    MOST_TAPES
  ).required()
});

/** Answers where the tapes lie, in the order asked for. */
export const answerTapes = ({ stringMm, layout }: InferType<typeof tapesRequest>): unknown => ({
  tapes: tapePlaces(stringMm, layout)
});
