import { unitProgress } from '@gorvane/core/unit/progress.ts';
import type { UnitEvent } from '@gorvane/core/unit/unit.ts';
import type { CheckedPackage, PackagedUnit } from '@gorvane/core/file/data-package.ts';
import { writeDataPackage } from '@gorvane/core/file/data-package.ts';
import type { Certificate } from '@gorvane/core/unit/certificate.ts';
import { certificateOf } from '@gorvane/core/unit/certificate.ts';
import { timeNow } from './database.ts';
import type { KeptFileName } from '@gorvane/core/unit/kept-files.ts';
import { keptFilesOf, planFile } from '@gorvane/core/unit/kept-files.ts';
import { planState } from './plan-check.ts';
import { keptBytes } from './photographs.ts';
import { keptPlan } from './plans.ts';
import { eventsOfUnit, readUnit } from './unit-records.ts';

/** A data package of units that were started; `draw` makes the certificate of each. @throws Error when none was started. */
export async function packageOfUnits(
  unitIds: readonly string[],
  draw: (certificate: Certificate) => Promise<Uint8Array>,
  onProgress: (done: number, of: number) => void = () => undefined,
): Promise<Uint8Array> {
  const packaged: PackagedUnit[] = [];
  for (const [n, id] of unitIds.entries()) {
    const unit = await readUnit(id);
    if (!unit?.plan) continue;
    const events = await eventsOfUnit(id);
    const certificate = certificateOf(
      unit,
      unit.plan,
      unitProgress(unit, events),
      events,
      (await planState(unit, events)) === 'as frozen',
    );
    const files = await filesOf(events);
    packaged.push({ unit, events, certificate: await draw(certificate), files });
    onProgress(n + 1, unitIds.length);
  }
  if (packaged.length === 0)
    throw new Error('None of these units has been started: there is nothing to pack.');
  return writeDataPackage(packaged, timeNow());
}

/** The files that a record names, as far as they are here. */
async function filesOf(events: readonly UnitEvent[]): Promise<Record<string, Uint8Array>> {
  const names = keptFilesOf(events);
  const files = await Promise.all(names.map(keptFile));
  return Object.fromEntries(names.flatMap(({ name }, n) => (files[n] ? [[name, files[n]]] : [])));
}

const keptFile = ({ name, hash }: KeptFileName): Promise<Uint8Array | undefined> =>
  name === planFile ? keptPlan(hash) : keptBytes(hash);

/** How a unit of a package stands against this database. */
export type Standing = 'not here' | 'the same' | 'newer here' | 'newer in the package' | 'apart';

/** Holds the units of a checked package against the records of this database. */
export async function standingOf({ units }: CheckedPackage): Promise<Standing[]> {
  return Promise.all(
    units.map(async ({ unit, events }) => {
      const mine = await eventsOfUnit(unit.id);
      if (mine.length === 0) return 'not here';
      const here = new Set(mine.map(({ hash }) => hash));
      const there = new Set(events.map(({ hash }) => hash));
      const knowsAll = events.every(({ hash }) => here.has(hash));
      const isKnown = mine.every(({ hash }) => there.has(hash));
      if (knowsAll && isKnown) return 'the same';
      if (knowsAll) return 'newer here';
      return isKnown ? 'newer in the package' : 'apart';
    }),
  );
}
