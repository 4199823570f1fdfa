export {
  ANGLE_IDS,
  angleKind,
  anglesFor,
  bandOf,
  viewFor,
  type Agreed,
  type AngleId,
  type AngleKind,
  type PhotoPoint
} from './angles';
export { keptSize, pieceRound, type Piece } from './crop';
export { errorOf, isOffered, usualPoints, verdictOf, type Verdict } from './error';
export { needsLevel, readAngle, rollOf, turned, type At } from './read';
