import { useEffect } from 'react';
import { opened } from './draft-slice.ts';
import { useAppDispatch } from './hooks.ts';

/** While it is shown, undo and redo belong to what is open here; null where no record is edited. */
export function useUndoPlace(place: string | null): void {
  const dispatch = useAppDispatch();
  useEffect(() => {
    dispatch(opened(place));
    return () => void dispatch(opened(null));
  }, [dispatch, place]);
}
