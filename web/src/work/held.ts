import { useEffect, useState } from 'react';

/** The lock of whoever reads a file in; it ends with the tab that has it, whatever becomes of that tab. */
const name = 'gorvane reads a file in';

/**
 * Does work during which all tables are held, and tells every other tab of this browser that it waits; begins when no
 * other tab does such work. @throws whatever the signal says when it is given up before it began.
 */
export function holding<Result>(signal: AbortSignal, work: () => Promise<Result>): Promise<Result> {
  return navigator.locks.request(name, { signal }, async () => {
    const others = new BroadcastChannel(name);
    others.postMessage('held');
    try {
      return await work();
    } finally {
      others.close();
    }
  });
}

/** Whether another tab reads a file in at present: whatever is asked of the database waits for it. */
export function useHeldElsewhere(): boolean {
  const [isHeld, setHeld] = useState(false);
  useEffect(() => {
    if (!('locks' in navigator)) return;
    const leaving = new AbortController();
    const untilFree = async () => {
      setHeld(true);
      await navigator.locks.request(name, { mode: 'shared', signal: leaving.signal }, () => setHeld(false));
    };
    const look = () =>
      navigator.locks
        .request(name, { mode: 'shared', ifAvailable: true }, (lock) => lock === null)
        .then((isTaken) => (isTaken ? untilFree() : undefined))
        // Leaving the page ends the waiting.
        .catch(() => undefined);
    const others = new BroadcastChannel(name);
    others.onmessage = () => void look();
    void look();
    return () => {
      others.close();
      leaving.abort();
    };
  }, []);
  return isHeld;
}
