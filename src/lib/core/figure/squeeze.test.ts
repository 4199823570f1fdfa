import { describe, expect, it } from 'vitest';
import type { ChangeName } from './changes';
import { cameraOf, seen } from './drawing/camera';
import { loopsOf } from './drawing/path';
import { figureFor, pictureFor } from './picture';
import { sample } from './testing';
import { VIEWS, type ViewName } from './views';

function told(kind: ChangeName, viewName: ViewName) {
  const question = sample('violin', { changes: [{ kind }] });
  const picture = pictureFor(question, { view: VIEWS[viewName], detail: 1, marked: [{ kind }] });
  return { question, picture, lines: loopsOf(picture.straying?.arrow ?? '') };
}

describe('what is held too hard', () => {
  it('has two arrows towards each other, over what is pressed between them, and no outline', () => {
    const { question, picture, lines } = told('thumb-pressing', 'leftHand');
    expect(picture.straying?.ghost).toBe('');
    expect(lines).toHaveLength(4);
    const { spots } = figureFor(question);
    const between = (['leftThumb', 'leftFingers'] as const)
      .map((spot) => seen(cameraOf(VIEWS.leftHand), spots[spot] ?? [0, 0, 0]))
      .reduce(([x, y], [otherX, otherY]) => [(x + otherX) / 2, (y + otherY) / 2, 0]);
    const away = ([x, y]: readonly [number, number] = [0, 0]) => Math.hypot(x - between[0], y - between[1]);
    const shafts = [lines[0], lines[2]].map((line) => [away(line?.at(0)), away(line?.at(-1))] as const);
    for (const [tail, tip] of shafts) expect(tip).toBeLessThan(tail);
    expect(shafts[0]?.[1]).toBeCloseTo(shafts[1]?.[1] ?? 0, 0);
  });

  it.each([
    ['thumb-pressing', 'leftHandEnd'],
    ['bow-fist', 'bowHandInside'],
    ['bow-fingers-crowded', 'bowHand']
  ] as const)('as %s keeps its arrows in the picture', (kind, view) => {
    const { picture, lines } = told(kind, view);
    const { x, y, width, height } = picture.window;
    expect(lines.length).toBeGreaterThan(1);
    for (const [px, py] of lines.flat()) {
      expect(px >= x && px <= x + width).toBe(true);
      expect(py >= y && py <= y + height).toBe(true);
    }
  });
});
