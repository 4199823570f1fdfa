import { detailFor, loopsOf, pictureFor, VIEWS, type Picture } from '../figure';
import { sample, SAMPLES } from '../figure/testing';
import type { Family } from '../instruments';
import type { CheckScene } from './shown';

/** Pixels per mm at which a scene fills a square of so many pixels. */
export function detailOf(family: Family, { view }: CheckScene, px: number): number {
  const { instrument } = sample(family);
  return detailFor(VIEWS[view], { wide: px, high: px }, SAMPLES[family][1], instrument.bodyMm);
}

/** A scene as it is drawn in a square of so many pixels, its place that of right. */
export function drawnScene(family: Family, scene: CheckScene, px: number): Picture {
  const question = sample(family, { pose: scene.pose, changes: scene.changes });
  const options = { view: VIEWS[scene.view], detail: detailOf(family, scene, px), marked: scene.marked };
  return pictureFor(question, options);
}

/** The cells of a grid of a pixel that a picture's lines and edges of tones run through. */
export function inkOf(picture: Picture, detail: number): Set<string> {
  const cells = new Set<string>();
  for (const { path } of [...picture.lines, ...picture.regions, { path: picture.strokes }]) {
    let [x, y, command] = [0, 0, 'M'];
    const lineTo = (toX: number, toY: number) => {
      const steps = Math.ceil(Math.hypot(toX - x, toY - y) * detail) + 1;
      for (let step = 0; step <= steps; step++)
        cells.add(
          `${Math.round((x + ((toX - x) * step) / steps) * detail)} ${Math.round((y + ((toY - y) * step) / steps) * detail)}`
        );
      [x, y] = [toX, toY];
    };
    const tokens = path.match(/[Mlq]|-?\d*\.?\d+/g) ?? [];
    for (let i = 0; i < tokens.length;) {
      const token = tokens[i] ?? '';
      if (/[Mlq]/.test(token)) {
        command = token;
        i++;
        continue;
      }
      // Of a curve's two points the first only bends it.
      if (command === 'q') i += 2;
      const [dx, dy] = [Number(tokens[i]), Number(tokens[i + 1])];
      if (command === 'M') [x, y] = [dx, dy];
      else lineTo(x + dx, y + dy);
      i += 2;
    }
  }
  return cells;
}

/** The share of ink of two pictures that only one of them has, a pixel's shift forgiven. */
export function differing(one: Set<string>, other: Set<string>): number {
  const near = (cell: string, of: Set<string>) => {
    const [x = 0, y = 0] = cell.split(' ').map(Number);
    for (const dx of [-1, 0, 1]) for (const dy of [-1, 0, 1]) if (of.has(`${x + dx} ${y + dy}`)) return true;
    return false;
  };
  const alone = [...one].filter((cell) => !near(cell, other)).length;
  const others = [...other].filter((cell) => !near(cell, one)).length;
  return (alone + others) / Math.max(1, one.size + other.size);
}

/** Left, top, right and bottom of a path in the picture's own coordinates. */
export function boxOf(path: string): readonly [number, number, number, number] {
  const places = loopsOf(path).flat();
  const [xs, ys] = [places.map(([x]) => x), places.map(([, y]) => y)];
  return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)];
}

/** How much of a picture its ghost spans: its longer side by the picture's; 0 without one. */
export function ghostShare({ straying, window }: Picture): number {
  if (!straying?.ghost) return 0;
  const [left, top, right, bottom] = boxOf(straying.ghost);
  return Math.max(right - left, bottom - top) / Math.max(window.width, window.height);
}

/** Rings whose middle is in the picture. */
export const ringsIn = ({ cues, window: { x, y, width, height } }: Picture) =>
  cues.filter(
    (cue) => cue.radius > 0 && cue.x >= x && cue.x <= x + width && cue.y >= y && cue.y <= y + height
  );
