import { BusRun } from '../../drawing/bus-run.tsx';
import { inMicroseconds } from '@gorvane/core/quantity/multiple.ts';
import type { BusReason, BusStudy, LightingBus } from '@gorvane/core/bus/lighting-bus.ts';
import { lightingLimits } from '@gorvane/core/bus/lighting-bus.ts';
import type { Cable } from '@gorvane/core/cable/cable.ts';
import { pathResistances } from '@gorvane/core/cable/electrical.ts';
import { lineFigures } from '@gorvane/core/cable/line-figures.ts';
import { pairFigures } from '@gorvane/core/cable/pair.ts';
import { parsePositiveLength } from '@gorvane/core/quantity/length.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { parseResistance } from '@gorvane/core/quantity/resistance.ts';
import { useMemo } from 'react';
import { CurveChart } from '../../controls/curve-chart.tsx';
import { ResultActions } from '../../controls/result-table.tsx';
import { VerdictMark } from '../../controls/verdict.tsx';
import { useCables } from '../../data/cables.ts';
import { labWork } from '../../work/lab-client.ts';
import { useLatest } from '../../work/use-latest.ts';
import type { AddressField } from './address.ts';
import { useAddress } from './address.ts';
import { count, length, scalar, word } from './fields.ts';
import { LabCable, LabField } from './lab-field.tsx';
import { Answers, LabPage } from './lab-page.tsx';
import { shortDecibels, shortMetres } from './write.ts';

const terminatorField: AddressField<number | null> = {
  fallback: '120 ohm',
  read: (text) => {
    if (/^\s*(none|off|open)\s*$/i.test(text)) return null;
    const value = parseResistance(text);
    if (!(value > 0)) throw new QuantityError(text, 'a terminator such as 120 ohm, or none');
    return value;
  },
};

const branchExpected = 'none, or where it leaves and its length, such as 150 m, 20 m';

const branchField: AddressField<LightingBus['branch']> = {
  fallback: 'none',
  read: (text) => {
    if (/^\s*(none|off)?\s*$/i.test(text)) return null;
    const parts = text.split(/[,;]\s+|\s+for\s+/);
    if (parts.length !== 2) throw new QuantityError(text, branchExpected);
    return {
      at: parsePositiveLength(parts[0]!, 2000, 'm'),
      length: parsePositiveLength(parts[1]!, 1000, 'm'),
    };
  },
};

const fields = {
  cable: word('lighting-2-pair'),
  length: length('120 m', 2000),
  receivers: count('12', 1, 256, 'a number of receivers'),
  loads: scalar('1', 0.1, 4, 'unit loads'),
  term: terminatorField,
  branch: branchField,
};

/** The line that a cable makes of a bus. */
function busCable(cable: Cable): LightingBus['cable'] {
  const { impedance, velocityFactor } = lineFigures(cable);
  if (cable.structure === 'cores')
    return { impedance, velocityFactor, loopResistance: pairFigures(cable).loopResistance };
  if (cable.structure === 'sheet') return { impedance, velocityFactor, loopResistance: 0.1 };
  const { centre, shield } = pathResistances(cable);
  return { impedance, velocityFactor, loopResistance: centre + shield };
}

/** Receivers along a lighting-control run: what arrives at the worst of them. */
export function BusPage() {
  const lab = useAddress(fields);
  const cables = useCables()?.filter(
    ({ family }) => family !== 'speaker' && family !== 'feeder' && family !== 'trunk',
  );
  const { values } = lab;
  const cable = cables?.find(({ id }) => id === values.cable);
  const beyond = values.branch !== null && values.branch.at > values.length;
  const job = useMemo(
    (): LightingBus | undefined =>
      cable && !beyond
        ? {
            cable: busCable(cable),
            length: values.length,
            receivers: values.receivers,
            unitLoads: values.loads,
            terminator: values.term,
            branch: values.branch,
          }
        : undefined,
    [cable, beyond, values],
  );
  const { answer, busy, problem } = useLatest(job, study);
  const field = (name: keyof typeof fields, label: string, description?: string) => (
    <LabField lab={lab} page="bus" name={name} label={label} description={description} />
  );
  if (!cables) return null;
  const inputs = (
    <>
      <LabCable lab={lab} page="bus" name="cable" label="Cable" cables={cables} />
      {field('length', 'Length', 'metres unless said')}
      {field('receivers', 'Receivers', 'evenly spaced, the last at the far end')}
      {field('loads', 'Unit loads of each', 'one is 12 kohm')}
      {field('term', 'Terminator', '120 ohm, another, or none')}
      {field('branch', 'Star branch', 'none, or where and how long: 150 m, 20 m')}
    </>
  );
  return (
    <LabPage title="Lighting bus" page="bus" inputs={inputs} problems={lab.problems}>
      {beyond && (
        <p className="advice out" role="alert">
          The branch leaves at {shortMetres(values.branch!.at)}, beyond the run of{' '}
          {shortMetres(values.length)}: bring it back onto the run.
        </p>
      )}
      {problem && (
        <p className="advice out" role="alert">
          {problem}
        </p>
      )}
      {answer && job && <BusAnswer study={answer} bus={job} busy={busy} />}
      <p className="soft">
        250 kbit/s, the weakest driver allowed (1.5 V into 54 ohm), edges of 250 ns, receivers of 100 pF. A
        receiver decides at 0.2 V either way; 0.2 V more is kept as margin. An idle line without bias is not
        looked at here.
      </p>
    </LabPage>
  );
}

const study = (bus: LightingBus): Promise<BusStudy> => labWork().studyLightingBus(bus);

const reasonTexts: Readonly<Record<BusReason['code'], (value: number) => string>> = {
  weak: (value) =>
    `Only ${value.toFixed(2)} V is left in the middle of a bit: a receiver decides at 0.2 V, and noise comes on top.`,
  'false edge': (value) =>
    `In the middle of a bit the line swings ${Math.abs(value).toFixed(2)} V to the wrong side: a receiver reads another bit.`,
  ringing: (value) => `Echoes add ${value.toFixed(2)} V over the settled level.`,
  'no terminator': () => 'No terminator: every edge comes back from the far end. Fit 120 ohm there.',
  'wrong terminator': (value) =>
    `A terminator of ${value} ohm sends part of every edge back; 120 ohm is wanted.`,
  'wrong cable': (value) =>
    `The cable has ${Math.round(value)} ohm, not 120: it meets driver and terminator with a step.`,
  branch: (value) =>
    `A branch of ${shortMetres(value)} is no stub: ${lightingLimits.stub} m at most, or a splitter.`,
  'too long': (value) => `${shortMetres(value)} is over the ${lightingLimits.length} m of good practice.`,
  'too many receivers': (value) => `${value} unit loads; a driver is for ${lightingLimits.unitLoads}.`,
};

function BusAnswer({
  study: result,
  bus,
  busy,
}: {
  readonly study: BusStudy;
  readonly bus: LightingBus;
  readonly busy: boolean;
}) {
  const { wave, verdict, reasons } = result;
  const times = useMemo(
    () => Float64Array.from({ length: wave.volts.length }, (_, n) => inMicroseconds(n * wave.timeStep)),
    [wave],
  );
  const where = result.worst === 0 ? 'the end of the branch' : `receiver ${result.worst} of ${bus.receivers}`;
  return (
    <>
      <div className="row-head">
        <div className="stage-head">
          <VerdictMark verdict={verdict} large />
          <h2>
            {result.worstLevel.toFixed(2)} V in the worst bit at {where}
            {busy ? ', working it out' : ''}
          </h2>
        </div>
        <ResultActions
          data={{
            name: 'Lighting bus',
            header: ['receiver', 'least level in a bit, V'],
            rows: result.levels.map((level, n) => [
              n < bus.receivers ? n + 1 : 'branch',
              Number(level.toFixed(3)),
            ]),
          }}
        />
      </div>
      {reasons.length > 0 ? (
        <ul className="reasons">
          {reasons.map(({ code, value }) => (
            <li key={code}>{reasonTexts[code](value)}</li>
          ))}
        </ul>
      ) : (
        <p>Every receiver is sure of every bit, and the run keeps to the standard.</p>
      )}
      <BusRun bus={bus} worst={result.worst} />
      <Answers
        items={[
          { label: 'Settled level there', value: `${result.settledLevel.toFixed(2)} V` },
          {
            label: 'Unit loads',
            value: String(bus.receivers * bus.unitLoads),
            note: `of ${lightingLimits.unitLoads}`,
          },
          {
            label: 'Cable',
            value: `${Math.round(bus.cable.impedance)} ohm`,
            note: `${(bus.cable.loopResistance * bus.length).toFixed(1)} ohm loop`,
          },
        ]}
      />
      <CurveChart
        title={`Voltage at ${where}`}
        x={{ label: 'time, microseconds', values: times, write: shortDecibels }}
        y={{ label: 'V', write: shortDecibels }}
        curves={[{ name: 'between the lines, V', values: wave.volts, tone: 'copper' }]}
        limits={[
          { value: 0.2, label: 'reads 1 above' },
          { value: -0.2, label: 'reads 0 below', below: true },
        ]}
      />
    </>
  );
}
