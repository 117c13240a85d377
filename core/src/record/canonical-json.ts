/**
 * JSON with the keys of every object in order and no spaces: the same data always gives the same text. Keys whose
 * value is undefined are left out, as in JSON itself.
 */
export function canonicalJson(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map((item) => canonicalJson(item ?? null)).join(',')}]`;
  if (typeof value === 'object' && value !== null) {
    const entries = Object.entries(value).filter(([, item]) => item !== undefined);
    const sorted = entries.sort(([a], [b]) => (a < b ? -1 : 1));
    return `{${sorted.map(([key, item]) => `${JSON.stringify(key)}:${canonicalJson(item)}`).join(',')}}`;
  }
  return JSON.stringify(value);
}
