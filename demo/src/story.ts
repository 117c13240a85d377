import { nextEvent } from '@gorvane/core/record/chain.ts';
import type { FrozenPlan } from '@gorvane/core/plan/frozen-plan.ts';
import { planHash } from '@gorvane/core/plan/plan-hash.ts';
import { answerHold, reworkTo, stepDone } from '@gorvane/core/unit/advance.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import type { Unit, UnitEvent, UnitHappening } from '@gorvane/core/unit/unit.ts';
import { prove } from '@gorvane/core/prove/proof.ts';
import { leadWiring } from '@gorvane/core/wiring/lead-wiring.ts';
import { repairOf } from '@gorvane/core/prove/repair.ts';
import type { InjectedFault } from '@gorvane/core/prove/injected-fault.ts';
import { isFault } from '@gorvane/core/prove/injected-fault.ts';
import type { Device } from '@gorvane/core/reading/reading.ts';
import { recordChecks } from '@gorvane/core/prove/record-checks.ts';
import { testVirtualLead } from '@gorvane/core/prove/virtual-lead.ts';
import { seededRandom } from '@gorvane/core/quantity/random.ts';
import { cutKey } from '@gorvane/core/strip/cut-of.ts';
import type { Ordered } from './design.ts';
import { identityAt, timeAt } from './design.ts';

/** Tells a unit's story: what happens, minute by minute, becomes its record chain. */
export class Story {
  readonly events: UnitEvent[] = [];
  #minute: number;

  constructor(
    readonly unit: Unit,
    startMinute: number,
    readonly by: string,
  ) {
    this.#minute = startMinute;
    this.tell({
      kind: 'started',
      planChecksum: planHash(unit.plan!),
      programVersion: unit.plan!.programVersion,
    });
  }

  tell(happening: UnitHappening): void {
    this.#minute += 1;
    const at = timeAt(this.#minute);
    this.events.push(
      nextEvent(this.events.slice(-1), this.unit.id, happening, {
        id: identityAt(at, `${this.unit.serial} event ${this.events.length}`),
        by: this.by,
        at,
      }),
    );
  }

  /** Does steps the way a good unit is built. */
  build(steps: readonly Step[], random: () => number): void {
    for (const step of steps) {
      step.cuts
        .flatMap(({ partIds }) => partIds)
        .forEach((partId) => this.tell({ kind: 'part cut', partId }));
      step.threads.forEach(({ partId }) => this.tell({ kind: 'part on', partId }));
      step.requires.forEach(({ partId }) => this.tell({ kind: 'part confirmed', stepId: step.id, partId }));
      if (step.recordsStrip) this.tell(measuredStrip(this.unit, step, random));
      if (step.trialFit)
        this.tell({ kind: 'trial fit', stepId: step.id, endId: step.endId!, touches: null, gap: 0 });
      if (step.hold && step.hold.kind !== 'proof') this.tell(goodAnswer(step, random));
      this.tell(stepDone(step, Math.round(20 + 90 * random())));
    }
  }

  /** Lets the simulated tester read the unit with faults in it, and records what it proves. */
  prove(faults: readonly InjectedFault[], seed: number): void {
    this.tell(provedBy(this.unit.plan!, this.by, faults, seed));
  }
}

/** What the simulated tester of a bench proves of a lead with faults in it. */
export function provedBy(
  plan: FrozenPlan,
  by: string,
  faults: readonly InjectedFault[],
  seed: number,
): UnitHappening {
  const virtual = { lead: plan.lead, lengths: new Map(Object.entries(plan.lengths)), celsius: 20, faults };
  const read = testVirtualLead(virtual, by, tester.name, seededRandom(seed), plan.family);
  const readings = { ...read, device: tester };
  const { verdict, checks } = prove(plan, [readings]);
  return { kind: 'proved', readings, verdict, checks: recordChecks(checks) };
}

/** The tester of the bench, as it says who it is. */
const tester: Device = {
  name: 'Simulated continuity tester 128',
  kind: 'continuity tester',
  serial: 'SIM-0128',
  calibrated: '2026-03-02',
  due: '2027-03-02',
  correction: null,
  simulated: true,
  uncertainty: { ohms: { relative: 0.005, fixed: 0.001 } },
};

function measuredStrip({ plan }: Unit, step: Step, random: () => number): UnitHappening {
  const { cuts } = plan!.strips.find(({ endId }) => endId === step.endId)!;
  // A caliper at the bench reads to 0.05 mm.
  const lengths = Object.fromEntries(
    cuts.map((cut) => [
      cutKey(cut),
      Math.round((cut.position.value + (random() - 0.5) * 0.2e-3) * 2e4) / 2e4,
    ]),
  );
  return { kind: 'strip measured', stepId: step.id, endId: step.endId!, lengths };
}

function goodAnswer(step: Step, random: () => number): UnitHappening {
  const asked = step.hold!.reading;
  if (!asked) return answerHold(step, { good: true });
  if (asked.quantity === 'resistance') return answerHold(step, { reading: 2e9 });
  if (step.role === 'finished-length') {
    const middle = (asked.min! + asked.max!) / 2;
    return answerHold(step, { reading: Math.round((middle + (random() - 0.5) * 4e-3) * 1e3) / 1e3 });
  }
  return answerHold(step, { reading: Math.round((random() - 0.5) * 0.2 * 100) * 1e-5 });
}

/** Goes back to where the fault was made and does that end's later steps again. */
export function mend(
  story: Story,
  { lead, found }: Pick<Ordered, 'lead' | 'found'>,
  steps: readonly Step[],
  proveAt: number,
  faults: readonly InjectedFault[],
  random: () => number,
): void {
  const [fault] = faults;
  if (!fault || !isFault(fault)) return;
  const wiring = leadWiring(lead);
  const { target, cost } = repairOf(lead, wiring, steps, fault)!;
  story.tell(reworkTo(target, steps[proveAt]!.id, cost, found));
  const again = steps
    .slice(steps.indexOf(target), proveAt)
    .filter(({ endId }) => endId === target.endId)
    .map((step) => ({ ...step, threads: [] }));
  story.build(again, random);
}
