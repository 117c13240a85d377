import { loopInductance, loopOfArea, skinFactor, strandedCopper } from '@gorvane/core/speaker/copper-loop.ts';
import {
  distributedVerdict,
  isAmplifierFull,
  loopShare,
  speakerTargets,
  speakerVerdict,
} from '@gorvane/core/speaker/speaker-verdict.ts';
import { evenGrid } from '@gorvane/core/quantity/grid.ts';
import { fromSquareMillimetres, inSquareMillimetres } from '@gorvane/core/quantity/multiple.ts';
import { formatDecibels } from '@gorvane/core/quantity/decibel.ts';
import { awgFromArea, parseConductorArea } from '@gorvane/core/quantity/gauge.ts';
import { parsePositiveLength } from '@gorvane/core/quantity/length.ts';
import { formatPower, parsePower } from '@gorvane/core/quantity/power.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { formatResistance } from '@gorvane/core/quantity/resistance.ts';
import { distributedLine } from '@gorvane/core/speaker/distributed-line.ts';
import {
  cableHeat,
  dampingFactor,
  longestRun,
  smallestArea,
  speakerLoss,
} from '@gorvane/core/speaker/speaker-line.ts';
import { useMemo } from 'react';
import { Caution } from '../../controls/caution.tsx';
import { CurveChart } from '../../controls/curve-chart.tsx';
import { ResultActions, ResultTable } from '../../controls/result-table.tsx';
import { VerdictMark } from '../../controls/verdict.tsx';
import type { AddressField, ValuesOf } from './address.ts';
import { useAddress } from './address.ts';
import { choice, length, power, resistance, scalar } from './fields.ts';
import { LabField, LabSelect } from './lab-field.tsx';
import { TapRun } from '../../drawing/tap-run.tsx';
import { Answers, LabPage } from './lab-page.tsx';
import { shortDecibels, shortMetres } from './write.ts';

interface Tap {
  readonly segmentLength: number;
  readonly power: number;
}

const tapsExpected = 'lengths and powers in order from the amplifier, such as 30 m 6 W; 20 m 6 W; 40 m 10 W';

/** Reads taps along a constant-voltage line: each the length from the one before, and its power. */
export function parseTaps(text: string): Tap[] {
  const taps = text
    .split(/;|\n/)
    .filter((part) => part.trim() !== '')
    .map((part) => {
      const match = /^\s*([\d.,]+\s*(?:mm|cm|m|km|ft)?)\s+([\d.,]+\s*[mk]?w)\s*$/i.exec(part);
      if (!match) throw new QuantityError(part.trim(), tapsExpected);
      return { segmentLength: parsePositiveLength(match[1]!, 10_000, 'm'), power: parsePower(match[2]!) };
    });
  if (taps.length === 0 || taps.length > 200) throw new QuantityError(text, tapsExpected);
  return taps;
}

const tapsField: AddressField<Tap[]> = {
  fallback: '30 m 6 W; 25 m 6 W; 25 m 6 W; 40 m 15 W',
  read: parseTaps,
};
const gaugeField: AddressField<number> = { fallback: '2.5 mm2', read: parseConductorArea };

const fields = {
  ask: choice(['one', 'line'], 'one'),
  gauge: gaugeField,
  length: length('20 m'),
  load: resistance('8 ohm'),
  output: resistance('0.05 ohm'),
  power: power('100 W'),
  target: scalar('0.5', 0.01, 20, 'a loss', 'dB'),
  volts: choice(['100', '70'], '100'),
  taps: tapsField,
  amp: power('60 W'),
};

/** Loudspeakers on a cable: level, damping, heat; and constant-voltage lines with taps. */
export function SpeakerPage() {
  const lab = useAddress(fields);
  const isOne = lab.values.ask === 'one';
  const field = (name: keyof typeof fields, label: string, description?: string) => (
    <LabField lab={lab} page="speaker" name={name} label={label} description={description} />
  );
  const inputs = (
    <>
      <LabSelect
        lab={lab}
        page="speaker"
        name="ask"
        label="Question"
        data={[
          { value: 'one', label: 'one loudspeaker on a cable' },
          { value: 'line', label: '70 / 100 V line with taps' },
        ]}
      />
      {field('gauge', 'Conductor', 'each pole: 2.5 mm2, 14 AWG, or 2x2.5 for paralleled cores')}
      {isOne ? (
        <>
          {field('length', 'Length', 'metres unless said')}
          {field('load', 'Loudspeaker')}
          {field('output', 'Amplifier output impedance')}
          {field('power', 'Amplifier power')}
          {field('target', 'Level loss allowed, dB')}
        </>
      ) : (
        <>
          <LabSelect
            lab={lab}
            page="speaker"
            name="volts"
            label="Line voltage"
            data={['100', '70'].map((value) => ({ value, label: `${value} V` }))}
          />
          {field('taps', 'Taps along the run', 'length from the one before and power, semicolons between')}
          {field('amp', 'Amplifier')}
        </>
      )}
    </>
  );
  return (
    <LabPage title="Speaker" page="speaker" inputs={inputs} problems={lab.problems}>
      {isOne ? <OneAnswer values={lab.values} /> : <LineAnswer values={lab.values} />}
      <Caution>
        High-level and constant-voltage lines can hurt: disconnect the amplifier before working on them or
        testing.
      </Caution>
    </LabPage>
  );
}

type Values = ValuesOf<typeof fields>;

const writeArea = (area: number) => `${Number(inSquareMillimetres(area).toPrecision(3))} mm2`;
const writeGauge = (area: number) => `${Math.floor(awgFromArea(area))} AWG or thicker`;

const standardAreas = [0.5, 0.75, 1, 1.5, 2.5, 4, 6, 10];

function OneAnswer({ values }: { readonly values: Values }) {
  const { gauge, load, output, target, power: watts } = values;
  const line = useMemo(
    () => ({
      length: values.length,
      loopResistance: loopOfArea(gauge),
      loopInductance,
      amplifierOutput: output,
      load: { model: 'resistive', resistance: load } as const,
    }),
    [values.length, gauge, output, load],
  );
  const loss = speakerLoss(line, 1000);
  const top = speakerLoss(
    { ...line, loopResistance: line.loopResistance * skinFactor(gauge, 20_000) },
    20_000,
  );
  const loop = line.loopResistance * line.length;
  const heat = cableHeat(line, watts);
  const longest = longestRun(target, line.loopResistance, load, output);
  const least = smallestArea(target, values.length, load + output, strandedCopper);
  const verdict = speakerVerdict(loss.levelLossDb, loop, load, target);
  const lengths = useMemo(() => evenGrid(0, 2 * values.length, 81), [values.length]);
  const data = {
    name: 'Speaker cable',
    header: [
      'conductor, mm2',
      'level loss, dB',
      'lost in the cable, %',
      'damping factor',
      `longest for ${target} dB, m`,
    ],
    rows: standardAreas.map((squareMillimetres) => {
      const other = { ...line, loopResistance: loopOfArea(fromSquareMillimetres(squareMillimetres)) };
      const { levelLossDb, powerLostFraction } = speakerLoss(other, 1000);
      return [
        squareMillimetres,
        Number(levelLossDb.toFixed(2)),
        Number((100 * powerLostFraction).toFixed(1)),
        Number(dampingFactor(other, load).toPrecision(3)),
        Number(longestRun(target, other.loopResistance, load, output).toPrecision(3)),
      ];
    }),
  };
  return (
    <>
      <div className="row-head">
        <div className="stage-head">
          <VerdictMark verdict={verdict} large />
          <h2>
            {writeArea(gauge)}, {shortMetres(values.length)}: {formatDecibels(loss.levelLossDb)} lost
          </h2>
        </div>
        <ResultActions data={data} />
      </div>
      {verdict === 'tight' && (
        <p className="advice">
          Within {speakerTargets.limit} dB, but over the {target} dB wanted or with a loop of more than{' '}
          {100 * loopShare} % of the load ({((100 * loop) / load).toFixed(1)} %).
        </p>
      )}
      <Answers
        items={[
          { label: 'Loop resistance', value: formatResistance(loop), note: 'out and back, 20 C' },
          {
            label: 'At 20 kHz',
            value: formatDecibels(top.levelLossDb),
            note: 'resistive load; skin effect and inductance of the cable counted',
          },
          { label: 'Lost in the cable', value: `${(100 * loss.powerLostFraction).toFixed(1)} %` },
          {
            label: 'Damping at the loudspeaker',
            value: dampingFactor(line, load).toPrecision(3),
            note: 'the voice coil itself is not counted',
          },
          {
            label: 'Heat in the cable',
            value: formatPower(heat),
            note: `${formatPower(heat / line.length)} a metre`,
          },
          { label: `Longest for ${target} dB`, value: shortMetres(Number(longest.toPrecision(3))) },
          { label: 'Smallest conductor', value: writeArea(least), note: writeGauge(least) },
        ]}
      />
      <CurveChart
        title="Level loss against length"
        x={{ label: 'length, m', values: lengths, write: shortMetres }}
        y={{ label: 'dB', write: shortDecibels, include: [0] }}
        curves={[
          {
            name: 'level loss, dB',
            values: lengths.map((metres) => speakerLoss({ ...line, length: metres }, 1000).levelLossDb),
            tone: 'copper',
          },
        ]}
        limits={[{ value: target, label: `${target} dB` }]}
      />
      <h2>The same run with other conductors</h2>
      <ResultTable data={data} />
    </>
  );
}

function LineAnswer({ values }: { readonly values: Values }) {
  const { gauge, taps, amp } = values;
  const nominalVoltage = Number(values.volts);
  const result = useMemo(
    () => distributedLine({ nominalVoltage, loopResistance: loopOfArea(gauge), taps }),
    [nominalVoltage, gauge, taps],
  );
  const last = result.taps.reduce((worst, tap) => (tap.lossDb > worst.lossDb ? tap : worst));
  const sum = taps.reduce((total, tap) => total + tap.power, 0);
  const overloads = isAmplifierFull(sum, amp);
  const verdict = distributedVerdict(last.lossDb, sum, amp);
  const data = {
    name: `${values.volts} V line`,
    header: ['tap', 'from the amplifier, m', 'tapped at, W', 'voltage, V', 'level loss, dB', 'gets, W'],
    rows: result.taps.map((tap, n) => [
      n + 1,
      Number(tap.distance.toPrecision(4)),
      taps[n]!.power,
      Number(tap.voltage.toFixed(2)),
      Number(tap.lossDb.toFixed(3)),
      Number(tap.power.toPrecision(3)),
    ]),
  };
  return (
    <>
      <div className="row-head">
        <div className="stage-head">
          <VerdictMark verdict={verdict} large />
          <h2>
            {values.volts} V line, {writeArea(gauge)}: {formatDecibels(last.lossDb)} at the weakest tap
          </h2>
        </div>
        <ResultActions data={data} />
      </div>
      {overloads && (
        <p className="advice">
          The taps ask for {formatPower(sum)}, more than four fifths of the amplifier&rsquo;s{' '}
          {formatPower(amp)}: tap some lower or take a larger amplifier.
        </p>
      )}
      <TapRun taps={result.taps.map(({ distance, lossDb }) => ({ distance, lossDb }))} />
      <Answers
        items={[
          { label: 'Taps together', value: formatPower(sum), note: `of an amplifier of ${formatPower(amp)}` },
          { label: 'From the amplifier', value: formatPower(result.sourcePower) },
          { label: 'Lost in the cable', value: `${(100 * result.powerLostFraction).toFixed(1)} %` },
        ]}
      />
      <ResultTable data={data} />
    </>
  );
}
