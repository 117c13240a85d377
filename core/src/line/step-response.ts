import { speedOfLight } from '../quantity/speed-of-light.ts';

/** An ideal piece of line, or a series resistance between two, as a reflectometer's step meets them. */
export type StepSegment =
  | {
      readonly kind: 'line';
      readonly impedance: number;
      readonly velocityFactor: number;
      readonly length: number;
    }
  | { readonly kind: 'series resistor'; readonly resistance: number };

/** A source of `emf` volts behind a resistance, rising in a straight ramp, into segments and a termination. */
export interface StepSetup {
  readonly emf: number;
  readonly sourceResistance: number;
  /** Seconds from 0 to full, above 0. */
  readonly riseTime: number;
  readonly segments: readonly StepSegment[];
  /** Ohm; 0 is a short, Infinity an open. */
  readonly termination: number;
}

/** A reflecting place as it first shows at the source. */
export interface StepEvent {
  readonly kind: 'impedance step' | 'series resistance' | 'open' | 'short' | 'termination';
  /** One way from the source, metres. */
  readonly distance: number;
  /** There and back, seconds. */
  readonly arrival: number;
  /** Step at the source's node, volts. */
  readonly step: number;
  readonly reflection: number;
  /** Ohm of the resistance or termination, or of the line behind a step. */
  readonly value: number;
}

interface Section {
  readonly impedance: number;
  readonly delay: number;
  readonly length: number;
  /** Resistance in series at its far end, ohm. */
  readonly seriesAfter: number;
}

/** Sections of line with what stands in series between them. @throws RangeError when a segment cannot be. */
function sectionsOf({ segments }: StepSetup): Section[] {
  const sections: Section[] = [];
  for (const segment of segments) {
    if (segment.kind === 'line') {
      const { impedance, velocityFactor, length } = segment;
      if (!(impedance > 0 && velocityFactor > 0 && velocityFactor <= 1 && length > 0 && length < Infinity))
        throw new RangeError(
          'step response: expected lines of positive impedance, velocity factor and length',
        );
      sections.push({ impedance, length, delay: length / (velocityFactor * speedOfLight), seriesAfter: 0 });
      continue;
    }
    const last = sections.pop();
    if (!last || !(segment.resistance >= 0))
      throw new RangeError('step response: expected a resistance of 0 or more behind a piece of line');
    sections.push({ ...last, seriesAfter: last.seriesAfter + segment.resistance });
  }
  if (sections.length === 0) throw new RangeError('step response: expected at least one piece of line');
  return sections;
}

/** Reflection and transmission (voltage) of a wave that meets the far end of section `k` from its source side. */
function forwardMeeting(sections: readonly Section[], termination: number, k: number): [number, number] {
  const { impedance, seriesAfter } = sections[k]!;
  const next = sections[k + 1]?.impedance ?? termination;
  if (next === Infinity) return [1, 0];
  const total = next + seriesAfter;
  return [(total - impedance) / (total + impedance), (2 * next) / (total + impedance)];
}

/** The same for a wave in section `k` that meets its near end, coming back. */
function backwardMeeting(sections: readonly Section[], k: number): [number, number] {
  const { impedance } = sections[k]!;
  const before = sections[k - 1]!;
  const total = before.impedance + before.seriesAfter;
  return [(total - impedance) / (total + impedance), (2 * before.impedance) / (total + impedance)];
}

/** Waves below this part of the source are dropped: far under what any reflectometer resolves. */
const smallestWave = 1e-10;

/** Times are merged within a femtosecond, so that equal paths count once. */
const tick = 1e-15;

/**
 * Every step that arrives at the source's node in the window, by exact bookkeeping of the travelling waves (bounce
 * diagram). Source: transmission-line textbooks, lattice diagram.
 */
function arrivals(setup: StepSetup, window: number): Map<number, number> {
  const sections = sectionsOf(setup);
  const { emf, sourceResistance } = setup;
  const first = sections[0]!.impedance;
  const sourceReflection = (sourceResistance - first) / (sourceResistance + first);
  const launched = (emf * first) / (sourceResistance + first);
  const seen = new Map<number, number>([[0, launched]]);
  const end = Math.round(window / tick);
  const delays = sections.map(({ delay }) => Math.round(delay / tick));
  /** Amplitudes by the time at which they meet an end, for each section and direction. */
  const meetings = new Map<number, Map<string, number>>();
  const queue: number[] = [];
  const send = (time: number, section: number, forward: boolean, amplitude: number) => {
    const at = time + delays[section]!;
    if (at > end || Math.abs(amplitude) < smallestWave * Math.abs(emf)) return;
    const key = `${section}${forward ? '>' : '<'}`;
    let waves = meetings.get(at);
    if (!waves) {
      waves = new Map();
      meetings.set(at, waves);
      queue.push(at);
    }
    waves.set(key, (waves.get(key) ?? 0) + amplitude);
  };
  send(0, 0, true, launched);
  while (queue.length > 0) {
    let earliest = 0;
    for (let n = 1; n < queue.length; n++) if (queue[n]! < queue[earliest]!) earliest = n;
    const time = queue.splice(earliest, 1)[0]!;
    const waves = meetings.get(time)!;
    meetings.delete(time);
    for (const [key, amplitude] of waves) {
      const section = Number.parseInt(key, 10);
      if (key.endsWith('>')) {
        const [reflected, passed] = forwardMeeting(sections, setup.termination, section);
        send(time, section, false, amplitude * reflected);
        if (section + 1 < sections.length) send(time, section + 1, true, amplitude * passed);
      } else if (section > 0) {
        const [reflected, passed] = backwardMeeting(sections, section);
        send(time, section, true, amplitude * reflected);
        send(time, section - 1, false, amplitude * passed);
      } else {
        seen.set(time, (seen.get(time) ?? 0) + amplitude * (1 + sourceReflection));
        send(time, 0, true, amplitude * sourceReflection);
      }
    }
  }
  return seen;
}

/** Times, seconds, at which the foot of a step reaches the source's node, the launched one included: exact. */
export function stepArrivals(setup: StepSetup, window: number): number[] {
  return [...arrivals(setup, window)]
    .filter(([, size]) => Math.abs(size) > smallestWave * Math.abs(setup.emf))
    .map(([at]) => at * tick);
}

/**
 * Voltage at the source's node at the given times (seconds, rising), for ideal lossless lines: exact.
 * @throws RangeError when the setup cannot be.
 */
export function stepResponse(setup: StepSetup, times: readonly number[]): Float64Array {
  if (!(setup.riseTime > 0 && setup.sourceResistance >= 0))
    throw new RangeError('step response: expected a rise time above 0 and a source resistance of 0 or more');
  const steps = [...arrivals(setup, times.at(-1) ?? 0)].map(([at, size]) => [at * tick, size] as const);
  return Float64Array.from(times, (time) =>
    steps.reduce((sum, [at, size]) => sum + size * Math.min(1, Math.max(0, (time - at) / setup.riseTime)), 0),
  );
}

/** Every reflecting place in order, as its first echo shows. A place that reflects nothing is none. */
export function stepEvents(setup: StepSetup): StepEvent[] {
  const sections = sectionsOf(setup);
  const { emf, sourceResistance, termination } = setup;
  const first = sections[0]!.impedance;
  const events: StepEvent[] = [];
  let wave =
    ((emf * first) / (sourceResistance + first)) *
    (1 + (sourceResistance - first) / (sourceResistance + first));
  let distance = 0;
  let delay = 0;
  sections.forEach((section, k) => {
    distance += section.length;
    delay += section.delay;
    const [reflection, passed] = forwardMeeting(sections, termination, k);
    const next = sections[k + 1];
    if (Math.abs(reflection) > 1e-12)
      events.push({
        ...meetingKind(section, next, termination),
        distance,
        arrival: 2 * delay,
        step: wave * reflection,
        reflection,
      });
    if (next) wave *= passed * backwardMeeting(sections, k + 1)[1];
  });
  return events;
}

function meetingKind(
  section: Section,
  next: Section | undefined,
  termination: number,
): Pick<StepEvent, 'kind' | 'value'> {
  if (section.seriesAfter > 0) return { kind: 'series resistance', value: section.seriesAfter };
  if (next) return { kind: 'impedance step', value: next.impedance };
  if (termination === 0) return { kind: 'short', value: 0 };
  return termination === Infinity
    ? { kind: 'open', value: Infinity }
    : { kind: 'termination', value: termination };
}
