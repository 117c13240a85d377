import { useEffect } from 'react';

/** Keeps the screen awake while something is built; asked for again whenever the page comes back into sight. */
export function useWakeLock(): void {
  useEffect(() => {
    if (!('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    let left = false;
    const ask = async () => {
      if (document.visibilityState !== 'visible' || left) return;
      const granted = await navigator.wakeLock.request('screen');
      if (left) await granted.release();
      else lock = granted;
    };
    // A browser that saves power may refuse: the work goes on, the screen just dims.
    const askQuietly = () => void ask().catch(() => undefined);
    askQuietly();
    document.addEventListener('visibilitychange', askQuietly);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', askQuietly);
      void lock?.release().catch(() => undefined);
    };
  }, []);
}
