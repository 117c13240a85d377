import type { CoreCable, LayeredCable } from '../cable/cable.ts';
import { resistancePerMetre } from '../cable/conductors.ts';
import type { Random } from '../quantity/random.ts';
import type { Copper } from './resistance.ts';

/**
 * Milliohm per metre of centre and shield of each class of coax at 20 C, as its sheets give it. Written out here, so that what a
 * virtual lead reads does not come from what it is judged by.
 */
const sheets: Readonly<Record<string, readonly [centre: number, shield: number]>> = {
  'rg-58': [37, 15],
  'rg-223': [27.7, 8.2],
  'rg-59': [160, 9.4],
  'rg-316': [275, 34.5],
  'rg-174': [312, 43],
  'rg-6': [98, 19.7],
  'rg-8x': [13.6, 11.3],
  'rg-213': [5.65, 4.25],
  'low-loss-5': [24.3, 16],
  'low-loss-6': [10.9, 12.6],
  'low-loss-7': [6.9, 9.9],
  'low-loss-10': [4.3, 6],
  'low-loss-10-stranded': [3.54, 6],
  'low-loss-13': [2.45, 4.65],
  'low-loss-15': [1.6, 3.85],
  'rg-402': [61.5, 5.6],
  'rg-405': [200, 10.9],
  'corrugated-1/2': [1.4, 2],
  'corrugated-3/4': [0.65, 1.24],
  'corrugated-7/8': [1.58, 0.93],
  'corrugated-1-1/4': [0.87, 0.55],
  'corrugated-1-5/8': [0.54, 0.37],
  'corrugated-2-1/4': [0.36, 0.26],
  'trunk-13': [4.4, 1.34],
  'trunk-19': [1.9, 0.72],
  'trunk-13-disc': [3.7, 1.34],
  instrument: [81.5, 19],
  'twin-phono': [142, 42.5],
};
/** The same of the shields of cables of cores. */
const coreShields: Readonly<Record<string, number>> = {
  'mic-pair': 28.5,
  'install-pair': 78.4,
  'lighting-1-pair': 25,
};

/** Most that fine strands may have, ohm per km at 20 C, bare and tinned. Source: IEC 60228, class 5. */
function classFive({ area, metal }: CoreCable['conductor']): number {
  const squareMillimetres = area * 1e6;
  const sizes: Readonly<Record<string, readonly [number, number]>> = {
    1.5: [13.3, 13.7],
    2.5: [7.98, 8.21],
    4: [4.95, 5.09],
  };
  const [bare, tinned] = sizes[squareMillimetres.toFixed(1).replace('.0', '')] ?? [
    19.5 / squareMillimetres,
    20.05 / squareMillimetres,
  ];
  return metal === 'copper' ? bare : tinned;
}

/** What a sound conductor may be off its sheet, as parts: drawn wire, clad wire, braid; a core of class 5 stays under its maximum. */
const drawnOff = { drawn: 0.015, clad: 0.07, braid: 0.07 } as const;
const underMaximum = [0.93, 0.98] as const;
/** Cores of one cable come from one drum of strands: they differ by so much. */
const alike = 0.004;

/** Resistance of copper at a temperature over that at 20 C: it would be none at -234.5 C. Source: IEC 60028. */
const warm = (celsius: number) => (234.5 + celsius) / 254.5;

/** The copper of one virtual lead, drawn once: every conductor of a class is a little off its sheet. Ohm per metre. */
export function drawnCopper(celsius: number, random: Random): Copper {
  const drawn = new Map<string, number>();
  const once = (key: string, draw: () => number) => {
    const known = drawn.get(key) ?? draw();
    drawn.set(key, known);
    return known;
  };
  const around = (part: number) => 1 + part * (2 * random() - 1);
  const strands = () => underMaximum[0] + (underMaximum[1] - underMaximum[0]) * random();
  return (cable, conductor) =>
    once(`${cable.id} ${conductor}`, () => {
      const isCore = cable.structure === 'cores' && conductor !== 'shield';
      const off = isCore ? once(cable.id, strands) * around(alike) : around(spreadOf(cable, conductor));
      return warm(celsius) * off * sheetOhms(cable, conductor);
    });
}

/** Ohm per metre at 20 C by the sheet; of an own cable by its construction. */
function sheetOhms(cable: LayeredCable, conductor: string): number {
  const isShield = conductor === 'shield';
  if (cable.structure === 'cores' && !isShield) return classFive(cable.conductor) * 1e-3;
  const sheet = cable.structure === 'cores' ? coreShields[cable.id] : sheets[cable.id]?.[isShield ? 1 : 0];
  return sheet === undefined ? resistancePerMetre(cable, conductor) : sheet * 1e-3;
}

function spreadOf(cable: LayeredCable, conductor: string): number {
  if (conductor === 'shield')
    return cable.structure === 'coax' && cable.braids.length === 0 ? drawnOff.drawn : drawnOff.braid;
  const metals = cable.structure === 'coax' ? cable.conductor.strandLayers.map(({ metal }) => metal) : [];
  return metals.some((metal) => metal === 'steel' || metal === 'aluminium') ? drawnOff.clad : drawnOff.drawn;
}
