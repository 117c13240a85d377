import { mostPoints } from '@gorvane/core/instrument/messages.ts';
import { readMatrix, readOhms } from '@gorvane/core/prove/virtual-lead.ts';
import { parsePairs, scpiInfinity } from '../scpi/message.ts';
import type { InstrumentSession } from '../scpi/scpi-server.ts';
import { readNumber, ScpiSession } from '../scpi/session.ts';
import { Bench, indexOfPoint } from './bench.ts';
import type { Identity } from './identity.ts';
import { identityCommands, identityText } from './identity.ts';

/** How often a bad joint is open while it is moved. */
const openPart = 0.25;

/** Ohms as the instrument writes them. */
export const writeOhms = (ohms: number) =>
  Number.isFinite(ohms) ? ohms.toExponential(6) : scpiInfinity.toExponential(1);

/** A four-wire continuity tester of up to 128 points. */
export function continuityTester(identity: Identity): InstrumentSession {
  const bench = new Bench();
  let points = 0;
  const reset = () => void (points = 0);
  const session = new ScpiSession(
    identityText(identity),
    {
      ...identityCommands(identity),
      ...bench.commands,
      'ROUTe:POINts': ([count]) => void (points = Math.round(readNumber(count, 2, mostPoints))),
      'ROUTe:POINts?': () => String(points),
      'MEASure:MATRix?': () => {
        const { network, wiring, random } = bench.laid;
        const matrix = readMatrix(network, wiring, random);
        const wanted = points === 0 ? wiring.points.length : points;
        return wanted === wiring.points.length
          ? matrix.map(writeOhms).join(',')
          : withEmptyPoints(matrix, wiring.points.length, wanted).map(writeOhms).join(',');
      },
      'MEASure:RESistance?': ([list]) => {
        const { laid } = bench;
        return parsePairs(String(list))
          .map(([a, b]) => [indexOfPoint(laid, a), indexOfPoint(laid, b)] as const)
          .map((pair) => writeOhms(drops(bench, pair) ? Infinity : readOhms(laid.network, pair, laid.random)))
          .join(',');
      },
    },
    reset,
  );
  return { session, temper: () => bench.temper };
}

/** Whether a joint that only holds now and then is open just now, on the way between two points. */
function drops({ laid: { virtual, wiring, random } }: Bench, pair: readonly [number, number]): boolean {
  return virtual.faults.some((fault) => {
    if (fault.kind !== 'intermittent') return false;
    const { point } = wiring.terminals[fault.terminal] ?? { point: null };
    return point !== null && pair.includes(point) && random() < openPart;
  });
}

/** A matrix over more points than the lead has: nothing is connected to the rest. */
function withEmptyPoints(matrix: readonly number[], has: number, wanted: number): number[] {
  const filled: number[] = [];
  let n = 0;
  for (let a = 0; a < wanted; a++)
    for (let b = a + 1; b < wanted; b++) filled.push(a < has && b < has ? matrix[n++]! : Infinity);
  return filled;
}
