/** One command or query of a program message (IEEE 488.2): its header as written, and its parameters. */
export interface ScpiUnit {
  readonly header: string;
  readonly isQuery: boolean;
  /** Parameters as written; a block is its bytes. */
  readonly parameters: readonly (string | Buffer)[];
}

/** A message that is no SCPI. */
export class ScpiSyntaxError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'ScpiSyntaxError';
  }
}

/**
 * Length of the definite-length block that begins at `start` (`#`, a digit that says how many digits follow, the number of
 * bytes, the bytes), whole; undefined while its header has not come. @throws ScpiSyntaxError where it is no block.
 */
export function blockLength(bytes: Buffer, start: number): { header: number; body: number } | undefined {
  if (bytes.length <= start + 1) return undefined;
  const digits = bytes[start + 1]! - 48;
  if (!(digits >= 1 && digits <= 9))
    throw new ScpiSyntaxError('A block begins with # and a digit from 1 to 9.');
  if (bytes.length < start + 2 + digits) return undefined;
  const length = Number(bytes.toString('latin1', start + 2, start + 2 + digits));
  if (!Number.isInteger(length)) throw new ScpiSyntaxError('A block says its length in digits.');
  return { header: 2 + digits, body: length };
}

/** Where the message that begins at 0 ends: behind its line feed, blocks skipped; undefined while it has not all come. */
export function messageLength(bytes: Buffer): number | undefined {
  let quoted = false;
  for (let n = 0; n < bytes.length; n++) {
    const code = bytes[n]!;
    if (code === 34) quoted = !quoted;
    else if (code === 35 && !quoted) {
      const block = blockLength(bytes, n);
      if (!block || n + block.header + block.body > bytes.length) return undefined;
      n += block.header + block.body - 1;
    } else if (code === 10) return n + 1;
  }
  return undefined;
}

/** The units of a program message, separated by semicolons. A header without a leading colon follows the path before it. */
export function parseMessage(message: Buffer): ScpiUnit[] {
  const units: ScpiUnit[] = [];
  let path = '';
  for (const part of splitOutside(message, 59)) {
    const unit = parseUnit(part);
    if (!unit) continue;
    const isCommon = unit.header.startsWith('*');
    const header = isCommon
      ? unit.header
      : unit.header.startsWith(':')
        ? unit.header.slice(1)
        : path + unit.header;
    if (!isCommon) path = header.slice(0, header.lastIndexOf(':') + 1);
    units.push({ ...unit, header });
  }
  return units;
}

function parseUnit(part: Buffer): ScpiUnit | undefined {
  const text = part.toString('latin1');
  const start = text.search(/\S/);
  if (start < 0) return undefined;
  const match = /^([*:A-Za-z][A-Za-z0-9:_]*)(\??)(?:\s+|$)/.exec(text.slice(start).trimEnd() + ' ');
  if (!match) throw new ScpiSyntaxError(`"${text.trim().slice(0, 40)}" is no command.`);
  const rest = part.subarray(Math.min(part.length, start + match[0].length));
  return {
    header: match[1]!,
    isQuery: match[2] === '?',
    parameters: rest.toString('latin1').trim() === '' ? [] : splitOutside(rest, 44).map(readParameter),
  };
}

function readParameter(part: Buffer): string | Buffer {
  const start = part.findIndex((code) => code > 32);
  if (part[start] === 35) {
    const block = blockLength(part, start)!;
    return part.subarray(start + block.header, start + block.header + block.body);
  }
  return part.toString('latin1').trim();
}

/** Splits at a separator that stands outside blocks, quotes and brackets. */
function splitOutside(bytes: Buffer, separator: number): Buffer[] {
  const parts: Buffer[] = [];
  let from = 0;
  let depth = 0;
  let quoted = false;
  for (let n = 0; n < bytes.length; n++) {
    const code = bytes[n]!;
    if (code === 34) quoted = !quoted;
    else if (quoted) continue;
    else if (code === 40) depth++;
    else if (code === 41) depth--;
    else if (code === 35) {
      const block = blockLength(bytes, n);
      if (block) n += block.header + block.body - 1;
    } else if (code === separator && depth === 0) {
      parts.push(bytes.subarray(from, n));
      from = n + 1;
    }
  }
  return [...parts, bytes.subarray(from)];
}

/** Whether a header as written is a command's, which is given in its long form with the short form in capitals. */
export function headerMatches(written: string, command: string): boolean {
  const [mine, theirs] = [written.toUpperCase().split(':'), command.split(':')];
  return (
    mine.length === theirs.length &&
    theirs.every((word, n) => mine[n] === word.toUpperCase() || mine[n] === word.replace(/[a-z]/g, ''))
  );
}

/** A channel list of pairs, `(@1!3,2!4)`: row and column of a switch matrix (SCPI-99, channel lists). */
export function parsePairs(text: string): [number, number][] {
  const match = /^\(@([\d!,\s]+)\)$/.exec(text.trim());
  if (!match) throw new ScpiSyntaxError(`"${text.slice(0, 40)}" is no channel list such as (@1!3,2!4).`);
  return match[1]!.split(',').map((each) => {
    const pair = /^\s*(\d+)!(\d+)\s*$/.exec(each);
    if (!pair) throw new ScpiSyntaxError(`"${each.trim()}" is no pair of channels such as 1!3.`);
    return [Number(pair[1]), Number(pair[2])];
  });
}

export const writePairs = (pairs: readonly (readonly [number, number])[]) =>
  `(@${pairs.map(([a, b]) => `${a}!${b}`).join(',')})`;

/** What stands for infinity, and for no number, in an answer (SCPI-99). */
export const scpiInfinity = 9.9e37;
export const scpiNotANumber = 9.91e37;

/** Numbers as a definite-length block of big-endian 64-bit floats, as `FORMat REAL,64` sends them. */
export function writeBlock(values: Float64Array): Buffer {
  const body = Buffer.alloc(values.length * 8);
  values.forEach((value, n) => body.writeDoubleBE(value, 8 * n));
  const length = String(body.length);
  return Buffer.concat([Buffer.from(`#${length.length}${length}`), body]);
}

export function readBlock(body: Buffer): Float64Array {
  return Float64Array.from({ length: Math.floor(body.length / 8) }, (_, n) => body.readDoubleBE(8 * n));
}

/** Text or bytes as a block. */
export function textBlock(text: string): Buffer {
  const body = Buffer.from(text, 'utf8');
  const length = String(body.length);
  return Buffer.concat([Buffer.from(`#${length.length}${length}`), body]);
}
