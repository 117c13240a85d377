import { z } from 'zod';
import { envelopeSchema, firstRevision } from '../record/envelope.ts';
import type { Connector } from './connector.ts';
import type { FeatureName } from './features.ts';
import { featureDefinitions, featureNames } from './features.ts';

const featureSchema = z.object({
  /** Metres. */
  value: z.number(),
  /** Nominal class values are assumed until a caliper says otherwise. */
  state: z.enum(['assumed', 'measured']),
});

/** The features of one bag or lot of connectors, as measured or assumed. */
export const gaugeCardSchema = envelopeSchema.extend({
  connectorId: z.string(),
  name: z.string(),
  features: z.record(z.enum(featureNames), featureSchema),
});

export type GaugeCard = z.infer<typeof gaugeCardSchema>;
export type GaugeFeature = z.infer<typeof featureSchema>;

/** A card on which nothing has been measured yet: nominal class values, all assumed. */
export function nominalGaugeCard(connector: Connector, id: string, name: string, now: string): GaugeCard {
  return {
    ...firstRevision(id, now),
    connectorId: connector.id,
    name,
    features: Object.fromEntries(
      featureNames.map((feature) => [
        feature,
        { value: connector.features[feature], state: 'assumed' as const },
      ]),
    ) as GaugeCard['features'],
  };
}

/** Plain metres of a card, as the formulas take them. */
export function cardValues(card: GaugeCard): Record<FeatureName, number> {
  return Object.fromEntries(featureNames.map((name) => [name, card.features[name].value])) as Record<
    FeatureName,
    number
  >;
}

/** A gauge card that cannot be, said at the field it concerns. */
export interface GaugeCardProblem {
  readonly feature: FeatureName;
  readonly message: string;
}

const mm = (metres: number) => `${Number((metres * 1e3).toFixed(2))} mm`;

/** What on a card contradicts itself: a value out of range, a stop before the shoulder, a hole beyond the bore... */
export function gaugeCardProblems(card: GaugeCard): GaugeCardProblem[] {
  const value = cardValues(card);
  const problems: GaugeCardProblem[] = featureDefinitions
    .filter(({ name, min, max }) => !(value[name] >= min && value[name] <= max))
    .map(({ name, label, min, max }) => ({
      feature: name,
      message: `${label} is ${mm(value[name])}; expected ${mm(min)} to ${mm(max)}.`,
    }));
  const contradictions: [boolean, FeatureName, string][] = [
    [
      value.stopDepth > value.stemLength,
      'stopDepth',
      `The stop (${mm(value.stopDepth)}) lies behind the shoulder (${mm(value.stemLength)}); expected it further in.`,
    ],
    [
      value.inspectionHoleFar < value.pinBoreDepth,
      'inspectionHoleFar',
      `The inspection hole ends at ${mm(value.inspectionHoleFar)}, beyond the bore of ${mm(value.pinBoreDepth)}.`,
    ],
    [
      value.stemBore < value.stemOutside,
      'stemBore',
      `The stem's bore (${mm(value.stemBore)}) is not smaller than its outside (${mm(value.stemOutside)}).`,
    ],
    [
      value.pinBore < value.pinOutside,
      'pinBore',
      `The contact's bore (${mm(value.pinBore)}) is not smaller than its outside (${mm(value.pinOutside)}).`,
    ],
    [
      value.lipToTip > value.stopDepth,
      'lipToTip',
      `The tip (${mm(value.lipToTip)}) lies behind the stop (${mm(value.stopDepth)}).`,
    ],
  ];
  for (const [holds, feature, message] of contradictions) if (!holds) problems.push({ feature, message });
  return problems;
}
