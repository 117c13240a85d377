/** Long work says how far it is, and stops where it is told to. */
export interface GoingOn {
  readonly progress: (done: number, of: number) => void;
  /** @throws Stopped when it was told to stop. */
  readonly check: () => void;
}

/** Somebody stopped it: nothing of it stays. */
export class Stopped extends Error {
  constructor() {
    super('Stopped.');
    this.name = 'Stopped';
  }
}

/** Milliseconds between one telling and the next: nobody reads faster, and each draws the screen again. */
const pause = 150;

/** Tells how far work is, as often as somebody can read it, and at its end. @param now Milliseconds. */
export function unhurried(tell: GoingOn['progress'], now: () => number = Date.now): GoingOn['progress'] {
  let last = -Infinity;
  return (done, of) => {
    if (done < of && now() - last < pause) return;
    last = now();
    tell(done, of);
  };
}

/** Work that nobody watches. */
export const unwatched: GoingOn = { progress: () => undefined, check: () => undefined };
