import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  firstOfRow,
  formatHeight,
  formatLength,
  formatSetting,
  lengthNumber,
  MM_PER_INCH,
  parseLength
} from '.';

describe('parseLength', () => {
  it.each([
    ['48.5', 'cm', 485],
    ['48,5 cm', 'cm', 485],
    ['48,5', 'cm', 485],
    ['485mm', 'in', 485],
    ['1 m 24', 'cm', 1240],
    ['1m24', 'cm', 1240],
    ['1 m 24,5 cm', 'cm', 1245],
    ['1.24 m', 'in', 1240],
    ['19 1/8 in', 'cm', 19.125 * MM_PER_INCH],
    ['19 1/8', 'in', 19.125 * MM_PER_INCH],
    ['19 1/8', 'cm', 19.125 * MM_PER_INCH],
    ['19-1/8"', 'cm', 19.125 * MM_PER_INCH],
    ['19⅛″', 'cm', 19.125 * MM_PER_INCH],
    ['½ in', 'cm', MM_PER_INCH / 2],
    ['4\'7"', 'cm', 55 * MM_PER_INCH],
    ['4’ 7 1/2”', 'cm', 55.5 * MM_PER_INCH],
    ['4 ft 7', 'in', 55 * MM_PER_INCH],
    ["4'", 'in', 48 * MM_PER_INCH],
    ['19', 'in', 19 * MM_PER_INCH],
    ['  48 . 5', 'cm', null],
    ['.5 cm', 'cm', 5]
  ] as const)('reads %j in %s', (text, unit, mm) => {
    const parsed = parseLength(text, unit);
    if (mm === null) expect(parsed.ok).toBe(false);
    else expect(parsed.ok && parsed.mm).toBeCloseTo(mm, 9);
  });

  it.each([
    ['', 'empty'],
    ['   ', 'empty'],
    ['-4', 'not-positive'],
    ['−4 cm', 'not-positive'],
    ['0', 'not-positive'],
    ['1/0 in', 'zero-denominator'],
    ['arm', 'not-a-length'],
    ['12 13', 'not-a-length'],
    ['1e3', 'not-a-length'],
    ['48.5 kg', 'not-a-length'],
    ['NaN', 'not-a-length'],
    ['Infinity', 'not-a-length']
  ] as const)('says what is wrong with %j', (text, problem) => {
    expect(parseLength(text, 'cm')).toEqual({ ok: false, problem });
  });

  it('never throws and never gives anything but a length above 0', () => {
    fc.assert(
      fc.property(fc.string({ unit: fc.constantFrom(...'0123456789 .,/\'"-cmftinx½') }), (text) => {
        const parsed = parseLength(text, 'cm');
        expect(!parsed.ok || (Number.isFinite(parsed.mm) && parsed.mm > 0)).toBe(true);
      }),
      { numRuns: 2000 }
    );
  });
});

describe('a row of lengths', () => {
  it.each([
    ['124 49.5 42.7', 'cm', '124', '49.5 42.7'],
    ['1 m 24 49,5', 'cm', '1 m 24', '49,5'],
    ['62 mm  3', 'cm', '62 mm', '3'],
    ['48 3/4 19 1/2', 'in', '48 3/4', '19 1/2'],
    [`4' 2" 19`, 'in', `4' 2"`, '19'],
    ['– 13.2 5', 'cm', '', '13.2 5'],
    ['-', 'cm', '', '']
  ] as const)('%s in %s begins with %s', (text, unit, first, rest) => {
    expect(firstOfRow(text, unit)).toEqual({ first, rest });
  });

  it.each(['124', '19 1/8', '1 m 24', '', '-5', 'tall', 'tall 49'])('%s is none', (text) => {
    expect(firstOfRow(text, 'cm')).toBeNull();
  });
});

describe('writing and reading back', () => {
  const length = fc.double({ min: 2, max: 2300, noNaN: true });

  it.each(['cm', 'in'] as const)('loses no more than the rounding in %s', (unit) => {
    const most = unit === 'cm' ? 0.5 : MM_PER_INCH / 32;
    fc.assert(
      fc.property(length, (mm) => {
        for (const text of [formatLength(mm, unit), formatHeight(mm, unit), lengthNumber(mm, unit)]) {
          const parsed = parseLength(text, unit);
          expect(parsed.ok).toBe(true);
          if (parsed.ok) expect(Math.abs(parsed.mm - mm)).toBeLessThanOrEqual(most + 1e-9);
        }
      })
    );
  });

  it('writes as people do', () => {
    expect(formatLength(485.2, 'cm')).toBe('48.5 cm');
    expect(formatLength(485.775, 'in')).toBe('19 1/8 in');
    expect(formatHeight(1397, 'in')).toBe('4\' 7"');
    expect(formatHeight(1240, 'cm')).toBe('124.0 cm');
    expect(formatSetting(7.6, 'cm')).toBe('8 mm');
    expect(formatSetting(6.35, 'in')).toBe('1/4 in');
    expect(formatLength(-11, 'cm')).toBe('−1.1 cm');
    expect(formatLength(-0.2, 'cm')).toBe('0.0 cm');
    expect(formatSetting(-0.2, 'cm')).toBe('0 mm');
  });
});
