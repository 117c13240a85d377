import type { LeadPlan } from '@gorvane/core/plan/lead-plan.ts';
import type { Reflectogram } from '@gorvane/core/line/reflectogram.ts';
import type { ReflectionFinding } from '@gorvane/core/prove/reflection-findings.ts';
import type { SweepLine } from '@gorvane/core/prove/sweep-line.ts';
import { formatMetres } from '@gorvane/core/quantity/length.ts';
import { ReflectionDrawing } from '../../../drawing/reflection-drawing.tsx';

interface ReflectionChartProps {
  readonly plan: LeadPlan;
  readonly line: SweepLine;
  readonly trace: Reflectogram;
  readonly findings: readonly ReflectionFinding[];
  readonly name: string;
  /** What a file did not say and was taken as. */
  readonly assumed?: readonly string[];
}

/** Impedance against distance, and below it the run to the same scale with every event pinned on it. */
export function ReflectionChart({ plan, line, trace, findings, name, assumed = [] }: ReflectionChartProps) {
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
        <table className="plain-table">
          <thead>
            <tr>
              <th scope="col">Where, from end {plan.lead.ends[0]!.name}</th>
              <th scope="col">What it may be</th>
              <th scope="col">Seen as</th>
            </tr>
          </thead>
          <tbody>
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
          </tbody>
        </table>
      )}
      <p className="soft">
        Two places closer than {formatMetres(trace.resolution)} run together; beyond{' '}
        {formatMetres(trace.aliasFree)} echoes fold back. Distances rest on the velocity factor, known to{' '}
        {Math.round(trace.velocityUncertainty * 100)} %.
        {assumed.length > 0 && ` Assumed: ${assumed.join('; ')}.`}
      </p>
    </section>
  );
}

const causeWords: Readonly<Record<ReflectionFinding['causes'][number]['kind'], string>> = {
  open: 'open: a conductor does not go on',
  short: 'short: centre and shield touch',
  crush: 'pressed flat or kinked',
  water: 'water in the dielectric',
  'wrong cable': 'another cable, of another impedance',
  'bad joint': 'a joint with resistance or a gap',
  leak: 'something across centre and shield that conducts',
  connector: 'the connector itself',
  'far end': 'what is connected at the far end, or nothing there',
};

function placeWords({ distance, uncertainty, until, place }: ReflectionFinding): string {
  const at = `${formatMetres(Math.max(0, distance))} ± ${formatMetres(uncertainty)}`;
  const where = place === 'cable' ? at : `${place}, ${at}`;
  return until === null ? where : `${where}, until ${formatMetres(until)}`;
}

function eventWords({ event: { kind, impedance, seriesResistance, size } }: ReflectionFinding): string {
  switch (kind) {
    case 'open':
    case 'short':
      return `total reflection, ${kind}`;
    case 'higher':
      return `step up to ${impedance.toFixed(1)} ohm${seriesResistance ? `, or ${seriesResistance.toFixed(1)} ohm in series` : ''}`;
    case 'lower':
      return `step down to ${impedance.toFixed(1)} ohm`;
    case 'inductive':
      return `spike up to ${impedance.toFixed(1)} ohm${size ? `, like ${(size * 1e9).toFixed(1)} nH` : ''}`;
    case 'capacitive':
      return `dip to ${impedance.toFixed(1)} ohm${size ? `, like ${(size * 1e12).toFixed(1)} pF` : ''}`;
  }
}
