import type { CoaxCable, LayeredCable } from '../cable/cable.ts';
import type { CoaxConnector, Connector } from '../connector/connector.ts';
import { isCoaxial } from '../connector/connector.ts';
import type { LeadEnd } from '../lead/lead.ts';

/** A lead that is one coaxial line: cable and both ends. */
export interface CoaxLine {
  readonly cable: CoaxCable;
  readonly near: { readonly name: string; readonly connector: CoaxConnector };
  readonly far: { readonly name: string; readonly connector: CoaxConnector };
}

interface LineEnd {
  readonly end: LeadEnd;
  readonly cable: LayeredCable;
  readonly connector: Connector;
}

/** The line that a lead is; undefined where it is none. */
export function coaxLineOf(ends: readonly LineEnd[]): CoaxLine | undefined {
  const [near, far] = ends;
  if (ends.length !== 2 || !near || !far) return undefined;
  if (near.cable.structure !== 'coax' || !isCoaxial(near.connector) || !isCoaxial(far.connector))
    return undefined;
  return {
    cable: near.cable,
    near: { name: near.end.name, connector: near.connector },
    far: { name: far.end.name, connector: far.connector },
  };
}
