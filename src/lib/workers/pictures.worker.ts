import { expose } from 'comlink';
import type {
  ArmPicture,
  ArmQuestion,
  Drawing,
  Figure,
  Picture,
  PictureOptions,
  PictureQuestion
} from '$lib/core/figure';
import { armPicture } from '$lib/core/figure/arm-picture';
import { backPicture } from '$lib/core/figure/back-picture';
import { figureIn, plainPicture } from '$lib/core/figure/plain-picture';
import type { Family, NominalInstrument } from '$lib/core/instruments';

/** Faults come with the first picture that has one: what is shown first has none. */
const all = () => import('$lib/core/figure');

/** The figure that was drawn last: one that is only turned need not be put together again. */
let last: { readonly key: string; readonly figure: Figure } | null = null;

function figureOf(question: PictureQuestion, make: (question: PictureQuestion) => Figure): Figure {
  const key = JSON.stringify(question);
  if (last?.key !== key) last = { key, figure: make(question) };
  return last.figure;
}

const door = {
  /** The back of an instrument. */
  back: (family: Family, instrument: NominalInstrument, detail: number): Drawing =>
    backPicture(family, instrument, detail),
  /** The arm of sizing with the sizes that may be laid along it. */
  arm: (question: ArmQuestion, detail: number): ArmPicture => armPicture(question, detail),
  /** One picture of a figure. */
  async picture(question: PictureQuestion, options: PictureOptions): Promise<Picture> {
    if (!question.changes?.length && !options.marked?.length && !options.cue)
      return plainPicture(figureOf(question, figureIn), options);
    const { figureFor, pictureFor } = await all();
    return pictureFor(question, options, figureOf(question, figureFor));
  },
  /** A fault and the same without it. */
  pair: async (
    right: PictureQuestion,
    wrong: PictureQuestion,
    options: PictureOptions
  ): Promise<{ readonly right: Picture; readonly wrong: Picture }> =>
    (await all()).pairOf(right, wrong, options)
};

export type PicturesDoor = typeof door;

expose(door);
