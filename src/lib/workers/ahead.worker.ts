import { expose } from 'comlink';
import type { IsoDay } from '$lib/core/time';
import { lookAhead, type AheadRow } from '$lib/data/ahead';
import { createDatabase } from '$lib/data/database';

const door = {
  /** Looks ahead for every player of the browser's own database; reads only. */
  lookAhead: (today: IsoDay, report: (done: number, total: number) => void): Promise<readonly AheadRow[]> =>
    lookAhead(createDatabase(), today, report)
};

export type AheadDoor = typeof door;

expose(door);
