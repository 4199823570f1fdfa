import { sceneOf } from '$lib/core/checks';
import type { PictureQuestion } from '$lib/core/figure';
import { SECURE } from '$lib/core/checks';
import type { CheckCourse, TestCourse } from '$lib/core/progress';
import type { IsoDay } from '$lib/core/time';
import type { Player } from '$lib/data';
import { dayText } from '$lib/words/dates';
import { pictureOn, type PointPicture } from './home-card';
import { FAMILY_WORDS } from '$lib/words/families';
import { courseText, periodText, secureByCategory, testText } from '$lib/words/progress';

/** Pictures and points on a report. */
const MOST_POINTS = 3;

/** What comes next: a check with what right looks like, and its picture. */
export interface ReportPoint {
  readonly title: string;
  readonly right: string;
  readonly course: string;
  readonly picture: PointPicture;
}

/** A term of one player on one page. */
export interface TermReport {
  readonly player: string;
  readonly instrument: string;
  readonly period: string;
  readonly secure: readonly string[];
  readonly better: readonly string[];
  readonly tests: readonly string[];
  readonly next: readonly ReportPoint[];
  readonly signed: string;
}

const gain = ({ days }: CheckCourse): number => (days.at(-1)?.strength ?? 0) - (days[0]?.strength ?? 0);
const strengthNow = ({ days }: CheckCourse): number => days.at(-1)?.strength ?? 0;

/**
 * The report of a term: what is secure, what has become better, the tests, and at most three points that come next,
 * the weakest first, each with the picture of right.
 */
export function termReport({
  player,
  courses,
  tests,
  from,
  today,
  who,
  teacherName
}: {
  readonly player: Player;
  readonly courses: readonly CheckCourse[];
  readonly tests: readonly TestCourse[];
  readonly from: IsoDay;
  readonly today: IsoDay;
  readonly who: PictureQuestion;
  readonly teacherName: string;
}): TermReport {
  const better = courses.filter((course) => gain(course) > 0).sort((a, b) => gain(b) - gain(a));
  // How the body stands and plays is what a term is about; what is made ready before a lesson comes after it.
  const isReady = ({ check }: CheckCourse) => check.category === 'ready';
  const open = courses
    .filter((course) => strengthNow(course) < SECURE)
    .sort((a, b) => Number(isReady(a)) - Number(isReady(b)) || strengthNow(a) - strengthNow(b));
  return {
    player: player.name,
    instrument: FAMILY_WORDS[player.family],
    period: periodText(from, today),
    secure: secureByCategory(courses, player.family),
    better: better.slice(0, 6).map((course) => `${course.check.title}: ${courseText(course)}`),
    tests: tests.slice(0, 4).map(testText),
    next: open.slice(0, MOST_POINTS).map((course) => ({
      title: course.check.title,
      right: course.check.right,
      course: courseText(course),
      picture: pictureOn(who, sceneOf(course.check, player.family))
    })),
    signed: [teacherName, dayText(today)].filter((part) => part !== '').join(' · ')
  };
}
