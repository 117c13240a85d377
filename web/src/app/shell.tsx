import { Kbd, UnstyledButton } from '@mantine/core';
import { useDisclosure, useHotkeys } from '@mantine/hooks';
import { lazy, Suspense, useEffect } from 'react';
import { useAppDispatch, useDraftState } from '../draft/hooks.ts';
import { NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import { giveDroppedFile } from '../controls/dropped-file.ts';
import { useBench } from '../data/live.ts';
import { places } from './places.ts';
import { redone, undone } from '../draft/draft-slice.ts';

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
  const dispatch = useAppDispatch();
  const bench = useBench();
  const savedAt = useDraftState((draft) => draft.savedAt);
  const conflict = useDraftState((draft) => draft.conflicts[0]);
  const [keysOpen, keys] = useDisclosure();
  const [finderOpen, finder] = useDisclosure();
  const { pathname } = useLocation();
  useEffect(() => {
    window.scrollTo(0, 0);
  }, [pathname]);
  usePackageDrop();
  useHotkeys([['shift+?', keys.toggle]]);
  useHotkeys(
    [
      ['mod+K', finder.toggle],
      // Where no record is open nothing is taken back: Build, Prove and the lab have an undo of their own.
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
          {places
            .filter(({ inBar }) => inBar)
            .map(({ path, title }) => (
              <NavLink key={path} to={path} end={path === '/'}>
                {title}
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
          <span>{bench?.name}</span>
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
