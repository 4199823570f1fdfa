import { expose } from 'comlink';
import type { IsoDay } from '$lib/core/time';
import { createDatabase } from '$lib/data/store/database';
import { foreseeMissing, type Share } from '$lib/data/questions/foreseen';

const door = {
  /** Works out what is foreseen for a share of the players of the browser's own database of whom it is not known. */
  foresee: (today: IsoDay, share: Share, report: (done: number, total: number) => void): Promise<void> =>
    foreseeMissing(createDatabase(), today, report, share)
};

export type ForeseeDoor = typeof door;

expose(door);
