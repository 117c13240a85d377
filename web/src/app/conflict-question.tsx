import { Button, Group, Modal } from '@mantine/core';
import { useAppDispatch } from '../draft/hooks.ts';
import type { DraftConflict } from '../draft/draft-slice.ts';
import { decided } from '../draft/draft-slice.ts';

/** Two tabs changed the same field: asks which value stands. Nothing is lost until it is answered. */
export function ConflictQuestion({ conflict }: { readonly conflict: DraftConflict }) {
  const dispatch = useAppDispatch();
  const show = (value: unknown) => (typeof value === 'object' ? JSON.stringify(value) : String(value));
  return (
    <Modal
      opened
      onClose={() => undefined}
      withCloseButton={false}
      title="Another tab changed the same field"
      centered
    >
      <p>
        <strong>{conflict.mine.path.join(', ')}</strong> was changed here and in another tab.
      </p>
      <p>
        Here: <span className="reading">{show(conflict.mine.to)}</span>
      </p>
      <p>
        There: <span className="reading">{show(conflict.theirs.to)}</span>
      </p>
      <Group mt="md">
        <Button onClick={() => dispatch(decided({ conflict, keep: 'mine' }))}>Keep what is here</Button>
        <Button variant="default" onClick={() => dispatch(decided({ conflict, keep: 'theirs' }))}>
          Take what is there
        </Button>
      </Group>
    </Modal>
  );
}
