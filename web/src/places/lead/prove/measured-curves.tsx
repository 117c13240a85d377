import { lineFigures } from '@gorvane/core/cable/line-figures.ts';
import type { Network } from '@gorvane/core/line/network.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import type { Device } from '@gorvane/core/reading/reading.ts';
import type { SweepCause } from '@gorvane/core/prove/sweep-cause.ts';
import { sweepCauses } from '@gorvane/core/prove/sweep-cause.ts';
import type { JudgedCurve } from '@gorvane/core/prove/sweep-judge.ts';
import { judgeSweep } from '@gorvane/core/prove/sweep-judge.ts';
import type { SweepLine } from '@gorvane/core/prove/sweep-line.ts';
import { formatFrequency } from '@gorvane/core/quantity/frequency.ts';
import { formatMetres } from '@gorvane/core/quantity/length.ts';
import { useMemo } from 'react';
import { CurveChart } from '../../../controls/curve-chart.tsx';
import { VerdictMark } from '../../../controls/verdict.tsx';

const decibels = (value: number) => `${Number(value.toFixed(2))} dB`;
const write = (value: number) => String(Number(value.toPrecision(3)));
const writeHertz = (hertz: number) => formatFrequency(Number(hertz.toPrecision(4)));

interface MeasuredCurvesProps {
  readonly frozen: FrozenPlan;
  readonly line: SweepLine;
  readonly network: Network;
  readonly device: Device | undefined;
  /** What the sweep is called: its instrument or file. */
  readonly name: string;
}

/** One sweep over its prediction: loss and match with their limits, the worst point named, the margin along the band. */
export function MeasuredCurves({ frozen, line, network, device, name }: MeasuredCurvesProps) {
  const { frequencies } = frozen.lead.requirement;
  const judged = useMemo(
    () => judgeSweep(line, frequencies, network, frozen.house, device),
    [line, frequencies, network, frozen.house, device],
  );
  const { loss, returnLoss, band, unloaded } = judged;
  const marks = band.map((value, n) => ({ value, label: n === 0 ? 'band' : '' }));
  return (
    <section aria-label={`Sweep of ${name}`}>
      <h3>Sweep, {name}</h3>
      {network.references[0] !== line.reference && (
        <p className="soft">
          Swept in {network.references[0]} ohm, judged as it would be in {line.reference} ohm, which this lead
          is for.
        </p>
      )}
      {loss && (
        <>
          <WorstPoint what="Insertion loss" curve={loss} bound="at most" />
          <Curves
            title="Insertion loss, measured over predicted"
            curve={loss}
            marks={marks}
            limitName="at most, dB"
          />
          <Causes causes={causesOf(line, loss)} />
        </>
      )}
      {unloaded ? (
        <p>
          <VerdictMark verdict="Not yet" /> Return loss: nearly all comes back. The far end was open or short,
          or the lead is: the reflection below says where. For its match, sweep it again with a load of{' '}
          {line.reference} ohm at the far end.
        </p>
      ) : (
        <WorstPoint what="Return loss" curve={returnLoss} bound="at least" />
      )}
      <Curves
        title="Return loss, measured over predicted"
        curve={returnLoss}
        marks={marks}
        limitName="at least, dB"
        within={[0, 60]}
      />
      <Margins loss={loss} returnLoss={returnLoss} marks={marks} />
    </section>
  );
}

function causesOf({ cable }: SweepLine, { frequencies, measured, predicted }: JudgedCurve): SweepCause[] {
  return sweepCauses(frequencies, measured, predicted, lineFigures(cable).velocityFactor);
}

type Marks = readonly { readonly value: number; readonly label: string }[];

function WorstPoint({
  what,
  curve: { verdict, worst, frequencies, measured, limit, margin },
  bound,
}: {
  readonly what: string;
  readonly curve: JudgedCurve;
  readonly bound: string;
}) {
  return (
    <p>
      <VerdictMark verdict={verdict} />{' '}
      {worst < 0 ? (
        `${what}: no point of this sweep lies in the working band.`
      ) : (
        <>
          {what}: worst at <span className="reading">{writeHertz(frequencies[worst]!)}</span>,{' '}
          <span className="reading">{decibels(measured[worst]!)}</span>, {bound}{' '}
          <span className="reading">{decibels(limit[worst]!)}</span>, margin{' '}
          <span className="reading">{decibels(margin[worst]!)}</span>.
        </>
      )}
    </p>
  );
}

function Curves({
  title,
  curve: { frequencies, measured, predicted, limit },
  marks,
  limitName,
  within,
}: {
  readonly title: string;
  readonly curve: JudgedCurve;
  readonly marks: Marks;
  readonly limitName: string;
  readonly within?: readonly [number, number];
}) {
  return (
    <CurveChart
      title={title}
      x={{ label: 'frequency, Hz', values: frequencies, write: writeHertz }}
      y={{ label: 'dB', write, include: [0], ...(within ? { within } : {}) }}
      curves={[
        { name: 'measured, dB', values: measured, tone: 'ink' },
        { name: 'predicted, dB', values: predicted, tone: 'copper' },
        { name: limitName, values: limit, tone: 'out', dash: true },
      ]}
      marks={marks}
    />
  );
}

function Margins({
  loss,
  returnLoss,
  marks,
}: {
  readonly loss: JudgedCurve | undefined;
  readonly returnLoss: JudgedCurve;
  readonly marks: Marks;
}) {
  return (
    <CurveChart
      title="Margin along the band: above 0 is Good"
      x={{ label: 'frequency, Hz', values: returnLoss.frequencies, write: writeHertz }}
      y={{ label: 'dB', write, include: [0], within: [-20, 60] }}
      curves={[
        ...(loss ? [{ name: 'of loss, dB', values: loss.margin, tone: 'copper' as const }] : []),
        { name: 'of return loss, dB', values: returnLoss.margin, tone: 'ink' },
      ]}
      limits={[{ value: 0, label: 'limit' }]}
      marks={marks}
      height={160}
    />
  );
}

const causeWords: Readonly<Record<SweepCause['code'], string>> = {
  'series resistance':
    'a resistance in series: a joint or contact (the excess is the same at every frequency)',
  'conductor loss':
    'the conductors: a thinner cable, a poor braid or plating (the excess grows with the square root of frequency)',
  'dielectric loss': 'the dielectric: water or another material (the excess grows with frequency)',
  ripple: 'two places that reflect (a ripple of one period)',
  notch: 'a resonance: an open stub or a gap in the shield (a notch)',
  'less than copper can':
    'less loss than this length can have: a shorter or another cable, or the calibration',
};

/** What the shape of the excess suggests; nothing where the curve is as predicted. */
function Causes({ causes }: { readonly causes: readonly SweepCause[] }) {
  const shown = causes.filter(({ sure }) => sure !== 'not sure');
  if (shown.length === 0) return null;
  return (
    <div className="advice">
      <strong>What the shape of the loss suggests</strong>
      <ul>
        {shown.map(({ code, sure, size, at }) => (
          <li key={code}>
            {sure === 'likely' ? 'Likely' : 'Possibly'} {causeWords[code]}, {decibels(size)}
            {code === 'ripple' && at !== null && `, some ${formatMetres(at)} apart`}
            {code === 'notch' && at !== null && ` at ${writeHertz(at)}`}.
          </li>
        ))}
      </ul>
    </div>
  );
}
