import { describe, expect, test } from '@jest/globals';
import { obstructions, unitProgress } from '@gorvane/core/unit/progress.ts';
import { readArchive, writeArchive } from '@gorvane/core/file/archive.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import { verifyChain } from '@gorvane/core/record/chain.ts';
import { inChainOrder } from '@gorvane/core/record/chain-order.ts';
import { ferryLanding } from './ferry-landing.ts';

const demo = ferryLanding();
const eventsOf = (unitId: string) => inChainOrder(demo.events.filter((event) => event.unitId === unitId));

describe('the demo scenario', () => {
  test('is an archive that the reader accepts, the same every time', () => {
    const bytes = writeArchive(demo, '2026-11-24T07:00:00.000Z');
    expect(readArchive(bytes)).toEqual(JSON.parse(JSON.stringify(demo)));
    expect(writeArchive(ferryLanding(), '2026-11-24T07:00:00.000Z')).toEqual(bytes);
  });

  test('every record chain is whole', () => {
    for (const unit of demo.units) expect(verifyChain(eventsOf(unit.id))).toEqual([]);
  });

  test('no step of any record was done before its preconditions', () => {
    for (const unit of demo.units) {
      const events = eventsOf(unit.id);
      for (const [index, { happening }] of events.entries()) {
        if (happening.kind !== 'step done') continue;
        const progress = unitProgress(unit, events.slice(0, index));
        const step = progress.steps.find(({ id }) => id === happening.stepId)!;
        // A proof that is recorded answers its hold point by its verdict.
        const open = obstructions(progress, step, unit.plan).filter(
          ({ code }) => !(step.work === 'prove' && code === 'hold open'),
        );
        expect([unit.serial, step.title, open]).toEqual([unit.serial, step.title, []]);
      }
    }
  });

  test('nobody works at night or on Sunday, and nothing has happened yet that lies ahead', () => {
    for (const { at } of demo.events) {
      const time = new Date(at);
      expect([0, 6]).not.toContain(time.getUTCDay());
      const hour = time.getUTCHours() + time.getUTCMinutes() / 60;
      expect(hour >= 7.5 && hour < 16.5).toBe(true);
      expect(at < '2026-11-25').toBe(true);
    }
  });

  test('two units are finished, one of them mended, and one lies half built', () => {
    const states = demo.units.map((unit) => unitProgress(unit, eventsOf(unit.id)));
    expect(states.map(({ finished }) => finished).slice(0, 3)).toEqual([true, true, false]);
    expect(states[1]!.proofs.map(({ verdict }) => verdict)).toEqual(['Out', 'Good']);
    expect(states[2]!.current?.role).toBe('measure');
  });

  test('every lead of the landing fits, says nothing wrong of its pins, and can be built', () => {
    for (const lead of demo.leads) {
      const plan = planLead(lead, demo.gaugeCards, demo.house[0]!);
      const misfits = plan.ends.flatMap(({ fit }) => fit.filter(({ verdict }) => verdict === 'does not fit'));
      expect([lead.name, misfits]).toEqual([lead.name, []]);
      expect(plan.ends.flatMap(({ cardProblems }) => cardProblems)).toEqual([]);
      expect([lead.name, plan.pinChecks.filter(({ weight }) => weight === 'wrong')]).toEqual([lead.name, []]);
      expect([lead.name, plan.withheld, plan.parts.filter(({ missing }) => missing)]).toEqual([
        lead.name,
        [],
        [],
      ]);
      expect(plan.steps.length).toBeGreaterThan(15);
    }
  });

  test('a gangway lead came back with its second pair reversed and was mended at the joint', () => {
    const states = demo.units.map((unit) => ({ unit, progress: unitProgress(unit, eventsOf(unit.id)) }));
    const mended = states.find(({ progress }) =>
      progress.reworks.some(({ reason }) => /second pair/.test(reason)),
    )!;
    expect(mended.progress.finished).toBe(true);
    expect(mended.progress.proofs.map(({ verdict }) => verdict)).toEqual(['Out', 'Good']);
    expect(mended.progress.reworks[0]).toMatchObject({ scrap: [], uses: 0 });
    expect(states.filter(({ progress }) => progress.finished).length).toBe(11);
  });
});
