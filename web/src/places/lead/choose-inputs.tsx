import type { LayeredCable } from '@gorvane/core/cable/cable.ts';
import { loadCable } from '@gorvane/core/cable/cable.ts';
import { cables } from '@gorvane/core/cable/catalogue/catalogue.ts';
import { coaxConnectors, pinConnectors } from '@gorvane/core/connector/catalogue/catalogue.ts';
import type { Connector } from '@gorvane/core/connector/connector.ts';
import { refitPinPlan } from '@gorvane/core/plan/connect.ts';
import { connectorsFor } from '@gorvane/core/plan/find-end.ts';
import { pinEndsFor } from '@gorvane/core/plan/pin-ends.ts';
import { seriesAndSex } from '@gorvane/core/connector/connector.ts';
import { leadConnector } from '@gorvane/core/lead/lead-connector.ts';
import { connectorPulled } from '@gorvane/core/plan/pull-connectors.ts';
import type { Lead, LeadEnd } from '@gorvane/core/lead/lead.ts';
import { cableFamiliesFor } from '@gorvane/core/lead/cable-families.ts';
import { environments, piecesAtEnd } from '@gorvane/core/lead/lead.ts';
import { formatFrequency, parseFrequencies } from '@gorvane/core/quantity/frequency.ts';
import { formatPower, parsePower } from '@gorvane/core/quantity/power.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { formatLoad, parseLoad } from '@gorvane/core/quantity/resistance.ts';
import { NativeSelect, TextInput } from '@mantine/core';
import { useMemo, useState } from 'react';
import { useAppDispatch } from '../../draft/hooks.ts';
import { Link } from 'react-router';
import { QuantityField } from '../../controls/quantity-field.tsx';
import { useOwnCables } from '../../data/cables.ts';
import { cardForConnector } from '../../data/gauge-cards.ts';
import { arrived } from '../../draft/draft-slice.ts';
import { useInTurn } from '../../draft/use-in-turn.ts';
import { finderAddress } from './lab-address.ts';
import { ConnectorChoice } from './connector-choice.tsx';
import { EndChoices } from './end-choices.tsx';
import { EndThere } from './end-there.tsx';
import type { StageProps } from './stage-props.ts';
import { OwnPractice } from './own-practice.tsx';
import { SecondCoreChoice } from './second-core.tsx';
import { SignalChoices } from './signal-choices.tsx';

/** Cable, ends, where the lead lives and what it carries. */
export function ChooseInputs(props: StageProps) {
  const { lead, cards, house, plan } = props;
  const dispatch = useAppDispatch();
  const { record, newest, edit, key } = lead;
  const own = useOwnCables() ?? [];
  const ownEntries = [...record.ownCables, ...own.map(({ entry }) => entry)].flatMap((entry) =>
    entry.structure === 'sheet' ? [] : [entry],
  );
  const ownLayered = ownEntries
    .filter(({ id }, n) => ownEntries.findIndex((other) => other.id === id) === n)
    .map((entry) => loadCable(entry));
  const isRadio = record.signal === 'radio';
  const families = cableFamiliesFor[record.signal];
  const catalogue = families.flatMap((family) =>
    cables.flatMap((cable) => (cable.structure !== 'sheet' && cable.family === family ? [cable] : [])),
  );
  const layered = [...catalogue, ...ownLayered];
  const choices = layered.some(({ id }) => record.pieces.some(({ cableId }) => cableId === id))
    ? layered
    : [...layered, ...plan.ends.map(({ cable }) => cable)];
  const fittingOf = useMemo(
    () =>
      new Map(
        plan.ends.map(({ end, cable }): [string, readonly Connector[]] => [
          end.id,
          isRadio && cable.structure === 'coax'
            ? connectorsFor(cable, house.record)
            : pinEndsFor(cable, house.record),
        ]),
      ),
    [plan.ends, isRadio, house.record],
  );
  const all: readonly Connector[] = isRadio ? coaxConnectors : pinConnectors;
  const refit = (now: Lead) => refitPinPlan(now, house.record);
  const [pulled, setPulled] = useState<readonly string[]>([]);
  const [search, setSearch] = useState('');
  const inTurn = useInTurn();
  const cardFor = (connectorId: string) =>
    cardForConnector(
      connectorId,
      [...cards.values()].map((draft) => draft.record),
      record.name,
    );
  const chooseCable = async (pieceIds: readonly string[], chosen: string) => {
    const before = newest();
    const cable = choices.find(({ id }) => id === chosen)!;
    const said: string[] = [];
    const changed = new Map<string, Pick<LeadEnd, 'connectorId' | 'gaugeCardId'>>();
    for (const end of before.ends) {
      const mine = piecesAtEnd(before, end).some(({ id }) => pieceIds.includes(id));
      const now = leadConnector(before, end.connectorId);
      const next = mine ? connectorPulled(now, cable, house.record) : now;
      if (next === undefined)
        said.push(`End ${end.name}: no ${seriesAndSex(now)} goes on this cable. Choose another connector.`);
      if (next !== undefined && next.id !== end.connectorId) {
        const card = await cardFor(next.id);
        dispatch(arrived({ table: 'gaugeCards', record: card }));
        said.push(`End ${end.name}: now ${next.name}, which fits this cable.`);
        changed.set(end.id, { connectorId: next.id, gaugeCardId: card.id });
      }
    }
    setPulled(said);
    edit('cable', (now) => {
      const pieces = now.pieces.map((piece) =>
        pieceIds.includes(piece.id) ? { ...piece, cableId: chosen } : piece,
      );
      return refit({
        ...now,
        ownCables: ownEntries.filter(({ id }) => pieces.some(({ cableId }) => cableId === id)),
        pieces,
        ends: now.ends.map((end) => ({ ...end, ...changed.get(end.id) })),
      });
    });
  };
  const chooseConnector = async (endId: string, choose: (now: Connector) => string | undefined) => {
    const before = newest();
    const end = before.ends.find(({ id }) => id === endId)!;
    const connectorId = choose(leadConnector(before, end.connectorId));
    if (connectorId === undefined) return;
    const card = await cardFor(connectorId);
    dispatch(arrived({ table: 'gaugeCards', record: card }));
    edit(`connector of end ${endId}`, (now) =>
      refit({
        ...now,
        ends: now.ends.map((end) =>
          end.id === endId ? { ...end, connectorId, gaugeCardId: card.id, deviceId: null } : end,
        ),
      }),
    );
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
      {cableGroups(record).map(({ label, pieceIds, cableId }) => (
        <NativeSelect
          key={label}
          label={label}
          value={cableId}
          data={choices.map((cable) => ({ value: cable.id, label: cableLabel(cable) }))}
          onChange={({ currentTarget: { value } }) => inTurn(() => chooseCable(pieceIds, value))}
        />
      ))}
      {pulled.map((words) => (
        <p key={words} className="not-yet" role="status">
          ▲ {words}
        </p>
      ))}
      {[...fittingOf.values()].every((fitting) => fitting.length === 0) && (
        <p className="not-yet" role="status">
          ▲ No connector of the catalogue goes on this cable.
        </p>
      )}
      <TextInput
        label="Search the connectors"
        description="series, size, method: bnc crimp, 6.35, large entry"
        value={search}
        onChange={({ currentTarget }) => setSearch(currentTarget.value)}
      />
      {record.ends.map((end) => (
        <div key={end.id}>
          <ConnectorChoice
            endName={end.name}
            connector={leadConnector(record, end.connectorId)}
            fitting={fittingOf.get(end.id) ?? []}
            all={all}
            search={search}
            onChoose={(choose) => inTurn(() => chooseConnector(end.id, choose))}
          />
          <EndThere lead={lead} end={end} cables={choices} />
          {isRadio ? (
            <Link className="find-end" to={finderAddress(record, end.id)}>
              Find another end
            </Link>
          ) : (
            <>
              <EndChoices lead={lead} end={end} house={house.record} />
              <SecondCoreChoice
                lead={lead}
                plan={plan.ends.find((planned) => planned.end.id === end.id)!}
                card={cards.get(end.id)!.record}
                house={house.record}
              />
            </>
          )}
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
      {isRadio ? <RadioChoices {...props} /> : <SignalChoices {...props} />}
      <OwnPractice {...props} />
    </aside>
  );
}

/** Pieces that are of one cable by their place: the whole lead, or trunk and legs apart. */
function cableGroups({ pieces }: Lead): { label: string; pieceIds: string[]; cableId: string }[] {
  const trunk = pieces.filter(({ legIds }) => legIds.length === 1 && legIds[0] === 'trunk');
  const rest = pieces.filter((piece) => !trunk.includes(piece));
  const group = (label: string, of: Lead['pieces']) => ({
    label,
    pieceIds: of.map(({ id }) => id),
    cableId: of[0]!.cableId,
  });
  return trunk.length === 0
    ? [group('Cable', pieces)]
    : [group('Cable, trunk', trunk), group('Cable, legs', rest)];
}

const cableLabel = (cable: LayeredCable) =>
  cable.nominalImpedance === null ? cable.name : `${cable.name}, ${cable.nominalImpedance} ohm`;

function useRequire({ lead }: StageProps) {
  const { requirement } = lead.record;
  const require = (label: string, change: Partial<typeof requirement>) =>
    lead.edit(label, (now) => ({ ...now, requirement: { ...now.requirement, ...change } }));
  return { requirement, require, key: lead.key };
}

/** What a line of radio frequency is asked for. */
function RadioChoices(props: StageProps) {
  const { requirement, require, key } = useRequire(props);
  return (
    <>
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
    </>
  );
}
