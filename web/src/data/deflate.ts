import { waitFor } from './wait-for.ts';

/** Bytes as they come out of a stream. A transaction that is open stays so meanwhile. */
const through = (bytes: Uint8Array, stream: CompressionStream | DecompressionStream): Promise<Uint8Array> =>
  waitFor(
    new Response(new Blob([bytes.slice()]).stream().pipeThrough(stream))
      .arrayBuffer()
      .then((buffer) => new Uint8Array(buffer)),
  );

/** A text kept small, as raw deflate. */
export const deflated = (bytes: Uint8Array) => through(bytes, new CompressionStream('deflate-raw'));
export const inflated = (bytes: Uint8Array) => through(bytes, new DecompressionStream('deflate-raw'));
