import type { ReactNode } from 'react';

/** Nothing here yet: says so, and what to do. */
export function Empty({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <div className="empty">
      <h2>{title}</h2>
      <div>{children}</div>
    </div>
  );
}
