import { TestEnvironment } from 'jest-environment-jsdom';

/** jsdom with what browsers have and it lacks. */
export default class BrowserEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    const lacking = { structuredClone, TextEncoder, TextDecoder, fetch, Request, Response, Headers };
    Object.assign(this.global, lacking);
    this.global.Uint8Array = Uint8Array;
  }
}
