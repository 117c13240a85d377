import { automaticName } from '@gorvane/core/lead/automatic-name.ts';
import type { Cable } from '@gorvane/core/cable/cable.ts';
import type { Connector } from '@gorvane/core/connector/connector.ts';
import { connectorsFor } from '@gorvane/core/plan/find-end.ts';
import type { ConnectorSeries, SeriesId } from '@gorvane/core/connector/series.ts';
import type { House } from '@gorvane/core/house/house.ts';
import { Button } from '@mantine/core';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { useOwnCables } from '../../data/cables.ts';
import { useHouse } from '../../data/live.ts';
import { createLeadOf } from '../../data/new-lead.ts';

/** The connector that goes on a cable, of the series asked for where there is one. */
function connectorFor(
  cable: Cable,
  house: House | undefined,
  asked: SeriesId | undefined,
): Connector | undefined {
  if (cable.structure !== 'coax' || !house) return undefined;
  const fitting = connectorsFor(cable, house);
  return fitting.find(({ series, sex }) => series.id === asked && sex !== 'socket') ?? fitting[0];
}

/** Makes a lead of a cable that was found, with ends that fit it; says why not where none does yet. */
export function MakeLead({
  cable,
  length,
  frequencies,
  near,
  far,
}: {
  readonly cable: Cable;
  readonly length: number;
  readonly frequencies: readonly number[];
  /** Series of the ends that the question was asked with. */
  readonly near: ConnectorSeries | null;
  readonly far: ConnectorSeries | null;
}) {
  const navigate = useNavigate();
  const own = useOwnCables();
  const house = useHouse();
  const connector = useMemo(() => connectorFor(cable, house, near?.id), [cable, house, near]);
  const farConnector = useMemo(() => connectorFor(cable, house, far?.id), [cable, house, far]);
  if (!connector) return <div className="soft">no connector kept yet</div>;
  const make = async () => {
    const entry = own?.find(({ id }) => id === cable.id)?.entry;
    const leadId = await createLeadOf({
      name: automaticName([connector, farConnector ?? connector], cable),
      purpose: '',
      signal: 'radio',
      cableId: cable.id,
      ownCable: entry?.structure === 'coax' ? entry : undefined,
      near: { connector },
      far: [{ connector: farConnector ?? connector }],
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
