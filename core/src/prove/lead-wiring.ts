import { coaxContacts } from '../connector/connector.ts';
import type { Lead } from '../lead/lead.ts';
import type { Terminal, Wiring, WiringConductor, WiringPoint } from './wiring.ts';

/** Every contact of every end of a lead, and every conductor where it meets an end. */
export function leadWiring(lead: Lead): Wiring {
  const points: WiringPoint[] = lead.ends.flatMap((end) =>
    coaxContacts.map((contact) => ({
      id: `${end.id}.${contact}`,
      endId: end.id,
      contact,
      label: `end ${end.name} ${contact}`,
      isShell: false,
    })),
  );
  const conductors: WiringConductor[] = [];
  const terminals: Terminal[] = lead.pinPlan.map(({ pieceId, conductor, endId, contact }) => {
    const id = `${pieceId}.${conductor}`;
    if (!conductors.some((known) => known.id === id)) conductors.push({ id, pieceId, label: conductor });
    return {
      conductor: conductors.findIndex((known) => known.id === id),
      endId,
      point: points.findIndex((point) => point.id === `${endId}.${contact}`),
    };
  });
  return { points, conductors, terminals };
}
