/** A text that JSON writes as it stands, between quotes. */
const plain = /^[ !#-[\]-~]*$/;

/**
 * JSON with the keys of every object in order and no spaces: the same data always gives the same text. Keys whose
 * value is undefined are left out, as in JSON itself.
 */
export function canonicalJson(value: unknown): string {
  // Written out as it is because chains of years are hashed by it: millions of entries.
  if (typeof value === 'string') return quoted(value);
  if (typeof value !== 'object' || value === null) return JSON.stringify(value);
  if (Array.isArray(value)) return `[${value.map((item) => canonicalJson(item ?? null)).join(',')}]`;
  let text = '';
  for (const key of Object.keys(value).sort()) {
    const item = (value as Readonly<Record<string, unknown>>)[key];
    if (item === undefined) continue;
    text += `${text === '' ? '' : ','}${quoted(key)}:${canonicalJson(item)}`;
  }
  return `{${text}}`;
}

const quoted = (text: string): string => (plain.test(text) ? `"${text}"` : JSON.stringify(text));
