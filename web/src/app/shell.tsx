import { Kbd, UnstyledButton } from '@mantine/core';
import { useDisclosure, useHotkeys } from '@mantine/hooks';
import { lazy, Suspense, useEffect } from 'react';
import { useDispatch } from 'react-redux';
import { NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import { giveDroppedFile } from '../controls/dropped-file.ts';
import { useHouse } from '../data/live.ts';
import { redone, undone } from '../draft/draft-slice.ts';
import { useDraftState } from '../draft/use-draft.ts';

const places = [
  { to: '/', label: 'Bench' },
  { to: '/leads', label: 'Leads' },
  { to: '/lab', label: 'Line lab' },
  { to: '/log', label: 'Log' },
  { to: '/house', label: 'House' },
];

const ConflictQuestion = lazy(async () => ({
  default: (await import('./conflict-question.tsx')).ConflictQuestion,
}));
const KeysHelp = lazy(async () => ({ default: (await import('./keys-help.tsx')).KeysHelp }));
const Finder = lazy(async () => ({ default: (await import('./finder.tsx')).Finder }));

/** A package that is dropped where nothing else takes it is checked. */
function usePackageDrop(): void {
  const navigate = useNavigate();
  useEffect(() => {
    const over = (event: DragEvent) => event.preventDefault();
    const drop = (event: DragEvent) => {
      if (event.defaultPrevented) return;
      event.preventDefault();
      const file = [...(event.dataTransfer?.files ?? [])].find(({ name }) => /\.zip$/i.test(name));
      if (!file) return;
      giveDroppedFile(file);
      void navigate('/log/check');
    };
    window.addEventListener('dragover', over);
    window.addEventListener('drop', drop);
    return () => {
      window.removeEventListener('dragover', over);
      window.removeEventListener('drop', drop);
    };
  }, [navigate]);
}

/** The place bar at the left, the open place beside it, and the keys that work everywhere. */
export function Shell() {
  const dispatch = useDispatch();
  const house = useHouse();
  const savedAt = useDraftState((draft) => draft.savedAt);
  const conflict = useDraftState((draft) => draft.conflicts[0]);
  const [keysOpen, keys] = useDisclosure();
  const [finderOpen, finder] = useDisclosure();
  const { pathname } = useLocation();
  // A question of the lab shows no record: nothing out of sight is taken back from there.
  const showsRecords = !/^\/lab\/(?!cables)/.test(pathname);
  useEffect(() => {
    window.scrollTo(0, 0);
  }, [pathname]);
  usePackageDrop();
  useHotkeys([['shift+?', keys.toggle]]);
  useHotkeys(
    [
      ['mod+K', finder.toggle],
      ['mod+Z', () => showsRecords && dispatch(undone())],
      ['mod+Y', () => showsRecords && dispatch(redone())],
      ['mod+shift+Z', () => showsRecords && dispatch(redone())],
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
          {savedAt && (
            <span>
              saved{' '}
              {new Date(savedAt).toLocaleTimeString([], {
                hour: '2-digit',
                minute: '2-digit',
                hourCycle: 'h23',
              })}
            </span>
          )}
        </div>
      </header>
      <main className="place">
        <Outlet />
      </main>
      <Suspense fallback={null}>
        {conflict && <ConflictQuestion conflict={conflict} />}
        {keysOpen && <KeysHelp onClose={keys.close} />}
        {finderOpen && <Finder onClose={finder.close} />}
      </Suspense>
    </div>
  );
}
