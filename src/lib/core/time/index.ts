export { ageOn, dayOf, daysBetween, daysLater, monthsLater, type IsoDay, type IsoMonth } from './iso-day';
