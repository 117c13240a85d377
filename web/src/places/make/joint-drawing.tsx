import { isCoaxial } from '@gorvane/core/connector/connector.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import type { ShownEnd } from '@gorvane/core/plan/shown-plan.ts';
import { LugsFromAbove } from '../../drawing/lugs-from-above.tsx';
import { PinFace } from '../../drawing/pin-face.tsx';

interface JointDrawingProps {
  readonly end: ShownEnd;
  /** The joints of this end in the order in which they are made. */
  readonly joints: readonly Step[];
  /** The contact at hand, where it is one. */
  readonly contact: string | undefined;
  readonly size: number;
}

/** The side that is joined: lugs from above as they lie, every other end as its solder side. */
export function JointDrawing({ end, joints, contact, size }: JointDrawingProps) {
  const { connector } = end;
  if (connector.method === 'low-profile jack' || connector.method === 'solder lugs')
    return <LugsFromAbove joints={joints} contact={contact} />;
  if (isCoaxial(connector)) return null;
  return (
    <PinFace
      connector={connector}
      side="solder side"
      joints={end.input.joints}
      contact={contact}
      size={size}
    />
  );
}
