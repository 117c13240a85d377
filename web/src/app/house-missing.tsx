import { Button, FileButton, Group, Stack } from '@mantine/core';
import { useState } from 'react';
import { saveFile } from '../controls/save-file.ts';
import { goOnWithDefaults } from '../data/start.ts';

interface HouseMissingProps {
  readonly message: string;
  readonly onDone: () => void;
}

/** Work is here and its house is not: everything can go out to a file, a file can come in, or it goes on with defaults. */
export function HouseMissing({ message, onDone }: HouseMissingProps) {
  const [said, setSaid] = useState<string | undefined>();
  const attempt = async (work: () => Promise<string | undefined>) => {
    try {
      setSaid(await work());
    } catch (error) {
      setSaid(`■ ${error instanceof Error ? error.message : String(error)}`);
    }
  };
  const exportFile = () =>
    attempt(async () => {
      const { exportEverything } = await import('../data/archive.ts');
      saveFile(await exportEverything(), 'gorvane-without-house.zip', 'application/zip');
      return 'Exported everything that is here.';
    });
  const importFile = (file: File | null) =>
    file &&
    attempt(async () => {
      const { importArchive } = await import('../data/archive.ts');
      await importArchive(new Uint8Array(await file.arrayBuffer()));
      window.location.reload();
      return undefined;
    });
  const goOn = () => attempt(async () => void (await goOnWithDefaults().then(onDone)));
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
          <Button onClick={() => void exportFile()}>Export everything</Button>
          <Button variant="default" onClick={() => void goOn()}>
            Go on with a house of defaults
          </Button>
          <FileButton
            accept=".zip,application/zip"
            onChange={(file) => void importFile(file)}
            inputProps={{ 'aria-label': 'Export to read in' }}
          >
            {(props) => (
              <Button variant="default" {...props}>
                Read an export in
              </Button>
            )}
          </FileButton>
        </Group>
        <p role="status">{said}</p>
      </Stack>
    </main>
  );
}
