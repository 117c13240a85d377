import type { Step } from '@gorvane/core/recipe/step.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import type { Fault } from '@gorvane/core/prove/fault.ts';
import { likelierReasons } from '@gorvane/core/prove/likelier.ts';
import { nextMeasurement } from '@gorvane/core/prove/next-measurement.ts';
import type { Placed } from '@gorvane/core/prove/place.ts';
import type { PlacedFault } from '@gorvane/core/prove/placed-diagnosis.ts';
import { inCable } from '@gorvane/core/prove/placed-diagnosis.ts';
import type { Proof } from '@gorvane/core/prove/proof.ts';
import type { Readings } from '@gorvane/core/reading/reading.ts';
import { repairOf } from '@gorvane/core/prove/repair.ts';
import { sentence } from '@gorvane/core/lead/in-words.ts';
import { endById } from '@gorvane/core/lead/lead.ts';
import { formatMetres } from '@gorvane/core/quantity/length.ts';
import { wordFault, wordPlace } from '../../../controls/fault-words.ts';
import type { Mending } from './fault-line.tsx';
import { FaultLine } from './fault-line.tsx';
import { NextReading } from './next-reading.tsx';
import type { ReadingJob } from './use-instruments.ts';

interface DiagnosisListProps {
  readonly frozen: FrozenPlan;
  readonly proof: Proof;
  readonly explanations: readonly (readonly PlacedFault[])[];
  /** The end that was worked on last. */
  readonly lastEndId: string | undefined;
  readonly steps: readonly Step[];
  readonly mending: Mending;
  readonly hand: Readings;
  readonly onHand: (hand: Readings) => void;
  readonly onRead: (jobs: readonly ReadingJob[]) => void;
}

/** What explains the readings: the smallest sets of mistakes, each placed as far as was read, and what would tell ties apart. */
export function DiagnosisList({
  frozen,
  proof,
  explanations,
  lastEndId,
  steps,
  mending,
  hand,
  onHand,
  onRead,
}: DiagnosisListProps) {
  const { lead } = frozen;
  const { proven, more, explanations: all } = proof.diagnosis!;
  const untold = explanations.map((faults) => ({ faults: faults.map(({ fault }) => fault) }));
  const next = nextMeasurement(lead, proof.wiring, untold, new Map(Object.entries(frozen.lengths)));
  const count = explanations[0]!.length;
  const reasons = likelierReasons(
    proof.wiring,
    untold.map(({ faults }) => faults),
    lastEndId,
  );
  return (
    <section aria-labelledby="explains">
      <h2 id="explains">What explains it</h2>
      <p className="soft">
        {count === 1 ? 'One mistake' : `${count} mistakes`} would show these readings
        {explanations.length > 1
          ? `; ${explanations.length}${more ? ' or more' : ''} explanations are equally small`
          : ''}
        . {proven ? 'No smaller set does.' : 'Whether fewer would do was not proven.'}
        {explanations.length < all.length && ' What was read of the place has ruled out the others.'}
      </p>
      <ol className="step-list">
        {explanations.map((faults, n) => (
          <li key={JSON.stringify(faults)}>
            {explanations.length > 1 && <div className="soft">{likelierWords(reasons, n)}</div>}
            {faults.map(({ fault, placed }) => {
              const words = wordFault(lead, proof.wiring, fault);
              return (
                <FaultLine
                  key={JSON.stringify(fault)}
                  words={sentence(inCable(placed) ? cableWords(proof, fault) : words)}
                  reason={words}
                  repair={repairOf(lead, proof.wiring, steps, fault)}
                  mending={mending}
                >
                  {placed && (
                    <div className={isTold(placed) ? undefined : 'soft'}>{placedWords(frozen, placed)}</div>
                  )}
                  {!inCable(placed) && (
                    <div className="soft">{wordPlace(lead, proof.wiring, fault, isTold(placed))}</div>
                  )}
                </FaultLine>
              );
            })}
          </li>
        ))}
      </ol>
      {next && <NextReading next={next} wiring={proof.wiring} hand={hand} onHand={onHand} onRead={onRead} />}
    </section>
  );
}

/** Why one of several stands where it stands. */
function likelierWords(all: ReturnType<typeof likelierReasons>, n: number): string {
  const { reasons, isAlike } = all[n]!;
  const why = reasons.map((reason) =>
    reason === 'worked on last' ? 'this end was worked on last' : 'benches see it more often',
  );
  const alike = isAlike ? (n === 0 ? 'As likely as the next' : 'As likely as one beside it') : '';
  if (why.length === 0) return alike || 'Less likely';
  return `Likelier: ${why.join(', ')}${alike ? `. ${alike}` : ''}`;
}

const isTold = (placed: Placed | undefined) => placed !== undefined && placed.where !== 'unsure';

/** The same mistake where it lies in the cable. */
function cableWords({ wiring }: Proof, fault: Fault): string {
  const conductor = (terminal: number) => wiring.conductors[wiring.terminals[terminal]!.conductor]!.label;
  if (fault.kind === 'open') return `${conductor(fault.terminal)} broken in the cable`;
  return 'two conductors touch in the cable';
}

/** Where a fault was placed, by what, and how sure that is. */
function placedWords({ lead }: FrozenPlan, placed: Placed): string {
  const [from, to] = [placed.fromEndId, placed.toEndId].map((endId) => `end ${endById(lead, endId).name}`);
  const at = `${formatMetres(placed.distance)} ± ${formatMetres(placed.uncertainty)} of cable from ${from}`;
  switch (placed.where) {
    case 'from end':
      return `By ${placed.by} it is at ${from}.`;
    case 'to end':
      return `By ${placed.by} it is at ${to}.`;
    case 'cable':
      return `By ${placed.by} it is in the cable, ${at}: cut back to there, or a new cable.`;
    case 'two places':
      return `By ${placed.by} it is broken at two places; the first is ${at}.`;
    case 'unsure':
      return `By ${placed.by} its place cannot be told: the readings differ less than they may be off.`;
  }
}
