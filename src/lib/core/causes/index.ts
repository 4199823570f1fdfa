export { causesOf, type CauseFacts, type CauseReason, type OwnRecord, type WeighedCause } from './causes';
export { REASON_CODES, type ReasonCode } from './factors';
export {
  faultKey,
  remedyStandings,
  workedHere,
  type FaultLook,
  type RemedyEffect,
  type RemedyStanding,
  type TriedRemedy
} from './remedies';
export {
  isPutOff,
  openReviews,
  reviewsOf,
  type Review,
  type ReviewAnswer,
  type ReviewKind,
  type ReviewReason
} from './reviews';
