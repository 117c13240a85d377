import { readTraceCsv } from '@gorvane/core/file/csv-trace.ts';
import type { Network } from '@gorvane/core/line/network.ts';
import type { ShownPlan } from '@gorvane/core/plan/shown-plan.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import type { Device, Readings } from '@gorvane/core/reading/reading.ts';
import type { ReflectionFinding } from '@gorvane/core/prove/reflection-findings.ts';
import {
  reflectionFindings,
  reflectogramOf,
  traceReflectogramOf,
} from '@gorvane/core/prove/reflection-findings.ts';
import type { SweepLine } from '@gorvane/core/prove/sweep-line.ts';
import { useEffect, useMemo } from 'react';
import { useSame } from '../../../draft/use-same.ts';
import { useKeptText } from '../../../data/touchstone-files.ts';
import { traceKnown } from './file-drop.tsx';
import { MeasuredCurves } from './measured-curves.tsx';
import { ReflectionChart } from './reflection-chart.tsx';

interface SweptReflectionsProps {
  readonly frozen: FrozenPlan;
  readonly plan: ShownPlan;
  readonly line: SweepLine;
  readonly takes: readonly Readings[];
  readonly sweeps: ReadonlyMap<string, Network>;
  /** Told what each file shows, by its checksum. */
  readonly onFound: OnFound;
}

export type OnFound = (hash: string, findings: readonly ReflectionFinding[]) => void;

/** Everything that was swept of a unit: curves over their prediction, and what reflects where on its run. */
export default function SweptReflections({
  frozen,
  plan,
  line,
  takes,
  sweeps,
  onFound,
}: SweptReflectionsProps) {
  return takes.map((take) => (
    <div key={`${take.instrument} ${take.sweep?.hash ?? take.trace?.hash}`}>
      {take.sweep && (
        <FromSweep
          frozen={frozen}
          plan={plan}
          line={line}
          network={sweeps.get(take.sweep.hash)}
          device={take.device}
          hash={take.sweep.hash}
          name={take.instrument}
          onFound={onFound}
        />
      )}
      {take.trace && (
        <FromTrace
          plan={plan}
          line={line}
          hash={take.trace.hash}
          name={`${take.instrument}, over time`}
          onFound={onFound}
        />
      )}
    </div>
  ));
}

interface FromProps {
  readonly plan: ShownPlan;
  readonly line: SweepLine;
  readonly hash: string;
  readonly name: string;
  readonly onFound: OnFound;
}

/** Says what was found once it is. */
function useFound(hash: string, onFound: OnFound, findings: readonly ReflectionFinding[] | undefined): void {
  useEffect(() => {
    if (findings) onFound(hash, findings);
  }, [hash, onFound, findings]);
}

interface FromSweepProps extends FromProps {
  readonly frozen: FrozenPlan;
  readonly network: Network | undefined;
  readonly device: Device | undefined;
}

function FromSweep({ frozen, network, device, ...props }: FromSweepProps) {
  const sameDevice = useSame(device);
  if (!network) return <NotRead hash={props.hash} name={props.name} />;
  return (
    <>
      <MeasuredCurves
        frozen={frozen}
        line={props.line}
        network={network}
        device={sameDevice}
        name={props.name}
      />
      <ReflectionOfSweep network={network} {...props} />
    </>
  );
}

/** A sweep that is not read: it is on its way, or its file is not here. */
function NotRead({ hash, name }: Pick<FromProps, 'hash' | 'name'>) {
  if (useKeptText(hash) !== null) return null;
  return <p className="out">■ The file of the sweep of {name} is not in this database.</p>;
}

function ReflectionOfSweep({
  plan,
  line,
  network,
  hash,
  name,
  onFound,
}: FromProps & { readonly network: Network }) {
  const result = useMemo(() => {
    try {
      const trace = reflectogramOf(line, network);
      const farEnd = network.ports > 1 ? 'on a port' : 'as it is';
      return { trace, findings: reflectionFindings(line, trace, farEnd) };
    } catch (error) {
      return { findings: undefined, problem: error instanceof Error ? error.message : String(error) };
    }
  }, [line, network]);
  useFound(hash, onFound, result.findings);
  if (!result.findings) return <p className="soft">No reflection from this sweep: {result.problem}.</p>;
  return <ReflectionChart plan={plan} line={line} name={name} {...result} />;
}

function FromTrace({ plan, line, hash, name, onFound }: FromProps) {
  const text = useKeptText(hash);
  const result = useMemo(() => {
    if (!text) return undefined;
    try {
      const { trace: steps, assumed } = readTraceCsv(text, traceKnown(line));
      const trace = traceReflectogramOf(line, steps);
      return { trace, findings: reflectionFindings(line, trace, 'as it is'), assumed };
    } catch (error) {
      return { findings: undefined, problem: error instanceof Error ? error.message : String(error) };
    }
  }, [text, line]);
  useFound(hash, onFound, result?.findings);
  if (text === null) return <p className="out">■ The file of this trace is not in this database.</p>;
  if (!result) return null;
  if (!result.findings) return <p className="out">■ {result.problem}</p>;
  return <ReflectionChart plan={plan} line={line} name={name} {...result} />;
}
