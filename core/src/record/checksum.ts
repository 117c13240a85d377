import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';

const utf8 = new TextEncoder();

/** Room for a short text: to ask for new room takes as long as to hash what goes into it, and entries are hashed by the million. */
const room = new Uint8Array(8192);

/** A letter takes at most so many bytes. */
const mostBytes = 3;

function bytesOf(text: string): Uint8Array {
  if (text.length * mostBytes > room.length) return utf8.encode(text);
  return room.subarray(0, utf8.encodeInto(text, room).written);
}

/** SHA-256 of bytes or of a text as UTF-8, in hexadecimal. */
export function checksum(data: Uint8Array | string): string {
  return bytesToHex(sha256(typeof data === 'string' ? bytesOf(data) : data));
}
