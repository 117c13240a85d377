import { decibelsOf } from '@gorvane/core/quantity/decibel.ts';
import { ratioGrid } from '@gorvane/core/quantity/grid.ts';
import { inKilohertz, inPicofarads } from '@gorvane/core/quantity/multiple.ts';
import { droopDb, longestAudioRun, runCapacitance, upperCorner } from '@gorvane/core/audio/audio-run.ts';
import { pickupGain, pickupResponse } from '@gorvane/core/audio/pickup.ts';
import type { Cable } from '@gorvane/core/cable/cable.ts';
import { formatCapacitance } from '@gorvane/core/quantity/capacitance.ts';
import { formatDecibels } from '@gorvane/core/quantity/decibel.ts';
import { formatFrequency } from '@gorvane/core/quantity/frequency.ts';
import { useMemo } from 'react';
import { CurveChart } from '../../controls/curve-chart.tsx';
import { ResultActions, ResultTable } from '../../controls/result-table.tsx';
import { useCables } from '../../data/cables.ts';
import type { ValuesOf } from './address.ts';
import { useAddress } from './address.ts';
import { capacitance, choice, frequency, inductance, length, resistance, scalar, word } from './fields.ts';
import { LabCable, LabField, LabSelect } from './lab-field.tsx';
import { Answers, LabPage } from './lab-page.tsx';
import { shortDecibels, shortFrequency, shortMetres } from './write.ts';

const fields = {
  ask: choice(['run', 'pickup'], 'run'),
  cable: word('mic-pair'),
  use: choice(['balanced', 'unbalanced'], 'balanced'),
  length: length('50 m'),
  lead: length('4.5 m'),
  source: resistance('150 ohm'),
  load: resistance('2 kohm'),
  f: frequency('20 kHz'),
  droop: scalar('0.5', 0.01, 20, 'a droop', 'dB'),
  pickupL: inductance('3.4 H'),
  pickupR: resistance('7.5 kohm'),
  pickupC: capacitance('110 pF'),
  pot: resistance('500 kohm'),
  volume: scalar('100', 1, 100, 'a volume position', '%'),
  amp: resistance('1 Mohm'),
};

/** What the cable's capacitance does to the treble. */
export function AudioPage() {
  const lab = useAddress(fields);
  const cables = useCables()?.filter(
    ({ family }) => family.endsWith('audio') || family === 'install' || family === 'lighting',
  );
  const cable = cables?.find(({ id }) => id === lab.values.cable);
  const isRun = lab.values.ask === 'run';
  const field = (name: keyof typeof fields, label: string, description?: string) => (
    <LabField lab={lab} page="audio" name={name} label={label} description={description} />
  );
  if (!cables) return null;
  const inputs = (
    <>
      <LabSelect
        lab={lab}
        page="audio"
        name="ask"
        label="Question"
        data={[
          { value: 'run', label: 'run length against upper corner' },
          { value: 'pickup', label: 'pickup resonance against cable length' },
        ]}
      />
      <LabCable lab={lab} page="audio" name="cable" label="Cable" cables={cables} />
      {field(isRun ? 'length' : 'lead', 'Length', 'metres unless said')}
      {isRun ? (
        <>
          <LabSelect
            lab={lab}
            page="audio"
            name="use"
            label="Used"
            data={['balanced', 'unbalanced'].map((value) => ({ value, label: value }))}
          />
          {field('source', 'Source', 'output impedance; both legs together when balanced')}
          {field('load', 'Input')}
          {field('f', 'Highest frequency that counts')}
          {field('droop', 'Droop allowed there, dB')}
        </>
      ) : (
        <>
          {field('pickupL', 'Pickup inductance')}
          {field('pickupR', 'Pickup resistance')}
          {field('pickupC', 'Pickup capacitance')}
          {field('pot', 'Volume control')}
          {field('volume', 'Volume position, %')}
          {field('amp', 'Amplifier input')}
        </>
      )}
    </>
  );
  return (
    <LabPage title="Audio" page="audio" inputs={inputs} problems={lab.problems}>
      {!cable ? (
        <p>Choose a cable.</p>
      ) : isRun ? (
        <RunAnswer cable={cable} cables={cables} values={lab.values} />
      ) : (
        <PickupAnswer cable={cable} values={lab.values} />
      )}
    </LabPage>
  );
}

type Values = ValuesOf<typeof fields>;

function RunAnswer({
  cable,
  cables,
  values,
}: {
  readonly cable: Cable;
  readonly cables: readonly Cable[];
  readonly values: Values;
}) {
  const { use, source, load, f, droop } = values;
  const { perMetre, between } = runCapacitance(cable, use);
  const corner = upperCorner(source, load, perMetre * values.length);
  const longest = longestAudioRun(droop, f, source, load, perMetre);
  const lengths = useMemo(
    () => ratioGrid(values.length / tenfold, values.length * tenfold, 101),
    [values.length],
  );
  const corners = lengths.map((metres) => upperCorner(source, load, perMetre * metres));
  const data = {
    name: `Audio run, ${use}`,
    header: [
      'cable',
      'pF per metre',
      `upper corner at ${shortMetres(values.length)}`,
      `longest for ${droop} dB at ${shortFrequency(f)}`,
    ],
    rows: cables.map((other) => {
      const each = runCapacitance(other, use).perMetre;
      return [
        other.name,
        Number(inPicofarads(each).toPrecision(3)),
        shortFrequency(Number(upperCorner(source, load, each * values.length).toPrecision(3))),
        shortMetres(Number(longestAudioRun(droop, f, source, load, each).toPrecision(3))),
      ];
    }),
  };
  return (
    <>
      <div className="row-head">
        <h2>
          {cable.name}, {shortMetres(values.length)}, {use}: upper corner{' '}
          {shortFrequency(Number(corner.toPrecision(3)))}
        </h2>
        <ResultActions data={data} />
      </div>
      <Answers
        items={[
          { label: `Droop at ${formatFrequency(f)}`, value: formatDecibels(droopDb(f, corner)) },
          { label: `Longest run for ${droop} dB`, value: shortMetres(Number(longest.toPrecision(3))) },
          {
            label: 'Capacitance of the run',
            value: formatCapacitance(perMetre * values.length),
            note: `${formatCapacitance(perMetre)} a metre, ${between}`,
          },
        ]}
      />
      <CurveChart
        title="Upper corner against length"
        x={{ label: 'length, m', values: lengths, write: shortMetres, logarithmic: true }}
        y={{ label: 'kHz', write: shortDecibels, include: [0], within: [0, 400] }}
        curves={[{ name: 'upper corner, kHz', values: corners.map(inKilohertz), tone: 'copper' }]}
        limits={[{ value: inKilohertz(f), label: shortFrequency(f) }]}
        marks={[{ value: values.length, label: 'length' }]}
      />
      <h2>The same run on every audio cable</h2>
      <ResultTable data={data} />
    </>
  );
}

/** The chart shows lengths up to so many times longer and shorter. */
const tenfold = 10;

function PickupAnswer({ cable, values }: { readonly cable: Cable; readonly values: Values }) {
  const { perMetre } = runCapacitance(cable, 'unbalanced');
  const { pickupL, pickupR, pickupC, pot, volume, amp } = values;
  const circuit = useMemo(
    () => ({
      inductance: pickupL,
      resistance: pickupR,
      selfCapacitance: pickupC,
      volumePot: pot,
      volumePosition: volume / 100,
      tone: null,
      amplifierInput: amp,
    }),
    [pickupL, pickupR, pickupC, pot, volume, amp],
  );
  const here = pickupResponse({ ...circuit, cableCapacitance: perMetre * values.lead });
  const rows = useMemo(
    () =>
      [0.5, 1, 2, 3, 4.5, 6, 9, 12, 20].map((metres) => ({
        metres,
        ...pickupResponse({ ...circuit, cableCapacitance: perMetre * metres }),
      })),
    [circuit, perMetre],
  );
  const curve = useMemo(() => {
    const at = ratioGrid(100, 20_000, 161);
    const withCable = { ...circuit, cableCapacitance: perMetre * values.lead };
    const level = at.map((hertz) => decibelsOf(pickupGain(withCable, hertz) / pickupGain(withCable, 100)));
    return { at, level };
  }, [circuit, perMetre, values.lead]);
  const data = {
    name: `Pickup on ${cable.name}`,
    header: ['length, m', 'resonance', 'height, dB', 'half power at'],
    rows: rows.map(({ metres, resonance, minus3Db }) => [
      metres,
      resonance ? shortFrequency(Number(resonance.frequency.toPrecision(3))) : 'none',
      resonance ? Number(resonance.heightDb.toFixed(1)) : null,
      shortFrequency(Number(minus3Db.toPrecision(3))),
    ]),
  };
  return (
    <>
      <div className="row-head">
        <h2>
          {cable.name}, {shortMetres(values.lead)}:{' '}
          {here.resonance
            ? `resonance ${shortFrequency(Number(here.resonance.frequency.toPrecision(3)))}, ${formatDecibels(here.resonance.heightDb)} high`
            : 'no resonance: the treble only falls'}
        </h2>
        <ResultActions data={data} />
      </div>
      <Answers
        items={[
          { label: 'Half power at', value: shortFrequency(Number(here.minus3Db.toPrecision(3))) },
          {
            label: 'Level at 100 Hz',
            value: formatDecibels(-here.gainAt100HzDb),
            note: 'lost in the control',
          },
          {
            label: 'Cable',
            value: formatCapacitance(perMetre * values.lead),
            note: `${formatCapacitance(perMetre)} a metre`,
          },
        ]}
      />
      <CurveChart
        title="Response of pickup, cable and amplifier"
        x={{ label: 'frequency, Hz', values: curve.at, write: shortFrequency, logarithmic: true }}
        y={{ label: 'dB', write: shortDecibels, within: [-40, 40] }}
        curves={[{ name: 'level against 100 Hz, dB', values: curve.level, tone: 'copper' }]}
      />
      <ResultTable data={data} />
    </>
  );
}
