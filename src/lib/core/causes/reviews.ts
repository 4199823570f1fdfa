import type { IsoDay } from '../time';
import { identityOf } from '../checks/identities';
import { faultKey, sightsOf, type FaultLook, type RemedyStanding } from './remedies';

/** What is to be looked at as a whole. */
export type ReviewKind = 'set-up' | 'size';

/** Why a review is due. */
export type ReviewReason =
  | { readonly kind: 'came-back'; readonly checkId: string; readonly fault: string; readonly times: number }
  | {
      readonly kind: 'without-effect';
      readonly checkId: string;
      readonly fault: string;
      readonly times: number;
    };

export interface Review {
  /** The same as long as its reason is the same: what it is put off or done by. */
  readonly key: string;
  readonly review: ReviewKind;
  readonly since: IsoDay;
  readonly reason: ReviewReason;
}

/** What the teacher said to a review. */
export interface ReviewAnswer {
  readonly key: string;
  readonly day: IsoDay;
  readonly state: 'done' | 'put-off';
  /** Until when it is put off. */
  readonly until: IsoDay | null;
}

/** A fault that is back so often after habit work asks for the set-up. */
const BACK_TIMES = 3;
/** So many set-up changes without effect ask for the size. */
const WITHOUT_EFFECT = 3;

const lastDone = (answers: readonly ReviewAnswer[], key: string): IsoDay =>
  answers.reduce(
    (last, one) => (keyNow(one.key) === key && one.state === 'done' && one.day > last ? one.day : last),
    ''
  );

/** Days on which a fault was there again after it had gone, since a day. */
const returns = (looks: readonly FaultLook[], identity: string, since: IsoDay): readonly IsoDay[] =>
  sightsOf(looks, identity)
    .filter(({ day }) => day >= since)
    .flatMap(({ day, sight }, i, all) => (sight === 'seen' && all[i - 1]?.sight === 'absent' ? [day] : []));

/** A key as it is now: earlier answers were to a fault of one check. */
function keyNow(key: string): string {
  const [, kind = '', checkId, fault] = /^(\w+):(.+)\/([^/]+)$/.exec(key) ?? [];
  return checkId !== undefined && fault !== undefined ? `${kind}:${identityOf(checkId, fault)}` : key;
}

/**
 * The reviews that the remedies of one player ask for: a set-up review for a fault that came back three times after
 * habit work, a size review after three set-up changes without effect. What was done counts from then on anew.
 */
export function reviewsOf(
  standings: readonly RemedyStanding[],
  looks: readonly FaultLook[],
  answers: readonly ReviewAnswer[]
): readonly Review[] {
  const reviews: Review[] = [];
  const faults = new Map(standings.map(({ remedy }) => [faultKey(remedy), remedy]));
  for (const [of, { checkId, fault }] of faults) {
    const mine = standings.filter(({ remedy }) => faultKey(remedy) === of);
    const habit = mine.find(({ remedy }) => remedy.cause === 'habit');
    if (habit) {
      const key = `back:${of}`;
      const done = lastDone(answers, key);
      const from = done > habit.remedy.day ? done : habit.remedy.day;
      const back = returns(looks, of, from).filter((day) => day > done);
      const since = back[BACK_TIMES - 1];
      if (since !== undefined)
        reviews.push({
          key,
          review: 'set-up',
          since,
          reason: { kind: 'came-back', checkId, fault, times: back.length }
        });
    }
    const key = `changes:${of}`;
    const done = lastDone(answers, key);
    const vain = mine.filter(
      ({ remedy, open, effect }) =>
        remedy.cause === 'set-up' && !open && effect !== null && effect !== 'helped' && remedy.day > done
    );
    const third = vain[WITHOUT_EFFECT - 1];
    if (third)
      reviews.push({
        key,
        review: 'size',
        since: third.effects.at(-1)?.day ?? third.remedy.day,
        reason: { kind: 'without-effect', checkId, fault, times: vain.length }
      });
  }
  return reviews;
}

/** Whether a review is put off beyond a day. */
export const isPutOff = (answers: readonly ReviewAnswer[], key: string, today: IsoDay): boolean =>
  answers.some((one) => keyNow(one.key) === key && one.state === 'put-off' && (one.until ?? '') > today);

/** Those that are not put off beyond a day. */
export const openReviews = (
  reviews: readonly Review[],
  answers: readonly ReviewAnswer[],
  today: IsoDay
): readonly Review[] => reviews.filter(({ key }) => !isPutOff(answers, key, today));
