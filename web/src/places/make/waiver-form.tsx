import type { Step } from '@gorvane/core/recipe/step.ts';
import { Button, TextInput, UnstyledButton } from '@mantine/core';
import { useState } from 'react';
import { useKeptValue } from '../../draft/use-kept-value.ts';

interface WaiverFormProps {
  readonly step: Step;
  readonly unitId: string;
  readonly onWaive: (name: string, reason: string) => Promise<void>;
}

/** Passing a hold point without an answer: a name and a reason, which stand in the record and on the certificate. */
export function WaiverForm({ step, unitId, onWaive }: WaiverFormProps) {
  const [opened, setOpened] = useState(false);
  const [waiver, setWaiver] = useKeptValue(`waiver/${unitId}/${step.id}`, { name: '', reason: '' });
  const [problem, setProblem] = useState<string | undefined>();
  if (!opened)
    return (
      <UnstyledButton className="figure waive" onClick={() => setOpened(true)}>
        Pass it without: waive
      </UnstyledButton>
    );
  const submit = async () => {
    try {
      await onWaive(waiver.name, waiver.reason);
      setWaiver({ name: '', reason: '' });
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <form
      className="waiver"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <TextInput
        label="Who answers for it"
        value={waiver.name}
        onChange={({ currentTarget }) => setWaiver({ ...waiver, name: currentTarget.value })}
      />
      <TextInput
        label="Why"
        value={waiver.reason}
        error={problem}
        onChange={({ currentTarget }) => setWaiver({ ...waiver, reason: currentTarget.value })}
      />
      <Button type="submit" variant="default">
        Waive: it will stand on the certificate
      </Button>
    </form>
  );
}
