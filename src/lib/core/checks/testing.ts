import { detailFor, pictureFor, VIEWS, type Picture } from '../figure';
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
