import { Kbd, Modal, UnstyledButton } from '@mantine/core';
import { useDisclosure, useHotkeys } from '@mantine/hooks';
import { lazy, Suspense, useEffect } from 'react';
import { useDispatch } from 'react-redux';
import { NavLink, Outlet, useLocation } from 'react-router';
import { useHouse } from '../data/live.ts';
import { redone, undone } from '../draft/draft-slice.ts';
import { useDraftState } from '../draft/use-draft.ts';
import { ConflictQuestion } from './conflict-question.tsx';

const places = [
  { to: '/', label: 'Bench' },
  { to: '/leads', label: 'Leads' },
  { to: '/log', label: 'Log' },
  { to: '/house', label: 'House' },
];

const Finder = lazy(async () => ({ default: (await import('./finder.tsx')).Finder }));

/** The place bar at the left, the open place beside it, and the keys that work everywhere. */
export function Shell() {
  const dispatch = useDispatch();
  const house = useHouse();
  const savedAt = useDraftState((draft) => draft.savedAt);
  const [keysOpen, keys] = useDisclosure();
  const [finderOpen, finder] = useDisclosure();
  const { pathname } = useLocation();
  useEffect(() => window.scrollTo(0, 0), [pathname]);
  useHotkeys([['shift+?', keys.toggle]]);
  useHotkeys(
    [
      ['mod+K', finder.toggle],
      ['mod+Z', () => dispatch(undone())],
      ['mod+Y', () => dispatch(redone())],
      ['mod+shift+Z', () => dispatch(redone())],
    ],
    [],
  );
  return (
    <div className="shell">
      <header className="place-bar">
        <NavLink to="/" className="brand">
          Gorvane
        </NavLink>
        <nav aria-label="Places">
          {places.map(({ to, label }) => (
            <NavLink key={to} to={to} end={to === '/'}>
              {label}
            </NavLink>
          ))}
        </nav>
        <div className="place-foot">
          <UnstyledButton onClick={finder.open} fz={14}>
            Find <Kbd>Ctrl K</Kbd>
          </UnstyledButton>
          <UnstyledButton onClick={keys.open} fz={14}>
            Keys <Kbd>?</Kbd>
          </UnstyledButton>
          <span>{house?.benchName}</span>
          {savedAt && <span>saved {new Date(savedAt).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' })}</span>}
        </div>
      </header>
      <main className="place">
        <Outlet />
      </main>
      <ConflictQuestion />
      <KeysHelp opened={keysOpen} onClose={keys.close} />
      {finderOpen && (
        <Suspense fallback={null}>
          <Finder onClose={finder.close} />
        </Suspense>
      )}
    </div>
  );
}

const keyList: [string, string][] = [
  ['Ctrl K', 'find a lead, a serial, a place or an action'],
  ['Ctrl Z', 'take the last change back'],
  ['Ctrl Y', 'make it again'],
  ['?', 'show these keys'],
  ['Enter', 'in a field: take the reading, go to the next field'],
  ['Escape', 'in a field: forget what does not parse'],
  ['Space, Page Down', 'in Build: done, go on'],
  ['Page Up', 'in Build: look at the step before'],
];

function KeysHelp({ opened, onClose }: { readonly opened: boolean; readonly onClose: () => void }) {
  return (
    <Modal opened={opened} onClose={onClose} title="Keys" centered closeButtonProps={{ 'aria-label': 'Close' }}>
      <table className="plain-table">
        <tbody>
          {keyList.map(([key, what]) => (
            <tr key={key}>
              <th scope="row">
                <Kbd>{key}</Kbd>
              </th>
              <td>{what}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Modal>
  );
}
