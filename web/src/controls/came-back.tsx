import type { Unit } from '@gorvane/core/unit/unit.ts';
import { Button, Group, TextInput } from '@mantine/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { recordHappenings } from '../data/units.ts';

/** A lead that was handed over is on the bench again: why, and then it is proved before anything else. Same unit, same history. */
export function CameBack({ unit }: { readonly unit: Unit }) {
  const navigate = useNavigate();
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState('');
  const [problem, setProblem] = useState<string | undefined>();
  const record = async () => {
    if (reason.trim().length < 3) return setProblem('Say in a few words why it came back.');
    await recordHappenings(unit.id, ({ finished }) =>
      finished ? [{ kind: 'came back', reason: reason.trim() }] : [],
    );
    void navigate(`/leads/${unit.leadId}/prove?unit=${unit.id}`);
  };
  if (!open)
    return (
      <Button variant="default" onClick={() => setOpen(true)}>
        It came back
      </Button>
    );
  return (
    <Group align="end" gap={8}>
      <TextInput
        label="Why it came back"
        value={reason}
        error={problem}
        data-autofocus
        onChange={({ currentTarget: { value } }) => setReason(value)}
        onKeyDown={({ key }) => key === 'Enter' && void record()}
      />
      <Button onClick={() => void record()}>Prove it first</Button>
      <Button variant="subtle" onClick={() => setOpen(false)}>
        Leave it
      </Button>
    </Group>
  );
}
