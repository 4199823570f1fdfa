import { describe, expect, it } from 'vitest';
import { dimensionsOf, footPlace } from '../instruments';
import { armPicture, backPicture } from '.';

/** The margin that a drawing without a window of its own keeps round it, mm. */
const MARGIN = 12;

describe('the arm of sizing', () => {
  it.each([
    ['a child of six', 'violin', { armToWrist: [415], handLength: [130] }, ['1/4', '1/8']],
    ['a child of 88 cm', 'violin', { height: [880] }, ['1/16']],
    ['a tall adult', 'viola', { height: [1950] }, ['16.5 in', '16 in', '15.5 in']]
  ] as const)('of %s is measured from the neck, and each size from its end', (_, family, readings, sizes) => {
    const instruments = sizes.map((size) => dimensionsOf(family, size));
    const { person, neck, instruments: drawn } = armPicture({ family, readings, instruments }, 0.8);
    const wrist = (person.spots.leftWrist?.[0] ?? NaN) - neck[0];
    const asked = 'armToWrist' in readings ? readings.armToWrist[0] : null;
    if (asked !== null) expect(Math.abs(wrist - asked)).toBeLessThan(3);
    expect(Math.abs((person.spots.leftWrist?.[1] ?? NaN) - neck[1])).toBeLessThan(0.03 * wrist);
    expect(person.regions.map(({ tone }) => tone)).not.toContain('wood');
    drawn.forEach(({ window, regions }, i) => {
      expect(Math.abs(window.x + window.width - MARGIN - (instruments[i]?.overallMm ?? NaN))).toBeLessThan(3);
      expect(Math.abs(window.x + MARGIN)).toBeLessThan(12);
      expect(regions.map(({ tone }) => tone)).toContain('wood');
    });
  });
});

describe('the back of an instrument', () => {
  it('has its upper edge at 0 and the feet of a rest on its edge', () => {
    const instrument = dimensionsOf('violin', '1/2');
    const { regions, window } = backPicture('violin', instrument, 1);
    const wood = regions.find(({ tone }) => tone === 'wood')?.path ?? '';
    let [x, y] = [0, 0];
    const points = [...wood.matchAll(/([Ml ])?(-?\d*\.?\d+) ?(-?\d*\.?\d+)/g)].map(([, command, dx, dy]) => {
      [x, y] = command === 'M' ? [Number(dx), Number(dy)] : [x + Number(dx), y + Number(dy)];
      return [x, y] as const;
    });
    for (const side of ['left', 'right'] as const) {
      const foot = footPlace(instrument, 60, side);
      expect(
        Math.min(...points.map((point) => Math.hypot(point[0] - foot[0], point[1] - foot[1])))
      ).toBeLessThan(14);
    }
    expect(Math.max(...points.map((point) => point[1]))).toBeCloseTo(instrument.bodyMm, -1);
    expect(window.y).toBeLessThan(0);
  });
});
