import { Button, FileButton, Group, Stack } from '@mantine/core';
import { useEffect } from 'react';
import { LongWorkBar } from '../controls/long-work.tsx';
import { UnsoundFile } from '../controls/unsound-file.tsx';
import { useHouse } from '../data/live.ts';
import { goOnWithDefaults } from '../data/start.ts';
import { exportAll, importFile } from '../work/data-actions.ts';
import { useDataWork } from '../work/data-work.ts';

interface HouseMissingProps {
  readonly message: string;
  /** There is a house now. */
  readonly onDone: () => void;
}

/** Work is here and its house is not: everything can go out to a file, a file can come in, or it goes on with defaults. */
export function HouseMissing({ message, onDone }: HouseMissingProps) {
  const { running, said, problem, inspected } = useDataWork();
  const isBusy = running !== undefined;
  const house = useHouse();
  useEffect(() => {
    if (house) onDone();
  }, [house, onDone]);
  return (
    <main className="place">
      <Stack gap={16} maw={760}>
        <h1>The house of this shop is missing</h1>
        <p>{message}</p>
        <p>
          Export what is here first. Then read the last export of this shop in: it brings its house and
          changes nothing else that is newer here. Without one, go on with a house of defaults.
        </p>
        <Group gap={12}>
          <Button onClick={() => void exportAll('gorvane-without-house.zip')} disabled={isBusy}>
            Export everything
          </Button>
          <Button variant="default" onClick={() => void goOnWithDefaults()} disabled={isBusy}>
            Go on with a house of defaults
          </Button>
          <FileButton
            accept=".zip,application/zip"
            onChange={(file) => file && void importFile(file)}
            inputProps={{ 'aria-label': 'Export to read in' }}
          >
            {(props) => (
              <Button variant="default" {...props} disabled={isBusy}>
                Read an export in
              </Button>
            )}
          </FileButton>
        </Group>
        <LongWorkBar running={running} />
        <p role="status">{said}</p>
        {inspected && <UnsoundFile inspected={inspected} />}
        {problem && (
          <p className="out" role="alert">
            ■ {problem} Nothing was changed.
          </p>
        )}
      </Stack>
    </main>
  );
}
