import { owesFirstArticle } from '@gorvane/core/unit/batch.ts';
import type { Unit, UnitHappening } from '@gorvane/core/unit/unit.ts';
import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import type { Bench } from '@gorvane/core/house/bench.ts';
import { serialOf } from '@gorvane/core/house/bench.ts';
import { unitProgress } from '@gorvane/core/unit/progress.ts';
import { freezePlan } from '@gorvane/core/plan/frozen-plan.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import { canonicalJson } from '@gorvane/core/record/canonical-json.ts';
import { nextEvent } from '@gorvane/core/record/chain.ts';
import { checksum } from '@gorvane/core/record/checksum.ts';
import { firstRevision, revise } from '@gorvane/core/record/revise.ts';
import { database, newId, timeNow } from './database.ts';
import { requireBench, requireHouse } from './house.ts';
import { eventsOfUnit, unitsOfLine } from './unit-records.ts';

/**
 * Adds what happened to a unit to its record. `decide` is asked inside the transaction, with the record as it then
 * stands, so that two tabs never write the same step twice; an empty answer writes nothing.
 */
export async function recordHappenings(
  unitId: string,
  decide: (progress: UnitProgress) => readonly UnitHappening[],
): Promise<void> {
  await database.transaction('rw', database.units, database.events, database.bench, async () => {
    const unit = await requireUnit(unitId);
    const bench = await requireBench();
    let chain = await eventsOfUnit(unitId);
    for (const happening of decide(unitProgress(unit, chain))) {
      const event = nextEvent(chain, unitId, happening, { id: newId(), by: bench.name, at: timeNow() });
      await database.events.add(event);
      chain = [...chain, event];
    }
  });
}

/** Starts a unit: freezes the plan of its lead as it now stands. A unit that was started keeps its plan. */
export async function startUnit(unitId: string): Promise<void> {
  await database.transaction(
    'rw',
    [
      database.units,
      database.events,
      database.house,
      database.bench,
      database.leads,
      database.gaugeCards,
      database.orders,
      database.blobs,
    ],
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
        await isFirstOfBatch(unit),
      );
      await database.units.put(revise(unit, { plan }, timeNow()));
      // Later versions complete the plan of a unit; what was frozen stays as it was, under the checksum that the record names.
      const frozen = utf8(canonicalJson(plan));
      const planChecksum = checksum(frozen);
      await database.blobs.put({ hash: planChecksum, bytes: frozen });
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
  await database.transaction('rw', database.units, database.events, database.bench, async () => {
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
  const first = await freeNumber(bench);
  const units = sequences.map((sequence, index): Unit => ({
    ...firstRevision(newId(), now),
    serial: serialOf(bench, first + index),
    leadId,
    orderId,
    lineId,
    sequence,
    plan: null,
  }));
  await database.units.bulkAdd(units);
  await database.bench.put(revise(bench, { nextSerial: first + units.length }, now));
  return units;
}

/** The next number whose serial no unit has, nor any after it: units may have come from an archive. */
async function freeNumber(bench: Bench): Promise<number> {
  const prefix = `${bench.serialPrefix}-`;
  const taken = (await database.units.where('serial').startsWith(prefix).keys()) as string[];
  const numbers = taken.map((serial) => Number(serial.slice(prefix.length))).filter(Number.isSafeInteger);
  return numbers.reduce((next, number) => Math.max(next, number + 1), bench.nextSerial);
}

const utf8 = (text: string) => new TextEncoder().encode(text);

async function requireUnit(unitId: string): Promise<Unit> {
  const unit = await database.units.get(unitId);
  if (!unit) throw new Error('This unit is not in the database.');
  return unit;
}
