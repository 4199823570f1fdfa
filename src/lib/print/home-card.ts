import { sceneOf, type CheckScene } from '$lib/core/checks';
import type { IsoDay } from '$lib/core/time';
import type { PictureQuestion } from '$lib/core/figure';
import { homePoints, HOME_STOP, SELF_CHECK, type HomePoint } from '$lib/words/home';
import { dayText } from '$lib/words/dates';
import { FAMILY_WORDS } from '$lib/words/families';
import type { Check } from '$lib/core/checks';
import { anglesOf } from '$lib/core/progress';
import type { CheckResult, Lesson, Player } from '$lib/data';
import { angleChange } from '$lib/words/photo';

/** One thing to practise: what right feels like, how it looks, what to do and how often. */
export interface HomeCardPoint {
  readonly line: string;
  readonly right: string;
  readonly drill: string;
  readonly dose: string;
  /** What of it was measured and moved, as from 9 to 4 degrees; empty where nothing did. */
  readonly measured: string;
  readonly picture: PointPicture;
  /** What was seen amiss, marked, from where the picture of right shows it; null where nothing was named. */
  readonly amiss: PointPicture | null;
}

/** A picture of a point: right, or with what strays from it marked. */
export interface PointPicture {
  readonly question: PictureQuestion;
  readonly view: CheckScene['view'];
  readonly marked: CheckScene['marked'];
}

/** A check's picture on a player. */
export const pictureOn = (
  who: PictureQuestion,
  { pose, view, changes, marked }: CheckScene
): PointPicture => ({ question: { ...who, pose, changes }, view, marked });

/** What goes home with a child, ready for screen and paper. */
export interface HomeCard {
  readonly player: string;
  readonly instrument: string;
  readonly points: readonly HomeCardPoint[];
  readonly nextLook: string;
  readonly selfCheck: string;
  readonly stop: string;
  readonly signed: string;
}

/** The room for the pictures of each point, mm: fewer points are drawn larger. */
export const roomFor = ({ points }: Pick<HomeCard, 'points'>): { wideMm: number; highMm: number } =>
  points.length > 2 ? { wideMm: 30, highMm: 32 } : { wideMm: 38, highMm: points.length > 1 ? 49 : 64 };

/** Pixels of the box that a picture of a point fills when it is drawn for paper. */
export const HOME_PX = 420;

/**
 * The home card of a lesson: at most three points.
 *
 * @param who the figure of this player, as far as it is known
 */
export function homeCardOf({
  player,
  lesson,
  checks,
  looks,
  who,
  teacherName,
  today
}: {
  readonly player: Player;
  readonly lesson: Lesson;
  readonly checks: readonly Check[];
  /** What was seen of the player so far. */
  readonly looks: readonly CheckResult[];
  readonly who: PictureQuestion;
  readonly teacherName: string;
  readonly today: IsoDay;
}): HomeCard {
  const picturesOf = ({ check, fault }: HomePoint): Pick<HomeCardPoint, 'picture' | 'amiss'> => {
    const right = sceneOf(check, player.family);
    const seen = check.faults.find(({ id }) => id === fault);
    if (!seen || seen.changes.length === 0) return { picture: pictureOn(who, right), amiss: null };
    const amiss = sceneOf(check, player.family, seen);
    return {
      picture: pictureOn(who, { ...right, view: amiss.view, pose: amiss.pose }),
      amiss: pictureOn(who, amiss)
    };
  };
  const measuredOf = ({ check }: HomePoint): string =>
    anglesOf(looks.filter(({ checkId, day }) => checkId === check.id && day <= lesson.day))
      .flatMap((course) => angleChange(course) ?? [])
      .join(', ');
  return {
    player: player.name,
    instrument: FAMILY_WORDS[player.family],
    points: homePoints(lesson.practice ?? [], checks).map((point) => ({
      line: point.line,
      right: point.right,
      drill: point.drill,
      dose: point.dose,
      measured: measuredOf(point),
      ...picturesOf(point)
    })),
    // No day that is past is promised.
    nextLook: lesson.nextLook && lesson.nextLook >= today ? dayText(lesson.nextLook) : '',
    selfCheck: SELF_CHECK,
    stop: HOME_STOP,
    signed: [teacherName, dayText(lesson.day)].filter((part) => part !== '').join(' · ')
  };
}
