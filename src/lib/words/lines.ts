import type { IsoDay } from '$lib/core/time';
import { dayText } from './dates';

/** What a fitting day is called: by its name, else by its day. */
export const lineName = ({ name, day }: { readonly name: string; readonly day: IsoDay }): string =>
  name.trim() === '' ? `Line of ${dayText(day)}` : name;
