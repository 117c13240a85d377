import type { ReactNode } from 'react';
import { useDraftState } from '../../draft/hooks.ts';

interface LabPageProps {
  readonly title: string;
  readonly inputs: ReactNode;
  readonly children: ReactNode;
  /** Above both, across the whole width. */
  readonly top?: ReactNode;
  readonly page: string;
  readonly problems: readonly string[];
}

/** Results at the left, inputs at the right; what could not be read is said above. */
export function LabPage({ title, inputs, children, top, page, problems }: LabPageProps) {
  const isStale = useDraftState((draft) =>
    Object.entries(draft.raw).some(([field, { error }]) => field.startsWith(`lab/${page}/`) && error !== ''),
  );
  return (
    <>
      {problems.length > 0 && (
        <p className="last-good" role="status">
          The address could not be read whole: {problems.join(' ')} The usual value stands there instead.
        </p>
      )}
      {isStale && (
        <p className="last-good" role="status">
          A field holds text that does not parse: figures are from the last values that did.
        </p>
      )}
      {top}
      <div className="lab-page">
        <section aria-label={title} className="lab-results">
          {children}
        </section>
        <aside aria-label="Inputs" className="lab-inputs no-print">
          {inputs}
        </aside>
      </div>
    </>
  );
}

/** Figures that answer the question, large. */
export function Answers({
  items,
}: {
  readonly items: readonly { readonly label: string; readonly value: ReactNode; readonly note?: string }[];
}) {
  return (
    <dl className="answers">
      {items.map(({ label, value, note }) => (
        <div key={label}>
          <dt>{label}</dt>
          <dd className="reading">{value}</dd>
          {note && <dd className="soft">{note}</dd>}
        </div>
      ))}
    </dl>
  );
}
