import { owesFirstArticle } from '@gorvane/core/unit/batch.ts';
import { bladeCuts } from '@gorvane/core/unit/blade-cut.ts';
import type { Unit, UnitEvent, UnitHappening } from '@gorvane/core/unit/unit.ts';
import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import type { Bench } from '@gorvane/core/house/bench.ts';
import { serialOf } from '@gorvane/core/house/bench.ts';
import { unitProgress } from '@gorvane/core/unit/progress.ts';
import { freezePlan } from '@gorvane/core/plan/frozen-plan.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import { nextEvent } from '@gorvane/core/record/chain.ts';
import { firstRevision, revise } from '@gorvane/core/record/revise.ts';
import { keepCuts } from './blade-cuts.ts';
import { database, newId, timeNow } from './database.ts';
import { requireBench, requireHouse } from './house.ts';
import { keepPlan } from './keep-plan.ts';
import { keepSummaries, recordTables } from './summaries.ts';
import { addToTally } from './tallies.ts';
import { eventsOfUnit, readUnit, unitsOfLine } from './unit-records.ts';

/**
 * Adds what happened to a unit to its record. `decide` is asked inside the transaction, with the record as it then
 * stands, so that two tabs never write the same step twice; an empty answer writes nothing.
 */
export async function recordHappenings(
  unitId: string,
  decide: (progress: UnitProgress) => readonly UnitHappening[],
): Promise<void> {
  await database.transaction('rw', recordTables, async () => {
    const unit = await requireUnit(unitId);
    const bench = await requireBench();
    const before = await eventsOfUnit(unitId);
    let chain: readonly UnitEvent[] = before;
    for (const happening of decide(unitProgress(unit, chain))) {
      const event = nextEvent(chain, unitId, happening, { id: newId(), by: bench.name, at: timeNow() });
      chain = [...chain, event];
    }
    const fresh = chain.slice(before.length);
    if (fresh.length > 0) await keepRecord(unit, chain, fresh);
  });
}

/** Writes a record with entries that are new, and all that is kept of it besides. */
async function keepRecord(
  unit: Unit,
  chain: readonly UnitEvent[],
  fresh: readonly UnitEvent[],
): Promise<void> {
  await database.records.put({ unitId: unit.id, entries: chain });
  await addToTally('entries', fresh.length);
  await keepCuts(bladeCuts(fresh));
  await keepSummaries([{ unit, events: chain }]);
}

/** Starts a unit: freezes the plan of its lead as it now stands. A unit that was started keeps its plan. */
export async function startUnit(unitId: string): Promise<void> {
  await database.transaction(
    'rw',
    [...recordTables, database.house, database.leads, database.gaugeCards],
    async () => {
      const unit = await requireUnit(unitId);
      const stored = (await database.units.get(unitId))!;
      // Its plan may be missing here: it is never frozen a second time.
      if (stored.planHash !== null) return;
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
        await isFirstOfBatch(unit),
      );
      const planChecksum = await keepPlan(plan);
      await database.units.put(revise(stored, { planHash: planChecksum }, timeNow()));
      const started: UnitHappening = {
        kind: 'started',
        planChecksum,
        programVersion: plan.programVersion,
      };
      await recordHappenings(unitId, ({ started: already }) => (already ? [] : [started]));
    },
  );
}

/** Nobody has started another unit of its line that still counts, and there are others to learn from it. */
async function isFirstOfBatch({ id, orderId, lineId }: Unit): Promise<boolean> {
  const order = await database.orders.get(orderId);
  const quantity = order?.lines.find((line) => line.id === lineId)?.quantity ?? 1;
  const others = (await unitsOfLine(orderId, lineId)).filter((unit) => unit.id !== id);
  return owesFirstArticle(
    quantity,
    others.map(({ progress }) => progress),
  );
}

/**
 * Gives a unit up after what led to it, and adds one in its place to the order line: all or nothing, and only once, however
 * many tabs ask for it.
 */
export async function scrapUnit(
  unitId: string,
  reason: string,
  before: readonly UnitHappening[] = [],
): Promise<void> {
  await database.transaction('rw', recordTables, async () => {
    const unit = await requireUnit(unitId);
    let isNew = false;
    await recordHappenings(unitId, ({ scrapped }) => {
      isNew = scrapped === null;
      return isNew ? [...before, { kind: 'scrapped', reason }] : [];
    });
    if (isNew) await addUnits(unit, [unit.sequence]);
  });
}

/** Adds units to an order line, with the next serials of this bench. */
export async function addUnits(
  { leadId, orderId, lineId }: Pick<Unit, 'leadId' | 'orderId' | 'lineId'>,
  sequences: readonly number[],
): Promise<Unit[]> {
  const now = timeNow();
  const bench = await requireBench();
  const first = await freeNumber(bench, sequences.length);
  const units = sequences.map((sequence, index): Unit => ({
    ...firstRevision(newId(), now),
    serial: serialOf(bench, first + index),
    leadId,
    orderId,
    lineId,
    sequence,
    plan: null,
  }));
  await database.units.bulkAdd(units.map(({ plan: _none, ...unit }) => ({ ...unit, planHash: null })));
  await keepSummaries(units.map((unit) => ({ unit, events: [] })));
  await database.bench.put(revise(bench, { nextSerial: first + units.length }, now));
  return units;
}

/** Serials that are looked at in one go. */
const serialsAtOnce = 500;

/** The first of so many numbers in a row whose serials no unit has: units may have come from an archive. */
async function freeNumber(bench: Bench, count: number): Promise<number> {
  let first = bench.nextSerial;
  for (;;) {
    const numbers = Array.from({ length: Math.max(count, serialsAtOnce) }, (_, n) => first + n);
    const taken = await database.units
      .where('serial')
      .anyOf(numbers.map((number) => serialOf(bench, number)))
      .keys();
    if (taken.length === 0) return first;
    const serials = new Set(taken);
    first = numbers.findLast((number) => serials.has(serialOf(bench, number)))! + 1;
  }
}

async function requireUnit(unitId: string): Promise<Unit> {
  const unit = await readUnit(unitId);
  if (!unit) throw new Error('This unit is not in the database.');
  return unit;
}
