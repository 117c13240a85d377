/** The standard fonts of PDF know Latin letters only: shapes become words, accents beyond them are taken off, the rest is a question mark. */
export function latinText(words: string): string {
  return words
    .replace(/[▲■●◌]\s*/g, '')
    .replace(/[‘’]/g, "'")
    .replace(/[“”]/g, '"')
    .replace(/[–—−]/g, '-')
    .replace(/Ω/g, 'ohm')
    .replace(/[^\x20-\x7e\xa0-\xff]/g, (letter) => {
      const plain = letter.normalize('NFKD').replace(/[^\x20-\x7e]/g, '');
      return plain === '' ? '?' : plain;
    });
}
