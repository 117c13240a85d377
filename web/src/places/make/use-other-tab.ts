import { useEffect, useState } from 'react';

/** Whether this unit is open in another tab of this browser, too; told by a lock that only one of them holds. */
export function useOtherTab(unitId: string): boolean {
  const [other, setOther] = useState(false);
  useEffect(() => {
    if (!('locks' in navigator)) return;
    const leaving = new AbortController();
    const name = `gorvane unit ${unitId}`;
    const untilLeft = () =>
      new Promise<void>((resolve) => leaving.signal.addEventListener('abort', () => resolve()));
    const hold = async () => {
      if (leaving.signal.aborted) return;
      setOther(false);
      await untilLeft();
    };
    const ask = async () => {
      const taken = await navigator.locks.request(name, { ifAvailable: true }, async (lock) => {
        if (lock) await hold();
        return lock === null;
      });
      if (!taken || leaving.signal.aborted) return;
      setOther(true);
      await navigator.locks.request(name, { signal: leaving.signal }, hold);
    };
    ask().catch(() => undefined);
    return () => leaving.abort();
  }, [unitId]);
  return other;
}
