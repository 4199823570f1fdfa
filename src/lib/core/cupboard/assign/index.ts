export { assign, type Assignment, type Solved, type Solver } from './assign';
export {
  USUAL_COSTS,
  type AssignInstrument,
  type AssignPlayer,
  type AssignQuestion,
  type Costs
} from './types';
