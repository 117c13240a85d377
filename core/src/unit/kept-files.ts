import { entryNumber } from '../record/entry-number.ts';
import type { UnitEvent } from './unit.ts';

/** A file that a record names: what it is called, and the checksum under which it is kept. */
export interface KeptFileName {
  readonly name: string;
  readonly hash: string;
}

/** What the frozen plan is called where it stands beside a record, in the form that its checksum was taken of. */
export const planFile = 'plan.json';

/** The frozen plan, pictures, sweeps and traces that the record of a unit names, each once. */
export function keptFilesOf(events: readonly UnitEvent[]): KeptFileName[] {
  const files = events.flatMap((event): KeptFileName[] => {
    const { happening } = event;
    const number = entryNumber(event);
    if (happening.kind === 'started') return [{ name: planFile, hash: happening.planChecksum }];
    if (happening.kind === 'photograph') return [{ name: `picture-${number}.jpg`, hash: happening.hash }];
    if (happening.kind !== 'proved') return [];
    return [happening.readings]
      .flat()
      .flatMap(({ sweep, trace }) =>
        [sweep, trace].flatMap((file) => (file ? [{ ...file, name: `proof-${number}-${file.name}` }] : [])),
      );
  });
  return files.filter(({ hash }, n) => files.findIndex((other) => other.hash === hash) === n);
}
