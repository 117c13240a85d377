import type { Cable } from '@gorvane/core/cable/cable.ts';
import { connectors } from '@gorvane/core/connector/catalogue/catalogue.ts';
import type { Connector } from '@gorvane/core/connector/connector.ts';
import { takesCrimpFerrule } from '@gorvane/core/fit/pin-and-ferrule.ts';
import { Button } from '@mantine/core';
import { useNavigate } from 'react-router';
import { useOwnCables } from '../../data/cables.ts';
import { createLeadOf } from '../../data/new-lead.ts';

/** The connector of the catalogue whose ferrule comes nearest to the jacket, of the cable's impedance. */
function connectorFor(cable: Cable): Connector | undefined {
  if (cable.structure !== 'coax' || !takesCrimpFerrule(cable)) return undefined;
  const gap = (connector: Connector) => connector.features.ferruleBore - cable.jacket.diameter;
  return connectors
    .filter(({ impedance, features }) => {
      const room = features.ferruleBore - cable.jacket.diameter;
      return Math.abs(impedance - cable.nominalImpedance) < 3 && room > 0 && room < 1.2e-3;
    })
    .sort((a, b) => gap(a) - gap(b))[0];
}

/** Makes a lead of a cable that was found, with ends that fit it; says why not where none does yet. */
export function MakeLead({
  cable,
  length,
  frequencies,
}: {
  readonly cable: Cable;
  readonly length: number;
  readonly frequencies: readonly number[];
}) {
  const navigate = useNavigate();
  const own = useOwnCables();
  const connector = connectorFor(cable);
  if (!connector) return <div className="soft">no connector kept yet</div>;
  const make = async () => {
    const entry = own?.find(({ id }) => id === cable.id)?.entry;
    const leadId = await createLeadOf({
      name: `${cable.name} lead`,
      cableId: cable.id,
      ownCable: entry?.structure === 'coax' ? entry : undefined,
      connector,
      length,
      frequencies,
      quantity: 1,
    });
    await navigate(`/leads/${leadId}/choose`);
  };
  return (
    <div>
      <Button size="compact-sm" variant="default" onClick={() => void make()}>
        Make a lead of it
      </Button>
    </div>
  );
}
