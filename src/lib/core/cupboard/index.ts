export { lengthOf, shelvesOf, type Kept, type Out, type Stored, type Whereabouts } from './shelves';
export { leansOf } from './leans';
export { forWhom, type Match } from './match';
export { silhouetteOf } from './silhouette';
export { sizeFrom } from './size-text';
export { INSTRUMENT_STATES, type InstrumentState } from './state';
export {
  assign,
  moreOf,
  toGet,
  type ToGet,
  solveWith,
  type Assignment,
  type Solver,
  type SolverState,
  type MoreOf,
  USUAL_COSTS,
  type AssignInstrument,
  type AssignPlayer,
  type AssignQuestion,
  type Costs
} from './assign';
export { pointsOf, ROUND_POINTS, roundOf, toMend, type RoundPoint } from './round';
export { isYearDay, termsFrom, yearDaysFrom } from './terms';
export { coveringOf, type Covering, type Need } from './cover';
export { shortagesOf, type Shortage } from './shortage';
export { linesOf, type PlanLine } from './lines';
export { chanceOutgrown, wantedOn } from './forecast';
