import type { CoaxEntry } from '../cable/construction.ts';
import type { Connector } from '../connector/connector.ts';
import type { GaugeCard } from '../connector/gauge-card.ts';
import type { Lead } from './lead.ts';
import { makeLead } from './make-lead.ts';

/** What is asked to start a coax lead with an end on either side. */
export interface PatchLeadRequest {
  readonly name: string;
  readonly purpose: string;
  readonly cableId: string;
  /** The entry of a cable that the catalogue does not have. */
  readonly ownCable?: CoaxEntry | undefined;
  readonly connector: Connector;
  /** At end B; the same as at end A when left out. */
  readonly farConnector?: Connector | undefined;
  readonly environment?: Lead['environment'] | undefined;
  /** Finished length, metres, from mating plane to mating plane. */
  readonly length: number;
  readonly frequencies: readonly number[];
}

/** A coax lead with its gauge cards, nothing measured yet. `newId` gives fresh identities. */
export function patchLead(
  { connector, farConnector = connector, ...request }: PatchLeadRequest,
  newId: () => string,
  now: string,
): { lead: Lead; cards: GaugeCard[] } {
  return makeLead(
    { ...request, signal: 'radio', near: { connector }, far: [{ connector: farConnector }] },
    newId,
    now,
  );
}
