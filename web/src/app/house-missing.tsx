import { Button } from '@mantine/core';
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
  const importFile = (file: File | undefined) =>
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
      <h1>The house of this shop is missing</h1>
      <p>{message}</p>
      <p>
        Export what is here first. Then read the last export of this shop in: it brings its house and changes
        nothing else that is newer here. Without one, go on with a house of defaults.
      </p>
      <div className="data-actions">
        <Button onClick={() => void exportFile()}>Export everything</Button>
        <Button variant="default" onClick={() => void goOn()}>
          Go on with a house of defaults
        </Button>
      </div>
      <p>
        <label>
          Read an export in:{' '}
          <input
            type="file"
            accept=".zip,application/zip"
            onChange={({ currentTarget: { files } }) => void importFile(files?.[0])}
          />
        </label>
      </p>
      <p role="status">{said}</p>
    </main>
  );
}
