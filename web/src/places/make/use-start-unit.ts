import { startUnit } from '../../data/units.ts';
import { useAppStore } from '../../draft/hooks.ts';
import { saveUnsaved } from '../../draft/save.ts';

/** Starts a unit from the lead as it now stands: what was changed a moment ago is in its plan. */
export function useStartUnit(): (unitId: string) => Promise<void> {
  const { dispatch, getState } = useAppStore();
  return async (unitId) => {
    await saveUnsaved(dispatch, getState);
    await startUnit(unitId);
  };
}
