import { expect, it } from 'vitest';
import { averageSeatedBody, solvePosture } from '../cello';
import { dimensionsOf } from '../instruments';
import {
  armView,
  bodyOutlinePath,
  lowStringsView,
  seatedPersonView,
  seatedPlacing,
  sideView,
  standingPersonView,
  standingPlacing
} from '.';

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

it.each([
  [1150, '1/8'],
  [1750, '4/4']
])('a cellist of %i mm is drawn as looked at', (heightMm, size) => {
  const body = averageSeatedBody(heightMm);
  const cello = dimensionsOf('cello', size);
  const posture = solvePosture(body, cello);
  const at = seatedPlacing(posture, cello.bodyMm);
  expect([
    lowStringsView(at, cello, posture.pinMm, 'cello'),
    seatedPersonView(body, posture, at(1.2 * cello.bodyMm, cello.ribMm))
  ]).toMatchSnapshot();
});

it.each([
  [1300, '1/8'],
  [1750, '3/4']
])('a bassist of %i mm is drawn as looked at', (heightMm, size) => {
  const bass = dimensionsOf('bass', size);
  const at = standingPlacing(heightMm, bass, 120);
  const hands = { bow: at(0.4 * bass.bodyMm, bass.ribMm), left: at(1.3 * bass.bodyMm, bass.ribMm) };
  expect([lowStringsView(at, bass, 120, 'bass'), standingPersonView(heightMm, hands)]).toMatchSnapshot();
});
