import { expose } from 'comlink';
import { outlookLine, type OutlookLine } from '$lib/core/outlook';
import type { OutlookQuestion } from '$lib/core/outlook';

/** Players between two reports of progress. */
const REPORT_EVERY = 100;

const door = {
  /**
   * Looks ahead for many players, in order.
   *
   * @param report hears how many are done
   */
  async lookAhead(
    questions: readonly OutlookQuestion[],
    report: (done: number) => void
  ): Promise<readonly OutlookLine[]> {
    const lines: OutlookLine[] = [];
    for (const question of questions) {
      lines.push(outlookLine(question));
      if (lines.length % REPORT_EVERY === 0) report(lines.length);
    }
    return lines;
  }
};

export type OutlooksDoor = typeof door;

expose(door);
