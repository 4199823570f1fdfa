import { expect, it } from 'vitest';
import type { Heard } from '$lib/core/tuner';
import { tuningSentence, tuningState } from './tuner';

const tone = (string: string, cents: number): Heard => ({ kind: 'tone', hz: 0, string, cents });

it('says which way to turn, and what', () => {
  expect(tuningSentence(tone('A4', -12), 'violin')).toBe('A is too low: turn its fine tuner in.');
  expect(tuningSentence(tone('A4', 12), 'violin')).toBe('A is too high: turn its fine tuner out.');
  expect(tuningSentence(tone('C2', -80), 'cello')).toBe(
    'C is too low: up by the peg, pushing it in while it turns.'
  );
  expect(tuningSentence(tone('E1', 20), 'bass')).toBe(
    'E is too high: loosen it at its machine head, a little at a time.'
  );
});

it('says what is in tune, and why it says nothing', () => {
  expect(tuningSentence(tone('G3', 2.9), 'viola')).toBe('G is in tune.');
  expect(tuningState(tone('G3', 3.1))).toBe('high');
  expect(tuningSentence({ kind: 'unclear' }, 'viola')).toMatch(/^No clear tone/);
  expect(tuningSentence({ kind: 'silence' }, 'viola')).toMatch(/^Play one open string/);
});
