export {
  ANGLE_IDS,
  angleKind,
  anglesFor,
  bandOf,
  PHOTO_POINTS,
  speaksTo,
  viewFor,
  type Agreed,
  type AngleId,
  type AngleKind,
  type PhotoPoint
} from './angles';
export { keptSize, pieceRound, type Piece } from './crop';
export { errorOf, isOffered, usualPoints, verdictOf, type Taken, type Verdict } from './error';
export { needsLevel, readAngle, rollOf, turned, type At } from './read';
