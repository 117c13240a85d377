import type { House } from '@gorvane/core/house/house.ts';
import type { Lead } from '@gorvane/core/lead/lead.ts';
import { lengthInWords } from '@gorvane/core/lead/in-words.ts';
import { Button, TextInput } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { useState } from 'react';
import { Link } from 'react-router';
import { Empty } from '../../controls/empty.tsx';
import { copyLead } from '../../data/new-lead.ts';
import { markDeleted } from '../../data/records.ts';
import { useCounts, useHouse, useLeads } from '../../data/live.ts';
import { useSavedPlan } from '../../draft/use-plan.ts';
import { Run } from '../../drawing/run.tsx';
import './leads.css';

/** Each row draws its lead: so many at once. */
const leadsAtOnce = 40;

/** The designs: each row with its own small run. */
export function Leads() {
  const house = useHouse();
  const leads = useLeads();
  const units = useCounts('lead');
  const [text, setText] = useState('');
  const [shown, setShown] = useState(leadsAtOnce);
  if (!house || !leads) return null;
  const wanted = text.toLowerCase();
  const found = leads.filter(({ name, purpose }) => `${name} ${purpose}`.toLowerCase().includes(wanted));
  return (
    <>
      <div className="page-head">
        <h1>Leads</h1>
        <div className="actions">
          <TextInput
            aria-label="Search leads"
            placeholder="search by name or purpose"
            value={text}
            onChange={({ currentTarget }) => setText(currentTarget.value)}
          />
          <Button component={Link} to="/#new">
            New lead
          </Button>
        </div>
      </div>
      {leads.length === 0 && (
        <Empty title="No leads yet">
          <p>
            Start one at the <Link to="/">Bench</Link>: what it connects, how long, how many. Or load the demo
            data or a file in <Link to="/house#data">House</Link>.
          </p>
        </Empty>
      )}
      {leads.length > 0 && found.length === 0 && (
        <p>No lead has &ldquo;{text}&rdquo; in its name or purpose.</p>
      )}
      <ul className="lead-rows">
        {found.slice(0, shown).map((lead) => (
          <LeadRow key={lead.id} lead={lead} house={house} units={units?.get(lead.id) ?? 0} />
        ))}
      </ul>
      {found.length > shown && (
        <Button variant="default" onClick={() => setShown(shown + leadsAtOnce)}>
          Show {Math.min(leadsAtOnce, found.length - shown)} more of {found.length - shown}
        </Button>
      )}
    </>
  );
}

/** Deletes a lead and offers to take that back. Its units and their records stay in the Log. */
async function removeLead(lead: Lead): Promise<void> {
  await markDeleted('leads', lead.id, true);
  const id = notifications.show({
    autoClose: 12_000,
    closeButtonProps: { 'aria-label': 'Close' },
    message: (
      <>
        {lead.name} is deleted; its units stay in the Log.{' '}
        <Button
          size="compact-sm"
          variant="default"
          onClick={() => {
            void markDeleted('leads', lead.id, false);
            notifications.hide(id);
          }}
        >
          Take it back
        </Button>
      </>
    ),
  });
}

function LeadRow({
  lead,
  house,
  units,
}: {
  readonly lead: Lead;
  readonly house: House;
  readonly units: number;
}) {
  const plan = useSavedPlan(lead, house);
  return (
    <li>
      <Link to={`/leads/${lead.id}/choose`} className="lead-row">
        <div>
          <h2>{lead.name}</h2>
          <p className="soft">{lead.purpose}</p>
          <p>
            {plan?.ends[0]!.cable.name}, {lengthInWords(lead)}, {units} {units === 1 ? 'unit' : 'units'}
          </p>
        </div>
        <div>{plan && <Run plan={plan} small />}</div>
      </Link>
      <div className="lead-row-actions">
        <Button variant="subtle" onClick={() => void copyLead(lead)} aria-label={`Copy ${lead.name}`}>
          Copy
        </Button>
        <Button variant="subtle" onClick={() => void removeLead(lead)} aria-label={`Delete ${lead.name}`}>
          Delete
        </Button>
      </div>
    </li>
  );
}
