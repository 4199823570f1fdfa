import { expect, it } from 'vitest';
import { TAPE_LAYOUTS, tapePlaces } from '.';

it('lie where an ideal string divides', () => {
  expect(tapePlaces(328, [7])[0]?.mm).toBeCloseTo(109.086, 3);
  const [octave] = tapePlaces(690, [12]);
  expect(octave).toMatchObject({ mm: 345, sixteenths: 217 });
  expect(octave?.inch).toBeCloseTo(13.583, 3);
});

it('come closer together towards the bridge, in every layout of every family', () => {
  for (const layouts of Object.values(TAPE_LAYOUTS))
    for (const { semitones } of layouts) {
      const all = Array.from({ length: 12 }, (_, i) => i + 1);
      const gaps = tapePlaces(500, all).map(({ mm }, i, tapes) => mm - (tapes[i - 1]?.mm ?? 0));
      expect(gaps).toEqual([...gaps].sort((a, b) => b - a));
      expect(tapePlaces(500, semitones).map((tape) => tape.semitones)).toEqual(semitones);
    }
});

it('are refused for what is no string and no tape', () => {
  expect(() => tapePlaces(0, [2])).toThrow(RangeError);
  expect(() => tapePlaces(328, [0])).toThrow(RangeError);
  expect(() => tapePlaces(328, [25])).toThrow(RangeError);
});
