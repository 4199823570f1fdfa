export {
  heightRules,
  BOW_OVER_GRIP_MM,
  LEAN_DEG,
  LOWEST_REACH_SHARE,
  MOST_LIFT_MM,
  pinFor,
  standingPlaces,
  type Bass,
  type HeightRules,
  type StandingHeights
} from './rules';
