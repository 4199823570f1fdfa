import { readFile } from 'node:fs/promises';
import { vi } from 'vitest';
import { openPdf } from './testing';

/** The application fetches its own fonts; in tests they come from the packages on the disk. */
export const ownFonts = (): void =>
  void vi.stubGlobal(
    'fetch',
    async (url: string) => new Response(new Uint8Array(await readFile(`.${url.split('?')[0]}`)))
  );

const MM_PER_PT = 25.4 / 72;

/** A line as it was drawn, mm from the lower left corner of its page. */
export interface Line {
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
}

/** Lines of a page as they were drawn. */
export async function linesOf(bytes: Uint8Array, number = 1): Promise<readonly Line[]> {
  const { pdf, OPS } = await openPdf(bytes);
  const { fnArray, argsArray } = await (await pdf.getPage(number)).getOperatorList();
  return fnArray.flatMap((fn, i) => {
    if (fn !== OPS.constructPath) return [];
    // The last argument is the smallest box of the path: of a line its two ends.
    const box = [...((argsArray[i] as unknown[]).at(-1) as Iterable<number>)].map((pt) => pt * MM_PER_PT);
    const [x1 = 0, y1 = 0, x2 = 0, y2 = 0] = box;
    return [{ x1, y1, x2, y2 }];
  });
}
