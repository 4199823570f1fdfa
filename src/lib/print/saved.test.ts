import { PDFDocument, rgb, StandardFonts } from 'pdf-lib';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { savedPdf } from './saved';
import { openPdf } from './testing';

const PAGES = 3;

/** A document whose pages say which they are and have many lines. */
async function lined(): Promise<PDFDocument> {
  const pdf = await PDFDocument.create();
  const font = await pdf.embedFont(StandardFonts.Helvetica);
  for (let number = 1; number <= PAGES; number++) {
    const page = pdf.addPage([200, 300]);
    page.drawText(`Page ${number}`, { x: 20, y: 250, size: 12, font });
    for (let y = 0; y < 200; y++)
      page.drawLine({ start: { x: 10, y }, end: { x: 190, y }, color: rgb(0, 0, 0) });
  }
  return pdf;
}

async function textsOf(bytes: Uint8Array): Promise<readonly string[]> {
  const { pdf } = await openPdf(bytes);
  const texts: string[] = [];
  for (let number = 1; number <= pdf.numPages; number++) {
    const { items } = await (await pdf.getPage(number)).getTextContent();
    texts.push(items.map((item) => ('str' in item ? item.str : '')).join(''));
  }
  return texts;
}

const latin = (bytes: Uint8Array) => Buffer.from(bytes).toString('latin1');

describe('a saved document', () => {
  afterEach(() => {
    vi.unstubAllGlobals();
  });

  it('has its pages with what was drawn on them, packed', async () => {
    const bytes = await savedPdf(await lined());
    expect(await textsOf(bytes)).toEqual(['Page 1', 'Page 2', 'Page 3']);
    expect(latin(bytes)).not.toContain('10 100 m');
    // Unpacked, the lines alone take 36 KB.
    expect(bytes.length).toBeLessThan(10_000);
  });

  it('says of each page once that it is packed', async () => {
    const saved = await PDFDocument.load(await savedPdf(await lined()));
    expect(saved.getPageCount()).toBe(PAGES);
    const filters = latin(await savedPdf(await lined())).match(/\/Filter \/FlateDecode/g) ?? [];
    expect(filters.length).toBeGreaterThanOrEqual(PAGES);
    expect(latin(await savedPdf(await lined()))).not.toContain('/Filter [');
  });

  it('can be drawn on and saved once more', async () => {
    const pdf = await PDFDocument.load(await savedPdf(await lined()));
    pdf.getPage(0).drawText(' and more', { x: 20, y: 230, size: 12 });
    const [first] = await textsOf(await savedPdf(pdf));
    expect(first).toContain('Page 1');
    expect(first).toContain('and more');
  });

  it('is the same to a reader where the browser can’t compress', async () => {
    vi.stubGlobal('CompressionStream', undefined);
    // Not there at all, as in a browser that does not know it.
    delete (globalThis as { CompressionStream?: unknown }).CompressionStream;
    expect(await textsOf(await savedPdf(await lined()))).toEqual(['Page 1', 'Page 2', 'Page 3']);
  });

  it('without pages has the one that the library gives it', async () => {
    const bytes = await savedPdf(await PDFDocument.create());
    expect((await PDFDocument.load(bytes)).getPageCount()).toBe(1);
  });
});
