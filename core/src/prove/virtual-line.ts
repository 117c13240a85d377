import { sweepWords } from '../words/proof-check.ts';
import { cableById } from '../cable/catalogue/catalogue.ts';
import { lineFigures } from '../cable/line-figures.ts';
import type { CoaxConnector } from '../connector/connector.ts';
import type { Network } from '../line/network.ts';
import type { CascadeElement } from '../line/cascade.ts';
import { chainNetwork } from '../line/chain-network.ts';
import { connectorElement } from '../line/connector-line.ts';
import type { Random } from '../quantity/random.ts';
import type { CableFault, InjectedFault } from './injected-fault.ts';
import { isCableFault } from './injected-fault.ts';
import type { VirtualLead } from './lead-network.ts';
import { leadWiring } from '../wiring/lead-wiring.ts';
import type { SweepLine } from './sweep-line.ts';
import { sweepLineOf } from './sweep-line.ts';

/** How far two pieces of one class differ, as parts: impedance of cable and of connectors, velocity factor, loss. Engineering values. */
const spread = { impedance: 0.008, connector: 0.03, velocity: 0.004, loss: 0.03 } as const;

/** Series capacitance of a gap in a conductor, and inductance where centre and shield change over. Engineering values. */
const gap = 0.05e-12;
const crossing = 30e-9;
/** What is left of the impedance where a cable is pressed flat, and what water makes of a stretch. Engineering values. */
const crushed = 0.68;
const wet = { impedance: 0.82, velocity: 0.8, lossPerHertz: 4e-7 } as const;

/** A virtual lead as an analyser meets it from its first end; undefined where it is no coaxial line. */
export function virtualLine(virtual: VirtualLead, random: Random): CascadeElement[] | undefined {
  const line = sweepLineOf(virtual.lead, virtual.lengths);
  if (!line) return undefined;
  const [nearId, farId] = virtual.lead.ends.map(({ id }) => id);
  const around = (value: number, part: number) => value * (1 + part * (2 * random() - 1));
  const connector = ({ series }: CoaxConnector) =>
    connectorElement({ ...series, impedance: around(series.impedance, spread.connector) });
  return [
    ...endFaults(virtual, nearId!),
    connector(line.near),
    ...virtualCable(line, virtual.faults, around),
    connector(line.far),
    ...endFaults(virtual, farId!),
  ];
}

/** What the joints of an end put into the line. */
function endFaults({ lead, faults }: VirtualLead, endId: string): CascadeElement[] {
  const { terminals, points } = leadWiring(lead);
  const isHere = (terminal: number) => terminals[terminal]?.endId === endId;
  return faults.flatMap((fault): CascadeElement[] => {
    switch (fault.kind) {
      case 'open':
        return isHere(fault.terminal) ? [{ kind: 'series capacitor', capacitance: gap }] : [];
      case 'high resistance':
        return isHere(fault.terminal) ? [{ kind: 'series resistor', resistance: fault.ohms }] : [];
      case 'swap':
        return isHere(fault.terminals[0]) ? [{ kind: 'series inductor', inductance: crossing }] : [];
      case 'short':
        return points[fault.points[0]]?.endId === endId ? [{ kind: 'shunt resistor', resistance: 0.05 }] : [];
      case 'leak':
        return points[fault.points[0]]?.endId === endId
          ? [{ kind: 'shunt resistor', resistance: Math.max(0.05, fault.ohms) }]
          : [];
      default:
        return [];
    }
  });
}

interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly fault: CableFault;
}

/** The cable cut at its faults, from the first end on. */
function virtualCable(
  line: SweepLine,
  faults: readonly InjectedFault[],
  around: (value: number, part: number) => number,
): CascadeElement[] {
  const inside = faults.filter(isCableFault);
  const other = inside.find((fault) => fault.kind === 'wrong cable');
  const figures = lineFigures(other ? cableById(other.cableId) : line.cable);
  const impedance = around(figures.impedance, spread.impedance);
  const velocityFactor = Math.min(1, around(figures.velocityFactor, spread.velocity));
  const loss = around(1, spread.loss);
  const [k1, k2] = [figures.fit.k1 * loss, figures.fit.k2 * loss];
  const sound = (length: number): CascadeElement => ({
    kind: 'line',
    impedance,
    velocityFactor,
    length,
    loss: { k1, k2 },
  });
  const elements: CascadeElement[] = [];
  let at = 0;
  for (const { from, to, fault } of stretches(line, inside)) {
    elements.push(sound(Math.max(0, from - at)));
    const length = to - Math.max(at, from);
    if (fault.kind === 'cable open') elements.push({ kind: 'series capacitor', capacitance: gap });
    if (fault.kind === 'cable short') elements.push({ kind: 'shunt resistor', resistance: 0.05 });
    if (fault.kind === 'crush' && length > 0)
      elements.push({ ...sound(length), impedance: crushed * impedance } as CascadeElement);
    if (fault.kind === 'water' && length > 0)
      elements.push({
        kind: 'line',
        impedance: wet.impedance * impedance,
        velocityFactor: wet.velocity * velocityFactor,
        length,
        loss: { k1, k2: k2 + wet.lossPerHertz },
      });
    at = Math.max(at, to);
  }
  return [...elements, sound(Math.max(0, line.length - at))];
}

function stretches({ length, forward }: SweepLine, faults: readonly CableFault[]): Stretch[] {
  return faults
    .flatMap((fault): Stretch[] => {
      if (fault.kind === 'wrong cable') return [];
      const place = (forward ? fault.at : 1 - fault.at) * length;
      const half = 'length' in fault ? fault.length / 2 : 0;
      return [{ from: Math.max(0, place - half), to: Math.min(length, place + half), fault }];
    })
    .sort((a, b) => a.from - b.from);
}

/** Floor of a calibrated bench analyser, as a part of full reflection. Engineering value. */
const floor = 10 ** (-62 / 20);

/** What a calibrated two-port analyser reads: all four parameters, with seeded noise. @throws RangeError where the lead is no coaxial line. */
export function sweepVirtualLead(virtual: VirtualLead, frequencies: Float64Array, random: Random): Network {
  const elements = virtualLine(virtual, random);
  if (!elements) throw new RangeError(sweepWords.notOneLine);
  const network = chainNetwork(elements, frequencies, virtual.lead.requirement.systemImpedance);
  const noisy = (values: Float64Array) => values.map((value) => value + floor * (2 * random() - 1));
  return {
    ...network,
    parameters: network.parameters.map(({ re, im }) => ({ re: noisy(re), im: noisy(im) })),
  };
}
