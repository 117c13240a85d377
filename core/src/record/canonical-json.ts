/**
 * JSON with the keys of every object in order and no spaces: the same data always gives the same text. Keys whose
 * value is undefined are left out, as in JSON itself.
 */
export function canonicalJson(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map((item) => canonicalJson(item ?? null)).join(',')}]`;
  if (typeof value === 'object' && value !== null) {
    // Written out as it is because chains of years are hashed by it: millions of entries.
    let text = '';
    for (const key of Object.keys(value).sort()) {
      const item = (value as Readonly<Record<string, unknown>>)[key];
      if (item === undefined) continue;
      text += `${text === '' ? '' : ','}${JSON.stringify(key)}:${canonicalJson(item)}`;
    }
    return `{${text}}`;
  }
  return JSON.stringify(value);
}
