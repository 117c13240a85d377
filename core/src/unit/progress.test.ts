import { migrated } from '../file/migrations/migrations.ts';
import { describe, expect, test } from '@jest/globals';
import { freezePlan } from '../plan/frozen-plan.ts';
import { planLead } from '../plan/lead-plan.ts';
import { nextEvent } from '../record/chain.ts';
import { firstStepOfEnd, remakeCost } from '../prove/repair.ts';
import { BenchWalk } from '../testing/bench-walk.ts';
import { exampleLead, house, now } from '../testing/example.ts';
import { answerHold, reworkFrom, reworkTo, waiveHold } from './advance.ts';
import { isAtWork, obstructions, unitProgress } from './progress.ts';
import { stageStates, unitReasons } from './stage-states.ts';
import { contactPull, ferrulePull } from '../recipe/pull.ts';
import type { Step } from '../recipe/step.ts';
import type { UnitEvent, UnitHappening } from './unit.ts';
import { unitSchema } from './unit.ts';

const { lead, card } = exampleLead();
const plan = planLead(lead, [card], house);
const { unit } = new BenchWalk(lead, [card]);
const stepNamed = (name: string, endId: string | null = 'A', steps: readonly Step[] = plan.steps) =>
  steps.find((step) => step.role === name && step.endId === endId)!;

function record(happenings: readonly UnitHappening[]): UnitEvent[] {
  return happenings.reduce<UnitEvent[]>(
    (chain, happening, index) => [
      ...chain,
      nextEvent(chain, unit.id, happening, { id: `e${index}`, by: 'Bench one', at: now }),
    ],
    [],
  );
}
const stepOf = (stepId: string): UnitHappening => ({ kind: 'step done', stepId });
const progressOf = (...happenings: UnitHappening[]) => unitProgress(unit, record(happenings));

/** Everything that a good unit has in its record up to a step. */
function goodUpTo(stop: Step | undefined): UnitHappening[] {
  const index = stop ? plan.steps.indexOf(stop) : plan.steps.length;
  return plan.steps
    .slice(0, index)
    .flatMap((step): UnitHappening[] => [
      ...step.threads.map(({ partId }): UnitHappening => ({ kind: 'part on', partId })),
      ...(step.hold ? [{ kind: 'hold answered', stepId: step.id, good: true, reading: null } as const] : []),
      { kind: 'step done', stepId: step.id },
    ]);
}

describe('one sequence for the whole lead', () => {
  test.each(['early', 'late'] as const)(
    'no step before what it needs, no part required before it is threaded (%s)',
    (threading) => {
      const { steps } = planLead(lead, [card], { ...house, practice: { ...house.practice, threading } });
      const before = new Set<string>();
      const on = new Set<string>();
      for (const step of steps) {
        expect(step.needs.filter((id) => !before.has(id))).toEqual([]);
        expect(step.requires.filter(({ partId }) => !on.has(partId))).toEqual([]);
        before.add(step.id);
        step.threads.forEach(({ partId }) => on.add(partId));
      }
      expect(before.size).toBe(steps.length);
      expect(on).toEqual(new Set(['label-sleeve', 'A/shrink', 'A/ferrule', 'B/shrink', 'B/ferrule']));
    },
  );

  test('the stages come in the order of the work', () => {
    const { steps } = plan;
    const firstOf = (stage: string) => steps.findIndex((step) => step.stage === stage);
    const order = ['Cut', 'Thread', 'Strip', 'Join', 'Prove', 'Finish'].map(firstOf);
    expect(order).toEqual([...order].sort((a, b) => a - b));
    expect(order[0]).toBe(0);
  });

  test('the hold points of a crimp end stand where a mistake can still be undone', () => {
    const names = plan.steps.filter(({ endId, hold }) => endId === 'A' && hold).map(({ role }) => role);
    expect(names).toEqual([
      'nick-and-whisker',
      'contact-tug',
      'contact-height',
      'no-short',
      'cable-tug',
      'setback',
      'coupling',
    ]);
    expect(plan.steps.findIndex(({ role }) => role === 'no-short')).toBeLessThan(
      plan.steps.findIndex(({ role }) => role === 'ferrule'),
    );
  });

  test('step ids do not depend on the unit, and house practice changes the steps', () => {
    expect(planLead(lead, [card], house).steps.map(({ id }) => id)).toEqual(plan.steps.map(({ id }) => id));
    const relief = planLead(lead, [card], {
      ...house,
      practice: { ...house.practice, outerSeal: 'before, as strain relief' },
    });
    const at = (steps: readonly Step[], name: string) => steps.findIndex((step) => step.role === name);
    expect(at(relief.steps, 'seal')).toBeLessThan(at(relief.steps, 'prove'));
    expect(at(plan.steps, 'seal')).toBeGreaterThan(at(plan.steps, 'prove'));
    const blade = planLead(lead, [card], { ...house, practice: { ...house.practice, stripping: 'blade' } });
    expect(stepNamed('jacket', 'A', blade.steps).caution).toMatch(/away from the hand/);
  });

  test('a die that the shop lacks is said in the step', () => {
    const { steps } = planLead(lead, [card], { ...house, dies: [1.73e-3, 6.48e-3] });
    expect(stepNamed('ferrule', 'A', steps).tools[0]!.setting).toBe(
      'hex 5.41 mm; nearest in the shop hex 6.48 mm, not exact: crimps loosely',
    );
  });
});

describe('gates', () => {
  test('the contact is not seated while a part that would be too late is missing', () => {
    const insert = stepNamed('insert');
    expect(insert.requires.map(({ partId }) => partId)).toEqual(['label-sleeve', 'A/shrink', 'A/ferrule']);
    const [missing] = obstructions(progressOf({ kind: 'part on', partId: 'A/ferrule' }), insert);
    expect(missing).toEqual({ code: 'parts missing', partIds: ['label-sleeve', 'A/shrink'] });
    const on = insert.requires.map(({ partId }): UnitHappening => ({ kind: 'part on', partId }));
    const seen = insert.requires.map(({ partId }): UnitHappening => ({
      kind: 'part confirmed',
      stepId: insert.id,
      partId,
    }));
    // A tick from an hour ago is not a hand on it now.
    expect(obstructions(progressOf(...on), insert)).toEqual([
      { code: 'parts not confirmed', partIds: ['label-sleeve', 'A/shrink', 'A/ferrule'] },
    ]);
    expect(obstructions(progressOf(...on, ...seen), insert)).toEqual([]);
    const off: UnitHappening = { kind: 'part off', partId: 'A/ferrule', reason: 'fell off' };
    expect(obstructions(progressOf(...on, ...seen, off), insert)).toEqual([
      { code: 'parts missing', partIds: ['A/ferrule'] },
    ]);
  });

  test('a hold point passes by a reading within its limits, not by one outside', () => {
    const height = stepNamed('contact-height');
    expect(obstructions(progressOf(), height)).toEqual([{ code: 'hold open' }]);
    expect(obstructions(progressOf(answerHold(height, { reading: 0.2e-3 })), height)).toEqual([]);
    expect(obstructions(progressOf(answerHold(height, { reading: -0.4e-3 })), height)).toEqual([
      { code: 'hold out' },
    ]);
    expect(() => answerHold(height, { good: true })).toThrow(/by a reading/);
    expect(() => answerHold(height, { reading: NaN })).toThrow(/expects a number/);
  });

  test('an open circuit is a good reading for no short, and survives JSON', () => {
    const happening = answerHold(stepNamed('no-short'), { reading: Infinity });
    expect(JSON.parse(JSON.stringify(happening))).toEqual(happening);
    expect(happening).toMatchObject({ good: true });
  });

  test('a waiver has a name and a reason; a safety point takes none', () => {
    const tug = stepNamed('contact-tug');
    expect(obstructions(progressOf(waiveHold(tug, 'Mara', 'gauge out for calibration')), tug)).toEqual([]);
    expect(() => waiveHold(tug, ' ', 'no time')).toThrow(/name/);
    expect(() => waiveHold(tug, 'Mara', '')).toThrow(/reason/);
    const short = stepNamed('no-short');
    expect(() => waiveHold(short, 'Mara', 'in a hurry')).toThrow(/measured, never waived/);
    const forced: UnitHappening = {
      kind: 'hold waived',
      stepId: short.id,
      name: 'Mara',
      reason: 'in a hurry',
    };
    expect(obstructions(progressOf(forced), short)).toEqual([{ code: 'hold open' }]);
  });
});

describe('progress is played from the record', () => {
  test('it starts at the first step and ends with none', () => {
    expect(progressOf().current?.role).toBe('cut');
    const done = progressOf(
      { kind: 'started', planChecksum: '', programVersion: '' },
      ...goodUpTo(undefined),
      { kind: 'finished' },
    );
    expect(done.current).toBeUndefined();
    expect(done.finished).toBe(true);
    expect(Object.values(stageStates(done))).toEqual(Array(7).fill('done'));
  });

  test('a failed tug goes back to the strip of that end; its ferrule has to be threaded again; the other end stands', () => {
    const tug = stepNamed('cable-tug', 'B');
    const rework = reworkFrom(plan.steps, tug, 'slides');
    expect(rework).toMatchObject({ toStepId: stepNamed('dielectric', 'B').id, partsOff: ['B/ferrule'] });
    const progress = progressOf(...goodUpTo(tug), answerHold(tug, { good: false }), rework);
    expect(progress.current?.id).toBe(stepNamed('dielectric', 'B').id);
    expect(progress.done.has(stepNamed('setback', 'A').id)).toBe(true);
    expect(progress.holds.has(tug.id)).toBe(false);
    expect(progress.on.has('B/ferrule')).toBe(false);
    expect(obstructions(progress, stepNamed('insert', 'B'))).toEqual([
      { code: 'parts missing', partIds: ['B/ferrule'] },
      { code: 'parts not confirmed', partIds: ['B/shrink'] },
    ]);
    expect(progress.used).toBeGreaterThan(0.015);
  });

  test('a hold point answered again counts as answered last', () => {
    const look = stepNamed('nick-and-whisker');
    const progress = progressOf(answerHold(look, { good: false }), answerHold(look, { good: true }));
    expect(obstructions(progress, look)).toEqual([]);
    const out = progressOf(answerHold(look, { good: false }));
    expect(stageStates(out).Strip).toBe('warning');
    expect(unitReasons(out).Strip).toEqual([`${look.title}: Out.`]);
  });

  test('after a proof that was Out an end is made again and everything is proved again', () => {
    const prove = stepNamed('prove', null);
    const target = firstStepOfEnd(plan.steps, 'A')!;
    const progress = progressOf(
      ...goodUpTo(prove),
      reworkTo(target, prove.id, remakeCost(plan.steps, 'A'), 'open centre'),
    );
    expect(progress.current?.id).toBe(target.id);
    expect(progress.done.has(prove.id)).toBe(false);
    expect(progress.done.has(stepNamed('setback', 'B').id)).toBe(true);
    expect(remakeCost(plan.steps, 'A').partsOff).toEqual(['A/ferrule']);
  });

  test('a proof is stale by the record, whatever the clock said; a clock that was set back is told', () => {
    const prove = stepNamed('prove', null);
    const reading = { by: 'Bench one', instrument: 'by hand', celsius: 20, pairs: [] };
    const proved = { kind: 'proved', readings: reading, verdict: 'Good' } as const;
    const back = { kind: 'came back', reason: 'dead' } as const;
    const at = (...told: [UnitHappening, string][]) =>
      unitProgress(
        unit,
        told.reduce<UnitEvent[]>(
          (chain, [happening, minute], n) => [
            ...chain,
            nextEvent(chain, unit.id, happening, {
              id: `c${n}`,
              by: 'b',
              at: `2026-11-24T08:${minute}:00.000Z`,
            }),
          ],
          [],
        ),
      );
    const finished: [UnitHappening, string][] = [
      [stepOf(prove.id), '01'],
      [proved, '20'],
    ];
    expect(at(...finished, [back, '05'])).toMatchObject({ isProofStale: true, clockWasWrong: true });
    expect(at(...finished, [back, '19'], [proved, '04'])).toMatchObject({ isProofStale: false });
    expect(at(...finished, [back, '21'])).toMatchObject({ isProofStale: true, clockWasWrong: false });
    // Two benches a minute apart are no wrong clock.
    expect(at(...finished, [back, '19']).clockWasWrong).toBe(false);
  });

  test('a way back is taken back by a following entry while nothing was done since; then it stands where it stood', () => {
    const prove = stepNamed('prove', null);
    const target = firstStepOfEnd(plan.steps, 'A')!;
    const shorter = { kind: 'taken shorter', shortage: 5e-3, name: 'Bench two', reason: 'spare' } as const;
    const back = reworkTo(target, prove.id, remakeCost(plan.steps, 'A'), 'open centre');
    const before = progressOf(...goodUpTo(prove), answerHold(stepNamed('setback', 'A'), { reading: 0 }));
    const told = [...goodUpTo(prove), answerHold(stepNamed('setback', 'A'), { reading: 0 }), shorter, back];
    const undone = { kind: 'rework taken back', reason: 'pressed by mistake' } as const;
    expect(progressOf(...told).justReworked).toMatchObject({ toStepId: target.id });
    expect(progressOf(...told, undone)).toEqual(before);
    // What was seen and what was taken shorter lead to it; neither is a way back by itself.
    const seen: UnitHappening = {
      kind: 'trouble',
      stepId: prove.id,
      seen: 'nick',
      outcome: 'gone back',
      advice: '',
      scrap: [],
    };
    const led = progressOf(...told.slice(0, -2), shorter, seen, back, undone);
    expect([led.current?.id, led.takenShorter, led.troubles.length]).toEqual([prove.id, [], 1]);
    expect(
      progressOf(...told, { kind: 'note', stepId: null, text: 'x' }, shorter).justReworked,
    ).toBeUndefined();
    // Once something was done about it, it is no mistake of the hand any more.
    const begun = progressOf(...told, { kind: 'note', stepId: null, text: 'cut off' }, undone);
    expect([begun.current?.id, begun.used > 0]).toEqual([target.id, true]);
  });

  test.each(
    plan.steps
      .filter(({ hold }) => hold && hold.rework.backTo !== null)
      .map((step) => [step.id, step] as const),
  )('%s leads back to a step of its own end that comes earlier', (_id, step) => {
    const rework = reworkFrom(plan.steps, step, 'seen');
    if (rework.kind !== 'rework') throw new Error('no rework');
    const from = plan.steps.indexOf(step);
    const to = plan.steps.findIndex(({ id }) => id === rework.toStepId);
    expect(to).toBeLessThan(from);
    expect(plan.steps[to]!.endId).toBe(step.endId);
  });
});

test('a unit with its frozen plan survives being written and read', () => {
  expect(unitSchema.parse(JSON.parse(JSON.stringify(unit)))).toEqual(JSON.parse(JSON.stringify(unit)));
});

test('a plan that cannot be threaded cannot be frozen', () => {
  expect(() => freezePlan(planLead({ ...lead, fittedEndIds: ['A', 'B'] }, [card], house), house)).toThrow(
    /cannot be threaded/,
  );
});

test('pull figures follow the tables', () => {
  expect(contactPull(0.81e-3)).toBe(58);
  expect(contactPull(0.51e-3)).toBe(22);
  expect(ferrulePull(5e-3)).toBe(180);
  expect(ferrulePull(7.5e-3)).toBeCloseTo(290, 0);
  expect(ferrulePull(30e-3)).toBe(400);
});

test('a unit with a choke is built to its end, and its beads are asked for before the plug closes', () => {
  const choke = {
    id: 'choke',
    kind: 'choke',
    legId: 'run',
    nearEndId: 'A',
    distance: 0.1,
    beads: 3,
    material: null,
    at: 'feedpoint' as const,
    bead: { outside: 20e-3, bore: 10e-3, length: 25e-3 },
  } as const;
  const choked = planLead({ ...lead, extraParts: [...lead.extraParts, choke] }, [card], house);
  const asking = choked.steps.filter(({ requires }) => requires.some(({ partId }) => partId === 'choke'));
  expect(asking.length).toBeGreaterThan(0);
  const happenings = choked.steps.flatMap((step): UnitHappening[] => [
    ...step.threads.map(({ partId }): UnitHappening => ({ kind: 'part on', partId })),
    ...(step.hold ? [{ kind: 'hold answered', stepId: step.id, good: true, reading: null } as const] : []),
    { kind: 'step done', stepId: step.id },
  ]);
  const done = unitProgress(
    { ...unit, plan: freezePlan(choked, house) },
    record([...happenings, { kind: 'finished' }]),
  );
  expect(done.finished).toBe(true);
  expect(done.current).toBeUndefined();
  expect(done.on.has('choke')).toBe(true);
});

describe('what was written before steps said their work', () => {
  /** A unit as an earlier program stored it. */
  const old = () => {
    const stored = JSON.parse(JSON.stringify(unit)) as {
      plan: Record<string, unknown> & { steps: object[] };
    };
    const { firstArticle: _, ...rest } = stored.plan;
    const steps = stored.plan.steps.map((step) =>
      Object.fromEntries(
        Object.entries(step).filter(
          ([key]) => !['work', 'held', 'cues', 'tipCare', 'trialFit'].includes(key),
        ),
      ),
    );
    return unitSchema.parse(migrated('units', { ...stored, plan: { ...rest, steps } }, 1));
  };

  test('is read with what a step then said: no trial, no first article, nothing held', () => {
    const { plan: read } = old();
    expect(read!.firstArticle).toBe(false);
    expect(read!.steps).toHaveLength(plan.steps.length);
    for (const step of read!.steps)
      expect(step).toMatchObject({ work: 'look', held: '', cues: [], tipCare: null, trialFit: false });
  });

  test('is gone on with: its record is played, and its gates still ask for every part', () => {
    const before = old();
    const insert = before.plan!.steps.find(({ role, endId }) => role === 'insert' && endId === 'A')!;
    const progress = unitProgress(before, record(goodUpTo(stepNamed('insert'))));
    expect(progress.current!.id).toBe(insert.id);
    expect(progress.trials.size).toBe(0);
    expect(obstructions(progress, insert, before.plan)).toEqual([
      { code: 'parts not confirmed', partIds: insert.requires.map(({ partId }) => partId) },
    ]);
  });

  test('times that nobody took are absent, not nothing', () => {
    const progress = unitProgress(old(), record(goodUpTo(stepNamed('insert'))));
    expect(progress.done.size).toBeGreaterThan(5);
    expect(progress.seconds.size).toBe(0);
  });
});

describe('what a unit carries with it', () => {
  test('is set aside and taken up again, and given up for good', () => {
    expect(progressOf({ kind: 'set aside', reason: 'bag empty' }).aside).toBe('bag empty');
    expect(progressOf({ kind: 'set aside', reason: 'bag empty' }, { kind: 'taken up' }).aside).toBeNull();
    const gone = progressOf({ kind: 'scrapped', reason: 'too short' }, { kind: 'taken up' });
    expect(gone.scrapped).toBe('too short');
    expect(isAtWork(gone)).toBe(false);
  });

  test('pictures, notes and length given away stay with it through every rework', () => {
    const jacket = stepNamed('jacket');
    const progress = progressOf(
      { kind: 'photograph', stepId: jacket.id, hash: 'h', caption: 'braid', width: 640, height: 480 },
      { kind: 'note', stepId: jacket.id, text: 'second reel' },
      { kind: 'taken shorter', shortage: 0.02, name: 'Mara', reason: 'rack is near' },
      { kind: 'length measured', legId: 'cable', length: 3.39 },
      {
        kind: 'rework',
        fromStepId: jacket.id,
        toStepId: jacket.id,
        scrap: [],
        partsOff: [],
        uses: 0.02,
        reason: 'nick',
      },
    );
    expect(progress.photographs[0]).toMatchObject({ caption: 'braid', by: 'Bench one', at: now });
    expect(progress.notes).toHaveLength(1);
    expect(progress.takenShorter[0]!.shortage).toBe(0.02);
    // A lead that is gone back on is another length than it was.
    expect(progress.lengths.size).toBe(0);
  });

  test('a strip keeps how it was first cut beside how it now is', () => {
    const measured = (lengths: Record<string, number>): UnitHappening => ({
      kind: 'strip measured',
      stepId: stepNamed('measure').id,
      endId: 'A',
      lengths,
    });
    const { strips, firstStrips } = progressOf(
      measured({ braid: 9.6e-3 }),
      measured({ braid: 9.6e-3, dielectric: 13.4e-3 }),
      measured({ braid: 9.2e-3, dielectric: 13.4e-3 }),
    );
    expect(strips.get('A')).toEqual({ braid: 9.2e-3, dielectric: 13.4e-3 });
    expect(firstStrips.get('A')).toEqual({ braid: 9.6e-3, dielectric: 13.4e-3 });
  });
});
