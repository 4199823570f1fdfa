import { expose } from 'comlink';
import {
  pairOf,
  pictureOf,
  figureFor,
  type Picture,
  type PictureOptions,
  type PictureQuestion
} from '$lib/core/figure';

const door = {
  /** One picture of a figure. */
  picture: (question: PictureQuestion, options: PictureOptions): Picture =>
    pictureOf(figureFor(question), options),
  /** A fault and the same without it. */
  pair: (
    right: PictureQuestion,
    wrong: PictureQuestion,
    options: PictureOptions
  ): { readonly right: Picture; readonly wrong: Picture } => pairOf(right, wrong, options)
};

export type PicturesDoor = typeof door;

expose(door);
