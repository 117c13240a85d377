import { loadCable } from '@gorvane/core/cable/cable.ts';
import { coaxCables } from '@gorvane/core/cable/catalogue/catalogue.ts';
import { connectors } from '@gorvane/core/connector/catalogue/catalogue.ts';
import type { Connector } from '@gorvane/core/connector/connector.ts';
import { connectorsFor } from '@gorvane/core/fit/find-end.ts';
import { environments } from '@gorvane/core/lead/lead.ts';
import { formatFrequency, parseFrequencies } from '@gorvane/core/quantity/frequency.ts';
import { formatPower, parsePower } from '@gorvane/core/quantity/power.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { formatLoad, parseLoad } from '@gorvane/core/quantity/resistance.ts';
import { NativeSelect } from '@mantine/core';
import { useMemo } from 'react';
import { useDispatch } from 'react-redux';
import { Link } from 'react-router';
import { QuantityField } from '../../controls/quantity-field.tsx';
import { useOwnCables } from '../../data/cables.ts';
import { cardForConnector } from '../../data/gauge-cards.ts';
import { arrived } from '../../draft/draft-slice.ts';
import { finderAddress } from './lab-address.ts';
import type { StageProps } from './lead-page.tsx';

/** Connectors that go on the cable, by method; the others last, for who wants to see why not. */
function endChoices(fitting: readonly Connector[]) {
  const option = ({ id, name }: Connector) => ({ value: id, label: name });
  const methods = [...new Set(fitting.map(({ method }) => method))];
  return [
    ...methods.map((method) => ({
      group: method,
      items: fitting.filter((connector) => connector.method === method).map(option),
    })),
    {
      group: 'do not fit this cable',
      items: connectors.filter((connector) => !fitting.includes(connector)).map(option),
    },
  ];
}

/** Cable, ends, where the lead lives and what it carries. */
export function ChooseInputs({ lead, cards, house }: StageProps) {
  const dispatch = useDispatch();
  const { record, edit, key } = lead;
  const { requirement } = record;
  const require = (label: string, change: Partial<typeof requirement>) =>
    edit(label, (now) => ({ ...now, requirement: { ...now.requirement, ...change } }));
  const own = useOwnCables() ?? [];
  const ownEntries = [...record.ownCables, ...own.map(({ entry }) => entry)].flatMap((entry) =>
    entry.structure === 'coax' ? [entry] : [],
  );
  const ownCoax = ownEntries
    .filter(({ id }, n) => ownEntries.findIndex((other) => other.id === id) === n)
    .map((entry) => loadCable(entry));
  const cableId = record.pieces[0]!.cableId;
  const cable = [...coaxCables, ...ownCoax].find(({ id }) => id === cableId);
  const fitting = useMemo(() => (cable ? connectorsFor(cable, house.record) : []), [cable, house.record]);
  const chooseCable = (chosen: string) =>
    edit('cable', (now) => ({
      ...now,
      ownCables: ownEntries.filter(({ id }) => id === chosen),
      pieces: now.pieces.map((piece) => ({ ...piece, cableId: chosen })),
    }));
  const chooseConnector = async (endId: string, connectorId: string) => {
    const card = await cardForConnector(
      connectorId,
      [...cards.values()].map((draft) => draft.record),
      record.name,
    );
    dispatch(arrived({ table: 'gaugeCards', record: card }));
    edit(`connector of end ${endId}`, (now) => ({
      ...now,
      ends: now.ends.map((end) => (end.id === endId ? { ...end, connectorId, gaugeCardId: card.id } : end)),
    }));
  };
  return (
    <aside aria-label="Choices">
      <QuantityField
        field={`${key}/name`}
        label="Name of the lead"
        written={record.name}
        onRead={(text) => {
          if (text.trim() === '') throw new QuantityError(text, 'a name');
          edit('name', (now) => ({ ...now, name: text }));
        }}
      />
      <QuantityField
        field={`${key}/purpose`}
        label="What it is for"
        written={record.purpose}
        onRead={(text) => edit('purpose', (now) => ({ ...now, purpose: text }))}
      />
      <NativeSelect
        label="Cable"
        value={cableId}
        data={[...coaxCables.filter(({ family }) => family !== 'unbalanced audio'), ...ownCoax].map(
          ({ id, name, nominalImpedance }) => ({ value: id, label: `${name}, ${nominalImpedance} ohm` }),
        )}
        onChange={({ currentTarget: { value } }) => chooseCable(value)}
      />
      {fitting.length === 0 && (
        <p className="not-yet" role="status">
          ▲ No connector of the catalogue goes on this cable.
        </p>
      )}
      {record.ends.map((end) => (
        <div key={end.id}>
          <NativeSelect
            label={`Connector, end ${end.name}`}
            value={end.connectorId}
            data={endChoices(fitting)}
            onChange={({ currentTarget: { value } }) => void chooseConnector(end.id, value)}
          />
          <Link className="find-end" to={finderAddress(record, end.id)}>
            Find another end
          </Link>
        </div>
      ))}
      <NativeSelect
        label="Where it lives"
        description="decides how the ends are sealed"
        value={record.environment}
        data={[...environments]}
        onChange={({ currentTarget: { value } }) =>
          edit('where it lives', (now) => ({
            ...now,
            environment: environments.find((environment) => environment === value)!,
          }))
        }
      />
      <QuantityField
        field={`${key}/frequencies`}
        label="Working frequencies"
        description="several with a semicolon between"
        written={requirement.frequencies.map(formatFrequency).join('; ')}
        onRead={(text) => require('working frequencies', { frequencies: parseFrequencies(text) })}
      />
      <QuantityField
        field={`${key}/power`}
        label="Power into the near end"
        description={requirement.inputPower.assumed ? '◌ assumed: type what it is' : 'as stated'}
        written={formatPower(requirement.inputPower.value)}
        onRead={(text) => require('input power', { inputPower: { value: parsePower(text), assumed: false } })}
      />
      <QuantityField
        field={`${key}/load`}
        label="Load at the far end"
        description="ohm, 35+j12, SWR 1.5, open or short"
        written={formatLoad(requirement.load)}
        onRead={(text) => require('load', { load: parseLoad(text, requirement.systemImpedance) })}
      />
      <NativeSelect
        label="System impedance"
        value={String(requirement.systemImpedance)}
        data={[
          { value: '50', label: '50 ohm' },
          { value: '75', label: '75 ohm' },
        ]}
        onChange={({ currentTarget: { value } }) =>
          require('system impedance', { systemImpedance: Number(value) })
        }
      />
    </aside>
  );
}
