import { PDFContentStream, PDFRawStream, type PDFDocument, type PDFRef } from 'pdf-lib';

/** Deflates bytes by the platform's own compression, several times faster than one in script. */
async function deflated(bytes: Uint8Array<ArrayBuffer>): Promise<Uint8Array> {
  const packed = new Blob([bytes]).stream().pipeThrough(new CompressionStream('deflate'));
  return new Uint8Array(await new Response(packed).arrayBuffer());
}

/**
 * A document as the bytes of a file. What is drawn on its pages is the most of it, and is compressed first; a browser
 * that can't compress leaves that to the library.
 */
export async function savedPdf(pdf: PDFDocument): Promise<Uint8Array> {
  if (!('CompressionStream' in globalThis)) return pdf.save();
  await pdf.flush();
  const drawn = pdf.context
    .enumerateIndirectObjects()
    .filter((entry): entry is [PDFRef, PDFContentStream] => entry[1] instanceof PDFContentStream);
  for (const [ref, stream] of drawn) {
    // Its dictionary says already that it is deflated.
    const packed = await deflated(Uint8Array.from(stream.getUnencodedContents()));
    pdf.context.assign(ref, PDFRawStream.of(stream.dict, packed));
  }
  return pdf.save();
}
