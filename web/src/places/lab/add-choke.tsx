import { passesJacket } from '@gorvane/core/line/choke.ts';
import type { Bead, BeadMaterial } from '@gorvane/core/line/choke.ts';
import { leadCable } from '@gorvane/core/lead/lead-cable.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import { Button, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { newShortId } from '../../data/database.ts';
import { useLeads } from '../../data/live.ts';
import { useDraft } from '../../draft/use-draft.ts';

type Place = 'feedpoint' | 'radio end';

/** What a choke does by where it stands. */
const places = [
  { value: 'feedpoint', label: 'at the feedpoint: keeps the feeder from radiating' },
  { value: 'radio end', label: 'at the radio end: keeps what the feeder picks up out' },
] as const;

/** A hand's width from the end. */
const fromEnd = 0.1;

/** Puts the stack on the run of a lead, near one of its ends, and opens its Thread stage. */
export function AddChoke({
  bead,
  beads,
  material,
}: {
  readonly bead: Bead;
  readonly beads: number;
  /** Its class; null where maker's points were typed. */
  readonly material: BeadMaterial['id'] | null;
}) {
  const leads = useLeads() ?? [];
  const [leadId, setLeadId] = useState('');
  const [at, setAt] = useState<Place>('feedpoint');
  const draft = useDraft('leads', leadId || undefined);
  const navigate = useNavigate();
  if (leads.length === 0)
    return <p className="soft">When there is a lead, this stack can be put on its run from here.</p>;
  const lead = draft?.record;
  const jacket = lead ? leadCable(lead, lead.pieces[0]!.cableId).jacket.diameter : 0;
  const passes = passesJacket(bead, jacket);
  const add = async (endId: string) => {
    if (!lead || !draft) return;
    draft.edit('choke', (now) => ({
      ...now,
      extraParts: [
        ...now.extraParts.filter(({ kind }) => kind !== 'choke'),
        {
          id: `choke-${newShortId()}`,
          kind: 'choke',
          legId: now.legs[0]!.id,
          nearEndId: endId,
          distance: fromEnd,
          beads,
          bead,
          material,
          at,
        },
      ],
    }));
    await navigate(`/leads/${lead.id}/thread`);
  };
  return (
    <section aria-label="Put it on a lead" className="result-actions">
      <NativeSelect
        aria-label="Lead that gets the choke"
        value={leadId}
        data={[
          { value: '', label: 'put it on a lead' },
          ...leads.map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onChange={({ currentTarget }) => setLeadId(currentTarget.value)}
      />
      {lead && (
        <NativeSelect
          aria-label="Where the choke stands"
          value={at}
          data={[...places]}
          onChange={({ currentTarget: { value } }) =>
            setAt(value === 'radio end' ? 'radio end' : 'feedpoint')
          }
        />
      )}
      {lead &&
        (passes ? (
          lead.ends.map(({ id, name }) => (
            <Button key={id} variant="default" onClick={() => void add(id)}>
              Near end {name}
            </Button>
          ))
        ) : (
          <p className="out" role="alert">
            The bore of {formatMillimetres(bead.bore)} mm does not pass the jacket of{' '}
            {formatMillimetres(jacket)} mm.
          </p>
        ))}
    </section>
  );
}
