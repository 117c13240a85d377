import { isCoaxial } from '../connector/connector.ts';
import { nearestDie } from '../fit/die.ts';
import { leadCable } from '../lead/lead-cable.ts';
import { liesThere } from '../lead/lying.ts';
import type { EndPlan, LeadPlan } from '../plan/lead-plan.ts';
import { preparedEnds } from '../plan/shown-plan.ts';
import { cutList, partsToThread } from '../thread/cut-list.ts';

/** So many leads of one plan. */
export interface PlannedLine {
  readonly plan: LeadPlan;
  /** Leads still to be made. */
  readonly quantity: number;
}

/** What is fetched: so many pieces, or so many metres. */
export interface PickRow {
  readonly what: string;
  readonly amount: number;
  readonly unit: 'pieces' | 'metres';
  /** The bag that it lies in, where it has one. */
  readonly bag: string | null;
  /** The leads that it is for, by name. */
  readonly leads: readonly string[];
  /** The shop has nothing that fits: it is to be bought. */
  readonly isMissing: boolean;
}

export interface PickList {
  readonly cable: readonly PickRow[];
  readonly ends: readonly PickRow[];
  readonly parts: readonly PickRow[];
  readonly tools: readonly string[];
  /** Across the flats of the shop's dies that close ferrules and contacts, metres. */
  readonly dies: readonly number[];
}

/** Rows of the same thing are one, for all its leads. */
function counted(rows: readonly PickRow[]): PickRow[] {
  const found = new Map<string, PickRow>();
  for (const row of rows) {
    const key = JSON.stringify([row.what, row.bag, row.unit]);
    const { amount, leads } = found.get(key) ?? { amount: 0, leads: [] };
    found.set(key, { ...row, amount: amount + row.amount, leads: [...new Set([...leads, ...row.leads])] });
  }
  return [...found.values()];
}

/** Everything that goes on the bench before the first cut: cable off the reels, bags, tubes and sleeves, tools. */
export function pickList(lines: readonly PlannedLine[]): PickList {
  const asked = lines.filter(({ quantity }) => quantity > 0);
  return {
    cable: counted(asked.flatMap(cableRows)),
    ends: counted(asked.flatMap(endRows)),
    parts: counted(asked.flatMap(partRows)),
    tools: [...new Set(asked.flatMap(({ plan }) => endsToMake(plan).flatMap(toolsOf)))].sort(),
    dies: [...new Set(asked.flatMap(({ plan }) => endsToMake(plan).flatMap(diesOf)))].sort((a, b) => a - b),
  };
}

/** Cable that lies there already is not fetched. */
function cableRows({ plan, quantity }: PlannedLine): PickRow[] {
  if (liesThere(plan.lead)) return [];
  return plan.cuts.map(({ cableId, offTheReel }) => ({
    what: leadCable(plan.lead, cableId).name,
    amount: offTheReel.value * quantity,
    unit: 'metres',
    bag: null,
    leads: [plan.lead.name],
    isMissing: false,
  }));
}

/** Neither what lies there nor what is on already. */
const endsToMake = (plan: LeadPlan): EndPlan[] =>
  preparedEnds(plan).filter(({ end }) => !plan.lead.fittedEndIds.includes(end.id));

/** One connector for each end; what a splice takes on its other side is of the same. */
function endRows({ plan, quantity }: PlannedLine): PickRow[] {
  return endsToMake(plan)
    .filter((end) => plan.ends.includes(end))
    .map(({ connector, card }) => ({
      what: connector.name,
      amount: quantity,
      unit: 'pieces',
      bag: card.name,
      leads: [plan.lead.name],
      isMissing: false,
    }));
}

/** Tubes and sleeves that are cut from stock, and what is added whole. What a method brings lies in its bag. */
function partRows({ plan, quantity }: PlannedLine): PickRow[] {
  const row = (
    { name, colour }: { readonly name: string; readonly colour?: string | null },
    amount: number,
    unit: PickRow['unit'],
    isMissing: boolean,
  ): PickRow => ({
    what: colour && !name.includes(colour) ? `${name}, ${colour}` : name,
    amount: amount * quantity,
    unit,
    bag: null,
    leads: [plan.lead.name],
    isMissing,
  });
  return [
    ...cutList(plan.parts, plan.thread, plan.sleeves).map((cut) =>
      row(
        cut,
        cut.cutLength.value * cut.parts.length,
        'metres',
        cut.parts.some((part) => part.kind !== 'core sleeve' && part.missing),
      ),
    ),
    ...partsToThread(plan.parts, plan.thread)
      .filter(({ ofMethod, cutLength }) => !ofMethod && cutLength === undefined)
      .map((part) => row(part, 1, 'pieces', part.missing)),
  ];
}

const toolsOf = ({ method, input }: EndPlan) => [input.stripper.name, ...method.traits.needs];

/** The dies of the shop that come nearest to those that the connector asks for. */
function diesOf({ connector, input }: EndPlan): number[] {
  if (!isCoaxial(connector)) return [];
  return [connector.ferruleDie, connector.pinDie].flatMap((asked) =>
    asked === null ? [] : (nearestDie(asked, input.house.dies) ?? []),
  );
}
