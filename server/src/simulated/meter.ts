import type { LeadNetwork } from '@gorvane/core/prove/lead-network.ts';
import { readFarads, readInsulation, readOhms, withTerminator } from '@gorvane/core/prove/virtual-lead.ts';
import { parsePairs, scpiNotANumber } from '../scpi/message.ts';
import type { InstrumentSession } from '../scpi/scpi-server.ts';
import { readNumber, ScpiFailure, ScpiSession } from '../scpi/session.ts';
import { Bench, indexOfPoint } from './bench.ts';
import { writeOhms } from './continuity-tester.ts';
import type { Identity } from './identity.ts';
import { identityCommands, identityText } from './identity.ts';

/** A meter of resistance, capacitance and insulation. */
export function meter(identity: Identity): InstrumentSession {
  const bench = new Bench();
  let farEnd = 0;
  const reset = () => void (farEnd = 0);
  const pairOf = (list: string | Buffer | undefined): [number, number] => {
    const [pair] = parsePairs(String(list));
    return [indexOfPoint(bench.laid, pair![0]), indexOfPoint(bench.laid, pair![1])];
  };
  const loaded = (pair: readonly [number, number]): LeadNetwork => {
    const { network, wiring } = bench.laid;
    return farEnd === 0 ? network : withTerminator(network, wiring, pair, farEnd);
  };
  const session = new ScpiSession(
    identityText(identity),
    {
      ...identityCommands(identity),
      ...bench.commands,
      /** What somebody put across the far end, ohm; 0 for nothing. */
      'SIMulation:FARend': ([ohms]) => void (farEnd = readNumber(ohms, 0, 1e9)),
      'MEASure:RESistance?': ([list]) => {
        const pair = pairOf(list);
        return writeOhms(readOhms(loaded(pair), pair, bench.laid.random));
      },
      'MEASure:CAPacitance?': ([list]) => {
        const farads = readFarads(bench.laid.network, pairOf(list), bench.laid.random);
        return (farads ?? scpiNotANumber).toExponential(6);
      },
      'MEASure:INSulation?': ([volts]) => {
        readNumber(volts, 10, 1000);
        if (farEnd !== 0)
          throw new ScpiFailure(-221, 'Settings conflict; take off what is at the far end first');
        const { network, wiring, random } = bench.laid;
        return writeOhms(readInsulation(network, wiring, random));
      },
    },
    reset,
  );
  return { session, temper: () => bench.temper };
}
