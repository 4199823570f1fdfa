import { expose } from 'comlink';
import type { IsoDay } from '$lib/core/time';
import { createDatabase } from '$lib/data/database';
import { foreseeMissing } from '$lib/data/roster';

const door = {
  /** Works out what is foreseen for every player of the browser's own database of whom it is not known yet. */
  foresee: (today: IsoDay, report: (done: number, total: number) => void): Promise<void> =>
    foreseeMissing(createDatabase(), today, report)
};

export type ForeseeDoor = typeof door;

expose(door);
