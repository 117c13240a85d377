import { connectorById, connectors } from '@gorvane/core/connector/catalogue/catalogue.ts';
import { contentQuestion } from '@gorvane/core/connector/contents.ts';
import type { GaugeCard } from '@gorvane/core/connector/gauge-card-schema.ts';
import { completeCard, contentsOf } from '@gorvane/core/connector/gauge-card.ts';
import { houseId } from '@gorvane/core/house/house-id.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import { bagQuestions } from '@gorvane/core/method/bag-questions.ts';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { Empty } from '../../controls/empty.tsx';
import { UndoButton } from '../../controls/undo-button.tsx';
import { Table } from '../../controls/table.tsx';
import { addBag } from '../../data/gauge-cards.ts';
import { useBags, useLeads } from '../../data/live.ts';
import { draftKey } from '../../draft/draft-slice.ts';
import { useHouseDraft } from '../../draft/use-draft.ts';
import { useUndoPlace } from '../../draft/use-undo-place.ts';
import { Instruments } from './instruments.tsx';
import { Shop } from './shop.tsx';
import { Strippers } from './strippers.tsx';
import './stores.css';

/** What is there and what it is: bags of connectors with what they hold, tools that strip, instruments, dies, solder, shrink. */
export function Stores() {
  const house = useHouseDraft();
  const bags = useBags();
  const leads = useLeads();
  const [text, setText] = useState('');
  useUndoPlace(draftKey('house', houseId));
  if (!house || !bags || !leads) return null;
  const wanted = text.toLowerCase();
  const found = bags.filter((bag) =>
    `${bag.name} ${connectorById(bag.connectorId).name}`.toLowerCase().includes(wanted),
  );
  return (
    <>
      <div className="page-head">
        <h1>Stores</h1>
        <a href="#strippers">Stripping tools</a>
        <a href="#owned-instruments">Instruments</a>
        <a href="#shop">Dies, tools, solder and shrink</a>
        <div className="actions">
          <UndoButton />
          <TextInput
            aria-label="Search bags"
            placeholder="bag or connector"
            value={text}
            onChange={({ currentTarget }) => setText(currentTarget.value)}
          />
          <NewBag />
        </div>
      </div>
      <section aria-labelledby="bag-list">
        <h2 id="bag-list">Bags of connectors</h2>
        {bags.length === 0 && (
          <Empty title="No bags yet">
            <p>
              A bag comes with the first lead that uses its connector, or choose a connector above when one
              arrives. What lies in it and what the caliper says decides parts, strip and steps.
            </p>
          </Empty>
        )}
        {bags.length > 0 && found.length === 0 && (
          <p>No bag has &ldquo;{text}&rdquo; in its name or connector.</p>
        )}
        {found.length > 0 && (
          <Table head={['Bag', 'Connector', 'What is in it', { figures: 'Measured' }, 'Used by']}>
            {found.map((bag) => (
              <BagRow key={bag.id} bag={bag} leads={usersOf(bag, leads)} />
            ))}
          </Table>
        )}
      </section>
      <Strippers house={house} />
      <Instruments house={house} />
      <div className="house">
        <Shop house={house} />
      </div>
    </>
  );
}

/** The leads that an end is made from a bag for. */
export const usersOf = (bag: GaugeCard, leads: readonly Lead[]): Lead[] =>
  leads.filter(({ ends }) => ends.some(({ gaugeCardId }) => gaugeCardId === bag.id));

function BagRow({ bag, leads }: { readonly bag: GaugeCard; readonly leads: readonly Lead[] }) {
  const connector = connectorById(bag.connectorId);
  const questions = bagQuestions(connector);
  const contents = contentsOf(bag, connector);
  const open = questions.filter((name) => bag.contents?.[name] === undefined);
  const features = Object.values(completeCard(bag, connector).features);
  const measured = features.filter(({ state }) => state === 'measured').length;
  return (
    <tr>
      <th scope="row">
        <Link to={`/stores/bags/${bag.id}`}>{bag.name}</Link>
      </th>
      <td>{connector.name}</td>
      <td>
        {questions.length === 0
          ? 'always the same'
          : questions
              .filter((name) => contents[name] !== 'none')
              .map((name) => `${contentQuestion(name).label.toLowerCase()}: ${contents[name]}`)
              .join('; ')}
        {open.length > 0 && (
          <div className="not-yet">
            ◌ {open.length === questions.length ? 'all of it' : `${open.length} of it`} assumed
          </div>
        )}
      </td>
      <td className="number reading">
        {measured} of {features.length}
      </td>
      <td>
        {leads.length === 0 ? (
          <span className="soft">no lead</span>
        ) : (
          leads.map(({ id, name }) => (
            <div key={id}>
              <Link to={`/leads/${id}/choose`}>{name}</Link>
            </div>
          ))
        )}
      </td>
    </tr>
  );
}

/** A bag that has come in: its connector is chosen, then it is opened to be looked into and measured. */
function NewBag() {
  const navigate = useNavigate();
  const [chosen, setChosen] = useState('');
  const add = async () => {
    const bag = await addBag(connectorById(chosen), 'stock');
    void navigate(`/stores/bags/${bag.id}`);
  };
  return (
    <>
      <NativeSelect
        aria-label="Connector of the new bag"
        value={chosen}
        data={[
          { value: '', label: 'connector of a new bag' },
          ...connectors.map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onChange={({ currentTarget: { value } }) => setChosen(value)}
      />
      <Button disabled={chosen === ''} onClick={() => void add()}>
        New bag
      </Button>
    </>
  );
}
