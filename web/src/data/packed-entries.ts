import type { UnitEvent } from '@gorvane/core/unit/unit.ts';
import { deflated, inflated } from './deflate.ts';

/** Entries of a record as they are kept small. */
export const packEntries = (entries: readonly UnitEvent[]): Promise<Uint8Array> =>
  deflated(new TextEncoder().encode(JSON.stringify(entries)));

/** They as the JSON of their list. */
export const unpackText = async (packed: Uint8Array): Promise<string> =>
  new TextDecoder().decode(await inflated(packed));

export const unpackEntries = async (packed: Uint8Array): Promise<UnitEvent[]> =>
  JSON.parse(await unpackText(packed)) as UnitEvent[];
