import { connectorById } from '@gorvane/core/connector/catalogue/catalogue.ts';
import { bagQuestions } from '@gorvane/core/method/bag-questions.ts';
import { Button, TextInput } from '@mantine/core';
import { Link, useNavigate, useParams } from 'react-router';
import { BagQuestions } from '../../controls/bag-questions.tsx';
import { Empty } from '../../controls/empty.tsx';
import { GaugeCardFeatures } from '../../controls/gauge-card-features.tsx';
import { useLeads } from '../../data/live.ts';
import { markDeleted } from '../../data/records.ts';
import { draftKey } from '../../draft/draft-slice.ts';
import { useDraft } from '../../draft/use-draft.ts';
import { UndoButton } from '../../controls/undo-button.tsx';
import { useUndoPlace } from '../../draft/use-undo-place.ts';
import { usersOf } from './stores.tsx';
import { usePageTitle } from '../../controls/page-title.ts';
import './stores.css';

/** One bag: what lies in it, what the caliper says of it, and which leads are made from it. */
export function BagPage() {
  const { bagId } = useParams();
  const navigate = useNavigate();
  const bag = useDraft('gaugeCards', bagId);
  const leads = useLeads();
  usePageTitle(bag?.record.name, 'Stores');
  useUndoPlace(draftKey('gaugeCards', bagId ?? ''));
  if (bag === null)
    return (
      <Empty title="This bag is not here">
        <p>
          It may have been thrown out. The bags that are there stand in <Link to="/stores">Stores</Link>.
        </p>
      </Empty>
    );
  if (!bag || !leads) return null;
  const connector = connectorById(bag.record.connectorId);
  const questions = bagQuestions(connector);
  const users = usersOf(bag.record, leads);
  const remove = async () => {
    await markDeleted('gaugeCards', bag.record.id, true);
    void navigate('/stores');
  };
  return (
    <>
      <div className="page-head">
        <h1>{bag.record.name}</h1>
        <span className="soft">{connector.name}</span>
        <div className="actions">
          <UndoButton />
          <Button component={Link} to="/stores" variant="default">
            All bags
          </Button>
          {users.length === 0 && (
            <Button variant="default" onClick={() => void remove()}>
              Throw this bag out
            </Button>
          )}
        </div>
      </div>
      <div className="bag-page">
        <section aria-labelledby="contents">
          <h2 id="contents">What is in it</h2>
          {questions.length === 0 ? (
            <p className="soft">All that lies in such a bag is always the same: nothing is asked.</p>
          ) : (
            <BagQuestions card={bag} connector={connector} questions={questions} />
          )}
        </section>
        <section aria-labelledby="card">
          <h2 id="card">Gauge card</h2>
          <TextInput
            label="Name of the bag"
            value={bag.record.name}
            onChange={({ currentTarget: { value } }) =>
              bag.edit('name of the bag', (now) => ({ ...now, name: value }))
            }
          />
          <p className="soft">Measure a connector of this bag. Figures marked assumed are class values.</p>
          <GaugeCardFeatures card={bag} connector={connector} />
          <h2>Leads made from it</h2>
          {users.length === 0 && <p className="soft">No lead yet. Choose this bag at an end in Choose.</p>}
          <ul>
            {users.map(({ id, name }) => (
              <li key={id}>
                <Link to={`/leads/${id}/choose`}>{name}</Link>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </>
  );
}
