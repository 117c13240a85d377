import type { Unit, UnitEvent, UnitHappening } from '@gorvane/core/build/unit.ts';
import type { UnitProgress } from '@gorvane/core/build/progress.ts';
import { unitProgress } from '@gorvane/core/build/progress.ts';
import { freezePlan } from '@gorvane/core/plan/frozen-plan.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import { canonicalJson } from '@gorvane/core/record/canonical-json.ts';
import { nextEvent } from '@gorvane/core/record/chain.ts';
import { inChainOrder } from '@gorvane/core/record/chain-order.ts';
import { checksum } from '@gorvane/core/record/checksum.ts';
import { revise } from '@gorvane/core/record/envelope.ts';
import { database, newId, timeNow } from './database.ts';
import { requireHouse } from './house.ts';

/** The record chain of a unit, in order. */
export async function eventsOfUnit(unitId: string): Promise<UnitEvent[]> {
  return inChainOrder(await database.events.where('unitId').equals(unitId).toArray());
}

/**
 * Adds what happened to a unit to its record. `decide` is asked inside the transaction, with the record as it then
 * stands, so that two tabs never write the same step twice; an empty answer writes nothing.
 */
export async function recordHappenings(
  unitId: string,
  decide: (progress: UnitProgress) => readonly UnitHappening[],
): Promise<void> {
  await database.transaction('rw', database.units, database.events, database.house, async () => {
    const unit = await requireUnit(unitId);
    const house = await requireHouse();
    let chain = await eventsOfUnit(unitId);
    for (const happening of decide(unitProgress(unit, chain))) {
      const event = nextEvent(chain, unitId, happening, { id: newId(), by: house.benchName, at: timeNow() });
      await database.events.add(event);
      chain = [...chain, event];
    }
  });
}

/** Starts a unit: freezes the plan of its lead as it now stands. A unit that was started keeps its plan. */
export async function startUnit(unitId: string): Promise<void> {
  await database.transaction(
    'rw',
    [database.units, database.events, database.house, database.leads, database.gaugeCards],
    async () => {
      const unit = await requireUnit(unitId);
      if (unit.plan) return;
      const house = await requireHouse();
      const lead = await database.leads.get(unit.leadId);
      if (!lead) throw new Error('The lead of this unit is not in the database.');
      const cards = await database.gaugeCards.bulkGet(lead.ends.map(({ gaugeCardId }) => gaugeCardId));
      const plan = freezePlan(
        planLead(
          lead,
          cards.filter((card) => card !== undefined),
          house,
        ),
        house,
      );
      await database.units.put(revise(unit, { plan }, timeNow()));
      const started: UnitHappening = {
        kind: 'started',
        planChecksum: checksum(canonicalJson(plan)),
        programVersion: plan.programVersion,
      };
      await recordHappenings(unitId, ({ started: already }) => (already ? [] : [started]));
    },
  );
}

async function requireUnit(unitId: string): Promise<Unit> {
  const unit = await database.units.get(unitId);
  if (!unit) throw new Error('This unit is not in the database.');
  return unit;
}
