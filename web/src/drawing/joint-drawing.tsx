import { isCoaxial, seriesAndSex } from '@gorvane/core/connector/connector.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import type { ShownEnd } from '@gorvane/core/plan/shown-plan.ts';
import { LugsFromAbove } from './lugs-from-above.tsx';
import { PinFace } from './pin-face.tsx';

interface JointDrawingProps {
  readonly end: ShownEnd;
  /** Steps that make a joint, in their order; those of other ends are left out. */
  readonly joints: readonly Step[];
  /** The contact at hand, where it is one. */
  readonly contact?: string | undefined;
  readonly size: number;
  /** Lugs have a line below them that says what they are: the screen that shows them does not. */
  readonly named?: boolean;
}

const hasLugs = ({ method }: ShownEnd['connector']) =>
  method === 'low-profile jack' || method === 'solder lugs';

/** The side that is joined: lugs from above as they lie, every other end as its solder side. */
export function JointDrawing({ end, joints, contact, size, named = false }: JointDrawingProps) {
  const { connector } = end;
  const lugs = joints.filter(({ endId }) => endId === end.end.id);
  if (hasLugs(connector) && lugs.length > 0)
    return (
      <figure className="lugs-face">
        <LugsFromAbove joints={lugs} conductors={end.input.joints} contact={contact} />
        {named && (
          <figcaption className="soft">
            <strong>{seriesAndSex(connector)}</strong>, lugs from above, numbered as they are soldered
          </figcaption>
        )}
      </figure>
    );
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
