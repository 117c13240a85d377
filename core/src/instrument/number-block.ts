/** Numbers as little-endian 64-bit floats in base 64, as the bridge sends long series. */
export function toBase64(values: Float64Array): string {
  const bytes = new Uint8Array(values.length * 8);
  const view = new DataView(bytes.buffer);
  values.forEach((value, n) => view.setFloat64(8 * n, value, true));
  let text = '';
  for (let n = 0; n < bytes.length; n += chunk) text += String.fromCharCode(...bytes.subarray(n, n + chunk));
  return btoa(text);
}

const chunk = 8192;

/** The reverse. @throws RangeError when the text holds no whole numbers. */
export function fromBase64(text: string): Float64Array {
  const raw = atob(text);
  if (raw.length % 8 !== 0)
    throw new RangeError(`A series of ${raw.length} bytes: expected whole numbers of 8.`);
  const bytes = Uint8Array.from(raw, (letter) => letter.charCodeAt(0));
  const view = new DataView(bytes.buffer);
  return Float64Array.from({ length: bytes.length / 8 }, (_, n) => view.getFloat64(8 * n, true));
}
