/** Powers of ten that a double holds exactly: a number of up to 15 digits scaled by one is rounded once, correctly. */
const exactPowers = Array.from({ length: 23 }, (_, n) => 10 ** n);

const isSpace = (code: number) => code <= 32;
const isDigit = (code: number) => code >= 48 && code <= 57;

/** Where the word that begins at `start` ends. */
function endOfWord(text: string, start: number): number {
  let end = start;
  while (end < text.length && !isSpace(text.charCodeAt(end))) end++;
  return end;
}

/** A plain decimal such as -0.0123 read by hand; NaN when it is spelt otherwise, which `Number` then decides. */
function plainDecimal(text: string, start: number, end: number): number {
  const first = text.charCodeAt(start);
  const signed = first === 45 || first === 43;
  let mantissa = 0;
  let digits = 0;
  let point = -1;
  for (let n = signed ? start + 1 : start; n < end; n++) {
    const code = text.charCodeAt(n);
    if (isDigit(code)) {
      mantissa = mantissa * 10 + code - 48;
      digits++;
    } else if (code === 46 && point < 0) point = n;
    else return NaN;
  }
  if (digits === 0 || digits > 15) return NaN;
  const decimals = point < 0 ? 0 : end - point - 1;
  return ((first === 45 ? -1 : 1) * mantissa) / exactPowers[decimals]!;
}

/**
 * Appends the numbers of a line and returns how many there were, or minus the place (from 1) of the first word that is
 * none. By hand, because long files are mostly this.
 */
export function appendNumbers(text: string, into: number[]): number {
  let count = 0;
  let n = 0;
  while (n < text.length) {
    if (isSpace(text.charCodeAt(n))) {
      n++;
      continue;
    }
    const end = endOfWord(text, n);
    const plain = plainDecimal(text, n, end);
    const value = Number.isNaN(plain) ? Number(text.slice(n, end)) : plain;
    count++;
    if (!Number.isFinite(value)) return -count;
    into.push(value);
    n = end;
  }
  return count;
}
