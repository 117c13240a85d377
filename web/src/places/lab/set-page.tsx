import { Table } from '../../controls/table.tsx';
import { inMillimetres, inNanoseconds } from '@gorvane/core/quantity/multiple.ts';
import { lineFigures } from '@gorvane/core/cable/line-figures.ts';
import type { SetMember } from '@gorvane/core/line/phase-set.ts';
import { delayOfLength, lengthOfDegree, phaseSet } from '@gorvane/core/line/phase-set.ts';
import { formatFrequency } from '@gorvane/core/quantity/frequency.ts';
import { parsePositiveLength } from '@gorvane/core/quantity/length.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { formatTime, parseDelay } from '@gorvane/core/quantity/scalar.ts';
import { Length } from '../../controls/length.tsx';
import { ResultActions } from '../../controls/result-table.tsx';
import { VerdictMark } from '../../controls/verdict.tsx';
import { useCables } from '../../data/cables.ts';
import type { AddressField } from './address.ts';
import { useAddress } from './address.ts';
import { frequency, scalar, word } from './fields.ts';
import { LabCable, LabField } from './lab-field.tsx';
import { Answers, LabPage } from './lab-page.tsx';

/** A lead of the set as typed: a name, and a delay or a length. */
interface TypedMember {
  readonly name: string;
  readonly delay?: number;
  readonly length?: number;
}

const membersExpected = 'names with delays or lengths, such as A 16.42 ns; B 16.51 ns; C 3.402 m';

/** Reads the leads of a set, semicolons between. */
export function parseMembers(text: string): TypedMember[] {
  const members = text
    .split(/;|\n/)
    .filter((part) => part.trim() !== '')
    .map((part): TypedMember => {
      const match = /^\s*(.+?)\s+([\d.,]+\s*(ps|ns|us|µs|mm|cm|m|in|ft|"|')?)\s*$/i.exec(part);
      if (!match) throw new QuantityError(part.trim(), membersExpected);
      const [, name, figure, unit = 'ns'] = match as unknown as [string, string, string, string?];
      return /s$/i.test(unit)
        ? { name, delay: parseDelay(figure) }
        : { name, length: parsePositiveLength(figure, 10_000, 'm') };
    });
  if (members.length < 2) throw new QuantityError(text, `two or more ${membersExpected}`);
  return members;
}

const leadsField: AddressField<TypedMember[]> = {
  fallback: 'A 16.42 ns; B 16.51 ns; C 16.38 ns; D 16.47 ns',
  read: parseMembers,
};

const fields = {
  cable: word('rg-402'),
  leads: leadsField,
  f: frequency('1575.42 MHz'),
  tolerance: scalar('5', 0.01, 360, 'a phase, degrees'),
};

/** Phase spread of several leads and what to trim from each. */
export function SetPage() {
  const lab = useAddress(fields);
  const cables = useCables();
  const cable = cables?.find(({ id }) => id === lab.values.cable);
  if (!cables) return null;
  const { leads, f, tolerance } = lab.values;
  const velocityFactor = cable ? lineFigures(cable).velocityFactor : 0.66;
  const members: SetMember[] = leads.map(({ name, delay, length }) => ({
    name,
    delay: delay ?? delayOfLength(length!, velocityFactor),
  }));
  const set = phaseSet(members, f, velocityFactor, tolerance);
  const isFluoropolymer = cable?.structure === 'coax' && cable.dielectric.material === 'PTFE';
  const data = {
    name: 'Phase-matched set',
    header: ['lead', 'delay, ns', 'phase against the shortest, degrees', 'trim, mm'],
    rows: set.members.map(({ name, delay, phaseDegrees, trim }) => [
      name,
      Number(inNanoseconds(delay).toPrecision(6)),
      Number(phaseDegrees.toFixed(2)),
      Number(inMillimetres(trim).toFixed(2)),
    ]),
  };
  const inputs = (
    <>
      <LabField
        lab={lab}
        page="set"
        name="leads"
        label="Leads of the set"
        description="name and delay (ns) or length (m), semicolons between"
      />
      <LabCable
        lab={lab}
        page="set"
        name="cable"
        label="Cable"
        cables={cables.filter(({ structure }) => structure !== 'cores')}
      />
      <LabField lab={lab} page="set" name="f" label="Frequency" />
      <LabField lab={lab} page="set" name="tolerance" label="Spread allowed, degrees" />
    </>
  );
  return (
    <LabPage title="Set" page="set" inputs={inputs} problems={lab.problems}>
      <div className="row-head">
        <div className="stage-head">
          <VerdictMark verdict={set.withinTolerance ? 'Good' : 'Out'} large />
          <h2>
            The set spreads over {set.spreadDegrees.toFixed(1)} degrees at {formatFrequency(f)}
          </h2>
        </div>
        <ResultActions data={data} />
      </div>
      <Answers
        items={[
          { label: 'Allowed', value: `${tolerance} degrees` },
          {
            label: 'One degree is',
            value: <Length metres={lengthOfDegree(velocityFactor, f)} digits={2} />,
            note: `velocity factor ${velocityFactor.toFixed(3)}`,
          },
        ]}
      />
      <Table
        head={[
          'Lead',
          { figures: 'Delay' },
          { figures: 'Phase against the shortest' },
          { figures: 'Take off' },
        ]}
      >
        {set.members.map(({ name, delay, phaseDegrees, trim }) => (
          <tr key={name}>
            <th scope="row">{name}</th>
            <td className="number reading">{formatTime(delay)}</td>
            <td className="number reading">{phaseDegrees.toFixed(1)} degrees</td>
            <td className="number">
              {trim === 0 ? 'the shortest: leave it' : <Length metres={trim} digits={2} />}
            </td>
          </tr>
        ))}
      </Table>
      <p className="advice">
        A lead can only be made shorter, and only before its second end is closed: trim a little less, measure
        again. Measure all of them at one temperature
        {isFluoropolymer ? '; PTFE changes its length abruptly near 19 C: stay clear of it' : ''}.
      </p>
    </LabPage>
  );
}
