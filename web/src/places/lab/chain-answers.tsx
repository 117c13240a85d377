import { inNanoseconds } from '@gorvane/core/quantity/multiple.ts';
import type { ChainAnswer } from '@gorvane/core/line/chain-answer.ts';
import { aliasFreeDelay, isDelayAmbiguous } from '@gorvane/core/line/band.ts';
import type { ReflectionEvent } from '@gorvane/core/line/reflection-events.ts';
import { formatDecibels } from '@gorvane/core/quantity/decibel.ts';
import { formatMetres } from '@gorvane/core/quantity/length.ts';
import { formatPrefixed } from '@gorvane/core/quantity/prefix.ts';
import { formatTime } from '@gorvane/core/quantity/scalar.ts';
import { Button } from '@mantine/core';
import type { Curve } from '../../controls/curve-chart.tsx';
import { CurveChart } from '../../controls/curve-chart.tsx';
import { ResultActions, ResultTable } from '../../controls/result-table.tsx';
import type { KeptFile } from '../../data/touchstone-files.ts';
import { Answers } from './lab-page.tsx';
import { shortDecibels, shortFrequency, shortMetres, shortOhms } from './write.ts';

interface ChainAnswersProps {
  readonly answer: ChainAnswer;
  readonly busy: boolean;
  readonly labels: readonly string[];
  readonly compared: KeptFile | undefined;
  readonly onTouchstone: () => void;
}

/** Worst over the band, what causes it, and the curves. */
export function ChainAnswers({ answer, busy, labels, compared, onTouchstone }: ChainAnswersProps) {
  const { worst, curves, sweep } = answer;
  const longest = Math.max(...curves.groupDelay);
  const summary = [
    {
      label: 'Worst insertion loss',
      value: formatDecibels(worst.insertionLoss.value),
      note: `at ${shortFrequency(worst.insertionLoss.frequency)}`,
    },
    {
      label: 'Worst return loss',
      value: formatDecibels(worst.returnLoss.value),
      note: `at ${shortFrequency(worst.returnLoss.frequency)}, reference ${sweep.reference} ohm`,
    },
    {
      label: 'Group delay, longest',
      value: formatTime(longest),
      note: isDelayAmbiguous(longest, sweep.frequencies)
        ? 'points too far apart to tell: take more'
        : `points tell up to ${formatTime(aliasFreeDelay(sweep.frequencies))}`,
    },
  ];
  return (
    <>
      <div className="row-head">
        <h2>Over the band{busy ? ', working it out' : ''}</h2>
        <ResultActions
          data={() => ({
            name: 'Chain sweep',
            header: [
              'frequency, Hz',
              'insertion loss, dB',
              'return loss, dB',
              'group delay, s',
              'phase, degrees',
            ],
            rows: Array.from(curves.frequencies, (frequency, n) => [
              frequency,
              curves.insertionLossDb[n]!,
              curves.returnLossDb[n]!,
              curves.groupDelay[n]!,
              curves.phaseDegrees[n]!,
            ]),
          })}
        >
          <Button size="compact-sm" variant="default" onClick={onTouchstone}>
            Save Touchstone
          </Button>
        </ResultActions>
      </div>
      <Answers items={summary} />
      <Ranking answer={answer} labels={labels} />
      <ChainCharts answer={answer} compared={compared} />
      <Reflection answer={answer} />
    </>
  );
}

/** Which item costs most loss and most match: what to mend first. */
function Ranking({ answer, labels }: Pick<ChainAnswersProps, 'answer' | 'labels'>) {
  const { contributions } = answer;
  if (contributions.length !== labels.length) return null;
  const name = (index: number) => `${index + 1}. ${labels[index]}`;
  const byLoss = [...contributions].sort((a, b) => b.lossDb - a.lossDb);
  const byMatch = [...contributions].sort((a, b) => a.returnLossDb - b.returnLossDb);
  return (
    <div className="charts">
      <section aria-labelledby="by-loss">
        <h2 id="by-loss">Costs most loss</h2>
        <p className="soft">Loss of each, where it is most.</p>
        <ResultTable
          data={{
            name: 'Loss by item',
            header: ['item', 'loss, dB', 'at'],
            rows: byLoss.map(({ index, lossDb, lossFrequency }) => [
              name(index),
              Number(lossDb.toFixed(3)),
              shortFrequency(lossFrequency),
            ]),
          }}
        />
      </section>
      <section aria-labelledby="by-match">
        <h2 id="by-match">Costs most match</h2>
        <p className="soft">Return loss of each alone, seen from the source.</p>
        <ResultTable
          data={{
            name: 'Match by item',
            header: ['item', 'return loss, dB', 'at'],
            rows: byMatch.map(({ index, returnLossDb, returnLossFrequency }) => [
              name(index),
              returnLossDb > 60 ? 'over 60' : Number(returnLossDb.toFixed(1)),
              shortFrequency(returnLossFrequency),
            ]),
          }}
        />
      </section>
    </div>
  );
}

/** Curves of a file, taken at the sweep's frequencies where it has them. */
function comparedCurve(frequencies: Float64Array, file: KeptFile, row: number, column: number): Float64Array {
  const { network } = file;
  const series = network.parameters[(row - 1) * network.ports + column - 1]!;
  const known = network.frequencies;
  let place = 0;
  return frequencies.map((frequency) => {
    while (place + 1 < known.length && known[place + 1]! <= frequency) place++;
    if (frequency < known[0]! || frequency > known[known.length - 1]!) return NaN;
    return -20 * Math.log10(Math.hypot(series.re[place]!, series.im[place]!));
  });
}

function ChainCharts({ answer, compared }: Pick<ChainAnswersProps, 'answer' | 'compared'>) {
  const { curves, loaded } = answer;
  const { frequencies } = curves;
  const x = { label: 'frequency, Hz', values: frequencies, write: shortFrequency };
  const loss: Curve[] = [{ name: 'between matched ports', values: curves.insertionLossDb, tone: 'copper' }];
  const match: Curve[] = [{ name: 'far port matched', values: curves.returnLossDb, tone: 'copper' }];
  if (loaded) {
    const { s11Re, s11Im, totalLossDb } = loaded;
    loss.push({ name: 'into the load', values: totalLossDb, tone: 'good', dash: true });
    match.push({
      name: 'with the load',
      values: s11Re.map((re, n) => Math.min(120, -20 * Math.log10(Math.hypot(re, s11Im[n]!)))),
      tone: 'good',
      dash: true,
    });
  }
  if (compared) {
    if (compared.network.ports > 1)
      loss.push({
        name: compared.name,
        values: comparedCurve(frequencies, compared, 2, 1),
        tone: 'ink',
        dash: true,
      });
    match.push({
      name: compared.name,
      values: comparedCurve(frequencies, compared, 1, 1),
      tone: 'ink',
      dash: true,
    });
  }
  return (
    <div className="charts">
      <CurveChart
        title="Insertion loss"
        x={x}
        y={{ label: 'loss, dB', write: shortDecibels, include: [0], within: [-1, 200] }}
        curves={loss}
      />
      <CurveChart
        title="Return loss"
        x={x}
        y={{ label: 'return loss, dB', write: shortDecibels, include: [0], within: [0, 60] }}
        curves={match}
      />
      <CurveChart
        title="Group delay"
        x={x}
        y={{ label: 'ns', write: (value) => String(Number(value.toPrecision(7))) }}
        curves={[
          {
            name: 'group delay, ns',
            values: curves.groupDelay.map(inNanoseconds),
            tone: 'copper',
          },
        ]}
      />
    </div>
  );
}

const eventWords: Readonly<Record<ReflectionEvent['kind'], string>> = {
  open: 'open',
  short: 'short',
  higher: 'steps up',
  lower: 'steps down',
  inductive: 'inductive spike',
  capacitive: 'capacitive dip',
  series: 'resistance in series',
  leak: 'leak across the line',
};

function eventExplanation(event: ReflectionEvent): string {
  const { kind, impedance, isDecided, seriesResistance, leakResistance, size } = event;
  const piece = `a piece of ${shortOhms(impedance)} ohm`;
  const against = isDecided ? ': another cable would pass more on to what lies behind' : `, or ${piece}`;
  switch (kind) {
    case 'open':
    case 'short':
      return 'nothing is seen behind it';
    case 'inductive':
      return `about ${formatPrefixed(size ?? 0, 'H', 2)}, or a short high-impedance piece`;
    case 'capacitive':
      return `about ${formatPrefixed(size ?? 0, 'F', 2)}, or a short low-impedance piece`;
    case 'series':
      return `${shortOhms(seriesResistance!)} ohm in series${against}`;
    case 'leak':
      return `${shortOhms(leakResistance!)} ohm across the line${against}`;
    case 'higher':
      return seriesResistance === null ? piece : `${piece}, or ${shortOhms(seriesResistance)} ohm in series`;
    case 'lower':
      return leakResistance === null
        ? piece
        : `${piece}, or ${shortOhms(leakResistance)} ohm across the line`;
  }
}

function Reflection({ answer }: Pick<ChainAnswersProps, 'answer'>) {
  const { reflection } = answer;
  if (!reflection)
    return (
      <p className="soft">
        Reflection against distance wants a band that begins at a tenth of its end or lower, and 51 points or
        more.
      </p>
    );
  if ('refused' in reflection)
    return <p className="soft">No reflection against distance: {reflection.refused}.</p>;
  const { trace, events } = reflection;
  return (
    <section aria-labelledby="reflection">
      <h2 id="reflection">Reflection against distance</h2>
      <p className="soft">
        Places closer than {formatMetres(Number(trace.resolution.toPrecision(2)))} run together; free of
        folding to {formatMetres(Math.round(trace.aliasFree))}; a distance may be off by{' '}
        {(trace.velocityUncertainty * 100).toFixed(1)} % for the velocity factor unless it is calibrated.
      </p>
      <CurveChart
        title="Impedance along the chain"
        x={{ label: 'from the source, m', values: trace.distances, write: shortMetres }}
        y={{ label: 'ohm', write: shortOhms, within: [0, 200] }}
        curves={[
          { name: 'local, masking and loss undone', values: trace.local, tone: 'copper' },
          { name: 'as on the screen', values: trace.apparent, tone: 'soft', dash: true },
        ]}
      />
      {events.length > 0 ? (
        <ResultTable
          data={{
            name: 'Places found',
            header: ['place, m', 'give or take, m', 'what', 'explained by'],
            rows: events.map((event) => [
              Number(event.distance.toPrecision(4)),
              Number(event.uncertainty.toPrecision(2)),
              eventWords[event.kind],
              eventExplanation(event),
            ]),
          }}
        />
      ) : (
        <p>No place stands out from the cable&rsquo;s own unevenness.</p>
      )}
    </section>
  );
}
