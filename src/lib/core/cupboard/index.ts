export {
  lengthOf,
  shelvesOf,
  type Kept,
  type Out,
  type Shelf,
  type Stored,
  type Whereabouts
} from './shelves';
export { forWhom, type Match } from './match';
export { silhouetteOf, type Silhouette } from './silhouette';
export { sizeFrom } from './size-text';
export { INSTRUMENT_STATES, type InstrumentState } from './state';
export {
  assign,
  moreOf,
  solverFrom,
  type MoreOf,
  type Planned,
  USUAL_COSTS,
  type AssignInstrument,
  type AssignPlayer,
  type AssignQuestion,
  type Assignment,
  type Costs,
  type Solver
} from './assign';
export { linesOf, type PlanLine } from './lines';
export { chanceOutgrown, wantedOn } from './forecast';
