import { Button, FileButton, Modal } from '@mantine/core';
import { useEffect, useState } from 'react';
import { backupWords } from '../../controls/backup-line.tsx';
import { LongWorkBar } from '../../controls/long-work.tsx';
import { UnsoundFile } from '../../controls/unsound-file.tsx';
import { useTimes } from '../../controls/writing.ts';
import { useBackup } from '../../data/backup.ts';
import { useStorageState } from '../../data/storage-state.ts';
import { forgotten } from '../../draft/draft-slice.ts';
import { useAppDispatch } from '../../draft/hooks.ts';
import { exportAll, importFile, startAgain } from '../../work/data-actions.ts';
import { seeDataWork, useDataWork } from '../../work/data-work.ts';

type Restart = 'demo' | 'empty';

const exportFile = () =>
  exportAll(`gorvane-${new Date().toISOString().slice(0, 16).replaceAll(':', '')}.zip`);

/** Everything out to a file, a file in, and starting again. */
export function DataPanel() {
  const dispatch = useAppDispatch();
  const work = useDataWork();
  const { running, said, problem, inspected } = work;
  const [asking, setAsking] = useState<Restart | undefined>();
  useEffect(seeDataWork, [work]);
  const restart = async (how: Restart) => {
    setAsking(undefined);
    if (await startAgain(how)) dispatch(forgotten());
  };
  const isBusy = running !== undefined;

  return (
    <section aria-labelledby="data">
      <h2 id="data">Data in and out</h2>
      <p>
        Everything stays in this browser until it is exported. An imported file is merged record by record:
        the newer one stands, nothing of this bench is lost.
      </p>
      <div className="data-actions">
        <Button onClick={() => void exportFile()} disabled={isBusy}>
          Export everything
        </Button>
        <FileButton
          disabled={isBusy}
          accept=".zip,application/zip"
          onChange={(file) => file && void importFile(file)}
          inputProps={{ 'aria-label': 'Archive to import' }}
        >
          {(props) => (
            <Button variant="default" {...props} disabled={isBusy}>
              Import a file
            </Button>
          )}
        </FileButton>
      </div>
      <LongWorkBar running={running} />
      <Kept />
      <p role="status">{said}</p>
      {inspected && <UnsoundFile inspected={inspected} />}
      {problem && (
        <p className="out" role="alert">
          ■ {problem} Nothing was changed.
        </p>
      )}
      <div className="data-actions">
        <Button variant="default" disabled={isBusy} onClick={() => setAsking('empty')}>
          Empty the database
        </Button>
        <Button variant="default" disabled={isBusy} onClick={() => setAsking('demo')}>
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
        <LongWorkBar running={running} />
        <div className="data-actions" style={{ marginTop: 16 }}>
          <Button onClick={() => void exportFile()} variant="default" disabled={isBusy}>
            Export first
          </Button>
          <Button onClick={() => asking && void restart(asking)} disabled={isBusy}>
            {asking === 'demo' ? 'Remove all and load the demo data' : 'Remove all'}
          </Button>
        </div>
      </Modal>
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
  const timeOf = useTimes();
  return (
    <>
      {backup && <p className={backup.isDue ? 'not-yet' : 'soft'}>{backupWords(backup, timeOf)}</p>}
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
