import { expose } from 'comlink';
import type { IsoDay } from '$lib/core/time';
import { lookAhead, type AheadRow } from '$lib/data/ahead';
import { createDatabase } from '$lib/data/database';

/** Rows handed over in one go: few enough that the page takes them between two frames. */
const AT_ONCE = 250;

const door = {
  /**
   * Looks ahead for every player of the browser's own database; reads only.
   *
   * @param take is given the rows, some at a time
   */
  async lookAhead(
    today: IsoDay,
    report: (done: number, total: number) => void,
    take: (rows: readonly AheadRow[]) => void
  ): Promise<void> {
    const rows = await lookAhead(createDatabase(), today, report);
    for (let from = 0; from < rows.length; from += AT_ONCE) await take(rows.slice(from, from + AT_ONCE));
  }
};

export type AheadDoor = typeof door;

expose(door);
