/** What the typeface of a PDF has no letter for: shapes are words beside them already, accents are taken off, the rest is a question mark. */
export function plainText(words: string): string {
  return words
    .replace(/[▲■●◌]\s*/g, '')
    .replace(/Ω/g, 'ohm')
    .replace(/[^\x20-\x7e]/g, (letter) => {
      const plain = letter.normalize('NFKD').replace(/[^\x20-\x7e]/g, '');
      return plain === '' ? '?' : plain;
    });
}
