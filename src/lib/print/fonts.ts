import fontkit from '@pdf-lib/fontkit';
import regular from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url';
import regularExt from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff?url';
import bold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?url';
import boldExt from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-700-normal.woff?url';
import cyrillic from '@fontsource/noto-sans/files/noto-sans-cyrillic-400-normal.woff?url';
import greek from '@fontsource/noto-sans/files/noto-sans-greek-400-normal.woff?url';
import vietnamese from '@fontsource/noto-sans/files/noto-sans-vietnamese-400-normal.woff?url';
import type { PDFDocument, PDFFont } from 'pdf-lib';

/** Fonts to try in turn for each character. */
export type FontChain = readonly { readonly font: PDFFont; readonly letters: ReadonlySet<number> }[];

const FALLBACKS = [cyrillic, greek, vietnamese];
const STYLES = { regular: [regular, regularExt], bold: [bold, boldExt] } as const;

async function embed(pdf: PDFDocument, url: string): Promise<FontChain[number]> {
  const response = await fetch(url);
  if (!response.ok) throw new Error('A font of the application could not be loaded.');
  const font = await pdf.embedFont(await response.arrayBuffer(), { subset: true });
  return { font, letters: new Set(font.getCharacterSet()) };
}

/** Loads the application's fonts into a document; the other scripts only when a text needs them. */
export async function loadFonts(
  pdf: PDFDocument,
  text: string
): Promise<Readonly<Record<keyof typeof STYLES, FontChain>>> {
  pdf.registerFontkit(fontkit);
  const load = async (urls: readonly string[]) => Promise.all(urls.map((url) => embed(pdf, url)));
  const [plain, strong] = [await load(STYLES.regular), await load(STYLES.bold)];
  const known = (letter: string) => plain.some(({ letters }) => letters.has(letter.codePointAt(0) ?? 0));
  const others = [...text].every((letter) => letter === '\n' || known(letter)) ? [] : await load(FALLBACKS);
  return { regular: [...plain, ...others], bold: [...strong, ...others] };
}

/** Splits a text into runs that one font of the chain can write; an unknown letter becomes a small box. */
export function runsOf(
  text: string,
  chain: FontChain
): readonly { readonly text: string; readonly font: PDFFont }[] {
  const runs: { text: string; font: PDFFont }[] = [];
  for (const letter of text) {
    const found = chain.find(({ letters }) => letters.has(letter.codePointAt(0) ?? 0));
    const font = (found ?? chain[0])?.font;
    if (!font) continue;
    const written = found ? letter : '?';
    const last = runs.at(-1);
    if (last && last.font === font) last.text += written;
    else runs.push({ text: written, font });
  }
  return runs;
}
