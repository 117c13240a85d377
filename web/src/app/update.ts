import { useSyncExternalStore } from 'react';

/** A newer program lies ready: it takes over when somebody asks for it, never in the middle of work. */
let ready: ServiceWorker | undefined;
let isAsked = false;
const listeners = new Set<() => void>();

function setReady(worker: ServiceWorker | null): void {
  if (!worker || !navigator.serviceWorker.controller) return;
  ready = worker;
  for (const tell of listeners) tell();
}

/** Registers the service worker and watches for a newer one. */
export async function watchUpdates(): Promise<void> {
  const registration = await navigator.serviceWorker.register('/sw.js');
  setReady(registration.waiting);
  registration.addEventListener('updatefound', () => {
    const { installing } = registration;
    installing?.addEventListener('statechange', () => {
      if (installing.state === 'installed') setReady(installing);
    });
  });
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') registration.update().catch(() => undefined);
  });
  navigator.serviceWorker.addEventListener('controllerchange', () => {
    if (isAsked) window.location.reload();
  });
}

/** Lets the newer program take over, and loads this page again with it. */
export function takeUpdate(): void {
  isAsked = true;
  ready?.postMessage({ type: 'SKIP_WAITING' });
}

/** Whether a newer program lies ready. */
export const useUpdateReady = (): boolean =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => ready !== undefined,
  );
