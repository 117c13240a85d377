import type { CoaxCable } from '../cable/cable.ts';
import { coaxConnectors } from '../connector/catalogue/catalogue.ts';
import type { CoaxConnector } from '../connector/connector.ts';
import { hasPin, seriesAndSex } from '../connector/connector.ts';
import { nominalGaugeCard } from '../connector/gauge-card.ts';
import type { MatingPort } from '../connector/port.ts';
import type { MethodName } from '../connector/method-name.ts';
import type { House } from '../house/house.ts';
import { hasTool } from '../house/house.ts';
import type { Lead } from '../lead/lead.ts';
import { powerLimits } from '../line/power-rating.ts';
import { looseEnd } from '../end/end-input.ts';
import type { AnyMethod } from '../method/method.ts';
import type { AnyEndInput } from '../end/end-input.ts';
import { methodOf } from '../method/methods.ts';
import {
  noShrinkWords,
  otherMethodWords,
  otherSeriesWords,
  polarityWords,
  sameSexWords,
  seriesLimitWords,
  seriesMatchWords,
  seriesPowerWords,
  toolMissingWords,
  unsealedWords,
} from '../words/end-reason.ts';
import { reliefShrink } from './threaded-parts.ts';
import type { FitCheck } from '../fit/clearance.ts';
import { swrOfPiece } from '../fit/impedance.ts';
import { sealFor } from '../fit/seal.ts';

/** What an end is wanted for. Hertz, watts, ohm. */
export interface EndWant {
  /** Null where any series will do. */
  readonly port: MatingPort | null;
  readonly cable: CoaxCable;
  readonly systemImpedance: number;
  readonly frequency: number;
  readonly power: number;
  readonly environment: Lead['environment'];
  /** Null where any will do. */
  readonly method: MethodName | null;
  readonly house: House;
}

/** Why an end does not do, or does with care. */
export interface EndReason {
  readonly about: 'mating' | 'method' | 'parts' | 'line' | 'tools';
  readonly weight: 'against' | 'care';
  readonly text: string;
}

/** One connector of the catalogue against what is wanted. */
export interface EndCandidate {
  readonly connector: CoaxConnector;
  readonly method: AnyMethod;
  readonly input: AnyEndInput;
  readonly fit: readonly FitCheck[];
  readonly verdict: FitCheck['verdict'];
  readonly reasons: readonly EndReason[];
  /** What must be in the bag beside the connector: ferrule, shrink, dies, tools. */
  readonly bag: readonly string[];
}

/** More than this at the working frequency and the piece of other impedance is against it: 20 dB return loss. */
const mostSwrOfPiece = 1.22;

function matingReasons({ port }: EndWant, connector: CoaxConnector): EndReason[] {
  if (!port) return [];
  const against = (text: string): EndReason => ({ about: 'mating', weight: 'against', text });
  const { series, sex, reversePolarity } = connector;
  if (series.id !== port.seriesId) return [against(otherSeriesWords(series.name))];
  if (sex === port.sex || sex === 'splice') return [against(sameSexWords(port.sex))];
  if (reversePolarity !== port.reversePolarity) return [against(polarityWords(hasPin(connector)))];
  return [];
}

function lineReasons(want: EndWant, { series }: CoaxConnector): EndReason[] {
  const { cable, systemImpedance, frequency, power, environment } = want;
  const reason = (weight: EndReason['weight'], text: string): EndReason => ({ about: 'line', weight, text });
  const reasons: EndReason[] = [];
  if (series.limit !== null && frequency > series.limit)
    reasons.push(reason('against', seriesLimitWords(series.limit)));
  const piece = {
    label: series.name,
    impedance: series.impedance,
    length: series.length / series.velocityFactor,
  };
  const swr = swrOfPiece(piece, systemImpedance, frequency);
  if (swr > mostSwrOfPiece)
    reasons.push(
      reason('against', seriesMatchWords({ impedance: series.impedance, system: systemImpedance, swr })),
    );
  const use = { frequency, ambientCelsius: want.house.roomCelsius, duty: 1, swr: 1, altitude: 0 };
  const limit = powerLimits(cable, [series], use).find(({ part }) => part === series.name);
  if (limit && limit.power < power)
    reasons.push(reason('against', seriesPowerWords(limit.power, limit.kind)));
  if (environment !== 'indoor' && !series.weatherproof && series.coupling !== 'none')
    reasons.push(reason('care', unsealedWords));
  return reasons;
}

function toolReasons(method: AnyMethod, house: House): EndReason[] {
  return method.traits.shopTools
    .filter((tool) => !hasTool(house, tool))
    .map((tool) => ({ about: 'tools', weight: 'against', text: toolMissingWords(tool) }));
}

function bagOf(want: EndWant, input: AnyEndInput, method: AnyMethod): string[] {
  const { connector, house, cable } = input;
  const parts = method.parts(input).map(({ kind }) => kind);
  const seal = sealFor(want.environment, cable.jacket.diameter, house);
  const shrink = shrinkFor(input, method, want.environment);
  const dies = [connector.ferruleDie, connector.pinDie].flatMap((die) =>
    die === null ? [] : [`hex die ${(die * 1e3).toFixed(2)} mm`],
  );
  return [
    seriesAndSex(connector),
    ...parts,
    ...shrink,
    ...(seal.tape && method.relief(input) ? ['self-amalgamating tape'] : []),
    ...new Set(dies),
    ...method.traits.shopTools,
  ];
}

function shrinkFor(input: AnyEndInput, method: AnyMethod, environment: Lead['environment']): string[] {
  const choice = reliefShrink(input, method, environment);
  if (!choice) return [];
  return [choice.choice?.shrink.name ?? noShrinkWords];
}

const order = { fits: 0, tight: 1, 'does not fit': 2 } as const;

/** One connector judged for a want. */
export function judgeEnd(want: EndWant, connector: CoaxConnector): EndCandidate {
  const method = methodOf(connector.method);
  const { house, cable, power } = want;
  const card = nominalGaugeCard(connector, 'nominal', 'nominal', house.changedAt);
  const input = looseEnd({ cable, connector, card, house, power });
  const refusal = method.refuses(cable);
  const fit = refusal === null ? method.fit(input) : [];
  const misfits = fit
    .filter(({ verdict }) => verdict !== 'fits')
    .map(({ about, verdict, label, consequence }): EndReason => ({
      about: about === 'tool' ? 'tools' : 'parts',
      weight: verdict === 'tight' ? 'care' : 'against',
      text: `${label}: ${consequence}`,
    }));
  const against = (about: EndReason['about'], text: string): EndReason => ({
    about,
    weight: 'against',
    text,
  });
  const reasons: EndReason[] = [
    ...matingReasons(want, connector),
    ...(want.method === null || want.method === connector.method
      ? []
      : [against('method', otherMethodWords(connector.method))]),
    ...(refusal === null ? [] : [against('parts', refusal)]),
    ...misfits,
    ...lineReasons(want, connector),
    ...toolReasons(method, house),
  ];
  const verdict = reasons.some(({ weight }) => weight === 'against')
    ? 'does not fit'
    : reasons.length > 0
      ? 'tight'
      : 'fits';
  return {
    connector,
    method,
    input,
    fit,
    verdict,
    reasons,
    bag: refusal === null ? bagOf(want, input, method) : [],
  };
}

/** The house fixes shields this way where the job leaves the choice. */
const isPreferred = ({ method }: EndCandidate, { practice }: House) =>
  method.traits.shieldBy === practice.shieldFixing;

/** Every end of the catalogue for a want: those that do first, the house's way of fixing before others, then by how little stands against them. */
export function findEnds(want: EndWant): EndCandidate[] {
  return coaxConnectors
    .map((connector) => judgeEnd(want, connector))
    .sort(
      (a, b) =>
        order[a.verdict] - order[b.verdict] ||
        Number(isPreferred(b, want.house)) - Number(isPreferred(a, want.house)) ||
        a.reasons.length - b.reasons.length,
    );
}

/** Connectors that go on a cable and suit its impedance, those that the shop has the tools for first. */
export function connectorsFor(cable: CoaxCable, house: House): CoaxConnector[] {
  const want: EndWant = {
    port: null,
    cable,
    systemImpedance: cable.nominalImpedance < 62 ? 50 : 75,
    frequency: 30e6,
    power: 1,
    environment: 'indoor',
    method: null,
    house,
  };
  return findEnds(want)
    .filter(({ reasons }) => reasons.every(({ about, weight }) => weight === 'care' || about === 'tools'))
    .filter(({ connector: { series } }) => series.limit === null || series.impedance === want.systemImpedance)
    .map(({ connector }) => connector);
}
