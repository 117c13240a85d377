import type { Connector } from '@gorvane/core/connector/connector.ts';
import type { FeatureName } from '@gorvane/core/connector/features.ts';
import { featureDefinition } from '@gorvane/core/connector/features.ts';
import type { GaugeCardProblem } from '@gorvane/core/connector/gauge-card.ts';
import { completeCard, gaugeCardProblems } from '@gorvane/core/connector/gauge-card.ts';
import type { GaugeCard, GaugeFeature } from '@gorvane/core/connector/gauge-card-schema.ts';
import { methodOf } from '@gorvane/core/method/methods.ts';
import { formatMillimetres, parseLength } from '@gorvane/core/quantity/length.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { UnstyledButton } from '@mantine/core';
import { useState } from 'react';
import type { Draft } from '../draft/use-draft.ts';
import { QuantityField } from './quantity-field.tsx';
import { VerdictMark } from './verdict.tsx';
import './field-row.css';

interface GaugeCardFeaturesProps {
  readonly card: Draft<GaugeCard>;
  readonly connector: Connector;
}

/** The dimensions of a bag's connectors: typed from the caliper, assumed until then; what cannot be is said. */
export function GaugeCardFeatures({ card, connector }: GaugeCardFeaturesProps) {
  const [unfolded, setUnfolded] = useState(false);
  const { firstFeatures, foldedFeatures, rules } = methodOf(connector.method);
  const whole = completeCard(card.record, connector);
  const problems = gaugeCardProblems(whole, rules);
  // A breakout is a choice of the lead's end, not of the bag.
  const onCard = (name: FeatureName) => name !== 'breakout' && whole.features[name] !== undefined;
  const spacer: readonly FeatureName[] = ['spacerLength'];
  const first = [...firstFeatures, ...spacer].filter(onCard);
  const folded = foldedFeatures.filter(onCard);
  return (
    <>
      <div>
        {[...first, ...(unfolded ? folded : [])].map((name, index) => (
          <FeatureRow
            key={name}
            name={name}
            card={card}
            feature={whole.features[name]!}
            problem={problems.find(({ feature }) => feature === name)}
            folded={index >= first.length}
          />
        ))}
      </div>
      <UnstyledButton className="figure" onClick={() => setUnfolded((was) => !was)} aria-expanded={unfolded}>
        {unfolded ? 'Fewer features' : `${folded.length} more features, assumed unless measured`}
      </UnstyledButton>
      {problems.map(({ feature, message }) => (
        <p key={feature} className="out" role="alert">
          ■ {message}
        </p>
      ))}
    </>
  );
}

/** One dimension by itself, beside the drawing of its probe. */
export function FeatureField({
  name,
  card,
  connector,
}: GaugeCardFeaturesProps & { readonly name: FeatureName }) {
  const whole = completeCard(card.record, connector);
  const problems = gaugeCardProblems(whole, methodOf(connector.method).rules);
  const problem = problems.find(({ feature }) => feature === name);
  return (
    <div>
      <FeatureRow name={name} card={card} feature={whole.features[name]!} problem={problem} folded />
      {problem && (
        <p className="out" role="alert">
          ■ {problem.message}
        </p>
      )}
    </div>
  );
}

interface FeatureRowProps {
  readonly name: FeatureName;
  readonly card: Draft<GaugeCard>;
  readonly feature: GaugeFeature;
  readonly problem: GaugeCardProblem | undefined;
  readonly folded: boolean;
}

function FeatureRow({ name, card, feature: { value, state }, problem, folded }: FeatureRowProps) {
  const { label, symbol, how, min, max } = featureDefinition(name);
  const read = (text: string) => {
    const metres = parseLength(text);
    if (!(metres >= min && metres <= max))
      throw new QuantityError(text, `${formatMillimetres(min)} to ${formatMillimetres(max)} mm`);
    card.edit('gauge card', (now) => ({
      ...now,
      features: { ...now.features, [name]: { value: metres, state: 'measured' } },
    }));
  };
  return (
    <div className="field-row">
      <label htmlFor={`feature-${name}`}>
        {label} <em>{symbol}</em>
        {folded && <div className="soft">{how}</div>}
      </label>
      <QuantityField
        id={`feature-${name}`}
        title={how}
        field={`${card.key}/${name}`}
        written={`${formatMillimetres(value, 2)} mm`}
        aria-invalid={problem !== undefined}
        onRead={read}
      />
      <VerdictMark verdict={state} />
    </div>
  );
}
