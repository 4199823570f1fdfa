import { FAMILIES, sizesUp, type Family, type Size } from '$lib/core/instruments';
import { allWritten, db, groupOf, groupsApart, type FittingDay } from '$lib/data';
import { membersOfDay, type DayMember } from '$lib/data/questions/day-members';
import { download, fileNamePart } from '$lib/ui/download';
import { DAY_STATE_WORDS } from '$lib/words/days';

/** How many of a size a fitting day has decided. */
export interface SizeCount {
  readonly family: Family;
  readonly size: Size;
  readonly count: number;
}

/** Sizes that were decided, by family and upwards. */
export const countsOf = (members: readonly DayMember[]): readonly SizeCount[] =>
  FAMILIES.flatMap((family) =>
    sizesUp(family)
      .map((size) => ({
        family,
        size,
        count: members.filter((one) => one.player.family === family && one.size === size).length
      }))
      .filter(({ count }) => count > 0)
  );

/** What is said of somebody in the list besides the size. */
export const noteOf = ({ state, size, betweenSizes }: DayMember): string =>
  size ? (betweenSizes ? 'between sizes' : '') : DAY_STATE_WORDS[state];

/** The list as a file, as far as it is: with what was pressed just before, which the screen may not show yet. */
export async function saveList(day: FittingDay): Promise<void> {
  const [{ toCsv }] = await Promise.all([import('$lib/data/files/csv'), allWritten()]);
  const [members, groups] = await Promise.all([membersOfDay(db, day.id), groupsApart(db)]);
  const rows = members.map((member) => [
    member.player.name,
    member.player.family,
    groupOf(groups, member.player),
    member.size ?? '',
    noteOf(member)
  ]);
  download(
    `sizes-${fileNamePart(day.name)}.csv`,
    'text/csv;charset=utf-8',
    toCsv(['Name', 'Instrument', 'Group', 'Size', 'Note'], rows)
  );
}
