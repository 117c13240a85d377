import type { Bench } from '@gorvane/core/house/bench.ts';
import { MantineProvider, useMantineColorScheme } from '@mantine/core';
import type { ReactNode } from 'react';
import { lazy, Suspense, useCallback, useEffect, useState } from 'react';
import { Provider } from 'react-redux';
import { createBrowserRouter } from 'react-router';
import { RouterProvider } from 'react-router/dom';
import { HeldLine } from '../controls/held-line.tsx';
import { WriteAlert } from '../controls/write-alert.tsx';
import { FirstUnit, Times } from '../controls/writing.ts';
import { NewerDatabaseError } from '../data/database.ts';
import { HouseMissingError, prepareDatabase } from '../data/start.ts';
import { useBench } from '../data/live.ts';
import { routes } from './routes.tsx';
import type { Store } from './store.ts';
import { theme } from './theme.ts';

/** Messages come after the first screen. */
const Notifications = lazy(async () => ({ default: (await import('@mantine/notifications')).Notifications }));

/** What hardly ever comes is fetched when it does. */
const HouseMissing = lazy(async () => ({ default: (await import('./house-missing.tsx')).HouseMissing }));

const router = createBrowserRouter(routes);

interface AppProps {
  readonly store: Store;
  /** Whether an address never opened was filled before anything is drawn. */
  readonly begun: Promise<boolean>;
}

export function App({ store, begun }: AppProps) {
  return (
    <MantineProvider theme={theme} defaultColorScheme="light">
      <Suspense fallback={null}>
        <Notifications position="top-right" />
      </Suspense>
      <Provider store={store}>
        <Prepared begun={begun}>
          <RouterProvider router={router} />
        </Prepared>
        <HeldLine />
        <WriteAlert />
      </Provider>
    </MantineProvider>
  );
}

/** Waits for the database, fills it at the first opening, and hands the bench's ways of writing on. */
function Prepared({ begun, children }: Pick<AppProps, 'begun'> & { readonly children: ReactNode }) {
  const [problem, setProblem] = useState<Error | undefined>();
  const [isReady, setReady] = useState(false);
  const [tries, setTries] = useState(0);
  const [indexed, setIndexed] = useState<{ readonly done: number; readonly of: number } | undefined>();
  const bench = useBench();
  useEffect(() => {
    const prepared = prepareDatabase(begun, (done, of) => setIndexed({ done, of })).then(() =>
      setReady(true),
    );
    prepared.catch((error: unknown) => setProblem(error instanceof Error ? error : new Error(String(error))));
  }, [begun, tries]);
  const again = useCallback(() => {
    setProblem(undefined);
    setTries((before) => before + 1);
  }, []);
  if (problem instanceof HouseMissingError)
    return (
      <Suspense fallback={null}>
        <HouseMissing message={problem.message} onDone={again} />
      </Suspense>
    );
  if (problem)
    return (
      <main className="place">
        <h1>The data of this browser cannot be opened</h1>
        <p>{problem.message}</p>
        {!(problem instanceof NewerDatabaseError) && (
          <p>Close other tabs of Gorvane and load the page again. Nothing has been changed.</p>
        )}
      </main>
    );
  if (!isReady && indexed)
    return (
      <main className="place">
        <h1>Summing up what was recorded</h1>
        <p role="status">
          {indexed.done} of {indexed.of} units. Once for this version of the program; nothing of the records
          is changed.
        </p>
      </main>
    );
  if (!bench || !isReady) return null;
  return <BenchWays bench={bench}>{children}</BenchWays>;
}

function BenchWays({ bench, children }: { readonly bench: Bench; readonly children: ReactNode }) {
  const { setColorScheme } = useMantineColorScheme();
  useEffect(() => setColorScheme(bench.theme === 'night' ? 'dark' : 'light'), [bench.theme, setColorScheme]);
  return (
    <FirstUnit value={bench.firstUnit}>
      <Times value={bench.times}>{children}</Times>
    </FirstUnit>
  );
}
