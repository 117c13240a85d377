import { Reader } from '@zip.js/zip.js/lib/zip-core-native.js';

/** Bytes that are read from a file in one go: asking for each small piece by itself takes longer than reading it. */
const blockSize = 4 * 1024 * 1024;

/** Reads a file in large blocks, the last of which is at hand. */
export class BlockReader extends Reader<Blob> {
  private block: { readonly from: number; readonly bytes: Uint8Array } | undefined;

  constructor(private readonly file: Blob) {
    super(file);
    this.size = file.size;
  }

  override async readUint8Array(index: number, length: number): Promise<Uint8Array> {
    const end = Math.min(index + length, this.size);
    const { block } = this;
    if (!block || index < block.from || end > block.from + block.bytes.length) await this.read(index, end);
    const { from, bytes } = this.block!;
    // A copy: what is kept of an entry's head would else keep its whole block.
    return bytes.slice(index - from, end - from);
  }

  private async read(from: number, end: number): Promise<void> {
    const to = Math.min(Math.max(end, from + blockSize), this.size);
    this.block = { from, bytes: new Uint8Array(await this.file.slice(from, to).arrayBuffer()) };
  }
}
