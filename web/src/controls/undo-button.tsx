import { Button } from '@mantine/core';
import { stepToUndo, undone } from '../draft/draft-slice.ts';
import { useAppDispatch, useDraftState } from '../draft/hooks.ts';

/** Takes back the last change of what is open here, and says which that is. */
export function UndoButton() {
  const dispatch = useAppDispatch();
  const lastStep = useDraftState(stepToUndo);
  return (
    <Button variant="subtle" disabled={!lastStep} onClick={() => dispatch(undone())}>
      {lastStep ? `Undo “${lastStep.label}”` : 'Undo'}
    </Button>
  );
}
