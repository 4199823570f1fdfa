import { wrap, type Remote } from 'comlink';
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

let door: Remote<PicturesDoor> | null = null;

/** The one worker that draws, begun with the first picture: neither the first screen nor the page waits for it. */
const drawer = (): Remote<PicturesDoor> =>
  (door ??= wrap<PicturesDoor>(
    new Worker(new URL('./pictures.worker.ts', import.meta.url), { type: 'module' })
  ));

/** Draws a figure beside the page. */
export const drawPicture = (question: PictureQuestion, options: PictureOptions): Promise<Picture> =>
  drawer().picture(question, options);

/** Draws a fault and the same without it beside the page. */
export const drawPair = (
  right: PictureQuestion,
  wrong: PictureQuestion,
  options: PictureOptions
): Promise<{ readonly right: Picture; readonly wrong: Picture }> => drawer().pair(right, wrong, options);

/** Draws the outstretched arm with the sizes that may be laid along it beside the page. */
export const drawArm = (question: ArmQuestion, detail: number): Promise<ArmPicture> =>
  drawer().arm(question, detail);

/** Draws the back of an instrument beside the page. */
export const drawBack = (family: Family, instrument: NominalInstrument, detail: number): Promise<Drawing> =>
  drawer().back(family, instrument, detail);
