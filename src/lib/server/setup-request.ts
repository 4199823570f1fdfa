import type { InferType } from 'yup';
import { FAMILIES } from '$lib/core/instruments';
import { REST_SCHOOLS, TILT_RANGE_DEG } from '$lib/core/setup';
import type { ListBounds } from './bounds';
import { choiceOf, exactly, lengthWithin, listOf, numberWithin, readingsOf } from './fields';
import { measurementShape } from './measurements';
import { sizeName } from './size';

const CHIN_REST_MM = [1, 80] as const;
const MOST_NOTCHES = 40;
export const SETUP_BOUNDS: ListBounds = { notchesMm: MOST_NOTCHES };

/** What a question for a set-up must look like. */
export const setupRequest = exactly({
  family: choiceOf(FAMILIES).required(),
  size: sizeName().required(),
  measurements: exactly(
    {
      ...measurementShape,
      neckGapMm: readingsOf('neckGap', 'Violin, viola: collarbone to the underside of the jaw'),
      shoulderDropMm: readingsOf(
        'shoulderSlope',
        'Violin, viola: neck base to shoulder point, drop; a medium slope when not given'
      )
    },
    'Violin, viola: height, gap and drop. Cello, bass: what sizes are worked out from.'
  ).required(),
  school: choiceOf(REST_SCHOOLS, 'Violin, viola: rest-first when not given'),
  chinRestMm: lengthWithin(
    ...CHIN_REST_MM,
    'Violin, viola: height of the chin rest as fitted; the nominal one when not given. Collarbone first computes its own.'
  ),
  tiltDeg: numberWithin(...TILT_RANGE_DEG, 'Violin, viola: 18 when not given'),
  locked: exactly(
    {
      seatMm: lengthWithin(100, 800),
      endpinMm: numberWithin(0, 600, 'As the model counts it, from the ribs'),
      angleDeg: numberWithin(10, 50),
      slideMm: numberWithin(-100, 100)
    },
    'Cello: what must not change; the rest is solved'
  )
    .default(undefined)
    .optional(),
  instrument: exactly(
    {
      bodyMm: lengthWithin(100, 1500),
      ribMm: lengthWithin(10, 400),
      stringMm: lengthWithin(100, 1300),
      pinMaxMm: lengthWithin(10, 800),
      notchesMm: listOf(numberWithin(0, 800).required(), MOST_NOTCHES, 'Bass: where the pin snaps')
    },
    'Cello, bass: measured dimensions in place of the nominal ones of the size'
  )
    .default(undefined)
    .optional(),
  leanDeg: numberWithin(0, 25, 'Bass: 12 when not given'),
  offsetMm: numberWithin(-150, 150, 'Bass: how much higher than usual the own bow hold plays')
});

export type SetupRequest = InferType<typeof setupRequest>;
