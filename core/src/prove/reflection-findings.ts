import { lineFigures, velocityUncertainty } from '../cable/line-figures.ts';
import type { CoaxConnector } from '../connector/connector.ts';
import type { Network } from '../line/network.ts';
import { speedOfLight } from '../quantity/speed-of-light.ts';
import type { LineKnown, Reflectogram, RunKnown } from '../line/reflectogram.ts';
import { reflectogram } from '../line/reflectogram.ts';
import type { ReflectionEvent } from '../line/reflection-events.ts';
import { reflectionEvents } from '../line/reflection-events.ts';
import type { StepTrace } from '../line/step-trace.ts';
import { traceReflectogram } from '../line/step-trace.ts';
import type { Sureness } from './sweep-cause.ts';
import type { SweepLine } from './sweep-line.ts';
import { planeUncertainty } from './sweep-judge.ts';

/** What a reflection at a place is taken for. */
export const reflectionKinds = [
  'open',
  'short',
  'crush',
  'water',
  'wrong cable',
  'bad joint',
  'leak',
  'connector',
  'far end',
] as const;
export type ReflectionKind = (typeof reflectionKinds)[number];

/** One place of a run that reflects, and what it may be: the likelier first. */
export interface ReflectionFinding {
  readonly event: ReflectionEvent;
  /** Where on the lead. */
  readonly place: 'near end' | 'far end' | 'cable';
  /** Metres of cable from the first end's jacket edge; below 0 inside its connector. */
  readonly distance: number;
  readonly uncertainty: number;
  /** Where a stretch that begins here comes back to its level, metres; null for a single place. */
  readonly until: number | null;
  readonly causes: readonly { readonly kind: ReflectionKind; readonly sure: Sureness }[];
  /** Whether it is what a sound lead shows there. */
  readonly expected: boolean;
}

/** A stretch that is low for longer than this is no crush, metres. Engineering value. */
const longestCrush = 0.3;
/** A cable is another one from this part of its nominal impedance on; connectors of good build stay below it. */
const otherCable = 0.12;
/** What of a line turns time into place. */
function lineKnown(line: SweepLine): LineKnown {
  const { velocityFactor, fit } = lineFigures(line.cable);
  return { velocityFactor, velocityUncertainty, loss: { k1: fit.k1, k2: fit.k2 } };
}

/** The run from the port on: its connectors as lengths of this cable, and the port or dummy load that may stand behind it. */
function runKnown(line: SweepLine): RunKnown {
  const connectors = nearConnectorLength(line) + asCable(line, line.far);
  return { length: connectors + line.length, load: 1 };
}

/**
 * Reflection against distance of a sweep of this lead from its first end.
 * @throws ReflectionTooCoarse when the sweep's step is too wide for the length. @throws RangeError when it cannot be looked into.
 */
export function reflectogramOf(line: SweepLine, network: Network): Reflectogram {
  const { re, im } = network.parameters[0]!;
  return reflectogram(
    { frequencies: network.frequencies, reference: network.references[0]!, s11Re: re, s11Im: im },
    lineKnown(line),
    runKnown(line),
  );
}

/** A trace is looked at so far beyond its run, as a part of it. */
const reach = 2;
/** More samples than these say no more of a lead. */
const mostSamples = 4000;

/** The same of a trace over time, as far as this lead goes. @throws RangeError when it has too few samples. */
export function traceReflectogramOf(line: SweepLine, trace: StepTrace): Reflectogram {
  const known = lineKnown(line);
  const span = (2 * (reach * line.length + 1)) / (known.velocityFactor * speedOfLight);
  const times = Array.from(trace.times).filter((time) => time <= span);
  const every = Math.ceil(times.length / mostSamples);
  const volts = times.map((_, n) => trace.volts[n]!);
  const thin = (values: readonly number[]) => values.filter((_, n) => n % every === 0);
  return traceReflectogram({ ...trace, times: thin(times), volts: thin(volts) }, known, runKnown(line));
}

/** What stands at the far end while the first is looked into: the port of an analyser, or anything. */
export type FarEnd = 'on a port' | 'as it is';

/**
 * The events of a trace against the run: an open, a short, a crush (a short stretch that is low), water (a long one),
 * another cable (from one end to the other), a joint with resistance or a gap, a film that leaks. What one trace cannot tell
 * apart is listed together with how sure it is. A far end that is on no port may well be open.
 */
export function reflectionFindings(
  line: SweepLine,
  trace: Reflectogram,
  farEnd: FarEnd,
): ReflectionFinding[] {
  const events = reflectionEvents(trace, line.reference);
  const near = nearConnectorLength(line);
  const findings: ReflectionFinding[] = [];
  for (let n = 0; n < events.length; n++) {
    const event = events[n]!;
    const distance = event.distance - near;
    const uncertainty = event.uncertainty + planeUncertainty;
    const place = placeOf(line, distance, uncertainty);
    const back = place === 'cable' ? returnOf(line, events, n, near) : undefined;
    const until = back === undefined ? null : events[back]!.distance - near;
    findings.push({
      event,
      place,
      distance,
      uncertainty,
      until,
      causes: causesOf(line, event, {
        place,
        farEnd,
        stretch: until === null ? null : until - distance,
      }),
      expected: isExpected(line, event, place, farEnd),
    });
    n = back ?? n;
  }
  return findings;
}

/** A connector as a length of this cable, metres. */
const asCable = ({ cable }: SweepLine, { series }: CoaxConnector) =>
  (series.length * lineFigures(cable).velocityFactor) / series.velocityFactor;

const nearConnectorLength = (line: SweepLine) => asCable(line, line.near);

function placeOf(line: SweepLine, distance: number, uncertainty: number): ReflectionFinding['place'] {
  if (distance <= uncertainty) return 'near end';
  return distance >= line.length - uncertainty ? 'far end' : 'cable';
}

/** The next event, where it brings the line back to its own level inside the cable. */
function returnOf(
  line: SweepLine,
  events: readonly ReflectionEvent[],
  n: number,
  near: number,
): number | undefined {
  const [event, next] = [events[n]!, events[n + 1]];
  if (!next || event.kind !== 'lower' || next.kind !== 'higher') return undefined;
  const isInside = next.distance - near < line.length - next.uncertainty;
  return isInside && !isOther(line, next.impedance) ? n + 1 : undefined;
}

const likely = (kind: ReflectionKind) => ({ kind, sure: 'likely' as const });
const possible = (kind: ReflectionKind) => ({ kind, sure: 'possible' as const });

interface Seen {
  readonly place: ReflectionFinding['place'];
  readonly farEnd: FarEnd;
  /** How long the line stays off its level, metres; null where it does not come back inside the cable. */
  readonly stretch: number | null;
}

function causesOf(
  line: SweepLine,
  event: ReflectionEvent,
  { place, stretch, farEnd }: Seen,
): ReflectionFinding['causes'] {
  switch (event.kind) {
    case 'open':
    case 'short':
      return endCauses(event.kind, place, farEnd);
    case 'capacitive':
      if (place !== 'cable') return [likely('connector'), possible('crush')];
      return event.uncertainty > longestCrush ? [likely('crush'), possible('water')] : [likely('crush')];
    case 'lower':
      if (place === 'near end') return wholeRun(line, event, 'leak');
      if (place === 'far end') return [possible('connector'), possible('far end')];
      return stretch !== null && stretch <= longestCrush
        ? [likely('crush'), possible('water')]
        : [likely('water'), possible('crush')];
    case 'inductive':
      return [likely('bad joint')];
    case 'series':
      return partCauses(event, { place, farEnd }, 'bad joint');
    case 'leak':
      return partCauses(event, { place, farEnd }, 'leak');
    case 'higher':
      if (place === 'near end') return wholeRun(line, event, 'bad joint');
      return [likely('bad joint'), possible('connector')];
  }
}

/** A resistance in series or across; at the near end it may be a change of the whole run where what lies behind does not tell. */
function partCauses(
  { isDecided }: ReflectionEvent,
  { place, farEnd }: Pick<Seen, 'place' | 'farEnd'>,
  part: 'bad joint' | 'leak',
): ReflectionFinding['causes'] {
  // Another cable steps back into a port behind it, and would have been found so.
  const isPart = isDecided || place !== 'near end' || farEnd === 'on a port';
  return isPart ? [likely(part)] : [possible(part), possible('wrong cable')];
}

/** A total reflection inside the run is a fault; at its far end it may be what stands there. */
function endCauses(
  kind: 'open' | 'short',
  place: ReflectionFinding['place'],
  farEnd: FarEnd,
): ReflectionFinding['causes'] {
  if (place !== 'far end') return [likely(kind)];
  return farEnd === 'on a port' ? [likely(kind), possible('far end')] : [possible('far end'), possible(kind)];
}

/** A step at the near end that lasts: another cable, or, where what lies behind does not tell, a joint with its own resistance. */
function wholeRun(
  line: SweepLine,
  event: ReflectionEvent,
  joint: 'bad joint' | 'leak',
): ReflectionFinding['causes'] {
  if (!isOther(line, event.impedance)) return [possible('connector'), possible(joint)];
  return event.isDecided ? [likely('wrong cable')] : [possible('wrong cable'), possible(joint)];
}

const isOther = (line: SweepLine, impedance: number) =>
  Math.abs(impedance / lineFigures(line.cable).impedance - 1) > otherCable;

/** What a sound lead shows: small steps at its ends, and the end itself where nothing stands behind it. */
function isExpected(
  line: SweepLine,
  event: ReflectionEvent,
  place: ReflectionFinding['place'],
  farEnd: FarEnd,
): boolean {
  if (place === 'cable') return false;
  if (event.kind === 'open' || event.kind === 'short') return place === 'far end' && farEnd === 'as it is';
  if (event.kind === 'series' || event.kind === 'leak') return false;
  return event.kind === 'capacitive' ? isConnector(line, event, place) : !isOther(line, event.impedance);
}

/** What a connector of low impedance may be over its class before something else must be there. Engineering value. */
const connectorSpread = 1.5;

/** Whether a dip is no larger than that of the connector that stands there: the UHF pattern shows one on a sound lead. */
function isConnector(line: SweepLine, { size }: ReflectionEvent, place: 'near end' | 'far end'): boolean {
  const { length, velocityFactor, impedance } = (place === 'near end' ? line.near : line.far).series;
  const delay = length / (velocityFactor * speedOfLight);
  const around = lineFigures(line.cable).impedance;
  return (
    (size ?? Infinity) <= connectorSpread * Math.max(0, delay * (1 / impedance - impedance / around ** 2))
  );
}
