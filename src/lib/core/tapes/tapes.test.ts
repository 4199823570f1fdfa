import { expect, it } from 'vitest';
import { fingersOn, layoutTapes, TAPE_LAYOUTS, tapePlaces } from '.';

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

it('give the first notes of a scale on an open D, each with the finger that plays it', () => {
  const NOTES = ['D', 'Eb', 'E', 'F', 'F#', 'G', 'G#', 'A'];
  const played = Object.fromEntries(
    Object.values(TAPE_LAYOUTS)
      .flat()
      .map((layout) => [
        layout.id,
        layoutTapes(layout, 328)
          .map(({ semitones, finger }) => `${NOTES[semitones]} ${finger}`)
          .join(', ')
      ])
  );
  expect(played).toEqual({
    'first-second-third': 'E 1, F# 2, G 3',
    'with-fourth': 'E 1, F# 2, G 3, A 4',
    'first-and-third': 'E 1, G 3',
    'first-and-fourth': 'E 1, G 4',
    'first-third-fourth': 'E 1, F# 3, G 4',
    'all-four': 'E 1, F 2, F# 3, G 4',
    'half-position': 'Eb 1, E 2, F 4',
    'first-position': 'E 1, F 2, F# 4'
  });
});

it('go up two octaves, where a quarter of the string is left', () => {
  expect(tapePlaces(400, [24])[0]?.mm).toBeCloseTo(300, 9);
});

it('are refused for what is no string and no tape', () => {
  expect(() => tapePlaces(0, [2])).toThrow(RangeError);
  expect(() => tapePlaces(328, [0])).toThrow(RangeError);
  expect(() => tapePlaces(328, [25])).toThrow(RangeError);
});

it('are called by the finger that falls on them, by the layout that has most of them', () => {
  expect(fingersOn('violin', [2, 4, 5, 7])).toEqual([1, 2, 3, 4]);
  // On a bass the same place is another finger in half and in first position.
  expect(fingersOn('bass', [1, 3])).toEqual([1, 4]);
  expect(fingersOn('bass', [2, 4])).toEqual([1, 4]);
  expect(fingersOn('cello', [2, 12])).toEqual([1, null]);
  expect(fingersOn('viola', [])).toEqual([]);
});
