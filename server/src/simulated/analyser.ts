import type { Network } from '@gorvane/core/line/network.ts';
import { frequencyGrid, mostPoints } from '@gorvane/core/line/cascade.ts';
import { impulseResponse } from '@gorvane/core/line/impulse-response.ts';
import { readRejection } from '@gorvane/core/prove/virtual-lead.ts';
import { sweepVirtualLead } from '@gorvane/core/prove/virtual-line.ts';
import { writeBlock } from '../scpi/message.ts';
import type { InstrumentSession } from '../scpi/scpi-server.ts';
import { readNumber, ScpiFailure, ScpiSession } from '../scpi/session.ts';
import type { LaidOut } from './bench.ts';
import { Bench } from './bench.ts';
import type { Identity } from './identity.ts';
import { identityCommands, identityText } from './identity.ts';

const lowest = 100e3;
const highest = 10e9;
const traceEmf = 1;
const portImpedance = 50;
/** In the order of a network's parameters, row by row. */
const parameters = ['S11', 'S12', 'S21', 'S22'] as const;

/** A two-port network analyser, calibrated at its cable ends, with a reflection trace over time. */
export function analyser(identity: Identity & { readonly correction: string }): InstrumentSession {
  const bench = new Bench();
  let from = 1e6;
  let to = 1e9;
  let points = 801;
  let swept: Network | undefined;
  const reset = () => {
    [from, to, points, swept] = [1e6, 1e9, 801, undefined];
  };
  const session = new ScpiSession(
    identityText(identity),
    {
      ...identityCommands(identity),
      ...bench.commands,
      'SENSe:CORRection:STATe?': () => '1',
      'SENSe:CORRection:TYPE?': () => `"${identity.correction}"`,
      'SENSe:FREQuency:STARt': ([hertz]) => void (from = readNumber(hertz, lowest, highest)),
      'SENSe:FREQuency:STOP': ([hertz]) => void (to = readNumber(hertz, lowest, highest)),
      'SENSe:SWEep:POINts': ([count]) => void (points = Math.round(readNumber(count, 2, mostPoints))),
      'FORMat:DATA': ([format, bits]) => {
        if (String(format).toUpperCase() !== 'REAL' || String(bits) !== '64')
          throw new ScpiFailure(-224, 'Illegal parameter value; this analyser sends REAL,64');
      },
      'INITiate:IMMediate': () => {
        if (!(to > from)) throw new ScpiFailure(-221, 'Settings conflict; stop is not above start');
        const frequencies = frequencyGrid(from, to, points);
        const { virtual, random } = bench.laid;
        swept =
          bench.clipped === undefined
            ? refused(() => sweepVirtualLead(virtual, frequencies, random))
            : acrossChoke(bench.laid, bench.clipped, frequencies);
      },
      'CALCulate:REFerence?': () => String(sweptNow(swept).references[0]),
      'CALCulate:DATA?': ([name]) => {
        const place = parameters.indexOf(String(name).toUpperCase() as 'S11');
        if (place < 0) throw new ScpiFailure(-224, 'Illegal parameter value; expected S11, S21, S12 or S22');
        const { re, im } = sweptNow(swept).parameters[place]!;
        return writeBlock(
          Float64Array.from({ length: 2 * re.length }, (_, n) => (n % 2 === 0 ? re : im)[n >> 1]!),
        );
      },
      'CALCulate:TRACe:EMF?': () => String(traceEmf),
      'CALCulate:TRACe:SOURce?': () => String(bench.laid.virtual.lead.requirement.systemImpedance),
      'CALCulate:TRACe:RISE?': ([span, count]) => String(riseTime(readSpan(span), readCount(count))),
      'CALCulate:TRACe:DATA?': ([span, count]) =>
        writeBlock(refused(() => traceOf(bench, readSpan(span), readCount(count)))),
    },
    reset,
  );
  return { session, temper: () => bench.temper };
}

/** A choke between two ports, as a series impedance: what does not pass is reflected. */
function acrossChoke({ virtual, random }: LaidOut, choke: string, frequencies: Float64Array): Network {
  const rejection = readRejection(virtual, choke, random);
  if (rejection === null)
    throw new ScpiFailure(-200, 'Execution error; the lead has no such choke of a stated class');
  const passed = 10 ** (-rejection / 20);
  const flat = (value: number) => ({
    re: frequencies.map(() => value),
    im: new Float64Array(frequencies.length),
  });
  const [back, through] = [flat(1 - passed), flat(passed)];
  return {
    ports: 2,
    references: [portImpedance, portImpedance],
    frequencies,
    parameters: [back, through, through, back],
  };
}

const readSpan = (text: string | Buffer | undefined) => readNumber(text, 1e-9, 1e-3);
const readCount = (text: string | Buffer | undefined) => Math.round(readNumber(text, 16, 8001));

function sweptNow(swept: Network | undefined): Network {
  if (!swept) throw new ScpiFailure(-230, 'Data corrupt or stale; nothing has been swept');
  return swept;
}

/** What the lead itself refuses is an execution error of the instrument. */
function refused<Result>(work: () => Result): Result {
  try {
    return work();
  } catch (error) {
    if (error instanceof RangeError) throw new ScpiFailure(-200, `Execution error; ${error.message}`);
    throw error;
  }
}

/** The step of a trace, seconds: as fast as its samples show, and no faster than the analyser's band. */
const riseTime = (span: number, count: number) => Math.max(4 * (span / count), 0.35 / (highest / 2));

/** Volts over time behind a source of 1 V: a step of that rise time into the lead, open or loaded as it is. */
function traceOf(bench: Bench, span: number, count: number): Float64Array {
  const { virtual, random } = bench.laid;
  const fastest = Math.min(highest, 0.8 / riseTime(span, count));
  const size = Math.min(mostPoints, Math.max(401, Math.ceil(2.5 * span * fastest)));
  const step = fastest / size;
  // A steady current has no frequency of its own: one next to it stands for it.
  const frequencies = Float64Array.from({ length: size + 1 }, (_, n) => Math.max(1e-3 * step, n * step));
  const { parameters: measured } = sweepVirtualLead(virtual, frequencies, random);
  const { impulse, timeStep } = impulseResponse(measured[0]!, 0, step);
  // A band-limited pulse begins before its own time.
  const lead = Math.ceil(2 / fastest / timeStep);
  let sum = 0;
  const raw = impulse.map((_, n) => (sum += impulse[(n - lead + impulse.length) % impulse.length]!));
  return Float64Array.from({ length: count }, (_, n) => {
    const place = (n * span) / (count - 1) / timeStep + lead;
    const low = Math.max(0, Math.min(raw.length - 2, Math.floor(place)));
    const value = raw[low]! + Math.min(1, place - low) * (raw[low + 1]! - raw[low]!);
    return (traceEmf / 2) * (1 + value);
  });
}
