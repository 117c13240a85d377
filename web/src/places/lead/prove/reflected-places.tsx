import { sentence } from '@gorvane/core/lead/in-words.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import type { ReflectionFinding } from '@gorvane/core/prove/reflection-findings.ts';
import { causeWords, placeWords } from './reflection-words.ts';

interface ReflectedPlacesProps {
  readonly lead: Lead;
  readonly findings: readonly ReflectionFinding[];
}

/** What reflects that should not, in words under the verdict: what it may be, how sure that is, and where. */
export function ReflectedPlaces({ lead, findings }: ReflectedPlacesProps) {
  if (findings.length === 0) return null;
  const from = `from end ${lead.ends[0]!.name}`;
  return (
    <section aria-labelledby="reflected">
      <h2 id="reflected">What the reflection shows</h2>
      <ul>
        {findings.map((finding) => (
          <li key={`${finding.distance} ${finding.causes[0]?.kind}`}>
            <strong className="reading">{placeWords(finding)}</strong> {from}:{' '}
            {sentence(finding.causes.map(({ kind, sure }) => `${sure} ${causeWords[kind]}`).join('; '))}
            {finding.place === 'cable' && ' Cut back to there, or a new cable.'}
          </li>
        ))}
      </ul>
    </section>
  );
}
