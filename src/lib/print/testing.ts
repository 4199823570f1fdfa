import type { PDFDocumentProxy } from 'pdfjs-dist/legacy/build/pdf.mjs';

/**
 * A PDF as another library reads it, with that library's names of what is drawn. It puts slower ways to write JSON in
 * place of Node's own, by which whatever else runs would suffer: those come back.
 */
export async function openPdf(bytes: Uint8Array): Promise<{
  readonly pdf: PDFDocumentProxy;
  readonly OPS: typeof import('pdfjs-dist/legacy/build/pdf.mjs').OPS;
}> {
  const { parse, stringify } = JSON;
  try {
    const { getDocument, OPS } = await import('pdfjs-dist/legacy/build/pdf.mjs');
    return { pdf: await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise, OPS };
  } finally {
    Object.assign(JSON, { parse, stringify });
  }
}
