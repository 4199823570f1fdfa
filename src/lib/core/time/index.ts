export {
  ageOn,
  dayOf,
  daysBetween,
  daysLater,
  isDay,
  monthsLater,
  typedDay,
  type IsoDay,
  type IsoMonth
} from './iso-day';
