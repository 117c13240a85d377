import type { Looked, PackedRecord } from '@gorvane/core/file/unit-chains.ts';
import { chainsOf, entriesByUnit, eventsOfFile } from '@gorvane/core/file/unit-chains.ts';
import { inChainOrder } from '@gorvane/core/record/chain-order.ts';
import { packEntries } from './packed-entries.ts';

/** What is to be said of the records of a file of units, and they as they are to be kept. @throws ArchiveError */
export async function lookAt(name: string, bytes: Uint8Array): Promise<Looked> {
  const events = eventsOfFile(name, bytes);
  const packed = await Promise.all(
    [...entriesByUnit(events)].map(async ([unitId, own]): Promise<[string, PackedRecord]> => {
      return [unitId, { bytes: await packEntries(inChainOrder(own)), entries: own.length }];
    }),
  );
  return { chains: chainsOf(events), packed: new Map(packed) };
}
