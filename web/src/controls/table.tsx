import type { ReactNode } from 'react';
import { useCallback, useState } from 'react';

/** The title of a column; figures stand right so that their places line up. The corner of a matrix has none. */
export type Column = ReactNode | { readonly figures: ReactNode } | null;

interface TableProps {
  /** Titles of the columns; a table of names and their values has none. */
  readonly head?: readonly Column[];
  readonly caption?: ReactNode;
  /** Its name, where no heading stands over it. */
  readonly label?: string;
  readonly className?: string;
  /** Where each column begins, as a part of the width; by what stands in them otherwise. */
  readonly columns?: readonly number[];
  readonly children: ReactNode;
}

/**
 * Every table of the application, its rows as children. Where there is too little room it is moved sideways by itself and
 * not with the page, by keyboard, too.
 */
export function Table({ head, caption, label, className = '', columns, children }: TableProps) {
  const [scrolls, setScrolls] = useState(false);
  const box = useCallback((element: HTMLDivElement | null) => {
    if (!element) return undefined;
    const observer = new ResizeObserver(() => setScrolls(element.scrollWidth > element.clientWidth));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return (
    <div
      ref={box}
      className="scroll-x"
      {...(scrolls ? { tabIndex: 0, role: 'group', 'aria-label': label ?? 'Table' } : undefined)}
    >
      <table className={`plain-table ${className}`.trim()} aria-label={label}>
        {caption && <caption>{caption}</caption>}
        {columns && (
          <colgroup>
            {columns.map((from, n) => (
              <col key={from} style={{ width: `${((columns[n + 1] ?? 1) - from) * 100}%` }} />
            ))}
          </colgroup>
        )}
        {head && (
          <thead>
            <tr>{head.map((column, index) => title(column, index))}</tr>
          </thead>
        )}
        <tbody>{children}</tbody>
      </table>
    </div>
  );
}

function title(column: Column, index: number): ReactNode {
  if (column === null) return <td key={index} />;
  const isFigures = typeof column === 'object' && 'figures' in column;
  return (
    <th key={index} scope="col" className={isFigures ? 'number' : undefined}>
      {isFigures ? column.figures : column}
    </th>
  );
}
