export { outlook, type NoForecast, type Outlook, type OutlookQuestion } from './outlook';
