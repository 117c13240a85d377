import type { Step } from '@gorvane/core/recipe/step.ts';
import { sentence } from '@gorvane/core/lead/in-words.ts';
import type { BadJoint } from '@gorvane/core/prove/bad-joint.ts';
import type { Proof } from '@gorvane/core/prove/proof.ts';
import { repairOf } from '@gorvane/core/prove/repair.ts';
import { wordFault } from '../../../controls/fault-words.ts';
import type { Mending } from './fault-line.tsx';
import { FaultLine } from './fault-line.tsx';

interface BadJointListProps {
  readonly joints: readonly (readonly BadJoint[])[];
  readonly proof: Proof;
  readonly steps: readonly Step[];
  readonly mending: Mending;
}

/** Joints that conduct badly and films that leak: every place that the readings leave, with the way back to it. */
export function BadJointList({ joints, proof, steps, mending }: BadJointListProps) {
  const { lead } = mending;
  return (
    <section aria-labelledby="bad-joints">
      <h2 id="bad-joints">Bad joints</h2>
      {joints.map((places) => (
        <div key={JSON.stringify(places)}>
          <p className="soft">
            {places.some(({ fault }) => fault.kind === 'open')
              ? 'What is too much is what one core leaves that carries nothing, broken or off its contact; a joint that happens to have as much would read alike.'
              : places.length === 1
                ? 'The readings leave one place.'
                : 'The readings do not tell which: one of these, the end worked on last first, or the cable between.'}
          </p>
          <ol className="step-list">
            {places.map(({ fault, mendedAs }) => {
              const words = wordFault(lead, proof.wiring, fault);
              return (
                <li key={JSON.stringify(fault)}>
                  <FaultLine
                    words={sentence(fault.kind === 'open' ? `one of several side by side: ${words}` : words)}
                    reason={words}
                    repair={repairOf(lead, proof.wiring, steps, mendedAs)}
                    mending={mending}
                  />
                </li>
              );
            })}
          </ol>
        </div>
      ))}
      <p className="advice">
        <strong>Measure next</strong> Read again while each joint is pressed and the cable bent behind it: the
        bad one moves the figure. A step in the reflection of a coax shows the end as well.
      </p>
    </section>
  );
}
