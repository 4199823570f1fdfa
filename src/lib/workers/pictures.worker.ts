import { expose } from 'comlink';
import {
  armPicture,
  backPicture,
  pairOf,
  pictureOf,
  figureFor,
  windowWithout,
  type Picture,
  type ArmPicture,
  type ArmQuestion,
  type Drawing,
  type Figure,
  type PictureOptions,
  type PictureQuestion
} from '$lib/core/figure';
import type { Family, NominalInstrument } from '$lib/core/instruments';

/** The figure that was drawn last: one that is only turned need not be put together again. */
let last: { readonly key: string; readonly figure: Figure } | null = null;

function figureOf(question: PictureQuestion): Figure {
  const key = JSON.stringify(question);
  if (last?.key !== key) last = { key, figure: figureFor(question) };
  return last.figure;
}

const door = {
  /** The back of an instrument. */
  back: (family: Family, instrument: NominalInstrument, detail: number): Drawing =>
    backPicture(family, instrument, detail),
  /** The arm of sizing with the sizes that may be laid along it. */
  arm: (question: ArmQuestion, detail: number): ArmPicture => armPicture(question, detail),
  /** One picture of a figure. */
  picture: (question: PictureQuestion, options: PictureOptions): Picture =>
    pictureOf(figureOf(question), options, windowWithout(question, options)),
  /** A fault and the same without it. */
  pair: (
    right: PictureQuestion,
    wrong: PictureQuestion,
    options: PictureOptions
  ): { readonly right: Picture; readonly wrong: Picture } => pairOf(right, wrong, options)
};

export type PicturesDoor = typeof door;

expose(door);
