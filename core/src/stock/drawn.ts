import type { UnitProgress } from '../unit/progress.ts';
import { leadConnector } from '../lead/lead-connector.ts';
import { seriesAndSex } from '../connector/connector.ts';
import type { FrozenPlan } from '../plan/frozen-plan.ts';

/** What units have drawn from stock: for the leads themselves, and for what became scrap. Pieces, or metres of cable. */
export interface Drawn {
  readonly what: string;
  readonly unit: 'pieces' | 'metres';
  readonly built: number;
  readonly scrapped: number;
}

interface StartedUnit {
  readonly plan: FrozenPlan;
  readonly progress: UnitProgress;
}

/** What these units took, by what is kept in the stores; the kit of a unit counts from its start. */
export function drawnFromStock(units: readonly StartedUnit[]): Drawn[] {
  const rows = new Map<string, { unit: Drawn['unit']; built: number; scrapped: number }>();
  const add = (what: string, unit: Drawn['unit'], amounts: { built?: number; scrapped?: number }) => {
    const row = rows.get(what) ?? { unit, built: 0, scrapped: 0 };
    rows.set(what, {
      unit,
      built: row.built + (amounts.built ?? 0),
      scrapped: row.scrapped + (amounts.scrapped ?? 0),
    });
  };
  for (const { plan, progress } of units) {
    const gone = progress.scrapped !== null;
    const as = (amount: number) => (gone ? { scrapped: amount } : { built: amount });
    plan.lead.ends.forEach(({ connectorId }) =>
      add(seriesAndSex(leadConnector(plan.lead, connectorId)), 'pieces', as(1)),
    );
    progress.steps.flatMap(({ threads }) => threads).forEach(({ name }) => add(name, 'pieces', as(1)));
    plan.lead.pieces.forEach(({ id, cableId }) => add(cableId, 'metres', as(plan.lengths[id] ?? 0)));
    [...progress.reworks, ...progress.troubles]
      .flatMap(({ scrap }) => scrap)
      .map((item) => (typeof item === 'string' ? { kind: null, name: item } : item))
      .filter(({ kind }) => kind !== 'cable')
      .forEach(({ name }) => add(name, 'pieces', { scrapped: 1 }));
  }
  return [...rows].map(([what, row]) => ({ what, ...row }));
}
