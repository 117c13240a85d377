import { ferryLanding } from '@gorvane/demo/ferry-landing.ts';
import type { Archive } from '@gorvane/core/file/archive-tables.ts';
import { MantineProvider } from '@mantine/core';
import { Notifications } from '@mantine/notifications';
import { cleanup, render } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { Provider } from 'react-redux';
import { createMemoryRouter } from 'react-router';
import { RouterProvider } from 'react-router/dom';
import { routes } from '../src/app/routes.tsx';
import { createStore } from '../src/app/store.ts';
import { FirstUnit } from '../src/controls/writing.ts';
import { mergeArchive } from '../src/data/merge-archive.ts';
import { startEmpty } from '../src/data/start-empty.ts';
import { database } from '../src/data/database.ts';
import { unsavedChanges } from '../src/draft/draft-slice.ts';

/** The demo scenario; what a test wants other is said in `change`. */
export const demo = ferryLanding();
export const unitOf = (serial: string) => demo.units.find((unit) => unit.serial === serial)!;
export const receiver = demo.leads.find(({ name }) => name === 'Receiver patch lead')!;

/** The store of the page opened last: what it still has to save belongs to the test before. */
let lastStore: ReturnType<typeof createStore> | undefined;

export async function settled(): Promise<void> {
  cleanup();
  const isUnsaved = () =>
    Object.values(lastStore?.getState().draft.records ?? {}).some(
      (draft) => unsavedChanges(draft).length > 0,
    );
  for (let tries = 0; tries < 40 && isUnsaved(); tries++)
    await new Promise((resolve) => setTimeout(resolve, 50));
}

/** The rows of the demo scenario, once they have been read in: a test file fills its shop anew for every test. */
let demoRows: readonly (readonly object[])[] | undefined;

export async function fill(archive: Archive = demo): Promise<void> {
  await settled();
  if (archive === demo && demoRows) return refill(demoRows);
  await startEmpty();
  await Promise.all([database.house.clear(), database.bench.clear()]);
  await database.transaction('rw', database.tables, async () => void (await mergeArchive(archive)));
  await database.bench.bulkPut(archive.bench);
  if (archive === demo) demoRows = await Promise.all(database.tables.map((table) => table.toArray()));
}

async function refill(rows: readonly (readonly object[])[]): Promise<void> {
  await database.transaction('rw', database.tables, async () => {
    for (const [n, table] of database.tables.entries()) {
      await table.clear();
      await table.bulkPut(rows[n]!);
    }
  });
}

/** Writes a text over what a field holds, at once: a screen drawn anew for each letter is most of what typing takes. */
export async function write(field: HTMLElement, text: string): Promise<void> {
  await userEvent.clear(field);
  await userEvent.paste(text.replace('{Enter}', ''));
  if (text.endsWith('{Enter}')) await userEvent.keyboard('{Enter}');
}

/** Everything a piece of the interface stands in. */
export function Around({
  children,
  store = createStore(),
}: {
  readonly children: ReactNode;
  readonly store?: ReturnType<typeof createStore>;
}) {
  return (
    <MantineProvider env="test">
      <Notifications />
      <Provider store={store}>
        <FirstUnit value="mm">{children}</FirstUnit>
      </Provider>
    </MantineProvider>
  );
}

/** Opens an address of the application over what the database holds. */
export function openAt(address: string) {
  cleanup();
  const store = createStore();
  lastStore = store;
  const router = createMemoryRouter(routes, { initialEntries: [address] });
  render(
    <Around store={store}>
      <RouterProvider router={router} />
    </Around>,
  );
  return { store, router };
}
