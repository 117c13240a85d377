import type { House } from '../house/house.ts';
import type { Explained } from '../quantity/explained.ts';

/** Densities, kg/m3. Solder of the tin-copper kind, and rosin flux. */
const density = { solder: 7400, flux: 1070, brass: 8500 };
/** Specific heat of brass, J/(kg K). */
const brassHeat = 380;
/** Metal takes solder from here on, C. Lead-free melts at about 220, leaded at 183. */
const wets = { 'lead-free': 235, leaded: 200 } as const;

/**
 * Length in metres of flux-cored wire of a diameter (metres) that fills a volume (m3). Flux is given by
 * mass: by volume it is `phi = (w/rf) / (w/rf + (1-w)/rs)`, and only the metal stays. Source: geometry.
 */
export function solderLength(volume: number, wire: House['solderWire']): number {
  const { fluxByMass: w, diameter } = wire;
  const flux = w / density.flux / (w / density.flux + (1 - w) / density.solder);
  return volume / ((Math.PI / 4) * diameter ** 2 * (1 - flux));
}

/** The volume of a ring-shaped gap, m3: a bore, what stands in it, and how deep. Metres. */
export function gapVolume(bore: number, inside: number, depth: number): number {
  return Math.max(0, (Math.PI / 4) * (bore ** 2 - inside ** 2) * depth);
}

/** Solder to feed into a gap, with its sum. */
export function solderFeed(
  gaps: readonly { label: string; bore: number; inside: number; depth: number }[],
  house: House,
): Explained {
  const { solderWire } = house;
  return {
    value: gaps.reduce(
      (sum, { bore, inside, depth }) => sum + solderLength(gapVolume(bore, inside, depth), solderWire),
      0,
    ),
    kind: 'length',
    formula: 'volume of the gap / (section of the wire x its share of metal)',
    terms: [
      ...gaps.flatMap(({ label, bore, inside, depth }) => [
        { label: `${label}: bore`, value: bore, kind: 'length' as const, assumed: true },
        { label: `${label}: what stands in it`, value: inside, kind: 'length' as const, assumed: true },
        { label: `${label}: depth`, value: depth, kind: 'length' as const, assumed: true },
      ]),
      { label: 'Solder wire', value: solderWire.diameter, kind: 'length' },
      { label: 'Flux in it, by mass', value: solderWire.fluxByMass, kind: 'ratio', assumed: true },
    ],
    source: 'geometry of the gap; flux converted from mass to volume',
  };
}

/** How heavy a joint is for the iron. */
export type HeatClass = 'small pin' | 'cup' | 'body';

interface IronFigures {
  readonly tip: string;
  readonly celsius: { readonly 'lead-free': number; readonly leaded: number };
  /** Heat that the wetted tip passes, W/K. Engineering value. */
  readonly conductance: number;
}

/** Tips and settings by class: more tip mass comes before more temperature. Engineering values. */
const irons: Readonly<Record<HeatClass, IronFigures>> = {
  'small pin': { tip: 'chisel 2.4 mm', celsius: { 'lead-free': 350, leaded: 320 }, conductance: 0.1 },
  cup: { tip: 'chisel 3.2 mm', celsius: { 'lead-free': 370, leaded: 340 }, conductance: 0.18 },
  body: {
    tip: 'big chisel, 8 mm or wider',
    celsius: { 'lead-free': 410, leaded: 380 },
    conductance: 1,
  },
};

/** Tip, setting, dwell and cooling of one solder joint. Seconds. */
export interface SolderHeat {
  readonly tip: string;
  readonly celsius: number;
  readonly dwell: Explained;
  /** Until it can be touched. */
  readonly cool: Explained;
}

/** The share of its hull that a turned connector part fills with metal. Engineering value. */
const filled = 0.45;
/** Heat shed while cooling: to calm air over the hull, and along the cable. W/(m2 K) and W/K, engineering values. */
const shed = { air: 12, cable: 0.02 };

/**
 * A joint as one heat mass: `m c dT/dt = G (tip - T)` up to where solder wets, then `m c dT/dt = -H (T - room)` down to
 * 50 C. `length` and `outside` of the metal in metres. Engineering model: the iron's own recovery is in its conductance.
 */
export function solderHeat(
  kind: HeatClass,
  metal: { readonly length: number; readonly outside: number },
  house: House,
): SolderHeat {
  const iron = irons[kind];
  const { solder } = house.practice;
  const celsius = iron.celsius[solder];
  const mass =
    (Math.PI / 4) * metal.outside ** 2 * metal.length * (kind === 'body' ? filled : 0.8) * density.brass;
  const capacity = mass * brassHeat;
  const room = house.roomCelsius;
  const dwell = (capacity / iron.conductance) * Math.log((celsius - room) / (celsius - wets[solder]));
  const surface = Math.PI * metal.outside * metal.length;
  const cool = (capacity / (shed.air * surface + shed.cable)) * Math.log((wets[solder] - room) / (50 - room));
  const massTerm = { label: 'Mass heated, g', value: mass * 1e3, kind: 'ratio' as const, assumed: true };
  return {
    tip: iron.tip,
    celsius,
    dwell: {
      value: Math.max(1, dwell),
      kind: 'seconds',
      formula: '(m c / G) ln((tip - room) / (tip - wetting))',
      terms: [
        massTerm,
        { label: 'Tip', value: celsius, kind: 'temperature' },
        { label: 'Solder wets at', value: wets[solder], kind: 'temperature', assumed: true },
        { label: 'Heat passed by the tip, W/K', value: iron.conductance, kind: 'ratio', assumed: true },
      ],
      source: 'one heat mass, engineering values',
    },
    cool: {
      value: Math.max(5, cool),
      kind: 'seconds',
      formula: '(m c / H) ln((wetting - room) / (50 - room))',
      terms: [massTerm, { label: 'Room', value: room, kind: 'temperature' }],
      source: 'one heat mass in calm air, engineering values',
    },
  };
}
