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

/** Work that nobody watches. */
export const unwatched: GoingOn = { progress: () => undefined, check: () => undefined };
