export { standingOf, STANDINGS, type Standing, type StandingFacts } from './standing';
