import type { LayeredCable } from '../cable/cable.ts';
import type { Connector } from '../connector/connector.ts';
import { isCoaxial } from '../connector/connector.ts';
import type { House } from '../house/house.ts';
import type { Stripper, StripperKind } from '../house/stripper.ts';
import { takesDiameter } from '../house/stripper.ts';
import { usualStrippers } from '../house/usual-strippers.ts';
import type { LeadEnd } from '../lead/lead.ts';

/** An end as far as its tool hangs on it. */
interface Stripped {
  readonly cable: LayeredCable;
  readonly connector: Connector;
}

/** Kinds of tool that strip an end, those that are usual for it first. */
export function stripperKindsFor({ cable, connector }: Stripped): readonly StripperKind[] {
  const tube = cable.structure === 'coax' ? cable.tube : null;
  if (tube?.corrugated) return ['fine saw'];
  if (tube) return tube.metal === 'aluminium' ? ['coring tool'] : ['tube cutter', 'fine saw'];
  return isCoaxial(connector)
    ? ['two-position rotary tool', 'three-blade rotary tool', 'blade']
    : ['jacket stripper', 'blade'];
}

/** What a tool is put round: the tube where there is one, else the jacket. Outside diameter, metres. */
export const grippedAt = (cable: LayeredCable): number =>
  (cable.structure === 'coax' ? cable.tube?.outside : undefined) ?? cable.jacket.diameter;

/** The tools of a house that are of a kind for this end and take its cable, in the order of its practice. */
export function strippersFor(end: Stripped, house: House): Stripper[] {
  const kinds = stripperKindsFor(end);
  const able = house.strippers.filter(
    (stripper) => kinds.includes(stripper.kind) && takesDiameter(stripper, grippedAt(end.cable)),
  );
  const blades = able.filter(({ kind }) => kind === 'blade');
  const tools = able.filter(({ kind }) => kind !== 'blade');
  return house.practice.stripping === 'blade' ? [...blades, ...tools] : [...tools, ...blades];
}

/** What an end is stripped with where the house has nothing that takes it: the simplest of its kinds. */
function borrowedStripper(end: Stripped): Stripper {
  const simplest = stripperKindsFor(end).at(-1);
  return usualStrippers.find(({ kind }) => kind === simplest)!;
}

/** What an end is stripped with where nobody has chosen. */
export const firstStripper = (end: Stripped, house: House): Stripper =>
  strippersFor(end, house)[0] ?? borrowedStripper(end);

/** The tool that was chosen for an end, where the house still has it and it is of a kind that strips such an end. */
export const chosenStripper = (
  { stripperId }: Pick<LeadEnd, 'stripperId'>,
  end: Stripped,
  house: House,
): Stripper | undefined =>
  house.strippers.find(({ id, kind }) => id === stripperId && stripperKindsFor(end).includes(kind));
