import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { manifestName } from '@gorvane/core/file/archive-manifest.ts';
import { checksum } from '@gorvane/core/record/checksum.ts';

type Random = () => number;
type Files = Record<string, Uint8Array>;

const below = (random: Random, end: number) => Math.floor(random() * end);
const pick = <Item>(random: Random, items: readonly Item[]): Item => items[below(random, items.length)]!;

/** A zip in which something was changed, from a seed: by a bad disk, by another program, or by a hand that also mended the manifest. */
export function mutateFile(zip: Uint8Array, random: Random): Uint8Array {
  return pick(random, [badBytes, badFiles, badValue, badValue, badValue, badValue])(zip, random);
}

/** Bytes flipped, cut off, doubled or put in. */
function badBytes(zip: Uint8Array, random: Random): Uint8Array {
  const at = below(random, zip.length);
  const to = Math.min(zip.length, at + 1 + below(random, 400));
  const whole = Array.from(zip);
  const ways = [
    () => zip.slice(0, at),
    () => Uint8Array.from([...whole.slice(0, to), ...whole.slice(at)]),
    () => Uint8Array.from([...whole.slice(0, at), ...whole.slice(to)]),
    () =>
      Uint8Array.from(whole, (byte, n) => (n >= at && n < at + 4 ? byte ^ (1 << below(random, 8)) : byte)),
  ];
  return pick(random, ways)();
}

/** A file left out, named otherwise, put in the place of another, or added. */
function badFiles(zip: Uint8Array, random: Random): Uint8Array {
  const { [manifestName]: _, ...files } = unzipSync(zip);
  const names = Object.keys(files);
  const [one, other] = [pick(random, names), pick(random, names)];
  const odd = pick(random, [
    '../up.json',
    'constructor',
    'units/x.json',
    'blobs/',
    'a'.repeat(5000),
    'plans/0.json',
  ]);
  const { [one]: bytes, ...rest } = files;
  const ways = [
    () => rest,
    () => ({ ...rest, [odd]: bytes! }),
    () => ({ ...files, [one]: files[other]! }),
    () => ({ ...files, [odd]: strToU8('[]') }),
  ];
  return closed(zip, pick(random, ways)());
}

/** One value of one record changed in a file of tables, the rest as it was. */
function badValue(zip: Uint8Array, random: Random): Uint8Array {
  const files = unzipSync(zip);
  const tables = Object.keys(files).filter((name) => /^(units|plans)\/|^[a-z]+\.json$/i.test(name));
  const name = pick(random, tables);
  const value = JSON.parse(strFromU8(files[name]!)) as unknown;
  const changed = strToU8(JSON.stringify(changedWithin(value, random)));
  if (name === manifestName) return zipped({ ...files, [name]: changed });
  const { [manifestName]: _, ...others } = files;
  return closed(zip, { ...others, [name]: changed });
}

function changedWithin(value: unknown, random: Random): unknown {
  if (typeof value !== 'object' || value === null || random() < 0.04) return changed(value, random);
  if (Array.isArray(value)) return changedList(value, random);
  const keys = Object.keys(value);
  const key = pick(random, keys);
  if (key === undefined) return changed(value, random);
  const { [key]: at, ...rest } = value as Record<string, unknown>;
  if (random() < 0.03) return rest;
  if (random() < 0.03) return { ...rest, [`${key}x`]: at };
  return { ...value, [key]: changedWithin(at, random) };
}

function changedList(list: readonly unknown[], random: Random): unknown {
  if (list.length === 0) return changed(list, random);
  const at = below(random, list.length);
  if (random() < 0.03) return list.filter((_, n) => n !== at);
  if (random() < 0.03) return [...list, list[at]];
  return list.map((item, n) => (n === at ? changedWithin(item, random) : item));
}

function changed(value: unknown, random: Random): unknown {
  const others = [
    null,
    true,
    '',
    'a',
    0,
    -1,
    1e308,
    2 ** 53,
    [],
    {},
    'x'.repeat(300_000),
    '__proto__',
    '=1+1',
  ];
  if (typeof value === 'number' && random() < 0.7)
    return pick(random, [value + 1, value - 1, -value, value * 1000, value / 1000, value + 0.5]);
  if (typeof value === 'string' && random() < 0.7)
    return pick(random, [`${value} `, value.slice(1), value.toUpperCase(), `${value}${value}`]);
  return pick(random, others);
}

/** Files with a manifest that says that they are as they should be. */
function closed(zip: Uint8Array, files: Files): Uint8Array {
  const manifest = JSON.parse(strFromU8(unzipSync(zip)[manifestName]!)) as object;
  const checksums = Object.fromEntries(Object.entries(files).map(([name, bytes]) => [name, checksum(bytes)]));
  return zipped({ ...files, [manifestName]: strToU8(JSON.stringify({ ...manifest, checksums })) });
}

const zipped = (files: Files) => zipSync(files, { level: 1 });
