import { CHECK_CATEGORIES, type CheckCategory } from '../checks/types';
import type { IsoDay } from '../time';
import { mondayOf } from './week';

/** What a group works on in a week, which is named by its Monday. */
export interface PlannedWeek {
  readonly week: IsoDay;
  readonly category: CheckCategory;
}

/** What is planned for the week of a day; null where nothing is. */
export const plannedOn = (weeks: readonly PlannedWeek[] | undefined, day: IsoDay): CheckCategory | null =>
  weeks?.find(({ week }) => week === mondayOf(day))?.category ?? null;

/** What most of a group ask for, the earlier of equals; null when nobody asks. */
export function mostAskedFor(asked: readonly (CheckCategory | null)[]): CheckCategory | null {
  const votes = (category: CheckCategory) => asked.filter((one) => one === category).length;
  const [most] = [...CHECK_CATEGORIES].sort((a, b) => votes(b) - votes(a));
  return most && votes(most) > 0 ? most : null;
}
