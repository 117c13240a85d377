import type { GaugeFeature, GaugeCard } from './gauge-card-schema.ts';
import type { Term } from '../quantity/explained.ts';
import { firstRevision } from '../record/revise.ts';
import type { Connector } from './connector.ts';
import type { Contents } from './contents.ts';
import { usualContents } from './contents.ts';
import { seriesAndSex } from './connector.ts';
import type { FeatureName } from './features.ts';
import { featureDefinition, featureNames } from './features.ts';

const nominalFeatures = (connector: Connector): GaugeCard['features'] =>
  Object.fromEntries(
    Object.entries(connector.features).map(([name, value]) => [name, { value, state: 'assumed' as const }]),
  );

/** A card on which nothing has been measured yet: nominal class values, all assumed. */
export function nominalGaugeCard(connector: Connector, id: string, name: string, now: string): GaugeCard {
  return {
    ...firstRevision(id, now),
    connectorId: connector.id,
    name,
    features: nominalFeatures(connector),
  };
}

/** What a new bag of connectors for a lead is called. */
export const bagName = (connector: Connector, leadName: string) =>
  `${seriesAndSex(connector)}s for ${leadName}`;

/** What a bag holds: as somebody has looked, else as is usual for its connector. */
export function contentsOf({ contents }: Pick<GaugeCard, 'contents'>, connector: Connector): Contents {
  return { ...usualContents(connector), ...contents };
}

/**
 * Where nobody has measured them: an insulator before the contact, the hole of a contact by its depth, and what a sleeve
 * under the braid is narrower than a ring over it. Engineering values.
 */
const usualSpacer = 3e-3;
const usualHole = 0.76;
const shieldWalls = 1e-3;

/**
 * A card with every feature that the connector's method asks for and its bag has: what it lacks is the nominal value,
 * assumed; what its bag does not have is not on it.
 */
export function completeCard(card: GaugeCard, connector: Connector): GaugeCard {
  const contents = contentsOf(card, connector);
  const { inspectionHoleFar, spacerLength, ...others } = { ...nominalFeatures(connector), ...card.features };
  const spacer = spacerLength ?? { value: usualSpacer, state: 'assumed' };
  const whole: GaugeCard['features'] = {
    ...others,
    ...holeOf(contents.contact, inspectionHoleFar, others.pinBoreDepth),
    ...(contents.spacer === 'one' ? { spacerLength: spacer } : {}),
  };
  return { ...card, features: { ...whole, ...movedBy(contents, usualContents(connector), whole) } };
}

/** Class values that lie elsewhere in a bag that is not the usual one; what was measured stands. */
function movedBy(
  contents: Contents,
  usual: Contents,
  { insulatorSeat, stopDepth, clampBore, spacerLength }: GaugeCard['features'],
): GaugeCard['features'] {
  const moved = (feature: GaugeFeature | undefined, by: number) =>
    feature?.state === 'assumed' ? { ...feature, value: feature.value + by } : feature;
  const spacer = spacerLength?.value ?? 0;
  const under = contents.clamp === 'under the braid';
  const walls = contents.clamp === usual.clamp ? 0 : under ? -shieldWalls : shieldWalls;
  return {
    ...(insulatorSeat ? { insulatorSeat: moved(insulatorSeat, spacer) } : {}),
    ...(stopDepth ? { stopDepth: moved(stopDepth, spacer) } : {}),
    ...(clampBore ? { clampBore: moved(clampBore, walls) } : {}),
  };
}

function holeOf(
  contact: Contents['contact'],
  hole: GaugeFeature | undefined,
  depth: GaugeFeature | undefined,
): GaugeCard['features'] {
  if (contact === 'no hole') return {};
  if (hole) return { inspectionHoleFar: hole };
  return contact === 'solder hole' && depth
    ? { inspectionHoleFar: { value: usualHole * depth.value, state: 'assumed' } }
    : {};
}

/** One feature of a card, metres. @throws RangeError when the card does not have it. */
export function featureValue(card: GaugeCard, name: FeatureName): number {
  return featureOf(card, name).value;
}

function featureOf(card: GaugeCard, name: FeatureName): GaugeFeature {
  const feature = card.features[name];
  if (!feature)
    throw new RangeError(`gauge card "${card.name}": ${featureDefinition(name).label} is not on it`);
  return feature;
}

/** A feature as a term of a sum, with its letter and whether anybody measured it. */
export function featureTerm(card: GaugeCard, name: FeatureName): Term {
  const { value, state } = featureOf(card, name);
  const { label, symbol } = featureDefinition(name);
  return { label, symbol, value, kind: 'length', assumed: state === 'assumed' };
}

/** A gauge card that cannot be, said at the field it concerns. */
export interface GaugeCardProblem {
  readonly feature: FeatureName;
  readonly message: string;
}

const mm = (metres: number) => `${Number((metres * 1e3).toFixed(2))} mm`;

/** A feature that must be smaller than another, and what is wrong when it is not. */
export interface FeatureRule {
  readonly smaller: FeatureName;
  readonly larger: FeatureName;
  /** The field that is spoken of: the one that is more likely wrong. */
  readonly at: FeatureName;
  /** Words between both values, such as "must lie behind". */
  readonly because: string;
}

/** What on a card is out of range or contradicts itself, by the rules of its method. */
export function gaugeCardProblems(card: GaugeCard, rules: readonly FeatureRule[]): GaugeCardProblem[] {
  const names = featureNames.filter((name) => card.features[name] !== undefined);
  const outOfRange = names.flatMap((name): GaugeCardProblem[] => {
    const value = featureValue(card, name);
    const { label, min, max } = featureDefinition(name);
    if (value >= min && value <= max) return [];
    return [{ feature: name, message: `${label} is ${mm(value)}; expected ${mm(min)} to ${mm(max)}.` }];
  });
  const contradictions = rules
    .filter(({ smaller, larger }) => names.includes(smaller) && names.includes(larger))
    .filter(({ smaller, larger }) => !(featureValue(card, smaller) < featureValue(card, larger)))
    .map(({ smaller, larger, at, because }) => ({
      feature: at,
      message: `${featureDefinition(smaller).label} (${mm(featureValue(card, smaller))}) is not smaller than ${lowerFirst(featureDefinition(larger).label)} (${mm(featureValue(card, larger))}): ${because}.`,
    }));
  return [...outOfRange, ...contradictions];
}

const lowerFirst = (text: string) => text[0]!.toLowerCase() + text.slice(1);
