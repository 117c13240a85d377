import { createHash } from 'node:crypto';

/** SHA-256 of Node for the unit tests: that of the application takes a tenth of their time; a test holds the two together. */
export const sha256 = (bytes: Uint8Array): Uint8Array =>
  new Uint8Array(createHash('sha256').update(bytes).digest());
