import type { PracticeChange } from '@gorvane/core/plan/practice-change.ts';

/** Which steps of which leads a choice of practice changes. */
export function PracticeChanges({ changes }: { readonly changes: readonly PracticeChange[] }) {
  const count = changes.reduce(
    (sum, { added, removed, changed }) => sum + added.length + removed.length + changed.length,
    0,
  );
  const list = (word: string, titles: readonly string[]) =>
    titles.length > 0 ? `${word}: ${titles.join('; ')}. ` : '';
  return (
    <div className="advice" role="status">
      <p>
        {count === 0
          ? 'no step of any lead changes.'
          : `${count} ${count === 1 ? 'step' : 'steps'} of ${changes.length} ${changes.length === 1 ? 'lead' : 'leads'} change. Units already started keep the plan they were started with.`}
      </p>
      {changes.map(({ leadName, added, removed, changed }) => (
        <p key={leadName} className="soft">
          {leadName}. {list('New', added)}
          {list('Gone', removed)}
          {list('Other', changed)}
        </p>
      ))}
    </div>
  );
}
