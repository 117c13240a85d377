import type { Connector } from '@gorvane/core/connector/connector.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import { leadConnector } from '@gorvane/core/lead/lead-connector.ts';
import { bagQuestions } from '@gorvane/core/method/bag-questions.ts';
import { useState } from 'react';
import { BagQuestions } from '../../controls/bag-questions.tsx';
import type { Draft } from '../../draft/use-draft.ts';
import { useDrafts } from '../../draft/use-draft.ts';

/** Before the first unit from a bag is started: what nobody has looked at yet, to be answered with the bag in the hand. */
export function StartBags({ lead }: { readonly lead: Lead }) {
  const ids = [...new Set(lead.ends.map(({ gaugeCardId }) => gaugeCardId))].join(' ');
  const drafts = useDrafts('gaugeCards', ids);
  // Answered here, a question stays where it is: nothing jumps away under the finger.
  const [asked, setAsked] = useState<readonly string[]>([]);
  const open = drafts.filter(({ record }) => openQuestions(record, connectorOf(lead, record)).length > 0);
  const fresh = open.map(({ key }) => key).filter((key) => !asked.includes(key));
  if (fresh.length > 0) setAsked([...asked, ...fresh]);
  const shown = drafts.filter(({ key }) => asked.includes(key));
  if (shown.length === 0) return null;
  return (
    <section aria-labelledby="start-bags" className="start-bags">
      <h2 id="start-bags">Look into the bags first</h2>
      <p>
        Parts, threading, strip and steps follow what is in them. Left alone, each is taken to be as marked.
      </p>
      {shown.map((card) => (
        <StartBag key={card.key} card={card} connector={connectorOf(lead, card.record)} />
      ))}
    </section>
  );
}

function StartBag({ card, connector }: { readonly card: Draft<GaugeCard>; readonly connector: Connector }) {
  return (
    <details>
      <summary>
        {card.record.name}{' '}
        {openQuestions(card.record, connector).length > 0 ? (
          <span className="not-yet">◌ assumed to be as usual</span>
        ) : (
          <span className="good">● looked at</span>
        )}
      </summary>
      <BagQuestions card={card} connector={connector} questions={bagQuestions(connector)} />
    </details>
  );
}

const connectorOf = (lead: Lead, { connectorId }: GaugeCard) => leadConnector(lead, connectorId);

const openQuestions = ({ contents }: GaugeCard, connector: Connector) =>
  bagQuestions(connector).filter((name) => contents?.[name] === undefined);
