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

/** Wire is fed to the nearest 5 mm, metres: nobody feeds finer. */
const feedGrain = 5e-3;

/** A gap that solder fills; `share` where less than all of it can be filled. Metres, and cubic metres for its fillet. */
export interface SolderGap {
  readonly label: string;
  readonly bore: number;
  readonly inside: number;
  readonly depth: number;
  readonly share?: number;
  readonly fillet?: number;
}

/** Cups are cut away on one side: this part of them holds solder. Engineering value. */
export const cupShare = 0.65;
/** What stands over a filled contact as its fillet, m3. Engineering values. */
export const fillets = { cup: 1.5e-9, lug: 3e-9, tube: 3e-9 } as const;

const volumeOf = ({ bore, inside, depth, share = 1, fillet = 0 }: SolderGap) =>
  gapVolume(bore, inside, depth) * share + fillet;

/** Solder to feed into a gap, to the nearest 5 mm, with its exact sum. */
export function solderFeed(gaps: readonly SolderGap[], house: House): Explained {
  const { solderWire } = house;
  const exact = solderLength(
    gaps.reduce((sum, gap) => sum + volumeOf(gap), 0),
    solderWire,
  );
  return {
    value: exact === 0 ? 0 : Math.max(feedGrain, Math.round(exact / feedGrain) * feedGrain),
    kind: 'length',
    formula: 'volume of gap and fillet / (section of the wire x its share of metal), to 5 mm',
    terms: [
      { label: 'Exactly', value: exact, kind: 'length' },
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

/** Solder of a joint that has nothing to fill: its fillet alone, m3. */
export const filletFeed = (fillet: number, house: House): Explained =>
  solderFeed([{ label: 'fillet', bore: 0, inside: 0, depth: 0, fillet }], house);

/** Kinds of solder joint, by what the iron has to heat. */
export type HeatKind =
  'pin' | 'cup' | 'lug' | 'hollow tip' | 'body hole' | 'tube in a body' | 'recess' | 'tinning';

interface IronFigures {
  readonly tip: string;
  readonly celsius: { readonly 'lead-free': number; readonly leaded: number };
  /** Heat that the wetted tip passes, W/K. */
  readonly conductance: number;
}

/** Tips and settings: more tip mass comes before more temperature. Engineering values. */
const irons = {
  fine: { tip: 'chisel 2.4 mm', celsius: { 'lead-free': 350, leaded: 320 }, conductance: 0.1 },
  middle: { tip: 'chisel 3.2 mm', celsius: { 'lead-free': 370, leaded: 340 }, conductance: 0.18 },
  wide: { tip: 'chisel 6 mm', celsius: { 'lead-free': 350, leaded: 320 }, conductance: 0.35 },
  hot: { tip: 'chisel 6 mm', celsius: { 'lead-free': 410, leaded: 380 }, conductance: 0.35 },
  big: { tip: 'big chisel, 8 mm or wider', celsius: { 'lead-free': 410, leaded: 380 }, conductance: 1 },
} as const satisfies Readonly<Record<string, IronFigures>>;

interface JointHeat {
  readonly iron: keyof typeof irons;
  /** Part of the metal's hull that is metal, and part of that which must come to heat before solder wets. */
  readonly metal: number;
  readonly heated: number;
  /** What it is fixed to and takes heat with it, J/K: conductor, insulator, vice. */
  readonly along: number;
}

/** What is heated at each kind of joint. Engineering values, set so that contact times are those of the bench. */
const jointHeats: Readonly<Record<HeatKind, JointHeat>> = {
  pin: { iron: 'fine', metal: 0.8, heated: 1, along: 0.05 },
  cup: { iron: 'middle', metal: 0.8, heated: 1, along: 0.1 },
  lug: { iron: 'middle', metal: 0.8, heated: 1, along: 0.08 },
  'hollow tip': { iron: 'wide', metal: 0.8, heated: 1, along: 1.3 },
  'body hole': { iron: 'hot', metal: 0.45, heated: 0.5, along: 0 },
  'tube in a body': { iron: 'big', metal: 0.45, heated: 1, along: 3.5 },
  recess: { iron: 'big', metal: 0.45, heated: 1, along: 0 },
  tinning: { iron: 'fine', metal: 0.8, heated: 1, along: 0.05 },
};

/** How fast wire is fed, metres a second, and how long solder takes to flow through, seconds. Custom of the bench. */
const feeding = { speed: 10e-3, flow: 1 } as const;
/** A contact longer than this wants more tip mass, not more time. Seconds. */
const longestContact = 12;
/** Heat shed while cooling: to calm air over the hull, and along the cable. W/(m2 K) and W/K, engineering values. */
const shed = { air: 12, cable: 0.02 };
/** At most this much of what is heated along still gives its heat back while it cools, J/K. */
const kept = 0.3;

/** Tip, setting, contact time and cooling of one solder joint. Seconds. */
export interface SolderHeat {
  readonly tip: string;
  readonly celsius: number;
  /** From the touch of the iron until it is lifted. */
  readonly contact: Explained;
  /** Until it can be touched. */
  readonly cool: Explained;
}

interface Metal {
  readonly length: number;
  readonly outside: number;
}

/** Heat capacity of the metal of a joint, J/K. */
const capacityOf = ({ length, outside }: Metal, share: number) =>
  (Math.PI / 4) * outside ** 2 * length * share * density.brass * brassHeat;

/**
 * A joint as one heat mass. Contact time: `m c dT/dt = G (tip - T)` up to where solder wets, then the wire is fed at 10 mm/s,
 * then a second to flow through. Cooling: `m c dT/dt = -H (T - room)` down to 50 C. `metal` and `feed` in metres. Engineering
 * model: the iron's own recovery is in its conductance.
 */
export function solderHeat(kind: HeatKind, metal: Metal, house: House, feed = 0): SolderHeat {
  const usual = contactWith(kind, irons[jointHeats[kind].iron], metal, house, feed);
  return usual.contact.value > longestContact ? contactWith(kind, irons.big, metal, house, feed) : usual;
}

function contactWith(
  kind: HeatKind,
  iron: IronFigures,
  metal: Metal,
  house: House,
  feed: number,
): SolderHeat {
  const { solder } = house.practice;
  const joint = jointHeats[kind];
  const celsius = iron.celsius[solder];
  const room = house.roomCelsius;
  const heated = capacityOf(metal, joint.metal) * joint.heated + joint.along;
  const wet = (heated / iron.conductance) * Math.log((celsius - room) / (celsius - wets[solder]));
  const fed = feed / feeding.speed;
  return {
    tip: iron.tip,
    celsius,
    contact: {
      value: wet + fed + feeding.flow,
      kind: 'seconds',
      formula: 'till it wets, (C / G) ln((tip - room) / (tip - wetting)), + feeding + flow',
      terms: [
        { label: 'Till it wets', value: wet, kind: 'seconds', assumed: true },
        { label: 'Wire fed at 10 mm/s', value: fed, kind: 'seconds' },
        { label: 'To flow through', value: feeding.flow, kind: 'seconds', assumed: true },
        { label: 'Heat it takes, J/K', value: heated, kind: 'ratio', assumed: true },
        { label: 'Heat passed by the tip, W/K', value: iron.conductance, kind: 'ratio', assumed: true },
        { label: 'Tip', value: celsius, kind: 'temperature' },
        { label: 'Solder wets at', value: wets[solder], kind: 'temperature', assumed: true },
      ],
      source: 'one heat mass, engineering values',
    },
    cool: coolingOf(metal, joint, house),
  };
}

function coolingOf(metal: Metal, joint: JointHeat, { practice, roomCelsius }: House): Explained {
  const capacity = capacityOf(metal, joint.metal) + Math.min(kept, joint.along);
  const surface = Math.PI * metal.outside * metal.length;
  const losing = shed.air * surface + shed.cable;
  return {
    value: (capacity / losing) * Math.log((wets[practice.solder] - roomCelsius) / (50 - roomCelsius)),
    kind: 'seconds',
    formula: '(C / H) ln((wetting - room) / (50 - room))',
    terms: [
      { label: 'Heat it holds, J/K', value: capacity, kind: 'ratio', assumed: true },
      { label: 'Heat shed, W/K', value: losing, kind: 'ratio', assumed: true },
      { label: 'Room', value: roomCelsius, kind: 'temperature' },
    ],
    source: 'one heat mass in calm air, engineering values',
  };
}
