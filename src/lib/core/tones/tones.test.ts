import { expect, it } from 'vitest';
import { OPEN_STRINGS, pitchOf } from '.';

const hz = (family: keyof typeof OPEN_STRINGS, a = 440) =>
  OPEN_STRINGS[family].map((string) => Math.round(pitchOf(string, a) * 10) / 10);

it('are the open strings of the four families, the highest first', () => {
  expect(hz('violin')).toEqual([659.3, 440, 293.7, 196]);
  expect(hz('viola')).toEqual([440, 293.7, 196, 130.8]);
  expect(hz('cello')).toEqual([220, 146.8, 98, 65.4]);
  expect(hz('bass')).toEqual([98, 73.4, 55, 41.2]);
});

it('follow the A, by fifths and on the bass by fourths', () => {
  expect(hz('violin', 442)[1]).toBe(442);
  for (const [family, step] of [
    ['violin', 7],
    ['viola', 7],
    ['cello', 7],
    ['bass', 5]
  ] as const) {
    const strings = OPEN_STRINGS[family];
    strings.slice(1).forEach(({ fromA }, i) => expect((strings[i]?.fromA ?? 0) - fromA).toBe(step));
  }
  expect(() => pitchOf({ name: 'A4', fromA: 0 }, 400)).toThrow(RangeError);
});
