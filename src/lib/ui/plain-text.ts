/** A text as it is looked for: without accents and capitals. */
export const plainText = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/\p{Mark}/gu, '')
    .toLowerCase();
