import { fittedAttenuation } from '@gorvane/core/cable/attenuation.ts';
import type { Cable } from '@gorvane/core/cable/cable.ts';
import { lineFigures } from '@gorvane/core/cable/line-figures.ts';
import {
  alongLine,
  canBeRead,
  largestInputReflection,
  loadFromInput,
  planeCount,
} from '@gorvane/core/line/along-line.ts';
import { frequencyGrid, sweepCascade, sweepLoaded } from '@gorvane/core/line/cascade.ts';
import type { Complex } from '@gorvane/core/quantity/complex.ts';
import { magnitude } from '@gorvane/core/quantity/complex.ts';
import type { Line } from '@gorvane/core/line/line.ts';
import { attenuationFromDbPer100m, hidesLoad, solveLine } from '@gorvane/core/line/line.ts';
import { degreesBeyondTurns } from '@gorvane/core/quantity/angle.ts';
import { evenGrid } from '@gorvane/core/quantity/grid.ts';
import { returnLossOf, swrOf } from '@gorvane/core/line/reflection.ts';
import { formatDecibels, formatSwr, powerAfter } from '@gorvane/core/quantity/decibel.ts';
import { formatFrequency } from '@gorvane/core/quantity/frequency.ts';
import { formatPower } from '@gorvane/core/quantity/power.ts';
import { parseLoad } from '@gorvane/core/quantity/resistance.ts';
import { formatTime } from '@gorvane/core/quantity/scalar.ts';
import { useMemo } from 'react';
import { CurveChart } from '../../controls/curve-chart.tsx';
import { ResultActions, TableBehind } from '../../controls/result-table.tsx';
import { useCables } from '../../data/cables.ts';
import { ImpedanceChart } from '../../drawing/impedance-chart.tsx';
import type { ValuesOf } from './address.ts';
import { useAddress } from './address.ts';
import { band, choice, frequency, length, power, word } from './fields.ts';
import { LabCable, LabField, LabSelect } from './lab-field.tsx';
import { Answers, LabPage } from './lab-page.tsx';
import { shortDecibels, shortFrequency, shortMetres, shortOhms, writeImpedance } from './write.ts';

const fields = {
  cable: word('low-loss-10'),
  length: length('18 m'),
  f: frequency('162 MHz'),
  band: band('30 MHz to 500 MHz'),
  load: { fallback: 'SWR 1.5', read: (text: string) => (parseLoad(text, 50), text) },
  at: choice(['far end', 'near end'], 'far end'),
  power: power('25 W'),
};

/** One cable between a source of its own impedance and a load. */
export function LinePage() {
  const lab = useAddress(fields);
  const cables = useCables();
  const cable = cables?.find(({ id }) => id === lab.values.cable);
  if (!cables) return null;
  const inputs = (
    <>
      <LabCable lab={lab} page="line" name="cable" label="Cable" cables={cables} />
      <LabField lab={lab} page="line" name="length" label="Length" description="metres unless said" />
      <LabField lab={lab} page="line" name="f" label="Working frequency" />
      <LabField lab={lab} page="line" name="band" label="Band" description="for the charts" />
      <LabField
        lab={lab}
        page="line"
        name="load"
        label="Load"
        description="ohm, 35+j12, SWR 1.5, RL 14 dB, open or short"
      />
      <LabSelect
        lab={lab}
        page="line"
        name="at"
        label="That was stated or measured at the"
        data={['far end', 'near end'].map((value) => ({ value, label: value }))}
      />
      <LabField lab={lab} page="line" name="power" label="Power into the near end" />
    </>
  );
  return (
    <LabPage title="One line" page="line" inputs={inputs} problems={lab.problems}>
      {cable ? (
        <LineAnswer cable={cable} want={lab.values} />
      ) : (
        <p>This cable is not in the catalogue of this browser: choose another.</p>
      )}
    </LabPage>
  );
}

type Want = ValuesOf<typeof fields>;

/** The load at the far end; or why the reading at the near end cannot be. */
function loadOf(line: Line, want: Want): { load: Complex; problem?: string } {
  const stated = parseLoad(want.load, line.impedance);
  if (want.at === 'far end') return { load: stated };
  const most = largestInputReflection(line);
  if (!canBeRead(line, stated))
    return {
      load: stated,
      problem: `Through this cable's loss the SWR at the near end is ${formatSwr(swrOf({ re: most, im: 0 }))} at most, even with an open or short at the far end; ${want.load} was stated. Check cable, length and frequency. Shown is ${want.load} at the far end.`,
    };
  return { load: loadFromInput(line, want.f, stated) };
}

function LineAnswer({ cable, want }: { readonly cable: Cable; readonly want: Want }) {
  const figures = lineFigures(cable);
  const attenuation = fittedAttenuation(figures.fit, want.f);
  const line: Line = useMemo(
    () => ({
      impedance: figures.impedance,
      velocityFactor: figures.velocityFactor,
      attenuation: attenuationFromDbPer100m(attenuation),
      length: want.length,
    }),
    [figures, attenuation, want.length],
  );
  const { load, problem } = loadOf(line, want);
  const result = solveLine(line, want.f, load);
  const back = magnitude(result.inputReflection);
  const generator = -10 * Math.log10(1 - back * back);
  const answers = [
    { label: 'Input impedance', value: writeImpedance(result.inputImpedance) },
    {
      label: 'SWR seen from the near end',
      value: formatSwr(result.swrInput),
      note: `reference ${line.impedance} ohm`,
    },
    { label: 'SWR at the load', value: formatSwr(result.swrLoad), note: `reference ${line.impedance} ohm` },
    { label: 'Return loss, near end', value: formatDecibels(returnLossOf(result.inputReflection)) },
    {
      label: 'Matched loss',
      value: formatDecibels(result.matchedLossDb),
      note: `${attenuation.toFixed(2)} dB per 100 m`,
    },
    { label: 'Added by the mismatch', value: formatDecibels(result.additionalLossDb) },
    {
      label: 'Total loss',
      value: formatDecibels(result.totalLossDb),
      note: 'power in over power in the load',
    },
    { label: 'Power in the load', value: formatPower(powerAfter(want.power, result.totalLossDb)) },
    {
      label: 'Generator mismatch loss',
      value: formatDecibels(generator),
      note: `source of ${line.impedance} ohm`,
    },
    {
      label: 'Transducer loss',
      value: formatDecibels(result.totalLossDb + generator),
      note: 'both together',
    },
    {
      label: 'Delay, one way',
      value: formatTime(result.delay),
      note: `velocity factor ${figures.velocityFactor.toFixed(3)}`,
    },
    {
      label: 'Electrical length',
      value: `${result.wavelengths.toFixed(3)} λ`,
      note: `${degreesBeyondTurns(result.wavelengths).toFixed(1)} degrees beyond whole turns`,
    },
  ];
  const hides = hidesLoad(result);
  return (
    <>
      <div className="row-head">
        <h2>
          {cable.name}, {shortMetres(want.length)}, {formatFrequency(want.f)}
        </h2>
        <ResultActions
          data={{
            name: `${cable.name} ${shortMetres(want.length)} ${formatFrequency(want.f)}`,
            header: ['figure', 'value', 'note'],
            rows: answers.map(({ label, value, note }) => [label, value, note ?? null]),
          }}
        />
      </div>
      {problem && <p className="advice out">{problem}</p>}
      {hides && (
        <p className="advice">
          The cable hides the load: an SWR of {formatSwr(result.swrLoad)} there looks like{' '}
          {formatSwr(result.swrInput)} from the near end, because what comes back has lost{' '}
          {formatDecibels(2 * result.matchedLossDb)} on the way.
        </p>
      )}
      {want.f > figures.tableEnds && (
        <p className="advice">
          ◌ The loss is beyond the cable&rsquo;s table, which ends at {shortFrequency(figures.tableEnds)}: it
          is extrapolated.
        </p>
      )}
      {want.f < figures.lossFrom.frequency && (
        <p className="advice">
          The loss is trusted from {shortFrequency(figures.lossFrom.frequency)} up: {figures.lossFrom.reason}.
        </p>
      )}
      <Answers items={answers} />
      <LineCharts cable={cable} want={want} load={load} line={line} />
    </>
  );
}

const points = 2001;
const chartLengths = 101;

function LineCharts({
  cable,
  want,
  load,
  line,
}: {
  readonly cable: Cable;
  readonly want: Want;
  readonly load: Complex;
  readonly line: Line;
}) {
  const { from, to } = want.band;
  const { re, im } = load;
  const sweep = useMemo(() => {
    const { impedance, velocityFactor, fit } = lineFigures(cable);
    const frequencies = frequencyGrid(from, to, points);
    const element = { kind: 'line', impedance, velocityFactor, length: want.length, loss: fit } as const;
    const loaded = sweepLoaded([element], frequencies, impedance, { re, im });
    const { s21Re, s21Im } = sweepCascade([element], frequencies, impedance);
    const matched = s21Re.map((value, n) => -20 * Math.log10(Math.hypot(value, s21Im[n]!)));
    return { frequencies, loaded, matched };
  }, [cable, from, to, want.length, re, im]);
  const lengths = useMemo(
    () => evenGrid(want.length / chartLengths, 2 * want.length, chartLengths),
    [want.length],
  );
  const byLength = useMemo(
    () => Array.from(lengths, (part) => solveLine({ ...line, length: part }, want.f, { re, im })),
    [lengths, line, want.f, re, im],
  );
  const planes = useMemo(
    () => alongLine(line, want.f, { re, im }, planeCount(line, want.f)),
    [line, want.f, re, im],
  );
  const start = Math.round(((want.f - from) / (to - from)) * (points - 1));
  const inBand = want.f >= from && want.f <= to;
  return (
    <div className="charts">
      <CurveChart
        title="Loss against frequency"
        x={{ label: 'frequency, Hz', values: sweep.frequencies, write: shortFrequency }}
        y={{ label: 'loss, dB', write: shortDecibels, include: [0] }}
        curves={[
          { name: 'total', values: sweep.loaded.totalLossDb, tone: 'copper' },
          { name: 'matched', values: sweep.matched, tone: 'good', dash: true },
        ]}
        marks={inBand ? [{ value: want.f, label: 'f' }] : []}
      />
      <CurveChart
        title="Loss against length"
        x={{ label: 'length, m', values: lengths, write: shortMetres }}
        y={{ label: 'loss, dB', write: shortDecibels, include: [0] }}
        curves={[
          { name: 'total', values: byLength.map(({ totalLossDb }) => totalLossDb), tone: 'copper' },
          {
            name: 'matched',
            values: byLength.map(({ matchedLossDb }) => matchedLossDb),
            tone: 'good',
            dash: true,
          },
        ]}
        marks={[{ value: want.length, label: 'length' }]}
      />
      <CurveChart
        title="Impedance along the line"
        x={{
          label: 'from the near end, m',
          values: planes.map(({ distance }) => distance),
          write: shortMetres,
        }}
        y={{ label: 'ohm', write: shortOhms }}
        curves={[
          { name: 'resistance', values: planes.map(({ impedance }) => impedance.re), tone: 'copper' },
          { name: 'reactance', values: planes.map(({ impedance }) => impedance.im), tone: 'ink', dash: true },
        ]}
      />
      <ImpedanceChart
        label="Input impedance over the band"
        re={sweep.loaded.s11Re}
        im={sweep.loaded.s11Im}
        frequencies={sweep.frequencies}
        reference={line.impedance}
        write={shortFrequency}
        start={inBand ? start : 0}
      >
        <TableBehind
          data={() => ({
            name: 'Input reflection over the band',
            header: ['frequency, Hz', 'real part', 'imaginary part', `return loss, dB`],
            rows: Array.from(sweep.frequencies, (hertz, n) => {
              const { s11Re, s11Im } = sweep.loaded;
              return [hertz, s11Re[n]!, s11Im[n]!, -20 * Math.log10(Math.hypot(s11Re[n]!, s11Im[n]!))];
            }),
          })}
        />
      </ImpedanceChart>
    </div>
  );
}
