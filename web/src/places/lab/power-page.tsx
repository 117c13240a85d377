import { Table } from '../../controls/table.tsx';
import type { Cable } from '@gorvane/core/cable/cable.ts';
import type { PowerLimit, PowerUse } from '@gorvane/core/line/power-rating.ts';
import { powerLimits, powerVerdict } from '@gorvane/core/line/power-rating.ts';
import { formatFrequency } from '@gorvane/core/quantity/frequency.ts';
import { formatPower } from '@gorvane/core/quantity/power.ts';
import { useMemo } from 'react';
import { Caution } from '../../controls/caution.tsx';
import { CurveChart } from '../../controls/curve-chart.tsx';
import { Figure } from '../../controls/figure.tsx';
import { ResultActions } from '../../controls/result-table.tsx';
import { VerdictMark } from '../../controls/verdict.tsx';
import { useCables } from '../../data/cables.ts';
import type { ValuesOf } from './address.ts';
import { useAddress } from './address.ts';
import { band, frequency, power, scalar, series, word } from './fields.ts';
import { LabCable, LabField, LabSelect, seriesOptions } from './lab-field.tsx';
import { LabPage } from './lab-page.tsx';
import { shortFrequency } from './write.ts';

const fields = {
  cable: word('low-loss-10'),
  f: frequency('162 MHz'),
  band: band('10 MHz to 2 GHz'),
  near: series('n'),
  far: series('uhf'),
  power: power('25 W'),
  duty: scalar('100', 0.1, 100, 'a duty', '%'),
  swr: scalar('1.5', 1, 100, 'an SWR'),
  ambient: scalar('40', -60, 150, 'a temperature', 'C'),
  altitude: scalar('0', -400, 9000, 'a height', 'm'),
};

/** How much power a line carries, and which part of it gives in first. */
export function PowerPage() {
  const lab = useAddress(fields);
  const cables = useCables()?.filter(({ structure }) => structure !== 'cores');
  const cable = cables?.find(({ id }) => id === lab.values.cable);
  const field = (name: keyof typeof fields, label: string, description?: string) => (
    <LabField lab={lab} page="power" name={name} label={label} description={description} />
  );
  if (!cables) return null;
  const inputs = (
    <>
      <LabCable lab={lab} page="power" name="cable" label="Cable" cables={cables} />
      <LabSelect lab={lab} page="power" name="near" label="Connector, near end" data={seriesOptions} />
      <LabSelect lab={lab} page="power" name="far" label="Connector, far end" data={seriesOptions} />
      {field('f', 'Working frequency')}
      {field('power', 'Power while on')}
      {field('duty', 'Duty, %', 'part of the time that it is on')}
      {field('swr', 'SWR on the line')}
      {field('ambient', 'Air around it, C')}
      {field('altitude', 'Height above the sea, m')}
      {field('band', 'Band', 'for the chart')}
    </>
  );
  return (
    <LabPage title="Power" page="power" inputs={inputs} problems={lab.problems}>
      {cable && <PowerAnswer cable={cable} values={lab.values} />}
      <Caution>
        Never open, touch or test a line with a transmitter on it. A connector that is loose heats long before
        its rating.
      </Caution>
    </LabPage>
  );
}

const named = { heat: 'heat', voltage: 'voltage' } as const;

function PowerAnswer({ cable, values }: { readonly cable: Cable; readonly values: ValuesOf<typeof fields> }) {
  const { near, far, f, duty, swr, ambient, altitude, band: range } = values;
  const ends = useMemo(() => [near, far].filter((end) => end !== null), [near, far]);
  const use: PowerUse = useMemo(
    () => ({ frequency: f, ambientCelsius: ambient, duty: duty / 100, swr, altitude }),
    [f, ambient, duty, swr, altitude],
  );
  const limits = useMemo(() => powerLimits(cable, ends, use), [cable, ends, use]);
  const sweep = useMemo(() => {
    const frequencies = Float64Array.from(
      { length: 101 },
      (_, n) => range.from * (range.to / range.from) ** (n / 100),
    );
    const least = frequencies.map(
      (frequency) => powerLimits(cable, ends, { ...use, frequency })[0]?.power ?? NaN,
    );
    return { frequencies, least };
  }, [cable, ends, use, range.from, range.to]);
  const lowest = limits[0];
  if (!lowest)
    return (
      <p>
        Of a cable known by its data sheet only, nothing says what heat it stands: enter its layers under
        Cables.
      </p>
    );
  const verdict = powerVerdict(values.power, lowest.power);
  return (
    <>
      <div className="row-head">
        <div className="stage-head">
          <VerdictMark verdict={verdict} large />
          <h2>
            {formatPower(lowest.power)} at {formatFrequency(f)}, limited by {lowest.part},{' '}
            {named[lowest.kind]}
          </h2>
        </div>
        <ResultActions data={() => limitData(limits)} />
      </div>
      {cable.structure === 'sheet' && (
        <p className="advice">
          Only the connectors are judged: of this cable its data sheet alone is known. Enter its layers under
          Cables.
        </p>
      )}
      <Table head={['Part', 'Limited by', { figures: 'Stands' }]}>
        {limits.map((limit) => (
          <tr key={`${limit.part} ${limit.kind}`}>
            <th scope="row">{limit.part}</th>
            <td>{named[limit.kind]}</td>
            <td className="number">
              <Figure figure={limit.how} label={`${limit.part}, ${named[limit.kind]}`} />
            </td>
          </tr>
        ))}
      </Table>
      <CurveChart
        title="Power rating against frequency"
        x={{ label: 'frequency, Hz', values: sweep.frequencies, write: shortFrequency, logarithmic: true }}
        y={{ label: 'watts while on', write: formatPower, include: [0] }}
        curves={[{ name: 'stands', values: sweep.least, tone: 'copper' }]}
        limits={[{ value: values.power, label: formatPower(values.power) }]}
      />
    </>
  );
}

function limitData(limits: readonly PowerLimit[]) {
  return {
    name: 'Power limits',
    header: ['part', 'limited by', 'watts'],
    rows: limits.map(({ part, kind, power: watts }) => [part, named[kind], watts]),
  };
}
