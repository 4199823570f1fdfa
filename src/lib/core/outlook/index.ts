export { sizeLadder, type Rung } from './ladder';
export {
  outlook,
  outlookLine,
  type NoForecast,
  type Outlook,
  type OutlookLine,
  type OutlookQuestion
} from './outlook';
