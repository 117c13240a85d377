import { useEffect, useState } from 'react';

/** What this browser promises of its storage. */
export interface StorageState {
  /** It has promised not to put the data away when it runs short. */
  readonly isPersisted: boolean;
  /** Bytes used and left; undefined where the browser does not say. */
  readonly used: number | undefined;
  readonly left: number | undefined;
}

/** Asks the browser to keep the data also when storage runs short; it may say no. */
export async function askToPersist(): Promise<void> {
  if (!(await navigator.storage?.persisted?.())) await navigator.storage?.persist?.();
}

/** Whether the data are kept for good, and the space that is left; undefined while it is asked, or where nobody says. */
export function useStorageState(): StorageState | undefined {
  const [state, setState] = useState<StorageState | undefined>();
  useEffect(() => {
    const ask = async () => {
      const { storage } = navigator;
      if (!storage?.estimate) return;
      const [isPersisted, { usage, quota }] = await Promise.all([
        storage.persisted?.() ?? false,
        storage.estimate(),
      ]);
      setState({
        isPersisted,
        used: usage,
        left: usage === undefined || quota === undefined ? undefined : quota - usage,
      });
    };
    ask().catch(() => undefined);
  }, []);
  return state;
}
