import { clockTime } from '@gorvane/core/quantity/time.ts';
import { Kbd, UnstyledButton } from '@mantine/core';
import { useDisclosure, useDocumentTitle, useHotkeys } from '@mantine/hooks';
import { lazy, Suspense, useContext, useEffect } from 'react';
import { Times } from '../controls/writing.ts';
import { useAppDispatch, useDraftState } from '../draft/hooks.ts';
import { matchPath, NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import { giveDroppedFile } from '../controls/dropped-file.ts';
import { useBench } from '../data/live.ts';
import { useDataWork } from '../work/data-work.ts';
import { takeUpdate, useUpdateReady } from './update.ts';
import { places } from './places.ts';
import { redone, undone } from '../draft/draft-slice.ts';

const ConflictQuestion = lazy(async () => ({
  default: (await import('./conflict-question.tsx')).ConflictQuestion,
}));
const KeysHelp = lazy(async () => ({ default: (await import('./keys-help.tsx')).KeysHelp }));
const LongWorkBar = lazy(async () => ({ default: (await import('../controls/long-work.tsx')).LongWorkBar }));
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

/** Work on all data that goes on while another page is open; what holds all pages is said over each of them. */
function GoingOn() {
  const { running } = useDataWork();
  const { pathname } = useLocation();
  if (!running || running.holds || pathname === '/house') return null;
  return (
    <div className="advice">
      <Suspense fallback={null}>
        <LongWorkBar running={running} />
      </Suspense>
    </div>
  );
}

/** What came of work on all data, until House is looked at. */
function DataWorkMark() {
  const { running, said, isSeen } = useDataWork();
  if (running || isSeen) return null;
  return (
    <NavLink to="/house#data" className="update">
      Data in and out: {said === undefined ? 'not done' : 'done'}, see House
    </NavLink>
  );
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
  const times = useContext(Times);
  const isUpdateReady = useUpdateReady();
  const place = places.find(({ path }) => matchPath(path, pathname));
  // Pages that are always of something name themselves.
  useDocumentTitle(place?.title ? `${place.title}, Gorvane` : '');
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
      <a className="skip" href="#page">
        Skip to the page
      </a>
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
          <DataWorkMark />
          {isUpdateReady && (
            <UnstyledButton className="update" onClick={takeUpdate} fz={14}>
              A newer version is here: load it
            </UnstyledButton>
          )}
          <span>{bench?.name}</span>
          {savedAt && <span>saved {clockTime(new Date(savedAt), times)}</span>}
        </div>
      </header>
      <main className="place" id="page" tabIndex={-1}>
        <GoingOn />
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
