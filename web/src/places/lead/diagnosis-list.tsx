import type { Lead } from '@gorvane/core/lead/lead.ts';
import type { Fault } from '@gorvane/core/prove/fault.ts';
import type { NextMeasurement } from '@gorvane/core/prove/next-measurement.ts';
import { nextMeasurement } from '@gorvane/core/prove/next-measurement.ts';
import type { Proof } from '@gorvane/core/prove/proof.ts';
import { repairOf } from '@gorvane/core/prove/repair.ts';
import type { PieceLengths } from '@gorvane/core/prove/resistance.ts';
import type { Step } from '@gorvane/core/build/step.ts';
import { formatCapacitance } from '@gorvane/core/quantity/capacitance.ts';
import { Button } from '@mantine/core';
import { wordFault, wordPlace } from '../../controls/fault-words.ts';

interface DiagnosisListProps {
  readonly lead: Lead;
  readonly lengths: PieceLengths;
  readonly proof: Proof;
  readonly steps: readonly Step[];
  readonly onGoBack: (fault: Fault) => void;
}

/** What explains the readings: the smallest sets of mistakes, ties included, and what would tell them apart. */
export function DiagnosisList({ lead, lengths, proof, steps, onGoBack }: DiagnosisListProps) {
  const { explanations, proven, more } = proof.diagnosis!;
  const count = explanations[0]!.faults.length;
  const next = nextMeasurement(lead, proof.wiring, explanations, lengths);
  return (
    <section aria-labelledby="explains">
      <h2 id="explains">What explains it</h2>
      <p className="soft">
        {count === 1 ? 'One mistake' : `${count} mistakes`} would show these readings
        {explanations.length > 1
          ? `; ${explanations.length}${more ? ' or more' : ''} explanations are equally small`
          : ''}
        . {proven ? 'No smaller set does.' : 'Whether fewer would do was not proven.'}
      </p>
      <ol className="step-list">
        {explanations.map(({ faults }) => (
          <li key={JSON.stringify(faults)}>
            {faults.map((fault) => {
              const target = repairOf(lead, proof.wiring, steps, fault)?.target;
              return (
                <div key={JSON.stringify(fault)} className="stage-head">
                  <div style={{ flex: 1 }}>
                    <strong>{sentence(wordFault(lead, proof.wiring, fault))}</strong>
                    <div className="soft">{wordPlace(lead, proof.wiring, fault)}</div>
                  </div>
                  {target && (
                    <Button variant="default" onClick={() => onGoBack(fault)}>
                      Go back to: {target.title}
                    </Button>
                  )}
                </div>
              );
            })}
          </li>
        ))}
      </ol>
      {next && (
        <div className="advice">
          <strong>Measure next</strong>
          <p>{wordNext(next)}</p>
        </div>
      )}
    </section>
  );
}

const sentence = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;

function wordNext(next: NextMeasurement): string {
  switch (next.code) {
    case 'capacitance from each end':
      return `Capacitance between the open conductor and the others, from each end. About ${formatCapacitance(next.whole)}: the break is at the other end. Only ${formatCapacitance(next.stray)} or so: it is at this end. In between: in the cable, in proportion.`;
    case 'resistance from each end':
      return 'Resistance into the short from each end, four-wire: the lower one is nearer to it.';
    case 'look at each end':
      return `Direct current cannot tell these apart. Look at ends ${next.ends.join(' and ')} against the plan.`;
  }
}
