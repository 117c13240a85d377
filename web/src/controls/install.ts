import { useSyncExternalStore } from 'react';

/** What a browser hands over where this page can be put among its applications. */
interface InstallOffer extends Event {
  readonly prompt: () => Promise<unknown>;
}

let offer: InstallOffer | undefined;
const listeners = new Set<() => void>();

function set(next: InstallOffer | undefined): void {
  offer = next;
  listeners.forEach((tell) => tell());
}

/** Keeps the browser's offer until somebody takes it in House; it comes once, soon after the page is opened. */
export function watchInstall(): void {
  window.addEventListener('beforeinstallprompt', (event) => {
    event.preventDefault();
    set(event as InstallOffer);
  });
  window.addEventListener('appinstalled', () => set(undefined));
}

/** Puts the application on this computer; undefined where the browser does not offer it, or it is there. */
export function useInstall(): (() => Promise<void>) | undefined {
  const current = useSyncExternalStore(
    (tell) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
    () => offer,
  );
  if (!current) return undefined;
  return async () => {
    // An offer can be taken once; the browser makes another when it was declined.
    set(undefined);
    await current.prompt();
  };
}
