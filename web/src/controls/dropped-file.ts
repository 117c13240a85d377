let waiting: File | undefined;
let listener: ((file: File) => void) | undefined;

/** Hands over a file that was dropped somewhere on the application, or keeps it until the page that takes it is open. */
export function giveDroppedFile(file: File): void {
  if (listener) listener(file);
  else waiting = file;
}

/** Takes files that are dropped from now on, and the one that waits. Returns what ends it. */
export function takeDroppedFiles(take: (file: File) => void): () => void {
  listener = take;
  const file = waiting;
  waiting = undefined;
  if (file) take(file);
  return () => {
    if (listener === take) listener = undefined;
  };
}
