import { laidBraids } from './braid.ts';
import type { CoaxCable, CoreCable, LayeredCable } from './cable.ts';
import { conductorResistancePerMetre, pathResistances } from './electrical.ts';
import { coreResistance } from './pair.ts';
import { resistivityAt } from '../conductor/material.ts';

/** One conductor of a cable as it comes out of the jacket. Lengths in metres. */
export interface CableConductor {
  /** Within its cable: the colour of a core (counted where two are alike), `centre` or `shield`. */
  readonly id: string;
  readonly label: string;
  readonly kind: 'core' | 'shield';
  /** What a person sees; bare metal has none. */
  readonly colour: string | null;
  /** Cores twisted together share a pair, counted from 1; null outside pairs. */
  readonly pair: number | null;
  /** Over the bare strands; of a shield, of its tail twisted or of its drain. */
  readonly diameter: number;
  /** Metal, square metres. */
  readonly area: number;
  /** Over the insulation; a shield tail has none of its own. */
  readonly insulation: number | null;
}

/** Strands fill a round bundle to this part of its diameter: `d = 1.16 sqrt(4 A / pi)`. Engineering value. */
const strandFill = 1.16;

/** Diameter of strands of a cross-section (square metres) twisted into one, metres. */
export function twistedDiameter(area: number): number {
  return strandFill * Math.sqrt((4 * area) / Math.PI);
}

/** Cross-section of a drain wire, square metres, and what a braid or spiral has of metal round its inside, metres. Engineering values. */
const drainArea = 0.22e-6;
const shieldMetal = { braid: 0.07e-3, spiral: 0.06e-3, 'foil and braid': 0.05e-3 } as const;

/** Metal of the shield of a cable of cores, square metres: a foil carries nothing that counts. */
function coreShieldArea({ kind, inside }: NonNullable<CoreCable['shield']>): number {
  return kind === 'foil and drain' ? drainArea : Math.PI * inside * shieldMetal[kind];
}

/** Metal of the braids of a coax gathered to a tail, square metres. */
function braidArea(cable: CoaxCable): number {
  return laidBraids(cable).reduce(
    (sum, { braid, wires }) => sum + wires * (Math.PI / 4) * braid.wireDiameter ** 2,
    0,
  );
}

/** Every conductor of a cable, cores first. */
export function conductorsOf(cable: LayeredCable): readonly CableConductor[] {
  let found = known.get(cable);
  if (!found) {
    found = cable.structure === 'coax' ? coaxConductors(cable) : coreConductors(cable);
    known.set(cable, found);
  }
  return found;
}

/** Cables are immutable: what follows from one is worked out once. */
const known = new WeakMap<LayeredCable, readonly CableConductor[]>();

function coaxConductors(cable: CoaxCable): CableConductor[] {
  const { conductor, dielectric } = cable;
  const area = (Math.PI / 4) * (conductor.diameter ** 2 - conductor.bore ** 2);
  return [
    {
      id: 'centre',
      label: 'centre',
      kind: 'core',
      colour: null,
      pair: null,
      diameter: conductor.diameter,
      area,
      insulation: dielectric.diameter + 2 * cable.conductiveLayer,
    },
    shieldTail('shield', braidArea(cable)),
  ];
}

function coreConductors(cable: CoreCable): CableConductor[] {
  const { coreNames, coreColours, lay, conductor, insulation, shield } = cable;
  const cores = coreNames.map((name, index): CableConductor => {
    const like = coreNames.slice(0, index).filter((other) => other === name).length;
    const id = like === 0 ? name : `${name} ${like + 1}`;
    return {
      id,
      label: id,
      kind: 'core',
      colour: coreColours[index] ?? null,
      pair: lay === 'pair' || lay === 'pairs' ? Math.floor(index / 2) + 1 : null,
      diameter: conductor.diameter,
      area: conductor.area,
      insulation: insulation.diameter,
    };
  });
  if (!shield) return cores;
  return [
    ...cores,
    shieldTail(shield.kind === 'foil and drain' ? 'drain' : 'shield', coreShieldArea(shield)),
  ];
}

function shieldTail(label: string, area: number): CableConductor {
  return {
    id: 'shield',
    label,
    kind: 'shield',
    colour: null,
    pair: null,
    diameter: twistedDiameter(area),
    area,
    insulation: null,
  };
}

/** A conductor by its id. @throws RangeError when the cable does not have it. */
export function conductorOf(cable: LayeredCable, id: string): CableConductor {
  const found = conductorsOf(cable).find((conductor) => conductor.id === id);
  if (!found) throw new RangeError(`${cable.name} has no conductor "${id}"`);
  return found;
}

/** Direct-current resistance of one conductor, ohm per metre. @throws RangeError when the cable does not have it. */
export function resistancePerMetre(cable: LayeredCable, id: string, celsius = 20): number {
  const { kind, area } = conductorOf(cable, id);
  if (cable.structure === 'coax')
    return kind === 'shield'
      ? pathResistances(cable, celsius).shield
      : conductorResistancePerMetre(cable, celsius);
  return kind === 'shield' ? resistivityAt('copper', celsius) / area : coreResistance(cable, celsius);
}

/**
 * How far a conductor may be above its figure, as parts: drawn copper by its diameter; clad wire and braids by their class; cores of
 * class 5, whose figure is the most that they may have, by what length and room are off.
 */
const spreads = { drawn: 0.02, clad: 0.1, shield: 0.1, 'class 5': 0.02 } as const;

/**
 * How far one conductor may be above `resistancePerMetre`, as a part. Engineering values.
 * @throws RangeError when the cable does not have it.
 */
export function resistanceSpread(cable: LayeredCable, id: string): number {
  if (conductorOf(cable, id).kind === 'shield') return spreads[isDrawn(cable) ? 'drawn' : 'shield'];
  if (cable.structure === 'cores') return spreads['class 5'];
  const metals = cable.conductor.strandLayers.map(({ metal }) => metal);
  return spreads[metals.some((metal) => metal === 'steel' || metal === 'aluminium') ? 'clad' : 'drawn'];
}

/** Semi-rigid: a smooth tube of copper, drawn like a wire. */
const isDrawn = (cable: LayeredCable) =>
  cable.structure === 'coax' &&
  cable.tube !== null &&
  !cable.tube.corrugated &&
  cable.tube.metal === 'copper';
