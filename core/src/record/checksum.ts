import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';

const utf8 = new TextEncoder();

/** SHA-256 of bytes or of a text as UTF-8, in hexadecimal. */
export function checksum(data: Uint8Array | string): string {
  return bytesToHex(sha256(typeof data === 'string' ? utf8.encode(data) : data));
}
