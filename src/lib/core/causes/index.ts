export { causesOf, type CauseFacts, type CauseReason, type OwnRecord } from './causes';
export { REASON_CODES } from './factors';
export {
  faultKey,
  remedyStandings,
  workedHere,
  type FaultLook,
  type RemedyEffect,
  type RemedyStanding,
  type TriedRemedy
} from './remedies';
export { isPutOff, openReviews, reviewsOf, type Review, type ReviewAnswer } from './reviews';
