import { ratioGrid } from '@gorvane/core/quantity/grid.ts';
import { inMillimetres } from '@gorvane/core/quantity/multiple.ts';
import type { Bead, BeadPoint, BeadSource } from '@gorvane/core/line/choke.ts';
import {
  beadHeat,
  beadMaterials,
  beadsNeeded,
  chokeAt,
  commonModeCurrent,
  stackLength,
} from '@gorvane/core/line/choke.ts';
import { formatDecibels } from '@gorvane/core/quantity/decibel.ts';
import { formatFrequency, parseFrequency } from '@gorvane/core/quantity/frequency.ts';
import { formatPower } from '@gorvane/core/quantity/power.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { parseLoad } from '@gorvane/core/quantity/resistance.ts';
import { useMemo } from 'react';
import { Caution } from '../../controls/caution.tsx';
import { CurveChart } from '../../controls/curve-chart.tsx';
import { Length } from '../../controls/length.tsx';
import { ResultActions, ResultTable } from '../../controls/result-table.tsx';
import { AddChoke } from './add-choke.tsx';
import type { AddressField, ValuesOf } from './address.ts';
import { useAddress } from './address.ts';
import { band, choice, count, frequencies, millimetres, resistance, scalar } from './fields.ts';
import { LabField, LabSelect } from './lab-field.tsx';
import { Answers, LabPage } from './lab-page.tsx';
import { shortDecibels, shortFrequency, writeImpedance } from './write.ts';

const pointsExpected = 'impedance points such as 10 MHz 60+j80; 30 MHz 150+j60; 100 MHz 220+j10';

/** Points as a maker states them, several with a semicolon between. */
export function parseBeadPoints(text: string): BeadPoint[] {
  const points = text
    .split(/;|\n/)
    .filter((part) => part.trim() !== '')
    .map((part) => {
      const match = /^\s*([\d.,]+\s*[a-z]+)\s+(.+)$/i.exec(part);
      if (!match) throw new QuantityError(part.trim(), pointsExpected);
      const { re, im } = parseLoad(match[2]!, 50);
      return { frequency: parseFrequency(match[1]!), resistance: re, reactance: im };
    });
  if (points.length < 2) throw new QuantityError(text, `two or more ${pointsExpected}`);
  return points;
}

const pointsField: AddressField<BeadPoint[]> = {
  fallback: '10 MHz 60+j80; 30 MHz 150+j60; 100 MHz 220+j10',
  read: parseBeadPoints,
};

const fields = {
  from: choice(['class', 'points'], 'class'),
  material: choice(
    beadMaterials.map(({ id }) => id),
    'broad',
  ),
  points: pointsField,
  outside: millimetres('28 mm'),
  bore: millimetres('13.8 mm'),
  length: millimetres('28.6 mm'),
  beads: count('5', 1, 200, 'a number of beads'),
  f: frequencies('7 MHz; 14 MHz; 28 MHz'),
  band: band('1 MHz to 60 MHz'),
  target: scalar('20', 1, 80, 'a rejection', 'dB'),
  zcm: resistance('100 ohm'),
  volts: scalar('10', 0, 10_000, 'a voltage', 'V'),
};

/** A stack of beads on a feeder: impedance, rejection, heat and length. */
export function ChokePage() {
  const lab = useAddress(fields);
  const field = (name: keyof typeof fields, label: string, description?: string) => (
    <LabField lab={lab} page="choke" name={name} label={label} description={description} />
  );
  const inputs = (
    <>
      <LabSelect
        lab={lab}
        page="choke"
        name="from"
        label="Impedance of a bead from"
        data={[
          { value: 'class', label: 'its size and material class' },
          { value: 'points', label: 'impedance points typed in' },
        ]}
      />
      {lab.values.from === 'class' ? (
        <LabSelect
          lab={lab}
          page="choke"
          name="material"
          label="Material"
          data={beadMaterials.map(({ id, name }) => ({ value: id, label: name }))}
        />
      ) : (
        field('points', 'Impedance points of one bead', 'frequency and R+jX, semicolons between')
      )}
      {field('outside', 'Outside diameter of a bead')}
      {field('bore', 'Bore')}
      {field('length', 'Length of a bead')}
      {field('beads', 'Beads in the stack')}
      {field('f', 'Working frequencies', 'the lowest decides')}
      {field('target', 'Rejection wanted, dB')}
      {field('zcm', 'Common-mode circuit', 'impedance without the choke; 100 ohm is two 50-ohm ports')}
      {field('volts', 'Common-mode voltage, V', 'rms, for the heat')}
      {field('band', 'Band', 'for the chart')}
    </>
  );
  return (
    <LabPage title="Choke" page="choke" inputs={inputs} problems={lab.problems}>
      <ChokeAnswer values={lab.values} />
    </LabPage>
  );
}

function sourceOf(values: ValuesOf<typeof fields>, bead: Bead): BeadSource {
  return values.from === 'points'
    ? { kind: 'points', points: values.points }
    : { kind: 'class', bead, material: beadMaterials.find(({ id }) => id === values.material)! };
}

function ChokeAnswer({ values }: { readonly values: ValuesOf<typeof fields> }) {
  const { beads, f, target, zcm, volts, band: range } = values;
  const bead: Bead = useMemo(
    () => ({ outside: values.outside, bore: values.bore, length: values.length }),
    [values.outside, values.bore, values.length],
  );
  const source = useMemo(() => sourceOf(values, bead), [values, bead]);
  const isBead = bead.outside > bead.bore;
  const curve = useMemo(() => {
    if (!isBead) return undefined;
    const at = ratioGrid(range.from, range.to, 121);
    return { at, rows: Array.from(at, (frequency) => chokeAt(source, beads, zcm, frequency)) };
  }, [isBead, source, beads, zcm, range.from, range.to]);
  if (!isBead || !curve)
    return (
      <p className="advice out" role="alert">
        The bore of {inMillimetres(bead.bore).toPrecision(3)} mm is not smaller than the outside of{' '}
        {inMillimetres(bead.outside).toPrecision(3)} mm: correct one of them.
      </p>
    );
  const results = f.map((frequency) => chokeAt(source, beads, zcm, frequency));
  const needed = beadsNeeded(source, target, zcm, f);
  const worst = results.reduce((least, result) => (result.rejectionDb < least.rejectionDb ? result : least));
  const heats = results.map(({ frequency, impedance }) =>
    beadHeat(source, bead, commonModeCurrent(volts, zcm, impedance), frequency),
  );
  const hottest = heats.reduce((most, heat) => (heat.rise > most.rise ? heat : most));
  const { stack, shrink } = stackLength(bead, beads);
  const data = {
    name: `Choke of ${beads} beads`,
    header: ['frequency', 'impedance', '|Z|, ohm', 'rejection, dB', 'mostly'],
    rows: results.map(({ frequency, impedance, rejectionDb, reactive }) => [
      formatFrequency(frequency),
      writeImpedance(impedance),
      Number(Math.hypot(impedance.re, impedance.im).toPrecision(3)),
      Number(rejectionDb.toFixed(1)),
      reactive ? 'reactive' : 'resistive',
    ]),
  };
  return (
    <>
      <div className="row-head">
        <h2>
          {beads} beads: {formatDecibels(worst.rejectionDb)} at {formatFrequency(worst.frequency)}, the least
          of the working frequencies
        </h2>
        <ResultActions data={data} />
      </div>
      <Answers
        items={[
          {
            label: `Beads for ${formatDecibels(target)}`,
            value: needed === undefined ? 'over 200' : String(needed),
            note: needed === undefined ? 'another material, or more passes' : 'at every working frequency',
          },
          { label: 'Length of the stack', value: <Length metres={stack} /> },
          { label: 'Shrink over it', value: <Length metres={shrink} />, note: 'end tubes and overlap' },
          {
            label: 'Heat in a bead',
            value: formatPower(hottest.power),
            note: `about ${hottest.rise < 1 ? 'under 1' : hottest.rise.toFixed(0)} K over the air, calm`,
          },
        ]}
      />
      {results.some(({ reactive }) => reactive) && (
        <p className="advice">
          At{' '}
          {results
            .filter(({ reactive }) => reactive)
            .map(({ frequency }) => formatFrequency(frequency))
            .join(', ')}{' '}
          the choke is more reactance than resistance: with a feeder of the other sign it can raise the
          current. A material for lower frequency, or more beads, is safer.
        </p>
      )}
      <ResultTable data={data} />
      <CurveChart
        title="Rejection against frequency"
        x={{ label: 'frequency, Hz', values: curve.at, write: shortFrequency, logarithmic: true }}
        y={{ label: 'dB', write: shortDecibels, include: [0] }}
        curves={[
          { name: 'rejection, dB', values: curve.rows.map(({ rejectionDb }) => rejectionDb), tone: 'copper' },
        ]}
        limits={[{ value: target, label: 'wanted' }]}
      />
      <CurveChart
        title="Impedance of the stack"
        x={{ label: 'frequency, Hz', values: curve.at, write: shortFrequency, logarithmic: true }}
        y={{ label: 'ohm', write: shortDecibels, include: [0] }}
        curves={[
          { name: 'resistance', values: curve.rows.map(({ impedance }) => impedance.re), tone: 'copper' },
          {
            name: 'reactance',
            values: curve.rows.map(({ impedance }) => impedance.im),
            tone: 'ink',
            dash: true,
          },
        ]}
      />
      <AddChoke bead={bead} beads={beads} material={values.from === 'points' ? null : values.material} />
      <Caution>
        With much common-mode current beads grow hot enough to melt a jacket and lose their permeability: feel
        them only with the transmitter off.
      </Caution>
      <p className="soft">
        Class curves are engineering values and differ from bead to bead by a quarter; the maker&rsquo;s
        impedance points are better. Rejection is 20 log |1 + Z choke / Z common mode|.
      </p>
    </>
  );
}
