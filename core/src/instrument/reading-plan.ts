import type { FamilyCheck } from '../prove/family-checks.ts';
import { sentence } from '../lead/in-words.ts';
import type { ProofPlan } from '../prove/proof-plan.ts';
import type { Device } from '../reading/reading.ts';
import { sweepGridFor } from '../prove/sweep-judge.ts';
import { lineFigures } from '../cable/line-figures.ts';
import { speedOfLight } from '../quantity/speed-of-light.ts';
import type { SweepLine } from '../prove/sweep-line.ts';
import { sweepLineOf } from '../prove/sweep-line.ts';
import type { Wiring } from '../wiring/wiring.ts';
import type { InstrumentRequest } from './messages.ts';
import { mostPoints } from './messages.ts';

/** One reading of a unit by an instrument, and what must stand at the far end meanwhile. */
export interface PlannedReading {
  readonly instrument: Device['kind'];
  readonly request: InstrumentRequest;
  readonly label: string;
  /** What to do before, in words: what comes off, what goes on. */
  readonly before: string;
  /** The check of the family that it is for. */
  readonly check?: FamilyCheck;
}

const nothing = 'Nothing at either end but the instrument: terminators, loads and arresters off.';

/** A reflection over time is looked at to this part beyond the length of the run, in so many points. */
const beyond = 1.3;
const tracePoints = 1601;

/** A reflection over time of a lead that is one coaxial line: port 1 on its first end, the other end as it is. */
export function traceReading({ lead }: Pick<ProofPlan, 'lead'>, line: SweepLine): PlannedReading {
  const { velocityFactor } = lineFigures(line.cable);
  const span = (2 * beyond * (line.length + 1)) / (velocityFactor * speedOfLight);
  return {
    instrument: 'analyser',
    request: { kind: 'trace', span, points: tracePoints },
    label: 'Reflection over time',
    before: `Port 1 on end ${lead.ends[0]!.name}, no transmitter anywhere on the line.`,
  };
}

/** Seconds that a lead is moved while the tester reads. */
export const wiggleSeconds = 8;

/** Every path, as many as a tester has points, again and again while the cable is moved; undefined where there is none to read. */
export function wiggleReading(
  { limits }: Pick<ProofPlan, 'limits'>,
  wiring: Wiring,
): PlannedReading | undefined {
  if (limits.length === 0 || wiring.points.length > mostPoints) return undefined;
  const pairs = limits
    .slice(0, mostPoints)
    .map(({ from, to }): [number, number] => [pointNumber(wiring, from), pointNumber(wiring, to)]);
  return {
    instrument: 'continuity tester',
    request: { kind: 'wiggle', pairs, seconds: wiggleSeconds },
    label: 'Move the cable at both ends while the tester reads',
    before: 'Both ends on the tester, a hand at each end of the cable.',
  };
}

/** The number of a point on the tester, from 1. */
export const pointNumber = ({ points }: Wiring, id: string) =>
  points.findIndex((point) => point.id === id) + 1;

/**
 * What the instruments read of a unit, in the order that puts something on and takes it off as seldom as may be: with
 * nothing at the far end first, then with its load or terminator, then between two ports.
 */
export function readingPlan(plan: ProofPlan, wiring: Wiring): PlannedReading[] {
  const { lead, family, insulation } = plan;
  const [near, far] = lead.ends;
  const read = family.map((check): PlannedReading => {
    const { label, how } = check;
    if ('choke' in check) {
      const { id: chokeId, frequency } = check.choke;
      const request = { kind: 'rejection', chokeId, frequency } as const;
      return { instrument: 'analyser', request, label, before: sentence(how), check };
    }
    const { contacts, farEnd } = check;
    const pair = contacts.map((contact) => pointNumber(wiring, `${near!.id}.${contact}`)) as [number, number];
    if (check.quantity === 'capacitance')
      return { instrument: 'meter', request: { kind: 'farads', pair }, label, before: nothing, check };
    const before = `${farEnd} ohm across the far end: ${how}.`;
    return { instrument: 'meter', request: { kind: 'ohms', pair, farEnd }, label, before, check };
  });
  const line = sweepLineOf(lead, new Map(Object.entries(plan.lengths)));
  const grid = line && sweepGridFor(line, lead.requirement.frequencies);
  const points = wiring.points.length;
  return [
    // A lead of more points than a tester has is read by hand or from a file.
    ...(points <= mostPoints
      ? [
          {
            instrument: 'continuity tester' as const,
            request: { kind: 'matrix' as const, points },
            label: 'Continuity and resistance of every path',
            before: nothing,
          },
        ]
      : []),
    ...read.filter(({ request }) => request.kind === 'farads'),
    {
      instrument: 'meter',
      request: { kind: 'insulation', volts: insulation.volts },
      label: 'Insulation',
      before: `${nothing} Hands off: hundreds of volts; discharge after.`,
    },
    ...read.filter(({ request }) => request.kind === 'ohms'),
    ...(grid
      ? [
          {
            instrument: 'analyser' as const,
            request: { kind: 'sweep' as const, from: grid[0]!, to: grid.at(-1)!, points: grid.length },
            label: 'Loss and match over frequency',
            before: `Port 1 on end ${near!.name}, port 2 on end ${far!.name}, nothing else; no transmitter anywhere on the line.`,
          },
        ]
      : []),
    ...read.filter(({ request }) => request.kind === 'rejection'),
  ];
}
