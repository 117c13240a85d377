/** Hands a file to the browser's downloads. */
export function saveFile(content: Uint8Array | string | Blob, name: string, type: string): void {
  const parts = content instanceof Uint8Array ? [content.slice()] : [content];
  const address = URL.createObjectURL(new Blob(parts, { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  URL.revokeObjectURL(address);
}
