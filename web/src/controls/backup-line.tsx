import { Link } from 'react-router';
import type { BackupState } from '../data/backup.ts';
import { useBackup } from '../data/backup.ts';
import { useTimes } from './writing.ts';

/** When the last export was, and what is newer. */
export function backupWords({ at, newer }: BackupState, timeOf: (at: string) => string): string {
  const since = `${newer} ${newer === 1 ? 'entry is' : 'entries are'} newer`;
  return at === null
    ? `Nothing has been exported yet; ${newer} ${newer === 1 ? 'entry is' : 'entries are'} in this browser only.`
    : `Last export or fresh start ${timeOf(at)}; ${newer === 0 ? 'nothing is newer' : since}.`;
}

/** Said where the day begins, once it is time for an export. */
export function BackupReminder() {
  const state = useBackup();
  const timeOf = useTimes();
  if (!state?.isDue) return null;
  return (
    <p className="advice">
      <strong>Export again.</strong> {backupWords(state, timeOf)}{' '}
      <Link to="/house#data">Export in House</Link>
    </p>
  );
}
