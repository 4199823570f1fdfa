import { aside, type Aside } from './aside';
import type {
  ArmPicture,
  ArmQuestion,
  Drawing,
  Picture,
  PictureOptions,
  PictureQuestion
} from '$lib/core/figure';
import type { Family, NominalInstrument } from '$lib/core/instruments';
import type { PicturesDoor } from './pictures.worker';

let drawer: Aside<PicturesDoor> | null = null;

/**
 * Asks the one worker that draws, begun with the first picture: neither the first screen nor the page waits for it.
 * One that broke down is begun anew with the next picture.
 */
async function ask<T>(question: (door: Aside<PicturesDoor>['door']) => Promise<T>): Promise<T> {
  const mine = (drawer ??= aside<PicturesDoor>(
    new Worker(new URL('./pictures.worker.ts', import.meta.url), { type: 'module' })
  ));
  const broken = mine.broken.catch((error: unknown) => {
    if (drawer === mine) drawer = null;
    throw error;
  });
  return Promise.race([question(mine.door), broken]);
}

/** Draws a figure beside the page. */
export const drawPicture = (question: PictureQuestion, options: PictureOptions): Promise<Picture> =>
  ask((door) => door.picture(question, options));

/** Draws a fault and the same without it beside the page. */
export const drawPair = (
  right: PictureQuestion,
  wrong: PictureQuestion,
  options: PictureOptions
): Promise<{ readonly right: Picture; readonly wrong: Picture }> =>
  ask((door) => door.pair(right, wrong, options));

/** Draws the outstretched arm with the sizes that may be laid along it beside the page. */
export const drawArm = (question: ArmQuestion, detail: number): Promise<ArmPicture> =>
  ask((door) => door.arm(question, detail));

/** Draws the back of an instrument beside the page. */
export const drawBack = (family: Family, instrument: NominalInstrument, detail: number): Promise<Drawing> =>
  ask((door) => door.back(family, instrument, detail));
