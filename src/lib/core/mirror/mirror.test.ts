import { describe, expect, it } from 'vitest';
import { checksFor } from '../checks';
import { FAMILIES } from '../instruments';
import { canTurn, laid, linesFor, MIRROR_LINES, movedBy, strokesOf, turnedBy } from '.';

describe('the lines of a check', () => {
  it('are what its faults are held against; every check has some', async () => {
    for (const family of FAMILIES)
      for (const check of await checksFor(family)) expect(linesFor(check, family).length).toBeGreaterThan(0);
  });

  it('a bow against the string wants a right angle, level shoulders a level line, a scroll its direction', async () => {
    const violin = await checksFor('violin');
    const of = (id: string) => {
      const found = violin.find((one) => one.id === id);
      if (!found) throw new Error(id);
      return linesFor(found, 'violin');
    };
    expect(of('use-straight')).toContain('square');
    expect(
      violin
        .filter(({ id }) => of(id).includes('slant'))
        .map(({ title }) => title)
        .join(' ')
    ).toMatch(/scroll/i);
    const level = violin.filter(({ id }) => of(id).includes('level')).map(({ title }) => title);
    expect(level.join(' ')).toMatch(/shoulder/i);
  });
});

describe('a line over a picture', () => {
  it('moves the way it can, and stays in the picture', () => {
    expect(movedBy(laid('plumb'), 0.2, 0.3)).toMatchObject({ x: 0.7, y: 0.5 });
    expect(movedBy(laid('level'), 0.2, 0.3)).toMatchObject({ x: 0.5, y: 0.8 });
    expect(movedBy(laid('slant'), 5, -5)).toMatchObject({ x: 0.98, y: 0.02 });
  });

  it('turns only where it may, and comes round', () => {
    for (const line of MIRROR_LINES) {
      const turned = turnedBy(laid(line, 170), 20);
      expect(turned.deg).toBe(canTurn(line) ? 10 : 170);
    }
    expect(turnedBy(laid('slant', 10), -20).deg).toBe(170);
  });

  it('is seen from edge to edge: plumb is upright, level lies, 45 rises to the right, square crosses at 90', () => {
    const [plumb] = strokesOf(laid('plumb'), 400, 300);
    expect(plumb?.from[0]).toBeCloseTo(200, 6);
    expect(plumb?.to[0]).toBeCloseTo(200, 6);
    const [level] = strokesOf(laid('level'), 400, 300);
    expect([level?.from[1], level?.to[1]]).toEqual([150, 150]);
    expect(level?.from[0]).toBeLessThan(0);
    expect(level?.to[0]).toBeGreaterThan(400);
    const [slant] = strokesOf(laid('slant', 45), 400, 300);
    expect(slant && slant.to[1] < 150 && slant.to[0] > 200).toBe(true);
    const [one, other] = strokesOf(laid('square', 20), 400, 300);
    if (!one || !other) throw new Error('it has two strokes');
    const by = (stroke: typeof one) =>
      [stroke.to[0] - stroke.from[0], stroke.to[1] - stroke.from[1]] as const;
    expect(by(one)[0] * by(other)[0] + by(one)[1] * by(other)[1]).toBeCloseTo(0, 3);
  });
});
