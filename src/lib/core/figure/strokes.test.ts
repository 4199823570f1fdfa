import { describe, expect, it } from 'vitest';
import { loopsOf, pictureFor, VIEWS, type Change } from '.';
import { sample } from './testing';

const DETAIL = 0.5;

/** Ends of the lines of a path, as they come. */
const starts = (path: string): number => path.match(/M/g)?.length ?? 0;

function drawn(pose: string, changes: readonly Change[], marked: readonly Change[] = []) {
  const question = sample('cello', { pose, changes });
  return pictureFor(question, { view: VIEWS.bowWhole, detail: DETAIL, marked });
}

describe('the way of a stroke', () => {
  const whole: Change = { kind: 'strokes-whole' };

  it('is not drawn where nobody says what the stroke uses, nor without a bow', () => {
    expect(drawn('middle', []).strokes).toBe('');
    expect(drawn('plucking', [whole]).strokes).toBe('');
  });

  it('is one line with a head at both ends, or a line with a head for each piece', () => {
    expect(starts(drawn('middle', [whole]).strokes)).toBe(3);
    expect(starts(drawn('middle', [{ kind: 'bow-halts' }]).strokes)).toBe(6);
  });

  it('leaves its line again and again where the bow bounces', () => {
    const { strokes } = drawn('middle', [{ kind: 'bow-bounces' }]);
    expect(starts(strokes)).toBe(1);
    const ups = (loopsOf(strokes)[0] ?? []).map(([, y]) => y);
    const tops = ups.filter((y, i) => y < (ups[i - 1] ?? -Infinity) && y < (ups[i + 1] ?? -Infinity));
    expect(tops).toHaveLength(4);
  });

  it('has a row of heads where it rushes', () => {
    expect(starts(drawn('middle', [whole, { kind: 'bow-run-out' }]).strokes)).toBe(4);
  });

  it('is breath too: three lines from the mouth while it goes, none while it is held', () => {
    const goes: Change = { kind: 'breath-goes' };
    const { strokes, spots } = drawn('playing', [goes]);
    const lines = loopsOf(strokes);
    expect(lines).toHaveLength(3);
    const [mouthX = 0, mouthY = 0] = spots.mouth ?? [];
    for (const line of lines) {
      const away = line.map(([x, y]) => Math.hypot(x - mouthX, y - mouthY));
      expect(away.at(-1)).toBeGreaterThan(away[0] ?? Infinity);
    }
    expect(drawn('playing', [goes, { kind: 'breath-held' }]).strokes).toBe('');
  });

  it('says what is wrong where the stroke is another, and is there as it was where something else is', () => {
    const short: Change = { kind: 'bow-short' };
    const stopsShort = drawn('tip', [whole, short], [short]);
    expect(stopsShort.strokes).toBe('');
    expect(starts(stopsShort.straying?.arrow ?? '')).toBe(3);
    expect(stopsShort.straying?.ghost).toContain(drawn('tip', [whole]).strokes);

    const slants: Change = { kind: 'bow-oblique' };
    const slanting = drawn('tip', [whole, slants], [slants]);
    expect(starts(slanting.strokes)).toBe(3);
    expect(slanting.straying?.arrow).not.toBe('');
  });
});
