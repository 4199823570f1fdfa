import { CHECK_CATEGORIES, type CheckCategory } from '../checks/types';
import { median } from '../maths';
import { SECURE } from '../checks/strength';
import type { CheckCourse } from './progress';

/** How some checks stand, all together. */
export interface Summary {
  /** How many were looked at. */
  readonly seen: number;
  /** How many of them were secure when looked at last. */
  readonly secure: number;
  /**
   * Days from the first look to the first that was secure, in the middle of those that came so far; what was secure at
   * once needed none and is left out. Null for none.
   */
  readonly daysToSecure: number | null;
  readonly stuck: readonly CheckCourse[];
}

export const summaryOf = (courses: readonly CheckCourse[]): Summary => ({
  seen: courses.length,
  secure: courses.filter(({ days }) => (days.at(-1)?.strength ?? 0) >= SECURE).length,
  daysToSecure: median(courses.flatMap(({ daysToSecure }) => daysToSecure || [])),
  stuck: courses.filter(({ stuckSince }) => stuckSince !== null)
});

/** The same by category, in the order in which they build on each other; what was not looked at is left out. */
export const byCategory = (
  courses: readonly CheckCourse[]
): readonly { readonly category: CheckCategory; readonly courses: readonly CheckCourse[] }[] =>
  CHECK_CATEGORIES.flatMap((category) => {
    const mine = courses.filter(({ check }) => check.category === category);
    return mine.length === 0 ? [] : [{ category, courses: mine }];
  });
