import { lineFigures, velocityUncertainty } from '../cable/line-figures.ts';
import type { Network } from '../line/network.ts';
import { speedOfLight } from '../quantity/speed-of-light.ts';
import type { LineKnown, Reflectogram, ReflectionEvent, StepTrace } from '../line/reflectogram.ts';
import { reflectogram, traceReflectogram } from '../line/reflectogram.ts';
import { reflectionEvents } from '../line/reflection-events.ts';
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

/** A trace is looked at so far, metres of cable. */
const reach = (line: SweepLine) => 1.25 * line.length + 1;

/** Reflection against distance of a sweep of this lead from its first end. @throws RangeError when the sweep cannot be inverted. */
export function reflectogramOf(line: SweepLine, network: Network): Reflectogram {
  const { re, im } = network.parameters[0]!;
  return reflectogram(
    { frequencies: network.frequencies, reference: network.references[0]!, s11Re: re, s11Im: im },
    lineKnown(line),
    reach(line),
  );
}

/** More samples than these say no more of a lead; their peeling takes time by their square. */
const mostSamples = 4000;

/** The same of a trace over time, as far as this lead goes. @throws RangeError when it has too few samples. */
export function traceReflectogramOf(line: SweepLine, trace: StepTrace): Reflectogram {
  const known = lineKnown(line);
  const span = (2 * reach(line)) / (known.velocityFactor * speedOfLight);
  const times = Array.from(trace.times).filter((time) => time <= span);
  const every = Math.ceil(times.length / mostSamples);
  const volts = times.map((_, n) => trace.volts[n]!);
  const thin = (values: readonly number[]) => values.filter((_, n) => n % every === 0);
  return traceReflectogram({ ...trace, times: thin(times), volts: thin(volts) }, known);
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
      causes: causesOf(line, events, n, {
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

/** The near connector as a length of this cable, metres. */
function nearConnectorLength({ cable, near }: SweepLine): number {
  return (near.series.length * lineFigures(cable).velocityFactor) / near.series.velocityFactor;
}

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
  events: readonly ReflectionEvent[],
  n: number,
  { place, stretch, farEnd }: Seen,
): ReflectionFinding['causes'] {
  const event = events[n]!;
  switch (event.kind) {
    case 'open':
    case 'short':
      if (place !== 'far end') return [likely(event.kind)];
      return farEnd === 'on a port'
        ? [likely(event.kind), possible('far end')]
        : [possible('far end'), possible(event.kind)];
    case 'capacitive':
      return place === 'cable' ? [likely('crush')] : [likely('connector'), possible('crush')];
    case 'inductive':
      return [likely('bad joint')];
    case 'lower':
      if (place === 'near end') return wholeRun(line, events, n, 'leak');
      if (place === 'far end') return [possible('connector'), possible('far end')];
      return stretch !== null && stretch <= longestCrush
        ? [likely('crush'), possible('water')]
        : [likely('water'), possible('crush')];
    case 'higher':
      if (place === 'near end') return wholeRun(line, events, n, 'bad joint');
      return [likely('bad joint'), possible('connector')];
  }
}

/**
 * A step at the near end that lasts: another cable, which steps back into the port behind it, or a joint that adds its own
 * resistance, which does not. With an open or a short at the far end that step cannot be seen.
 */
function wholeRun(
  line: SweepLine,
  events: readonly ReflectionEvent[],
  n: number,
  joint: 'bad joint' | 'leak',
): ReflectionFinding['causes'] {
  const event = events[n]!;
  if (!isOther(line, event.impedance)) return [possible('connector'), possible(joint)];
  const later = events.slice(n + 1);
  if (later.some(({ kind }) => kind === 'open' || kind === 'short'))
    return [possible('wrong cable'), possible(joint)];
  const back = later.some(({ kind, distance }) => kind !== event.kind && distance > 0.9 * line.length);
  return back ? [likely('wrong cable')] : [likely(joint)];
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
  return !isOther(line, event.impedance);
}
