import fc from 'fast-check';
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { describe, expect, it } from 'vitest';
import { OPEN_STRINGS, pitchOf } from '../tones';
import { hear, HEARD_SAMPLES, MadeUpString, steadied, STEADY_OVER, type Heard } from '.';

/** Noise that is the same each time. */
function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => (state = (Math.imul(state, 1664525) + 1013904223) >>> 0) / 2 ** 32;
}
const buffer = new Float32Array(HEARD_SAMPLES);
function heardOf(
  hz: number,
  family: keyof typeof OPEN_STRINGS,
  { rate = 48_000, noise = 0.1, seed = 1, a = 440 } = {}
): Heard {
  new MadeUpString(rate, seeded(seed)).sound(buffer, hz, noise);
  return hear(buffer, rate, OPEN_STRINGS[family], a);
}

const all = Object.entries(OPEN_STRINGS).flatMap(([family, strings]) =>
  strings.map((string) => ({
    family: family as keyof typeof OPEN_STRINGS,
    string,
    name: `${family} ${string.name}`
  }))
);

describe('what is heard', () => {
  it.each(all)('is the open string, to two cents, in tune and out of tune: $name', ({ family, string }) => {
    fc.assert(
      fc.property(
        fc.double({ min: -60, max: 60, noNaN: true }),
        fc.constantFrom(44_100, 48_000),
        fc.constantFrom(430, 440, 443, 450),
        fc.integer({ min: 0, max: 1e6 }),
        (off, rate, a, seed) => {
          const heard = heardOf(pitchOf(string, a) * 2 ** (off / 1200), family, {
            rate,
            a,
            seed,
            noise: 0.3
          });
          expect(heard).toMatchObject({ kind: 'tone', string: string.name });
          expect(Math.abs((heard.kind === 'tone' ? heard.cents : NaN) - off)).toBeLessThan(2);
        }
      ),
      { numRuns: 8 }
    );
  });

  it('is no tone in noise, nothing in silence, and no string far from all of them', () => {
    const random = seeded(7);
    for (let i = 0; i < 50; i++) {
      for (let at = 0; at < buffer.length; at++) buffer[at] = 0.5 * (2 * random() - 1);
      expect(hear(buffer, 48_000, OPEN_STRINGS.cello, 440)).toEqual({ kind: 'unclear' });
    }
    buffer.fill(0.001);
    expect(hear(buffer, 48_000, OPEN_STRINGS.cello, 440)).toEqual({ kind: 'silence' });
    buffer.fill(NaN);
    expect(hear(buffer, 48_000, OPEN_STRINGS.cello, 440)).toEqual({ kind: 'silence' });
    expect(heardOf(1000, 'bass')).toEqual({ kind: 'unclear' });
    expect(() => hear(new Float32Array(10), 48_000, [], 440)).toThrow(RangeError);
  });

  it('does not grow memory over a minute', () => {
    setFlagsFromString('--expose-gc');
    const collect = runInNewContext('gc') as () => void;
    const string = new MadeUpString(48_000, seeded(3));
    const minute = (stretches: number) => {
      let heard: readonly Heard[] = [];
      for (let i = 0; i < stretches; i++) {
        string.sound(buffer, 440);
        heard = [...heard.slice(1 - STEADY_OVER), hear(buffer, 48_000, OPEN_STRINGS.violin, 440)];
      }
      collect();
      return process.memoryUsage().heapUsed;
    };
    const before = minute(50);
    expect(minute((60 * 48_000) / HEARD_SAMPLES) - before).toBeLessThan(500_000);
  });
});

describe('what a needle shows', () => {
  const tone = (string: string, cents: number): Heard => ({ kind: 'tone', hz: 440, string, cents });

  it('is the middle one of the last few of the string that sounds', () => {
    expect(steadied([tone('A4', 90), ...[4, 5, -40, 6, 5].map((cents) => tone('A4', cents))])).toEqual(
      tone('A4', 5)
    );
    expect(steadied([tone('A4', 4), tone('A4', 5), tone('D4', -9)])).toEqual(tone('D4', -9));
  });

  it('is what is heard now where that is no tone', () => {
    expect(steadied([tone('A4', 4), { kind: 'unclear' }])).toEqual({ kind: 'unclear' });
    expect(steadied([])).toEqual({ kind: 'silence' });
  });
});
