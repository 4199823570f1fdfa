export {
  ageOn,
  dayOf,
  daysBetween,
  daysLater,
  isDay,
  monthsLater,
  type IsoDay,
  type IsoMonth
} from './iso-day';
