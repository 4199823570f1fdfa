export { lengthOf, shelvesOf, type Kept, type Out, type Stored, type Whereabouts } from './shelves';
export { leansOf } from './leans';
export { forWhom, type Match } from './match';
export { silhouetteOf } from './silhouette';
export { sizeFrom } from './size-text';
export { INSTRUMENT_STATES, type InstrumentState } from './state';
export {
  assign,
  moreOf,
  solveWith,
  type Assignment,
  type Solver,
  type SolverLimits,
  type SolverState,
  type MoreOf,
  USUAL_COSTS,
  type AssignInstrument,
  type AssignPlayer,
  type AssignQuestion,
  type Costs
} from './assign';
export { linesOf, type PlanLine } from './lines';
export { chanceOutgrown, wantedOn } from './forecast';
