import { dayOf, type IsoDay } from '$lib/core/time';

/** Today on the clock of this machine. */
export const currentDay = (): IsoDay => dayOf(new Date());
