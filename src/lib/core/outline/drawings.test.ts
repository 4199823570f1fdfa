import { expect, it } from 'vitest';
import { dimensionsOf } from '../instruments';
import { armView, bodyOutlinePath, sideView } from '.';

/** Drawings are judged by eye; what was judged once changes only on purpose. */
it.each(['1/8', '4/4'])('the %s violin is drawn as it was looked at', (size) => {
  const violin = dimensionsOf('violin', size);
  expect([bodyOutlinePath(violin), sideView(violin)]).toMatchSnapshot();
});

it('the viola without a chin rest is drawn as it was looked at', () => {
  expect(sideView({ ...dimensionsOf('viola', '14 in'), chinRestMm: null })).toMatchSnapshot();
});

it.each([
  [380, 110],
  [520, 170]
])('an arm of %i mm to the wrist is drawn as it was looked at', (wristMm, handMm) => {
  expect(armView(wristMm, handMm)).toMatchSnapshot();
});
