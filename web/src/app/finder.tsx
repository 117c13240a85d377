import { Button, Modal, TextInput, UnstyledButton } from '@mantine/core';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import type { FinderHits } from '../data/finder-hits.ts';
import { partsOf, useFinderHits } from '../data/finder-hits.ts';
import { actions, places } from './places.ts';
import { canScan, Scan } from './scan.tsx';
import './finder.css';

interface Hit {
  readonly to: string;
  readonly label: string;
  readonly detail: string;
}

const mostHits = 9;

const fixed: Hit[] = [
  ...places.flatMap(({ path, title, words = 'place' }) =>
    title ? [{ to: path, label: title, detail: words }] : [],
  ),
  ...actions.map(({ to, title }) => ({ to, label: title, detail: 'action' })),
];

function hitsOf(found: FinderHits | undefined): Hit[] {
  const { text, leads, units } = found ?? { text: '', leads: [], units: [] };
  const parts = partsOf(text);
  return [
    ...leads.map(({ id, name, purpose }) => ({
      to: `/leads/${id}/choose`,
      label: name,
      detail: `lead. ${purpose}`,
    })),
    ...fixed.filter(({ label, detail }) =>
      parts.every((part) => `${label} ${detail}`.toLowerCase().includes(part)),
    ),
    ...units.map(({ id, serial, lead, stands }) => ({
      to: `/log/${id}`,
      label: serial,
      detail: ['unit', lead, stands].filter(Boolean).join(', '),
    })),
  ].slice(0, mostHits);
}

/** Finds a lead, a serial (typed or scanned from a label), a place or an action. */
export function Finder({ onClose }: { readonly onClose: () => void }) {
  const navigate = useNavigate();
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState(0);
  const [isEntered, setEntered] = useState(false);
  const found = useFinderHits(text, mostHits);
  const hits = hitsOf(found);
  const go = (hit: Hit | undefined) => {
    if (!hit) return;
    onClose();
    void navigate(hit.to);
  };
  const isCurrent = found?.text === text;
  const entered = isEntered && isCurrent ? hits[chosen] : undefined;
  // A scanner types and enters in one go: what it meant is opened when it is found.
  useEffect(() => {
    if (!entered) return;
    onClose();
    void navigate(entered.to);
  });
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
          setEntered(false);
        }}
        onKeyDown={(event) => {
          if (event.key === 'ArrowDown') setChosen((at) => Math.min(at + 1, hits.length - 1));
          if (event.key === 'ArrowUp') setChosen((at) => Math.max(at - 1, 0));
          if (event.key === 'Enter') setEntered(true);
        }}
      />
      {canScan() && (
        <ScanCode
          onCode={(code) => {
            setText(code);
            setChosen(0);
            setEntered(true);
          }}
        />
      )}
      <ul className="finder">
        {hits.map((hit, index) => (
          <li key={`${hit.to}${hit.label}`}>
            <UnstyledButton className={index === chosen ? 'chosen' : undefined} onClick={() => go(hit)}>
              <strong>{hit.label}</strong> <span className="soft">{hit.detail}</span>
            </UnstyledButton>
          </li>
        ))}
        {isCurrent && hits.length === 0 && <li className="soft">Nothing has this name or serial.</li>}
      </ul>
    </Modal>
  );
}

/** A label is held before the camera instead of being typed. */
function ScanCode({ onCode }: { readonly onCode: (text: string) => void }) {
  const [isLooking, setLooking] = useState(false);
  const [problem, setProblem] = useState<string | undefined>();
  return (
    <>
      <Button
        variant="default"
        mt={8}
        onClick={() => {
          setProblem(undefined);
          setLooking(!isLooking);
        }}
      >
        {isLooking ? 'Close the camera' : 'Scan a label'}
      </Button>
      {isLooking && (
        <Scan
          onCode={(text) => {
            setLooking(false);
            onCode(text);
          }}
          onProblem={(words) => {
            setLooking(false);
            setProblem(words);
          }}
        />
      )}
      {problem && (
        <p className="out" role="alert">
          ■ {problem}
        </p>
      )}
    </>
  );
}
