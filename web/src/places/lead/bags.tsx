import { contentQuestion } from '@gorvane/core/connector/contents.ts';
import { contentNames } from '@gorvane/core/connector/contents.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import type { EndPlan, LeadPlan } from '@gorvane/core/plan/lead-plan.ts';
import { bagQuestions } from '@gorvane/core/method/bag-questions.ts';
import { Button, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { BagQuestions } from '../../controls/bag-questions.tsx';
import { addBag } from '../../data/gauge-cards.ts';
import { useBags } from '../../data/live.ts';
import { arrived } from '../../draft/draft-slice.ts';
import { useAppDispatch } from '../../draft/hooks.ts';
import type { Draft } from '../../draft/use-draft.ts';
import type { StageProps } from './stage-props.ts';

/** The bags that the ends are made from: what is in them, what is left over and what is short. */
export function Bags({ plan, cards, lead }: Pick<StageProps, 'plan' | 'cards' | 'lead'>) {
  return (
    <section aria-labelledby="bags">
      <h2 id="bags">In the bag</h2>
      {byBag(plan).map((ends) => (
        <EndBag key={ends[0]!.card.id} ends={ends} card={cards.get(ends[0]!.end.id)!} lead={lead} />
      ))}
    </section>
  );
}

/** Ends that are made from the same bag, together. */
function byBag({ ends }: LeadPlan): EndPlan[][] {
  const ids = [...new Set(ends.map(({ card }) => card.id))];
  return ids.map((id) => ends.filter(({ card }) => card.id === id));
}

interface EndBagProps {
  readonly ends: readonly EndPlan[];
  readonly card: Draft<GaugeCard>;
  readonly lead: StageProps['lead'];
}

function EndBag({ ends, card, lead }: EndBagProps) {
  const [isOpen, setOpen] = useState(false);
  const { connector, bag } = ends[0]!;
  const bags = (useBags() ?? []).filter(({ connectorId }) => connectorId === connector.id);
  const questions = bagQuestions(connector);
  const names = ends.map(({ end }) => end.name).join(' and ');
  const ids = new Set(ends.map(({ end }) => end.id));
  const dispatch = useAppDispatch();
  const take = (chosen: GaugeCard) => {
    dispatch(arrived({ table: 'gaugeCards', record: chosen }));
    lead.edit(`bag of end ${names}`, (now) => ({
      ...now,
      ends: now.ends.map((end) => (ids.has(end.id) ? { ...end, gaugeCardId: chosen.id } : end)),
    }));
  };
  const said = contentNames
    .filter((name) => questions.includes(name))
    .map((name) => `${contentQuestion(name).label.toLowerCase()}: ${bag.contents[name]!}`);
  return (
    <div className="end-bag">
      <div className="row-head">
        <NativeSelect
          label={`Bag of ${ends.length > 1 ? 'ends' : 'end'} ${names}`}
          value={card.record.id}
          data={[
            ...bags.map(({ id, name }) => ({ value: id, label: name })),
            { value: '', label: 'another bag, not measured yet' },
          ]}
          onChange={({ currentTarget: { value } }) =>
            value
              ? take(bags.find(({ id }) => id === value)!)
              : void addBag(connector, lead.record.name).then(take)
          }
        />
        <Link to={`/stores/bags/${card.record.id}`}>Open in Stores</Link>
        {questions.length > 0 && (
          <Button variant="default" aria-expanded={isOpen} onClick={() => setOpen((was) => !was)}>
            {isOpen ? 'Fold the questions' : 'What is in it?'}
          </Button>
        )}
      </div>
      {questions.length === 0 ? (
        <p className="soft">All that lies in this bag is always the same: nothing is asked.</p>
      ) : (
        <p>
          {said.join('; ')}.{' '}
          {bag.assumed.length > 0 && (
            <span className="not-yet">◌ {bag.assumed.length} of it assumed: nobody has looked.</span>
          )}
        </p>
      )}
      {bag.leftOver.length > 0 && <p className="not-yet">▲ Left over: {bag.leftOver.join('; ')}.</p>}
      {bag.short.length > 0 && <p className="out">■ Short: {bag.short.join('; ')}.</p>}
      {isOpen && <BagQuestions card={card} connector={connector} questions={questions} />}
    </div>
  );
}
