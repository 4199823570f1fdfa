import type { Change, ViewName } from '../../figure';
import type { Family } from '../../instruments';
import { strays, type Stray } from '../strays';

/** One way that is taught: what it is called, what speaks for it, and how it looks. */
export interface Way {
  readonly id: string;
  readonly name: string;
  readonly why: string;
  readonly picture: { readonly pose: string; readonly view: ViewName; readonly changes: readonly Change[] };
}

/** A subject as it is written down: families, title, ways; the first way is the usual one. */
export type Row = readonly [families: readonly Family[], title: string, ways: readonly Way[]];

export const way = (
  id: string,
  name: string,
  why: string,
  pose: string,
  view: ViewName,
  ...changes: readonly Stray[]
): Way => ({
  id,
  name,
  why,
  picture: {
    pose,
    view,
    changes: strays(changes)
  }
});
