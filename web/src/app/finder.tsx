import { Modal, TextInput, UnstyledButton } from '@mantine/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useLeads, useUnits } from '../data/live.ts';
import './finder.css';

interface Hit {
  readonly to: string;
  readonly label: string;
  readonly detail: string;
}

const fixed: Hit[] = [
  { to: '/', label: 'Bench', detail: 'place' },
  { to: '/#new', label: 'Start a new lead', detail: 'action' },
  { to: '/leads', label: 'Leads', detail: 'place' },
  { to: '/lab', label: 'Line lab', detail: 'place' },
  { to: '/lab/line', label: 'One line', detail: 'Line lab: loss, match, power of one cable' },
  { to: '/lab/chain', label: 'Chain', detail: 'Line lab: cables, connectors, defects in a row, Touchstone' },
  { to: '/lab/budget', label: 'Budget', detail: 'Line lab: which cable keeps the loss' },
  { to: '/lab/power', label: 'Power', detail: 'Line lab: rating and what limits it' },
  { to: '/lab/ends', label: 'Ends', detail: 'Line lab: which connector mates and fits, what else to order' },
  { to: '/lab/choke', label: 'Choke', detail: 'Line lab: beads on a feeder' },
  { to: '/lab/set', label: 'Set', detail: 'Line lab: phase-matched leads' },
  { to: '/lab/audio', label: 'Audio', detail: 'Line lab: run length, pickup resonance' },
  { to: '/lab/speaker', label: 'Speaker', detail: 'Line lab: gauge, 70 and 100 V lines' },
  { to: '/lab/bus', label: 'Lighting bus', detail: 'Line lab: receivers, terminator, branch' },
  { to: '/lab/cables', label: 'Cables', detail: 'Line lab: catalogue, data sheets' },
  { to: '/log', label: 'Log', detail: 'place' },
  { to: '/house', label: 'House', detail: 'place' },
  { to: '/house#data', label: 'Export everything to a file', detail: 'action' },
  { to: '/house#data', label: 'Import a file', detail: 'action' },
];

/** Finds a lead, a serial (typed or scanned from a label), a place or an action. */
export function Finder({ onClose }: { readonly onClose: () => void }) {
  const navigate = useNavigate();
  const leads = useLeads() ?? [];
  const units = useUnits() ?? [];
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState(0);
  const all: Hit[] = [
    ...leads.map(({ id, name, purpose }) => ({
      to: `/leads/${id}/choose`,
      label: name,
      detail: `lead. ${purpose}`,
    })),
    ...units.map(({ unit }) => ({ to: `/log/${unit.id}`, label: unit.serial, detail: `unit ${unit.id}` })),
    ...fixed,
  ];
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const hits = all
    .filter(({ label, detail }) => words.every((word) => `${label} ${detail}`.toLowerCase().includes(word)))
    .slice(0, 9);
  const go = (hit: Hit | undefined) => {
    if (!hit) return;
    onClose();
    void navigate(hit.to);
  };
  return (
    <Modal opened onClose={onClose} title="Find" closeButtonProps={{ 'aria-label': 'Close' }}>
      <TextInput
        data-autofocus
        aria-label="Find a lead, a serial, a place or an action"
        placeholder="lead, serial, place or action"
        value={text}
        onChange={({ currentTarget }) => {
          setText(currentTarget.value);
          setChosen(0);
        }}
        onKeyDown={(event) => {
          if (event.key === 'ArrowDown') setChosen((at) => Math.min(at + 1, hits.length - 1));
          if (event.key === 'ArrowUp') setChosen((at) => Math.max(at - 1, 0));
          if (event.key === 'Enter') go(hits[chosen]);
        }}
      />
      <ul className="finder">
        {hits.map((hit, index) => (
          <li key={`${hit.to}${hit.label}`}>
            <UnstyledButton className={index === chosen ? 'chosen' : undefined} onClick={() => go(hit)}>
              <strong>{hit.label}</strong> <span className="soft">{hit.detail}</span>
            </UnstyledButton>
          </li>
        ))}
        {hits.length === 0 && <li className="soft">Nothing has this name or serial.</li>}
      </ul>
    </Modal>
  );
}
