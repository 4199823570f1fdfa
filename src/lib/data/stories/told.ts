import { type Check } from '$lib/core/checks';
import { type RestSupport } from '$lib/core/setup';
import { type PlayerCase } from '../questions/case';
import { type Fit } from '../store/records';
import { type Child, type Dice } from './child';

/** What went on, line by line, so that a story that fails can be read. */
export type Tell = (line: string) => void;

/** Stops the story where a teacher would object. */
export class Objection extends Error {}

export interface Told {
  readonly child: Child;
  readonly dice: Dice;
  readonly tell: Tell;
  readonly expect: (holds: boolean, objection: string) => void;
  readonly library: Map<RestSupport, Promise<readonly Check[]>>;
}

/** What every record of the child has. */
export const dated = ({ today }: PlayerCase, id: string, time: string) => ({
  id,
  playerId: 'child',
  day: today,
  at: `${today}T${time}:00.000Z`
});

/** The decision in use. */
export const newest = (of: PlayerCase): Fit | undefined => of.fits.at(-1);
