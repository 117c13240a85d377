import type { Step } from '@gorvane/core/build/step.ts';
import { readingPlan } from '@gorvane/core/instrument/reading-plan.ts';
import type { ProofPlan } from '@gorvane/core/prove/proof.ts';
import { plannedLooks } from '@gorvane/core/prove/looks.ts';
import type { Wiring } from '@gorvane/core/prove/wiring.ts';
import { HoldLimits } from '../../../controls/hold-limits.tsx';

interface TestPlanProps {
  readonly plan: ProofPlan;
  readonly wiring: Wiring;
  readonly steps: readonly Step[];
}

/** What is checked when: the hold points while the mistake can still be undone, then the proof, with what comes off or goes on first. */
export function TestPlan({ plan, wiring, steps }: TestPlanProps) {
  const holds = steps.filter(({ hold }) => hold && hold.kind !== 'proof');
  const before = holds.filter(({ stage }) => stage !== 'Finish');
  const after = holds.filter(({ stage }) => stage === 'Finish');
  const asksLooks = plan.house.practice.alsoAsk.includes('looks');
  const looks = plannedLooks(plan.lead).filter(({ whenFinished }) => !whenFinished);
  return (
    <details>
      <summary>Test plan: what is checked when, and what comes off first</summary>
      <h3>While it is built</h3>
      <HoldList steps={before} />
      <h3>At the proof, in this order</h3>
      <ol>
        {asksLooks && <li>Looks, {looks.length}: each Good or Out.</li>}
        {readingPlan(plan, wiring).map(({ label, before: first, instrument }, n, all) => (
          <li key={label}>
            <strong>{label}</strong>, {instrument}
            {first !== all[n - 1]?.before && <div className="soft">First: {first}</div>}
          </li>
        ))}
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
