/** Bytes as they come out of a stream that they are put into. */
async function through(
  bytes: Uint8Array,
  { readable, writable }: CompressionStream | DecompressionStream,
): Promise<Uint8Array> {
  const writer = writable.getWriter();
  // What is wrong with them is told by whoever reads.
  void writer.write(bytes as Uint8Array<ArrayBuffer>).catch(() => undefined);
  void writer.close().catch(() => undefined);
  return new Uint8Array(await new Response(readable).arrayBuffer());
}

/** A text kept small, as raw deflate. */
export const deflated = (bytes: Uint8Array) => through(bytes, new CompressionStream('deflate-raw'));
export const inflated = (bytes: Uint8Array) => through(bytes, new DecompressionStream('deflate-raw'));
