import type { Quantity } from '../house/instrument.ts';
import type { CheckKey } from './check-key.ts';
import { readCheckKey } from './check-key.ts';
import type { Readings, TypedFrom } from './reading.ts';

/** What a set of readings by hand holds, by what it takes to read it. */
export function quantitiesIn(take: Readings): Set<Quantity> {
  const { pairs, family = {}, farads = [], insulationOhms, spots = [], length } = take;
  const kinds = Object.keys(family).map((id) => readCheckKey(id).kind);
  const isOhms = (kind: CheckKey['kind']) => kind === 'load' || kind === 'terminator';
  const isLoss = (kind: CheckKey['kind']) => kind === 'rejection';
  const has: Readonly<Record<Quantity, boolean>> = {
    ohms: pairs.some(({ ohms }) => ohms !== undefined) || kinds.some(isOhms),
    farads: farads.length > 0 || kinds.some((kind) => !isOhms(kind) && !isLoss(kind)),
    insulation: insulationOhms !== undefined,
    loss: spots.some(({ loss }) => loss !== undefined) || kinds.some(isLoss),
    match: spots.some(({ returnLoss }) => returnLoss !== undefined),
    length: length !== undefined,
  };
  return new Set((Object.keys(has) as Quantity[]).filter((quantity) => has[quantity]));
}

/** A take by hand that says what it was read with: of what is chosen, what it holds readings of. */
export function readWith(take: Readings, chosen: TypedFrom, leadsOhms: number | undefined): Readings {
  const { typedFrom: _with, leadsOhms: _leads, ...rest } = take;
  const read = quantitiesIn(take);
  const used: TypedFrom = Object.fromEntries(
    Object.entries(chosen).filter(([quantity]) =>
      read.has(quantity === 'load' ? 'match' : (quantity as Quantity)),
    ),
  );
  return {
    ...rest,
    ...(Object.keys(used).length === 0 ? {} : { typedFrom: used }),
    ...(used.ohms?.ohms?.wires === 2 && leadsOhms !== undefined ? { leadsOhms } : {}),
  };
}

/** By what a quantity of a take was read, as it stands beside the figure. */
export function readBy({ instrument, typedFrom }: Readings, quantity: Quantity): string {
  const used = typedFrom?.[quantity];
  return used ? `${instrument}, ${used.name}` : instrument;
}

/** An instrument as a certificate names it. */
export interface NamedInstrument {
  readonly name: string;
  readonly serial: string;
  readonly calibrated: string | null;
  readonly due: string | null;
  readonly correction: string | null;
  readonly simulated: boolean;
}

/** Every instrument that a take was read with, each once; none where nobody said. */
export function instrumentsOf({ device, typedFrom = {} }: Readings): NamedInstrument[] {
  if (device) return [device];
  const used = new Map(Object.values(typedFrom).map((each) => [each.id, each]));
  return [...used.values()].map((each) => ({ ...each, correction: null, simulated: false }));
}
