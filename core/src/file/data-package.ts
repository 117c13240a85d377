import { migrateUnit } from './migrations/migrate-unit.ts';
import { strFromU8, strToU8, zipSync } from 'fflate';
import { unpack, UnpackError } from './unpack.ts';
import { z } from 'zod';
import type { Unit, UnitEvent } from '../unit/unit.ts';
import { unitEventSchema, unitSchema } from '../unit/unit.ts';
import { verifyChain } from '../record/chain.ts';
import { checksum } from '../record/checksum.ts';
import { keptFilesOf, planFile } from '../unit/kept-files.ts';
import { chainWords } from './chain-words.ts';
import { isOfThisVersion, planHolds, planIsAsFrozen } from './frozen-form.ts';
import { checksCsv, pairsCsv } from './proof-csv.ts';

const format = 'gorvane data package';
const packageVersion = 1;

/** What a package holds of one unit beside its record. */
export interface PackagedUnit {
  readonly unit: Unit;
  readonly events: readonly UnitEvent[];
  readonly certificate: Uint8Array;
  /** Sweeps, traces and pictures by the name they get. */
  readonly files: Readonly<Record<string, Uint8Array>>;
}

const manifestSchema = z.object({
  format: z.literal(format),
  version: z.number().int().positive(),
  writtenAt: z.iso.datetime(),
  units: z.array(z.object({ serial: z.string(), id: z.string(), folder: z.string(), lastHash: z.string() })),
  /** SHA-256 of every other file. */
  checksums: z.record(z.string(), z.string()),
});

const recordSchema = z.object({ unit: unitSchema, events: z.array(unitEventSchema).min(1) });

const readme = `Data package of cable assemblies.

Each folder is one unit: record.json (its design, frozen plan and every entry of its record chain), checks.csv and
pairs.csv (readings with their limits as they were), sweeps as Touchstone, traces as CSV, pictures, certificate.pdf.
manifest.json lists the SHA-256 of every other file. Drop the package on the application to verify it: files, chain of
every unit, and whether the plan is the one that was frozen.
`;

/** Writes a data package: a zip that stands by itself. */
export function writeDataPackage(units: readonly PackagedUnit[], now: string): Uint8Array {
  const files: Record<string, Uint8Array> = { 'README.txt': strToU8(readme) };
  const folders = folderNames(units.map(({ unit }) => unit.serial));
  units.forEach(({ unit, events, certificate, files: own }, n) => {
    const put = (name: string, bytes: Uint8Array) => (files[`${folders[n]!}/${name}`] = bytes);
    put('record.json', strToU8(JSON.stringify({ unit, events }, null, 1)));
    put('checks.csv', strToU8(checksCsv(unit, events)));
    put('pairs.csv', strToU8(pairsCsv(unit, events)));
    put('certificate.pdf', certificate);
    for (const [name, bytes] of Object.entries(own)) put(safeName(name), bytes);
  });
  const manifest: z.infer<typeof manifestSchema> = {
    format,
    version: packageVersion,
    writtenAt: now,
    units: units.map(({ unit, events }, n) => ({
      serial: unit.serial,
      id: unit.id,
      folder: folders[n]!,
      lastHash: events.at(-1)?.hash ?? '',
    })),
    checksums: Object.fromEntries(Object.entries(files).map(([name, bytes]) => [name, checksum(bytes)])),
  };
  const whole = { 'manifest.json': strToU8(JSON.stringify(manifest, null, 1)), ...files };
  return zipSync(whole, { mtime: new Date(now) });
}

/** Names that are safe in any file system; letters and figures of every script stay. */
const safeName = (name: string) => name.replace(/[^\p{L}\p{M}\p{N}_.+-]+/gu, '_').replace(/^\.+/, '');

/** One folder for each serial, told apart where two are alike. */
function folderNames(serials: readonly string[]): string[] {
  return serials.map((serial, n) => {
    const like = serials.slice(0, n).filter((other) => other === serial).length;
    return `${safeName(serial)}${like === 0 ? '' : `_${like + 1}`}`;
  });
}

/** What is wrong with a package or a unit of it. */
export interface PackageFinding {
  readonly serial: string | null;
  readonly message: string;
}

/** A package as it was checked. */
export interface CheckedPackage {
  readonly writtenAt: string;
  readonly units: readonly { readonly unit: Unit; readonly events: readonly UnitEvent[] }[];
  readonly files: number;
  /** Empty: every file, chain and plan is as it was written. */
  readonly findings: readonly PackageFinding[];
  /** What cannot be told, though nothing speaks against it. */
  readonly remarks: readonly PackageFinding[];
}

/** A file that is no data package at all. */
export class PackageError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'PackageError';
  }
}

/** Checks a data package: every file against its checksum, every chain, every frozen plan. @throws PackageError where it is none. */
export function checkDataPackage(bytes: Uint8Array): CheckedPackage {
  const files = unzip(bytes);
  const manifest = readManifest(files);
  const findings: PackageFinding[] = fileFindings(files, manifest.checksums);
  const remarks: PackageFinding[] = [];
  const units = manifest.units.flatMap(({ serial, id, folder, lastHash }) => {
    const record = readRecord(files[`${folder}/record.json`]);
    if (!record) {
      findings.push({ serial, message: 'its record.json is missing or cannot be read.' });
      return [];
    }
    findings.push(...unitFindings(record, serial, id, lastHash), ...fileFindingsOf(record, files, folder));
    remarks.push(...planRemarks(record, files[`${folder}/${planFile}`]));
    return [record];
  });
  return { writtenAt: manifest.writtenAt, units, files: Object.keys(files).length, findings, remarks };
}

function unzip(bytes: Uint8Array): Record<string, Uint8Array> {
  try {
    return unpack(bytes);
  } catch (error) {
    if (error instanceof UnpackError) throw new PackageError(`This zip is not unpacked. ${error.message}`);
    throw new PackageError('This is not a zip file, or it is cut off. Expected a data package.');
  }
}

function readManifest(files: Record<string, Uint8Array>): z.infer<typeof manifestSchema> {
  const file = files['manifest.json'];
  if (!file) throw new PackageError('This zip has no manifest.json: it is no data package.');
  let data: unknown;
  try {
    data = JSON.parse(strFromU8(file));
  } catch {
    throw new PackageError('manifest.json is damaged: it is no JSON.');
  }
  const parsed = manifestSchema.safeParse(data);
  if (!parsed.success)
    throw new PackageError(
      'This zip is no data package: its manifest does not say so. An archive is read in at House.',
    );
  if (parsed.data.version > packageVersion)
    throw new PackageError(
      `This package is of version ${parsed.data.version}; this program checks up to version ${packageVersion}. Update it first.`,
    );
  return parsed.data;
}

function fileFindings(
  files: Readonly<Record<string, Uint8Array>>,
  checksums: Readonly<Record<string, string>>,
): PackageFinding[] {
  const listed = Object.entries(checksums).flatMap(([name, expected]): PackageFinding[] => {
    const file = files[name];
    if (!file) return [{ serial: null, message: `${name} is missing.` }];
    return checksum(file) === expected
      ? []
      : [{ serial: null, message: `${name} was changed after the package was written.` }];
  });
  const unlisted = Object.keys(files)
    .filter((name) => name !== 'manifest.json' && !(name in checksums))
    .map((name): PackageFinding => ({
      serial: null,
      message: `${name} was added after the package was written.`,
    }));
  return [...listed, ...unlisted];
}

function readRecord(file: Uint8Array | undefined): z.infer<typeof recordSchema> | undefined {
  if (!file) return undefined;
  try {
    const { unit, events } = JSON.parse(strFromU8(file)) as { unit: unknown; events: unknown };
    return recordSchema.parse({ unit: migrateUnit(unit, 1), events });
  } catch {
    return undefined;
  }
}

function unitFindings(
  { unit, events }: z.infer<typeof recordSchema>,
  serial: string,
  id: string,
  lastHash: string,
): PackageFinding[] {
  const say = (message: string): PackageFinding => ({ serial, message });
  return [
    ...verifyChain(events).map((finding) => say(chainWords(finding))),
    ...(unit.id !== id || events.some(({ unitId }) => unitId !== id)
      ? [say('its record is that of another unit.')]
      : []),
    ...(events.some(({ hash }) => hash === lastHash)
      ? []
      : [say('its last entry is not the one that was packed.')]),
  ];
}

type PackedRecord = z.infer<typeof recordSchema>;

/** Files that the record names are there, and the plan is the one that was frozen, completed by later versions or not. */
function fileFindingsOf(
  { unit, events }: PackedRecord,
  files: Readonly<Record<string, Uint8Array>>,
  folder: string,
): PackageFinding[] {
  const say = (message: string): PackageFinding => ({ serial: unit.serial, message });
  const mine = Object.entries(files).filter(([name]) => name.startsWith(`${folder}/`));
  const hashes = new Set(mine.map(([, bytes]) => checksum(bytes)));
  const missing = keptFilesOf(events).filter(({ name, hash }) => name !== planFile && !hashes.has(hash));
  const plan = files[`${folder}/${planFile}`];
  return [
    ...missing.map(({ name }) => say(`${name}, which its record names, is not in the package.`)),
    ...(planHolds(unit, events, plan)
      ? []
      : [say('its plan is not the one that was frozen when it was started.')]),
  ];
}

/** A plan frozen by an earlier version that kept no form of its own: what later versions completed cannot be told from a change. */
function planRemarks({ unit, events }: PackedRecord, plan: Uint8Array | undefined): PackageFinding[] {
  if (plan || isOfThisVersion(events) || planIsAsFrozen(unit, events)) return [];
  return [
    {
      serial: unit.serial,
      message:
        'its plan was frozen by an earlier version and completed since: whether it is otherwise the same cannot be told.',
    },
  ];
}
