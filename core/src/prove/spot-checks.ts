import { nobodyRead, sweepWords, wantedInstrument } from '../words/proof-check.ts';
import type { Instrument } from '../house/instrument.ts';
import { coversFrequency, reads } from '../house/instrument.ts';
import { formatMatch } from '../quantity/standing-wave.ts';
import { readBy } from '../reading/typed-from.ts';
import type { Readings, Spot } from '../reading/reading.ts';
import type { CheckContext, ProofCheck } from './checks.ts';
import { checkOf } from './checks.ts';
import type { Judged, MethodReading } from './judge.ts';
import { judgeAtLeast, judgeAtMost, orCannotDecide } from './judge.ts';
import { networkAnalyser } from './network-analyser.ts';
import { notAsked } from './proof-level.ts';
import type { SpotLimits } from './sweep-judge.ts';
import { judgeLossAt, judgeReturnLossAt, spotLimits, sweepWhy, usualAnalyser } from './sweep-judge.ts';
import type { SweepLine } from './sweep-line.ts';

/** What a load that does not say comes back with itself, dB. Engineering value. */
const usualLoad = 30;

/** Match into a load, and loss, at single frequencies. */
interface SpotReading {
  readonly take: Readings;
  readonly spot: Spot;
}

/** Every reading at one frequency of all takes. */
function spotReadings(takes: readonly Readings[]): SpotReading[] {
  return takes.flatMap((take) => (take.spots ?? []).map((spot) => ({ take, spot })));
}

/**
 * Match and loss at single frequencies, beside the prediction there: a row for each frequency that somebody read, and, where an
 * analyser and a load are there but nothing that sweeps, for each working frequency.
 */
export function spotChecks(line: SweepLine, working: readonly number[], context: CheckContext): ProofCheck[] {
  const read = spotReadings(context.takes);
  const sweeps = networkAnalyser(Math.max(...working)).canRead(context.instruments);
  const wanted = sweeps
    ? []
    : working.filter((hertz) =>
        canMatch(line, hertz, context.instruments, spotLimits(line, hertz, context.house)),
      );
  const hertzOf = (has: (spot: Spot) => boolean) =>
    read.flatMap(({ spot }) => (has(spot) ? [spot.hertz] : []));
  const each = (frequencies: readonly number[]) => [...new Set(frequencies)].sort((a, b) => a - b);
  return [
    ...each([...wanted, ...hertzOf(({ returnLoss }) => returnLoss !== undefined)]).map((hertz) =>
      matchCheck(line, hertz, read, context),
    ),
    ...each(hertzOf(({ loss }) => loss !== undefined)).map((hertz) => lossCheck(line, hertz, read, context)),
  ];
}

/** Whether an analyser and a load of the line's impedance are there that could call a sound lead Good at a frequency. */
function canMatch(
  line: SweepLine,
  hertz: number,
  instruments: readonly Instrument[],
  limits: SpotLimits,
): boolean {
  const there = instruments.filter((each) => coversFrequency(each, hertz));
  const loads = there.filter(({ impedance, match }) => impedance === line.reference && match !== null);
  return there.some(
    (analyser) =>
      reads(analyser, 'match') &&
      loads.some(
        (load) => soundMatch(limits, leftOf(analyser.match!, load.match!, limits)).verdict === 'Good',
      ),
  );
}

function matchCheck(
  line: SweepLine,
  hertz: number,
  read: readonly SpotReading[],
  context: CheckContext,
): ProofCheck {
  const key = { kind: 'match at', hertz } as const;
  const limits = spotLimits(line, hertz, context.house);
  const methods = read.flatMap(({ take, spot }): MethodReading[] => {
    if (spot.hertz !== hertz || spot.returnLoss === undefined) return [];
    const left = leftOfTake(take, limits);
    return [
      {
        instrument: readBy(take, 'match'),
        judged: orCannotDecide(
          judgeReturnLossAt(spot.returnLoss, limits.returnLoss, left),
          soundMatch(limits, left),
        ),
      },
    ];
  });
  const what = wantedInstrument.match(line.reference);
  return checkOf(
    {
      key,
      label: sweepWords.matchAt(hertz),
      quantity: 'decibel',
      bound: 'at least',
      why: sweepWords.whyMatchAt(
        sweepWhy.returnLoss,
        formatMatch(limits.returnLoss),
        formatMatch(limits.predictedReturnLoss),
      ),
    },
    methods,
    judgeAtLeast(undefined, limits.returnLoss, 0),
    notAsked(
      { key, what, canRead: (instruments) => canMatch(line, hertz, instruments, limits), defines: false },
      context,
    ),
  );
}

/** What is said of a sound lead where load and directivity add to its own reflection at worst. */
function soundMatch({ predictedReturnLoss, returnLoss }: SpotLimits, left: number): Judged {
  const reflection = 10 ** (-predictedReturnLoss / 20) + 10 ** (-left / 20);
  return judgeReturnLossAt(-20 * Math.log10(reflection), returnLoss, left);
}

/** How much a reading into a load may be off, dB: directivity, and the load through the cable and back (root of the sum of squares). */
const leftOf = (analyser: number, load: number, { predictedLoss }: SpotLimits): number =>
  -10 * Math.log10(10 ** (-analyser / 10) + 10 ** (-(load + 2 * predictedLoss) / 10));

/** The same of the instruments that a reading was taken with. */
const leftOfTake = ({ typedFrom, device }: Readings, limits: SpotLimits): number =>
  leftOf(
    typedFrom?.match?.match ?? device?.uncertainty.directivity ?? usualAnalyser.directivity,
    typedFrom?.load?.match ?? usualLoad,
    limits,
  );

function lossCheck(
  line: SweepLine,
  hertz: number,
  read: readonly SpotReading[],
  context: CheckContext,
): ProofCheck {
  const limits = spotLimits(line, hertz, context.house);
  const methods = read.flatMap(({ take, spot }): MethodReading[] => {
    if (spot.hertz !== hertz || spot.loss === undefined) return [];
    const off = take.typedFrom?.loss?.loss ?? take.device?.uncertainty.loss ?? usualAnalyser.loss;
    return [
      {
        instrument: readBy(take, 'loss'),
        judged: orCannotDecide(
          judgeLossAt(spot.loss, limits.loss, off),
          judgeLossAt(limits.predictedLoss, limits.loss, off),
        ),
      },
    ];
  });
  return checkOf(
    {
      key: { kind: 'loss at', hertz },
      label: sweepWords.lossAt(hertz),
      quantity: 'decibel',
      bound: 'at most',
      why: sweepWords.whyLossAt(sweepWhy.loss, limits.predictedLoss),
    },
    methods,
    judgeAtMost(undefined, limits.loss, 0),
    // Only what was read has a row; where its meter cannot decide it stays out.
    nobodyRead,
  );
}
