export { ageOn, dayOf, daysBetween, daysLater, monthsLater, type IsoDay, type IsoMonth } from './iso-day';
export { nextLook, type NextLook, type NextLookReason } from './next-look';
