import { describe, expect, it } from 'vitest';
import type { Family } from '../instruments';
import { figureFor, type PictureQuestion } from './picture';
import { SAMPLES, sample } from './testing';
import { angleBetween, distance, sub, type Vec } from './vector';

/** The bones of a part, from its root to its tip, where they begin and end. */
function bonesOf(family: Family, part: string, changes: PictureQuestion['changes'] = []) {
  const { shapes } = figureFor(sample(family, { changes }));
  return shapes.flatMap((shape) => (shape.kind === 'cone' && shape.part === part ? shape : []));
}

/** How far a part's last bone is bent against its first, degrees. */
function bentDeg(family: Family, part: string, changes: PictureQuestion['changes'] = []): number {
  const bones = bonesOf(family, part, changes);
  const [first, last] = [bones[0], bones.at(-1)];
  if (!first || !last) throw new Error(`no bones of ${part}`);
  return angleBetween(sub(first.b, first.a), sub(last.b, last.a));
}

describe('what strayed, as it is drawn', () => {
  it('a foot with its heel up stands on its toes', () => {
    const low = (changes: PictureQuestion['changes']) =>
      Math.min(
        ...bonesOf('cello', 'leftFoot', changes).flatMap(({ a, b, ra, rb }) => [a[1] - ra, b[1] - rb])
      );
    const heel = (changes: PictureQuestion['changes']) =>
      bonesOf('cello', 'leftFoot', changes)[0]?.a[1] ?? NaN;
    const up = [{ kind: 'heels-up', amount: 60 }] as const;
    expect(Math.abs(low([]))).toBeLessThan(3);
    expect(Math.abs(low(up))).toBeLessThan(12);
    expect(heel(up) - heel([])).toBeGreaterThan(55);
  });

  it.each(['violin', 'viola'] as const)(
    'the %s’s stiff bow hand is a board of straight fingers',
    (family) => {
      for (const finger of ['rightFinger2', 'rightFinger3']) {
        expect(bentDeg(family, finger)).toBeGreaterThan(40);
        expect(bentDeg(family, finger, [{ kind: 'bow-hand-stiff' }])).toBeLessThan(25);
      }
    }
  );

  it.each(['violin', 'cello'] as const)(
    'the %s’s thumb goes on to the first finger, and no further',
    (family) => {
      const tip = (part: string, changes: PictureQuestion['changes']): Vec =>
        bonesOf(family, part, changes).at(-1)?.b ?? [NaN, NaN, NaN];
      /** How far the thumb's tip is from those of the first three fingers. */
      const apart = (changes: PictureQuestion['changes']) =>
        [1, 2, 3].map((finger) => distance(tip('rightThumb', changes), tip(`rightFinger${finger}`, changes)));
      const nearest = (all: readonly number[]) => 1 + all.indexOf(Math.min(...all));
      const [right, ahead] = [apart([]), apart([{ kind: 'bow-thumb-ahead' }])];
      expect(nearest(right)).toBe(2);
      expect(nearest(ahead)).toBe(1);
      expect(Math.min(...ahead)).toBeLessThan(1.3 * Math.min(...right));
    }
  );

  it.each(['violin', 'viola', 'cello', 'bass'] as const)('the %s’s long nails come to a point', (family) => {
    const nails = bonesOf(family, 'leftNail', [{ kind: 'nails-long' }]);
    const handMm = 0.11 * SAMPLES[family][1];
    expect(nails).toHaveLength(4);
    for (const { a, b, ra, rb } of nails) {
      expect(rb).toBeLessThan(0.3 * ra);
      expect(distance(a, b)).toBeLessThan(0.1 * handMm);
    }
  });
});
