/** Rejects when a worker cannot be started or breaks off, in words for who waits for it. */
export const brokenOff = (worker: Worker): Promise<never> =>
  new Promise<never>((_, reject) =>
    worker.addEventListener('error', ({ message }) => reject(new Error(brokenWords(message)))),
  );

/** @param message Not there where the worker did not come at all. */
const brokenWords = (message: string | undefined) =>
  `The part of the program that works in the background could not be started, or broke off${message ? ` (${message})` : ''}. Load the page again and try once more.`;
