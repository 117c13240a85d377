import type { Cable } from '@gorvane/core/cable/cable.ts';
import type { Connector } from '@gorvane/core/connector/connector.ts';
import { connectorsFor } from '@gorvane/core/fit/find-end.ts';
import type { House } from '@gorvane/core/house/house.ts';
import { Button } from '@mantine/core';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { useOwnCables } from '../../data/cables.ts';
import { useHouse } from '../../data/live.ts';
import { createLeadOf } from '../../data/new-lead.ts';

function connectorFor(cable: Cable, house: House | undefined): Connector | undefined {
  return cable.structure === 'coax' && house ? connectorsFor(cable, house)[0] : undefined;
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
  const house = useHouse();
  const connector = useMemo(() => connectorFor(cable, house), [cable, house]);
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
