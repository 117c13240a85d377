import { IconAlertTriangle } from '@tabler/icons-react';
import type { ReactNode } from 'react';

/** A caution at the step where it matters. */
export function Caution({ children }: { readonly children: ReactNode }) {
  return (
    <div className="caution" role="note">
      <IconAlertTriangle aria-hidden="true" size={20} />
      <div>{children}</div>
    </div>
  );
}
