import { Button, FileButton, Modal } from '@mantine/core';
import { useState } from 'react';
import { useAppDispatch } from '../../draft/hooks.ts';
import { backupWords } from '../../controls/backup-line.tsx';
import { noteExport, useBackup } from '../../data/backup.ts';
import { useStorageState } from '../../data/storage-state.ts';
import { saveFile } from '../../controls/save-file.ts';
import type { ImportResult, InspectedArchive } from '../../data/archive.ts';
import {
  exportEverything,
  inspectArchive,
  mergeArchive,
  startEmpty,
  startWithDemo,
} from '../../data/archive.ts';
import { forgotten } from '../../draft/draft-slice.ts';

type Restart = 'demo' | 'empty';

interface DataPanelProps {
  /** What was last done here: the page keeps it, for starting again draws this panel anew. */
  readonly done: string | undefined;
  readonly onDone: (said: string | undefined) => void;
}

/** Everything out to a file, a file in, and starting again. */
export function DataPanel({ done, onDone }: DataPanelProps) {
  const dispatch = useAppDispatch();
  const [problem, setProblem] = useState<string | undefined>();
  const [inspected, setInspected] = useState<InspectedArchive | undefined>();
  const [asking, setAsking] = useState<Restart | undefined>();

  const attempt = async (work: () => Promise<string>) => {
    setProblem(undefined);
    onDone(undefined);
    try {
      onDone(await work());
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  const exportFile = () =>
    attempt(async () => {
      const bytes = await exportEverything();
      const name = `gorvane-${new Date().toISOString().slice(0, 16).replaceAll(':', '')}.zip`;
      saveFile(bytes, name, 'application/zip');
      await noteExport();
      return `Exported everything to ${name}.`;
    });
  const importFile = (file: File | null) =>
    file &&
    attempt(async () => {
      setInspected(undefined);
      const found = await inspectArchive(new Uint8Array(await file.arrayBuffer()));
      if (found.problems.length === 0) return importWords(await mergeArchive(found.sound));
      setInspected(found);
      return '';
    });
  const takeSound = ({ sound }: InspectedArchive) =>
    attempt(async () => {
      setInspected(undefined);
      return importWords(await mergeArchive(sound));
    });
  const restart = (how: Restart) =>
    attempt(async () => {
      setAsking(undefined);
      await (how === 'demo' ? startWithDemo() : startEmpty());
      dispatch(forgotten());
      return how === 'demo' ? 'The demo data are in.' : 'The database is empty.';
    });

  return (
    <section aria-labelledby="data">
      <h2 id="data">Data in and out</h2>
      <p>
        Everything stays in this browser until it is exported. An imported file is merged record by record:
        the newer one stands, nothing of this bench is lost.
      </p>
      <div className="data-actions">
        <Button onClick={() => void exportFile()}>Export everything</Button>
        <FileButton
          accept=".zip,application/zip"
          onChange={(file) => void importFile(file)}
          inputProps={{ 'aria-label': 'Archive to import' }}
        >
          {(props) => (
            <Button variant="default" {...props}>
              Import a file
            </Button>
          )}
        </FileButton>
      </div>
      <Kept />
      <p role="status">{done}</p>
      {inspected && (
        <Unsound
          inspected={inspected}
          onTake={() => void takeSound(inspected)}
          onLeave={() => setInspected(undefined)}
        />
      )}
      {problem && (
        <p className="out" role="alert">
          ■ {problem} Nothing was changed.
        </p>
      )}
      <div className="data-actions">
        <Button variant="default" onClick={() => setAsking('empty')}>
          Empty the database
        </Button>
        <Button variant="default" onClick={() => setAsking('demo')}>
          Start again with the demo data
        </Button>
      </div>
      <Modal
        opened={asking !== undefined}
        onClose={() => setAsking(undefined)}
        title="Start again?"
        centered
        closeButtonProps={{ 'aria-label': 'Close' }}
      >
        <p>
          Every lead, order, unit and record in this browser is removed
          {asking === 'demo' ? ' and the demo data put in their place' : ''}. This cannot be undone: export
          first if any of it matters.
        </p>
        <div className="data-actions" style={{ marginTop: 16 }}>
          <Button onClick={() => void exportFile()} variant="default">
            Export first
          </Button>
          <Button onClick={() => asking && void restart(asking)}>
            {asking === 'demo' ? 'Remove all and load the demo data' : 'Remove all'}
          </Button>
        </div>
      </Modal>
    </section>
  );
}

function importWords({ added, replaced, kept, clashes }: ImportResult): string {
  const renamed = clashes.map(
    ({ serial, as }) =>
      ` Another unit here has the serial ${serial}: the one that came in is kept as ${as}; its label still says ${serial}.`,
  );
  return `${added} records added, ${replaced} replaced by newer ones, ${kept} kept as they were.${renamed.join('')}`;
}

/** So many of them are listed one by one. */
const mostListed = 40;

interface UnsoundProps {
  readonly inspected: InspectedArchive;
  readonly onTake: () => void;
  readonly onLeave: () => void;
}

/** What of a file does not hold, before anything is changed; the rest can be taken without it. */
function Unsound({ inspected: { problems, count }, onTake, onLeave }: UnsoundProps) {
  return (
    <section className="out-box" aria-label="What does not hold" role="alert">
      <p className="out">
        ■ {problems.length} {problems.length === 1 ? 'record of this file does' : 'records of this file do'}{' '}
        not hold. Nothing was changed yet.
      </p>
      <ul>
        {problems.slice(0, mostListed).map((problem) => (
          <li key={problem}>{problem}</li>
        ))}
        {problems.length > mostListed && <li>and {problems.length - mostListed} more</li>}
      </ul>
      <div className="data-actions">
        <Button onClick={onTake} disabled={count === 0}>
          Take the {count} that hold
        </Button>
        <Button variant="default" onClick={onLeave}>
          Leave the file
        </Button>
      </div>
    </section>
  );
}

const space = (bytes: number) => {
  const megabytes = Math.max(1, Math.round(bytes / 1000 / 1000));
  return megabytes < 1000 ? `${megabytes} MB` : `${Math.round(megabytes / 1000)} GB`;
};

/** When everything last went out to a file, whether this browser keeps the data for good, and the space that is left. */
function Kept() {
  const backup = useBackup();
  const storage = useStorageState();
  return (
    <>
      {backup && <p className={backup.isDue ? 'not-yet' : 'soft'}>{backupWords(backup)}</p>}
      {storage && (
        <p className="soft">
          {storage.isPersisted
            ? 'This browser has promised to keep the data also when it runs short of space.'
            : 'This browser may put the data away when it runs short of space: export often.'}
          {storage.used !== undefined && ` ${space(storage.used)} used`}
          {storage.left !== undefined && `, ${space(storage.left)} left.`}
        </p>
      )}
    </>
  );
}
