import type { Step } from '@gorvane/core/recipe/step.ts';
import type { PlannedReading } from '@gorvane/core/instrument/reading-plan.ts';
import { readingPlan } from '@gorvane/core/instrument/reading-plan.ts';
import type { ProofCheck } from '@gorvane/core/prove/checks.ts';
import type { Proof } from '@gorvane/core/prove/proof.ts';
import type { ProofPlan } from '@gorvane/core/prove/proof-plan.ts';
import { recordChecks } from '@gorvane/core/prove/record-checks.ts';
import { limitWords } from '../../../controls/certificate-words.ts';
import { HoldLimits } from '../../../controls/hold-limits.tsx';
import { useWriting } from '../../../controls/writing.ts';

interface TestPlanProps {
  readonly plan: ProofPlan;
  readonly proof: Proof;
  readonly steps: readonly Step[];
}

/** What is checked when: the hold points while the mistake can still be undone, then the proof, with what comes off or goes on first. */
export function TestPlan({ plan, proof, steps }: TestPlanProps) {
  const holds = steps.filter(({ hold }) => hold && hold.kind !== 'proof');
  const before = holds.filter(({ stage }) => stage !== 'Finish');
  const after = holds.filter(({ stage }) => stage === 'Finish');
  const { alsoAsk } = plan.house.practice;
  const [asksLooks, asksWiggle] = [alsoAsk.includes('looks'), alsoAsk.includes('wiggle')];
  const write = useWriting();
  const looks = plan.looks.filter(({ whenFinished }) => !whenFinished);
  return (
    <details>
      <summary>Test plan: what is checked when, and what comes off first</summary>
      <h3>While it is built</h3>
      <HoldList steps={before} />
      <h3>At the proof, in this order</h3>
      <ol>
        {asksLooks && <li>Looks, {looks.length}: each Good or Out.</li>}
        {readingPlan(plan, proof.wiring).map((reading, n, all) => (
          <li key={reading.label}>
            <strong>{reading.label}</strong>, {reading.instrument}
            {unaskedWhy(checksOf(proof, reading))}
            {reading.before !== all[n - 1]?.before && <div className="soft">First: {reading.before}</div>}
            {recordChecks(checksOf(proof, reading)).map((check) => (
              <div key={check.id}>
                {check.label}: {limitWords(check, write)}.{' '}
                <span className="soft">{proof.checks.find(({ id }) => id === check.id)!.why}</span>
              </div>
            ))}
            {reading.request.kind === 'matrix' && (
              <div>
                Every pair connected or open as planned; each path at most what its conductors and contacts
                may have.
              </div>
            )}
          </li>
        ))}
        {asksWiggle && <li>Wiggle test: the cable is moved at both ends while every path is read.</li>}
      </ol>
      {after.length > 0 && (
        <>
          <h3>After the proof</h3>
          <HoldList steps={after} />
        </>
      )}
    </details>
  );
}

/** Why nobody asks for a reading, where none of its checks is asked. */
function unaskedWhy(checks: readonly ProofCheck[]): string {
  const [first] = checks;
  return first && checks.every(({ leftOut }) => leftOut) ? `, not asked: ${first.notAsked}` : '';
}

/** The checks that a reading is taken for; what a matrix says of each path stands in the table above. */
function checksOf({ checks }: Proof, { request, check }: PlannedReading): ProofCheck[] {
  const ids = request.kind === 'sweep' ? ['loss', 'return loss', 'length'] : [check?.id ?? request.kind];
  return checks.filter(({ id }) => ids.includes(id));
}

function HoldList({ steps }: { readonly steps: readonly Step[] }) {
  return (
    <ol>
      {steps.map(({ id, hold, endId, why }) => (
        <li key={id}>
          <strong>
            {hold!.label}
            {endId && `, end ${endId}`}
          </strong>
          : <HoldLimits hold={hold!} /> <span className="soft">{why}</span>
        </li>
      ))}
    </ol>
  );
}
