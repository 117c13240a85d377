import { TestEnvironment } from 'jest-environment-jsdom';

/** jsdom with what browsers have and it lacks. */
export default class BrowserEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    const lacking = { structuredClone, TextEncoder, TextDecoder, fetch, Request, Response, Headers };
    const streams = {
      ReadableStream,
      WritableStream,
      TransformStream,
      CompressionStream,
      DecompressionStream,
      Blob,
    };
    Object.assign(this.global, lacking, streams);
    Object.defineProperty(this.global, 'crypto', { value: crypto });
    this.global.Uint8Array = Uint8Array;
    this.global.Uint16Array = Uint16Array;
  }
}
