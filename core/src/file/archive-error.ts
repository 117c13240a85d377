/** A file that is not an archive that this program can take, with the reason for a person. */
export class ArchiveError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'ArchiveError';
  }
}

/** A record that cannot be read, and why. */
export interface UnreadRecord {
  readonly table: string;
  readonly message: string;
}
