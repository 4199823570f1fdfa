import fontkit from '@pdf-lib/fontkit';
import regular from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url';
import regularExt from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff?url';
import bold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?url';
import boldExt from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-700-normal.woff?url';
import cyrillic from '@fontsource/noto-sans/files/noto-sans-cyrillic-400-normal.woff?url';
import greek from '@fontsource/noto-sans/files/noto-sans-greek-400-normal.woff?url';
import vietnamese from '@fontsource/noto-sans/files/noto-sans-vietnamese-400-normal.woff?url';
import arabic from '@fontsource/noto-sans-arabic/files/noto-sans-arabic-arabic-400-normal.woff?url';
import hebrew from '@fontsource/noto-sans-hebrew/files/noto-sans-hebrew-hebrew-400-normal.woff?url';
import type { PDFDocument, PDFFont } from 'pdf-lib';

/** Fonts to try in turn for each character. */
export type FontChain = readonly { readonly font: PDFFont; readonly letters: ReadonlySet<number> }[];

const FALLBACKS = [cyrillic, greek, vietnamese, arabic, hebrew];
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

/** Marks without a shape of their own, such as joiners: nothing is lost where no font has them. */
const SHAPELESS = /^\p{Cf}$/u;
const has = ({ letters }: FontChain[number], letter: string) => letters.has(letter.codePointAt(0) ?? 0);

/**
 * Splits a text into runs that one font of the chain can write. What stands between letters goes with the run
 * before it, so that a phrase from right to left stays in one piece; what no font has becomes a sign that it is
 * missing.
 */
export function runsOf(
  text: string,
  chain: FontChain
): readonly { readonly text: string; readonly font: PDFFont }[] {
  const runs: { text: string; link: FontChain[number] }[] = [];
  for (const letter of text) {
    const last = runs.at(-1);
    const stays = last && /^[\s\p{Mn}]$/u.test(letter) && has(last.link, letter) ? last.link : undefined;
    const found = stays ?? chain.find((link) => has(link, letter));
    const link = found ?? chain[0];
    if (!link || (!found && SHAPELESS.test(letter))) continue;
    const written = found ? letter : '?';
    if (last && last.link === link) last.text += written;
    else runs.push({ text: written, link });
  }
  return runs.map(({ text: run, link }) => ({ text: run, font: link.font }));
}

/** Characters of a text that no font of the chain has, each once. */
export function missingLetters(text: string, chain: FontChain): readonly string[] {
  const missing = [...text].filter(
    (letter) => letter !== '\n' && !SHAPELESS.test(letter) && !chain.some((link) => has(link, letter))
  );
  return [...new Set(missing)];
}
