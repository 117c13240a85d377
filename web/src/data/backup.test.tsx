import { MantineProvider } from '@mantine/core';
import { expect, test } from '@jest/globals';
import { render, screen, waitFor } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { fill } from '../../test/open-at.tsx';
import { BackupReminder } from '../controls/backup-line.tsx';
import { backupState, noteExport } from './backup.ts';
import { tally } from './tallies.ts';
import { database } from './database.ts';

const at = '2026-11-20T08:00:00.000Z';

test.each([
  [{ at, entries: 100 }, 100, '2027-01-01T08:00:00.000Z', 0, false],
  [{ at, entries: 100 }, 149, '2026-11-21T08:00:00.000Z', 49, false],
  [{ at, entries: 100 }, 150, '2026-11-21T08:00:00.000Z', 50, true],
  [{ at, entries: 100 }, 101, '2026-11-27T07:59:00.000Z', 1, false],
  [{ at, entries: 100 }, 101, '2026-11-27T08:00:00.000Z', 1, true],
  [undefined, 49, at, 49, false],
  [undefined, 50, at, 50, true],
])('%j and %i entries on %s: %i newer, due %s', (noted, entries, now, newer, isDue) =>
  expect(backupState(noted, entries, now)).toMatchObject({ newer, isDue }),
);

test('the bench reminds until everything has gone out', async () => {
  await fill();
  await database.kept.clear();
  render(
    <MantineProvider>
      <MemoryRouter>
        <BackupReminder />
      </MemoryRouter>
    </MantineProvider>,
  );
  expect((await screen.findByText(/Nothing has been exported yet/)).textContent).toMatch(
    /in this browser only/,
  );
  await noteExport(await tally('entries'));
  await waitFor(() => expect(screen.queryByText('Export again.')).toBeNull());
});
