import { isSmaller, sizesUp, type Family, type Size } from '../instruments';

/** How an instrument's size stands to the one that a player plays. */
export type Match = 'fits' | 'smaller' | 'larger' | 'unknown';

/** A player who may get an instrument. */
interface Wants {
  readonly name: string;
  readonly family: Family;
  /** The size that was decided; null before that. */
  readonly size: Size | null;
}

const ORDER: readonly Match[] = ['fits', 'smaller', 'unknown', 'larger'];

function matchOf(family: Family, size: Size, wanted: Size | null): Match {
  if (wanted === null) return 'unknown';
  if (wanted === size) return 'fits';
  return isSmaller(family, size, wanted) ? 'smaller' : 'larger';
}

/**
 * For whom an instrument of a size is: players of its family, those whose size it is first, then those for whom it is
 * a little small; too large comes last.
 *
 * Source: a size too small for a while is played, one too large can hurt.
 */
export function forWhom<W extends Wants>(
  { family, size }: { readonly family: Family; readonly size: Size },
  players: readonly W[]
): readonly { readonly player: W; readonly match: Match }[] {
  const steps = sizesUp(family);
  const away = (wanted: Size | null): number =>
    wanted === null ? 0 : Math.abs(steps.indexOf(wanted) - steps.indexOf(size));
  return players
    .filter((player) => player.family === family)
    .map((player) => ({ player, match: matchOf(family, size, player.size) }))
    .sort(
      (a, b) =>
        ORDER.indexOf(a.match) - ORDER.indexOf(b.match) ||
        away(a.player.size) - away(b.player.size) ||
        (a.player.name < b.player.name ? -1 : 1)
    );
}
