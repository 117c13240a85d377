import { Modal, TextInput, UnstyledButton } from '@mantine/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useLeads, useUnits } from '../data/live.ts';
import { actions, places } from './places.ts';
import './finder.css';

interface Hit {
  readonly to: string;
  readonly label: string;
  readonly detail: string;
}

const fixed: Hit[] = [
  ...places.flatMap(({ path, title, words = 'place' }) =>
    title ? [{ to: path, label: title, detail: words }] : [],
  ),
  ...actions.map(({ to, title }) => ({ to, label: title, detail: 'action' })),
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
