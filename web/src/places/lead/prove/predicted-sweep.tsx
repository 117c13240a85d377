import { writeTouchstone } from '@gorvane/core/file/touchstone-write.ts';
import { sweepCurves } from '@gorvane/core/line/band.ts';
import { frequencyGrid, sweepCascade } from '@gorvane/core/line/cascade.ts';
import { chainNetwork } from '@gorvane/core/line/chain-network.ts';
import { leastOfAssembly } from '@gorvane/core/line/connector-line.ts';
import { leadCascade } from '@gorvane/core/line/lead-cascade.ts';
import type { ShownPlan } from '@gorvane/core/plan/shown-plan.ts';
import { formatFrequency } from '@gorvane/core/quantity/frequency.ts';
import { Button } from '@mantine/core';
import { useMemo } from 'react';
import { CurveChart } from '../../../controls/curve-chart.tsx';
import { saveFile } from '../../../controls/save-file.ts';

const points = 401;
const write = (value: number) => String(Number(value.toPrecision(3)));
const writeHertz = (hertz: number) => formatFrequency(Number(hertz.toPrecision(4)));

/** Two channels closer than this part of the band carry one label. */
const oneLabel = 10;

/** What a sweep of this lead should show, to hold a reading against: loss and match to twice its highest frequency. */
export function PredictedSweep({
  plan,
  line,
}: {
  readonly plan: ShownPlan;
  readonly line: NonNullable<ShownPlan['coaxLine']>;
}) {
  const { systemImpedance, frequencies } = plan.lead.requirement;
  const { sweep, elements } = useMemo(() => {
    const row = leadCascade({
      cable: line.cable,
      length: plan.cuts[0]!.betweenJackets,
      near: line.near.connector,
      far: line.far.connector,
    });
    const grid = frequencyGrid(1e6, Math.max(100e6, 2 * Math.max(...frequencies)), points);
    return { elements: row, sweep: sweepCascade(row, grid, systemImpedance) };
  }, [plan, line, frequencies, systemImpedance]);
  const curves = sweepCurves(sweep);
  const x = { label: 'frequency, Hz', values: curves.frequencies, write: writeHertz };
  const span = curves.frequencies.at(-1)!;
  const marks = frequencies.map((value, n) => ({
    value,
    label: n > 0 && value - frequencies[n - 1]! < span / oneLabel ? '' : writeHertz(value),
  }));
  const ends = [line.near.connector.series, line.far.connector.series];
  const least = curves.frequencies.map(
    (frequency, n) => leastOfAssembly(ends, frequency, curves.returnLossDb[n]!) ?? NaN,
  );
  const save = () =>
    saveFile(
      writeTouchstone(chainNetwork(elements, sweep.frequencies, systemImpedance), {
        comments: [`${plan.lead.name}, predicted`],
      }),
      'predicted.s2p',
      'text/plain',
    );
  return (
    <section aria-labelledby="predicted">
      <h2 id="predicted">What a sweep should show</h2>
      <CurveChart
        title="Predicted loss"
        x={x}
        y={{ label: 'dB', write, include: [0] }}
        curves={[{ name: 'loss, dB', values: curves.insertionLossDb, tone: 'copper' }]}
        marks={marks}
      />
      <CurveChart
        title="Predicted return loss"
        x={x}
        y={{ label: 'dB', write, include: [0], within: [0, 60] }}
        curves={[
          { name: 'of lines of nominal impedance, dB', values: curves.returnLossDb, tone: 'copper' },
          { name: 'least for these connectors, dB', values: least, tone: 'out', dash: true },
        ]}
        marks={marks}
      />
      <p className="soft">
        Ports of {systemImpedance} ohm. Lines of exactly nominal impedance match better than any bench can
        read (over 60 dB is not drawn); a real lead must stay above the dashed line.
      </p>
      <Button size="compact-sm" variant="default" onClick={save}>
        Save the prediction as Touchstone
      </Button>
    </section>
  );
}
