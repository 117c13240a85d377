import { Table } from '../../../controls/table.tsx';
import type { ShownPlan } from '@gorvane/core/plan/shown-plan.ts';
import type { Reflectogram } from '@gorvane/core/line/reflectogram.ts';
import type { ReflectionFinding } from '@gorvane/core/prove/reflection-findings.ts';
import type { SweepLine } from '@gorvane/core/prove/sweep-line.ts';
import { decibelsOf, formatDecibels } from '@gorvane/core/quantity/decibel.ts';
import { formatMetres } from '@gorvane/core/quantity/length.ts';
import { ReflectionDrawing } from '../../../drawing/reflection-drawing.tsx';
import { causeWords, eventWords, placeWords } from './reflection-words.ts';

interface ReflectionChartProps {
  readonly plan: ShownPlan;
  readonly line: SweepLine;
  readonly trace: Reflectogram;
  readonly findings: readonly ReflectionFinding[];
  readonly name: string;
  /** What a file did not say and was taken as. */
  readonly assumed?: readonly string[];
}

/** Impedance against distance, and below it the run to the same scale with every event pinned on it. */
export function ReflectionChart({ plan, line, trace, findings, name, assumed = [] }: ReflectionChartProps) {
  const leftOver = -decibelsOf(Math.max(1e-6, trace.unexplained));
  const unexpected = findings.filter(({ expected }) => !expected);
  return (
    <section aria-label={`Reflection of ${name}`}>
      <h3>Reflection against distance, {name}</h3>
      <p>
        {unexpected.length === 0 ? (
          <span className="good">● Nothing on the run reflects that should not.</span>
        ) : (
          <span className="out">
            ■ {unexpected.length} {unexpected.length === 1 ? 'place reflects' : 'places reflect'} that should
            not.
          </span>
        )}
      </p>
      <ReflectionDrawing
        trace={trace}
        findings={findings}
        length={line.length}
        reference={line.reference}
        ends={plan.lead.ends.map(({ name: end }) => `end ${end}`)}
      />
      {findings.length > 0 && (
        <Table head={[`Where, from end ${plan.lead.ends[0]!.name}`, 'What it may be', 'Seen as']}>
          {findings.map((finding, n) => (
            <tr key={`${finding.distance} ${n}`}>
              <th scope="row" className="reading">
                {n + 1}: {placeWords(finding)}
              </th>
              <td>
                {finding.expected ? (
                  <span className="good">● usual there</span>
                ) : (
                  finding.causes.map(({ kind, sure }) => (
                    <div key={kind}>
                      {sure}: {causeWords[kind]}
                    </div>
                  ))
                )}
              </td>
              <td className="soft">{eventWords(finding)}</td>
            </tr>
          ))}
        </Table>
      )}
      <p className="soft">
        The line is the impedance of the places found, with loss and what lies before undone; dotted is what a
        reflectometer shows. What comes back beside those places is {formatDecibels(leftOver)} below a full
        reflection. Two places closer than {formatMetres(trace.resolution)} run together; beyond{' '}
        {formatMetres(trace.aliasFree)} echoes fold back. Distances rest on the velocity factor, known to{' '}
        {Math.round(trace.velocityUncertainty * 100)} %.
        {assumed.length > 0 && ` Assumed: ${assumed.join('; ')}.`}
      </p>
    </section>
  );
}
