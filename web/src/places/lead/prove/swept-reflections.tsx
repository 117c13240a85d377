import { readTraceCsv } from '@gorvane/core/file/csv-trace.ts';
import type { Network } from '@gorvane/core/file/network.ts';
import type { LeadPlan } from '@gorvane/core/plan/lead-plan.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import type { Readings } from '@gorvane/core/prove/reading.ts';
import {
  reflectionFindings,
  reflectogramOf,
  traceReflectogramOf,
} from '@gorvane/core/prove/reflection-findings.ts';
import type { SweepLine } from '@gorvane/core/prove/sweep-line.ts';
import { useMemo } from 'react';
import { useKeptText } from '../../../data/touchstone-files.ts';
import { traceKnown } from './file-drop.tsx';
import MeasuredCurves from './measured-curves.tsx';
import { ReflectionChart } from './reflection-chart.tsx';

interface SweptReflectionsProps {
  readonly frozen: FrozenPlan;
  readonly plan: LeadPlan;
  readonly line: SweepLine;
  readonly takes: readonly Readings[];
  readonly sweeps: ReadonlyMap<string, Network>;
}

/** Everything that was swept of a unit: curves over their prediction, and what reflects where on its run. */
export default function SweptReflections({ frozen, plan, line, takes, sweeps }: SweptReflectionsProps) {
  return takes.map((take) => {
    const network = take.sweep && sweeps.get(take.sweep.hash);
    return (
      <div key={`${take.instrument} ${take.sweep?.hash ?? take.trace?.hash}`}>
        {take.sweep && !network && (
          <p className="out">■ The file of the sweep of {take.instrument} is not in this database.</p>
        )}
        {network && (
          <>
            <MeasuredCurves
              frozen={frozen}
              line={line}
              network={network}
              device={take.device}
              name={take.instrument}
            />
            <FromSweep plan={plan} line={line} network={network} name={take.instrument} />
          </>
        )}
        {take.trace && <FromTrace plan={plan} line={line} hash={take.trace.hash} name={take.instrument} />}
      </div>
    );
  });
}

interface FromProps {
  readonly plan: LeadPlan;
  readonly line: SweepLine;
  readonly name: string;
}

function FromSweep({ plan, line, network, name }: FromProps & { readonly network: Network }) {
  const result = useMemo(() => {
    try {
      const trace = reflectogramOf(line, network);
      return { trace, findings: reflectionFindings(line, trace) };
    } catch (error) {
      return { problem: error instanceof Error ? error.message : String(error) };
    }
  }, [line, network]);
  if ('problem' in result) return <p className="soft">No reflection from this sweep: {result.problem}.</p>;
  return <ReflectionChart plan={plan} line={line} name={name} {...result} />;
}

function FromTrace({ plan, line, hash, name }: FromProps & { readonly hash: string }) {
  const text = useKeptText(hash);
  const result = useMemo(() => {
    if (!text) return undefined;
    try {
      const { trace: steps, assumed } = readTraceCsv(text, traceKnown(line));
      const trace = traceReflectogramOf(line, steps);
      return { trace, findings: reflectionFindings(line, trace), assumed };
    } catch (error) {
      return { problem: error instanceof Error ? error.message : String(error) };
    }
  }, [text, line]);
  if (text === null) return <p className="out">■ The file of this trace is not in this database.</p>;
  if (!result) return null;
  if ('problem' in result) return <p className="out">■ {result.problem}</p>;
  return <ReflectionChart plan={plan} line={line} name={name} {...result} />;
}
