export { sizeLadder, type Rung } from './ladder';
export { outlook, type Decided, type NoForecast, type Outlook, type OutlookQuestion } from './outlook';
export { foresee, isGrown, standingOn, STANDINGS, type Foresight, type Standing } from './standing';
