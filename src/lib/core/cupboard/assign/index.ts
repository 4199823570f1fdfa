export { assign } from './assign';
export { toGet, type ToGet } from './to-get';
export { moreOf, type MoreOf } from './more-of';
export {
  USUAL_COSTS,
  type AssignInstrument,
  type AssignPlayer,
  type AssignQuestion,
  type Costs
} from './types';
export { solveWith, type SolverState } from './solver';
export type { Assignment, Solver } from './assign';
