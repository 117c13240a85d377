import type { Connector } from '@gorvane/core/connector/connector.ts';
import type { FeatureName } from '@gorvane/core/connector/features.ts';
import { completeCard } from '@gorvane/core/connector/gauge-card.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import { leadConnector } from '@gorvane/core/lead/lead-connector.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import { methodOf } from '@gorvane/core/method/methods.ts';
import { useState } from 'react';
import { FeatureField } from '../../controls/gauge-card-features.tsx';
import type { Draft } from '../../draft/use-draft.ts';
import { useDrafts } from '../../draft/use-draft.ts';
import { ProbeDrawing } from '../../drawing/probe-drawing.tsx';

/** The first thing with a new bag in the hand: a few probes by caliper, so that the cuts rest on this connector and not on its class. */
export function StartMeasure({ lead }: { readonly lead: Lead }) {
  const ids = [...new Set(lead.ends.map(({ gaugeCardId }) => gaugeCardId))].join(' ');
  const drafts = useDrafts('gaugeCards', ids);
  // Measured here, a bag stays where it is: nothing jumps away under the caliper.
  const [asked, setAsked] = useState<readonly string[]>([]);
  const connectorOf = ({ record }: Draft<GaugeCard>) => leadConnector(lead, record.connectorId);
  const open = drafts.filter((card) => unmeasured(card.record, connectorOf(card)).length > 0);
  const fresh = open.map(({ key }) => key).filter((key) => !asked.includes(key));
  if (fresh.length > 0) setAsked([...asked, ...fresh]);
  const shown = drafts.filter(({ key }) => asked.includes(key));
  if (shown.length === 0) return null;
  return (
    <section aria-labelledby="start-measure" className="start-bags">
      <h2 id="start-measure">Measure the connector</h2>
      <p>
        Two minutes with the caliper. What is passed over is taken from its class, and every cut that hangs on
        it says <em>assumed</em>.
      </p>
      {shown.map((card) => (
        <ProbesOfBag key={card.key} card={card} connector={connectorOf(card)} />
      ))}
    </section>
  );
}

/** What decides the strip and nobody has measured on this bag. */
const unmeasured = (card: GaugeCard, connector: Connector) =>
  probesOf(card, connector).filter((name) => card.features[name]?.state !== 'measured');

/** The dimensions that decide the strip, by its method; a breakout is a choice of the lead. */
function probesOf(card: GaugeCard, connector: Connector): FeatureName[] {
  const { features } = completeCard(card, connector);
  return methodOf(connector.method).firstFeatures.filter(
    (name) => name !== 'breakout' && features[name] !== undefined,
  );
}

function ProbesOfBag({
  card,
  connector,
}: {
  readonly card: Draft<GaugeCard>;
  readonly connector: Connector;
}) {
  const open = unmeasured(card.record, connector).length;
  return (
    <details>
      <summary>
        {card.record.name}{' '}
        {open > 0 ? (
          <span className="not-yet">◌ {open} assumed</span>
        ) : (
          <span className="good">● measured</span>
        )}
      </summary>
      <ol className="probes">
        {probesOf(card.record, connector).map((name) => (
          <li key={name}>
            <ProbeDrawing name={name} />
            <FeatureField name={name} card={card} connector={connector} />
          </li>
        ))}
      </ol>
    </details>
  );
}
