import { answerHold, stepDone } from '../unit/advance.ts';
import type { Obstruction, UnitProgress } from '../unit/progress.ts';
import { obstructions, unitProgress } from '../unit/progress.ts';
import type { Step } from '../recipe/step.ts';
import type { Unit, UnitEvent, UnitHappening } from '../unit/unit.ts';
import type { GaugeCard } from '../connector/gauge-card-schema.ts';
import type { House } from '../house/house.ts';
import type { Lead } from '../lead/lead.ts';
import { freezePlan } from '../plan/frozen-plan.ts';
import { planLead } from '../plan/lead-plan.ts';
import { nextEvent } from '../record/chain.ts';
import { firstRevision } from '../record/revise.ts';
import { cutKey } from '../strip/cut-of.ts';
import { house as usualHouse, now } from './example.ts';

/** A unit at a bench of its own, for tests: what happens is appended to its record, and what stands in the way is kept. */
export class BenchWalk {
  readonly unit: Unit;
  events: UnitEvent[] = [];
  /** Steps that were marked as done while something still stood in their way: must stay empty. */
  readonly jumped: { readonly step: string; readonly blocks: readonly Obstruction[] }[] = [];

  constructor(lead: Lead, cards: readonly GaugeCard[], house: House = usualHouse, firstArticle = false) {
    this.unit = {
      ...firstRevision('unit', now),
      serial: 'B1-0001',
      leadId: lead.id,
      orderId: 'order',
      lineId: 'line',
      sequence: 1,
      plan: freezePlan(planLead(lead, cards, house), house, firstArticle),
    };
    this.tell({ kind: 'started', planChecksum: 'x', programVersion: '0' });
  }

  /** Played once for each length of its record: a walk asks for it at every turn. */
  get progress(): UnitProgress {
    if (this.#played?.events !== this.events)
      this.#played = { events: this.events, progress: unitProgress(this.unit, this.events) };
    return this.#played.progress;
  }
  #played: { readonly events: UnitEvent[]; readonly progress: UnitProgress } | undefined;

  get happenings(): UnitHappening[] {
    return this.events.map(({ happening }) => happening);
  }

  tell(...happenings: readonly UnitHappening[]): void {
    for (const happening of happenings) {
      if (happening.kind === 'step done') this.#check(happening.stepId);
      this.events = [
        ...this.events,
        nextEvent(this.events, this.unit.id, happening, {
          id: `e${this.events.length}`,
          by: 'Bench one',
          at: now,
        }),
      ];
    }
  }

  #check(stepId: string): void {
    const { progress } = this;
    const step = progress.steps.find(({ id }) => id === stepId)!;
    const blocks = obstructions(progress, step, this.unit.plan);
    if (blocks.length > 0 || progress.current?.id !== stepId) this.jumped.push({ step: step.title, blocks });
  }

  /** Does the step before the unit the way a good one is done. */
  doStep(): Step {
    const step = this.progress.current!;
    for (const partId of step.cuts.flatMap(({ partIds }) => partIds)) this.tell({ kind: 'part cut', partId });
    for (const { partId } of step.threads)
      if (!this.progress.on.has(partId)) this.tell({ kind: 'part on', partId });
    for (const { partId } of step.requires) {
      if (!this.progress.on.has(partId)) this.tell({ kind: 'part on', partId });
      this.tell({ kind: 'part confirmed', stepId: step.id, partId });
    }
    if (step.recordsStrip) this.tell(this.stripAsPlanned(step));
    if (step.trialFit)
      this.tell({ kind: 'trial fit', stepId: step.id, endId: step.endId!, touches: null, gap: 0 });
    if (this.unit.plan!.firstArticle && step.work === 'prove')
      for (const { id, finishedLength } of this.unit.plan!.lead.legs)
        this.tell({ kind: 'length measured', legId: id, length: finishedLength });
    if (step.hold) this.tell(goodAnswer(step));
    this.tell(stepDone(step, 30));
    return step;
  }

  stripAsPlanned(step: Step, shift: Readonly<Record<string, number>> = {}): UnitHappening {
    const { cuts } = this.unit.plan!.strips.find(({ endId }) => endId === step.endId)!;
    const lengths = Object.fromEntries(
      cuts.map((cut) => [cutKey(cut), cut.position.value + (shift[cutKey(cut)] ?? 0)]),
    );
    return { kind: 'strip measured', stepId: step.id, endId: step.endId!, lengths };
  }

  /** Goes on until a step stands before the unit; false when it is finished first. */
  until(wanted: (step: Step) => boolean): boolean {
    while (this.progress.current) {
      if (wanted(this.progress.current)) return true;
      this.doStep();
    }
    return false;
  }
}

function goodAnswer(step: Step): UnitHappening {
  const { reading, kind } = step.hold!;
  if (kind === 'proof') return { kind: 'hold answered', stepId: step.id, good: true, reading: null };
  if (!reading) return answerHold(step, { good: true });
  const within =
    reading.min !== null && reading.max !== null
      ? (reading.min + reading.max) / 2
      : (reading.min ?? reading.max)!;
  return answerHold(step, { reading: within });
}
