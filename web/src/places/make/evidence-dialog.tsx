import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import { Button, FileButton, Group, Modal, Textarea, TextInput } from '@mantine/core';
import { useState } from 'react';
import { Photographs } from '../../controls/photograph.tsx';
import { addPhotograph } from '../../data/photographs.ts';
import { useKeptValue } from '../../draft/use-kept-value.ts';
import { useTimes } from '../../controls/writing.ts';

interface EvidenceDialogProps {
  readonly step: Step;
  readonly unitId: string;
  readonly progress: UnitProgress;
  readonly onRecord: (happenings: readonly UnitHappening[]) => Promise<boolean>;
  readonly onClose: () => void;
}

/** A picture of this joint from the camera or a file, and a note: kept with the unit, shown in log and certificate. */
export function EvidenceDialog({ step, unitId, progress, onRecord, onClose }: EvidenceDialogProps) {
  const timeOf = useTimes();
  const [kept, setKept] = useKeptValue(`build/evidence/${unitId}/${step.id}`, { note: '', caption: '' });
  const [problem, setProblem] = useState<string | undefined>();
  const [busy, setBusy] = useState(false);
  const attach = async (file: File | null) => {
    if (!file) return;
    setBusy(true);
    setProblem(undefined);
    try {
      await addPhotograph(unitId, step.id, file, kept.caption);
      setKept({ ...kept, caption: '' });
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
    setBusy(false);
  };
  const note = async () => {
    const written = await onRecord([{ kind: 'note', stepId: step.id, text: kept.note.trim() }]);
    if (written) setKept({ ...kept, note: '' });
  };
  return (
    <Modal
      opened
      onClose={onClose}
      size="lg"
      title={`Evidence: ${step.title}`}
      closeButtonProps={{ 'aria-label': 'Close' }}
      classNames={{ body: 'evidence' }}
    >
      <TextInput
        label="What the picture shows"
        size="lg"
        value={kept.caption}
        onChange={({ currentTarget: { value } }) => setKept({ ...kept, caption: value })}
      />
      <Group>
        <FileButton
          accept="image/*"
          capture="environment"
          onChange={(file) => void attach(file)}
          inputProps={{ 'aria-label': 'Picture from the camera' }}
        >
          {(props) => (
            <Button size="lg" loading={busy} {...props}>
              Take a picture
            </Button>
          )}
        </FileButton>
        <FileButton
          accept="image/*"
          onChange={(file) => void attach(file)}
          inputProps={{ 'aria-label': 'Picture from a file' }}
        >
          {(props) => (
            <Button size="lg" variant="default" disabled={busy} {...props}>
              Picture from a file
            </Button>
          )}
        </FileButton>
      </Group>
      {problem && (
        <p className="out" role="alert">
          ■ {problem} Nothing was kept.
        </p>
      )}
      <Photographs photographs={progress.photographs.filter(({ stepId }) => stepId === step.id)} />
      <Textarea
        label="Note"
        size="lg"
        autosize
        minRows={2}
        value={kept.note}
        onChange={({ currentTarget: { value } }) => setKept({ ...kept, note: value })}
      />
      <Button size="lg" variant="default" disabled={kept.note.trim() === ''} onClick={() => void note()}>
        Write the note into the record
      </Button>
      <ul>
        {progress.notes
          .filter(({ stepId }) => stepId === step.id)
          .map(({ at, by, text }) => (
            <li key={at}>
              {text}{' '}
              <span className="soft">
                {by}, {timeOf(at)}
              </span>
            </li>
          ))}
      </ul>
    </Modal>
  );
}
