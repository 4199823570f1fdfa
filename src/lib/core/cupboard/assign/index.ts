export { assign } from './assign';
export { moreOf, type MoreOf, type Planned } from './more-of';
export {
  USUAL_COSTS,
  type AssignInstrument,
  type AssignPlayer,
  type AssignQuestion,
  type Costs
} from './types';
export { solverFrom } from './solver';
