import { Table } from '../../controls/table.tsx';
import type { CoaxCable } from '@gorvane/core/cable/cable.ts';
import { connectors } from '@gorvane/core/connector/catalogue/catalogue.ts';
import { methodNames } from '@gorvane/core/connector/method-name.ts';
import type { MatingPort } from '@gorvane/core/connector/port.ts';
import { matingPorts } from '@gorvane/core/connector/port.ts';
import type { EndCandidate, EndWant } from '@gorvane/core/plan/find-end.ts';
import { findEnds } from '@gorvane/core/plan/find-end.ts';
import type { House } from '@gorvane/core/house/house.ts';
import { environments } from '@gorvane/core/lead/lead.ts';
import { Button } from '@mantine/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { Caution } from '../../controls/caution.tsx';
import { VerdictMark } from '../../controls/verdict.tsx';
import { useCables } from '../../data/cables.ts';
import { useHouse } from '../../data/live.ts';
import { describeFace } from '../../drawing/face-drawing.tsx';
import type { AddressField } from './address.ts';
import { useAddress } from './address.ts';
import { CompareEnds } from './compare-ends.tsx';
import { choice, frequency, power, resistance, word } from './fields.ts';
import { LabCable, LabField, LabSelect } from './lab-field.tsx';
import { LabPage } from './lab-page.tsx';
import { UseEnd } from './use-end.tsx';

const port: AddressField<MatingPort | null> = {
  fallback: 'any',
  read: (text) => matingPorts.find(({ id }) => id === text)?.port ?? null,
};

const fields = {
  port,
  cable: word('low-loss-10'),
  z: resistance('50 ohm'),
  f: frequency('162 MHz'),
  power: power('25 W'),
  where: choice(environments, 'indoor'),
  method: choice(['any', ...methodNames], 'any'),
  a: word(''),
  b: word(''),
  lead: word(''),
  end: word(''),
};

/** Which end to order: what fits, what does not and why, and what else must be in the bag. */
export function EndsPage() {
  const lab = useAddress(fields);
  const house = useHouse();
  const cables = useCables()?.filter((cable) => cable.structure === 'coax');
  const cable = cables?.find(({ id }) => id === lab.values.cable);
  if (!cables || !house) return null;
  const field = (name: keyof typeof fields, label: string, description?: string) => (
    <LabField lab={lab} page="ends" name={name} label={label} description={description} />
  );
  const inputs = (
    <>
      <LabSelect
        lab={lab}
        page="ends"
        name="port"
        label="Port it has to mate with"
        data={[{ value: 'any', label: 'any' }, ...matingPorts.map(({ id, label }) => ({ value: id, label }))]}
      />
      <LabCable lab={lab} page="ends" name="cable" label="Cable" cables={cables} />
      {field('z', 'System impedance')}
      {field('f', 'Highest working frequency')}
      {field('power', 'Power')}
      <LabSelect
        lab={lab}
        page="ends"
        name="where"
        label="Where it lives"
        data={environments.map((value) => ({ value, label: value }))}
      />
      <LabSelect
        lab={lab}
        page="ends"
        name="method"
        label="Method"
        data={['any', ...methodNames].map((value) => ({ value, label: value }))}
      />
      <p className="soft">
        Dies and tools are those of the shop: <Link to="/stores">Stores</Link>.
      </p>
    </>
  );
  return (
    <LabPage title="Ends" page="ends" inputs={inputs} problems={lab.problems}>
      {cable ? (
        <EndsAnswer lab={lab} cable={cable} house={house} />
      ) : (
        <p>Choose a cable whose layers are known.</p>
      )}
    </LabPage>
  );
}

interface AnswerProps {
  readonly lab: ReturnType<typeof useAddress<typeof fields>>;
  readonly cable: CoaxCable;
  readonly house: House;
}

function EndsAnswer({ lab, cable, house }: AnswerProps) {
  const { port: mate, z, f, power: watts, where, method, a, b } = lab.values;
  const want: EndWant = useMemo(
    () => ({
      port: mate,
      cable,
      systemImpedance: z,
      frequency: f,
      power: watts,
      environment: where,
      method: methodNames.find((name) => name === method) ?? null,
      house,
    }),
    [mate, cable, z, f, watts, where, method, house],
  );
  const candidates = useMemo(() => findEnds(want), [want]);
  const good = candidates.filter(({ verdict }) => verdict !== 'does not fit');
  const rest = candidates.filter(({ verdict }) => verdict === 'does not fit');
  const compared = [a, b].flatMap((id) => candidates.filter(({ connector }) => connector.id === id));
  const compare = (id: string) => {
    if (a === id) lab.set({ a: b, b: '' });
    else if (b === id) lab.set({ b: '' });
    else lab.set(a === '' ? { a: id } : { b: id });
  };
  return (
    <>
      <div className="stage-head">
        <VerdictMark verdict={good[0]?.verdict ?? 'does not fit'} large />
        <h2>
          {good[0]
            ? `${good.length} of ${connectors.length} ends do; order: ${good[0].connector.name}`
            : 'No end of the catalogue does'}
        </h2>
      </div>
      {compared.length > 0 && <CompareEnds candidates={compared} />}
      {good.length > 0 && (
        <CandidateTable candidates={good} chosen={[a, b]} onCompare={compare} lead={lab.values} />
      )}
      {good.length === 0 && <NearestMisses candidates={rest} />}
      <details>
        <summary>Why the other {rest.length} do not</summary>
        <ul className="end-reasons">
          {rest.map(({ connector, reasons }) => (
            <li key={connector.id}>
              <strong>{connector.name}</strong>{' '}
              <span className="soft">
                {reasons
                  .filter(({ weight }) => weight === 'against')
                  .slice(0, 2)
                  .map(({ text }) => text)
                  .join(' ')}
              </span>
            </li>
          ))}
        </ul>
      </details>
      <Caution>
        The catalogue holds class values. Before a bag is opened offer one connector up to the cable and
        measure it: Strip, gauge card.
      </Caution>
    </>
  );
}

/** With nothing that does, what stands least in the way. */
function NearestMisses({ candidates }: { readonly candidates: readonly EndCandidate[] }) {
  const against = ({ reasons }: EndCandidate) => reasons.filter(({ weight }) => weight === 'against');
  // The port is what it is: an end that mates and wants another cable is nearer than one that does not mate.
  const distance = (candidate: EndCandidate) =>
    against(candidate).length + (against(candidate).some(({ about }) => about === 'mating') ? 100 : 0);
  const nearest = [...candidates].sort((x, y) => distance(x) - distance(y)).slice(0, 5);
  return (
    <section aria-label="Nearest">
      <h3>Nearest, and what stands against it</h3>
      <ul className="end-reasons">
        {nearest.map((candidate) => (
          <li key={candidate.connector.id}>
            <strong>{candidate.connector.name}</strong>:{' '}
            {against(candidate)
              .map(({ text }) => text)
              .join(' ')}
          </li>
        ))}
      </ul>
    </section>
  );
}

interface TableProps {
  readonly candidates: readonly EndCandidate[];
  readonly chosen: readonly string[];
  readonly onCompare: (id: string) => void;
  readonly lead: { readonly lead: string; readonly end: string };
}

function CandidateTable({ candidates, chosen, onCompare, lead }: TableProps) {
  return (
    <Table
      head={[
        'End',
        'Verdict',
        'In the bag',
        <>
          <span className="visually-hidden">Do</span>
        </>,
      ]}
    >
      {candidates.map(({ connector, method, verdict, reasons, bag }) => (
        <tr key={connector.id}>
          <th scope="row">
            {connector.name}
            <div className="soft">
              {describeFace(connector)}; {method.traits.because}
            </div>
          </th>
          <td>
            <VerdictMark verdict={verdict} />
            {reasons.map(({ text }) => (
              <div key={text} className="soft">
                {text}
              </div>
            ))}
          </td>
          <td>{bag.join(', ')}</td>
          <td>
            <div className="end-actions">
              <Button
                size="compact-sm"
                variant={chosen.includes(connector.id) ? 'filled' : 'default'}
                aria-pressed={chosen.includes(connector.id)}
                onClick={() => onCompare(connector.id)}
              >
                Compare
              </Button>
              {lead.lead !== '' && <UseEnd leadId={lead.lead} endId={lead.end} connector={connector} />}
            </div>
          </td>
        </tr>
      ))}
    </Table>
  );
}
