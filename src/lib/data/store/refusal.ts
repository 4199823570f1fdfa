/**
 * A change that is not carried out for a reason that a person can read. Nothing was written and nothing is wrong
 * with the storage.
 */
export class Refusal extends Error {
  override readonly name = 'Refusal';
}

/** The player was deleted meanwhile, perhaps in another tab. */
export const playerGone = (): Refusal =>
  new Refusal('This player was deleted meanwhile. Nothing was changed.');

/** Something that a decision rests on changed between the look at it and the press. */
export const overtaken = (): Refusal =>
  new Refusal('Something changed meanwhile. Look at it once more, then go on.');
