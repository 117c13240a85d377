import type { UnitProgress } from '@gorvane/core/unit/progress.ts';
import { overBraid } from '@gorvane/core/cable/braid.ts';
import type { StepRole } from '@gorvane/core/recipe/role.ts';
import type { ShownEnd } from '@gorvane/core/plan/shown-plan.ts';
import type { CutLayer } from '@gorvane/core/strip/strip-plan.ts';
import { cutOf, findCut } from '@gorvane/core/strip/cut-of.ts';
import { conductorPaint } from './wire-colour.ts';

interface StrippedEndProps {
  readonly end: ShownEnd;
  readonly progress: UnitProgress | undefined;
  readonly scale: number;
}

/** Whether a step of an end of a role is done. */
export function isStepDone(progress: UnitProgress, endId: string, role: StepRole): boolean {
  return progress.steps.some(
    (step) => step.role === role && step.endId === endId && progress.done.has(step.id),
  );
}

/** What a unit's end looks like between the first cut and the body: the layers that have been bared, tip toward negative x. */
export function StrippedEnd({ end, progress, scale }: StrippedEndProps) {
  if (!progress) return null;
  const isDone = (role: StepRole) => isStepDone(progress, end.end.id, role);
  const spun = isDone('one-spin');
  const begun = spun || isDone('jacket') || isDone('dielectric');
  if (!begun || isDone('insert')) return null;
  const { cable, strip } = end;
  if (cable.structure !== 'coax' || strip.routes.length > 0) return <BaredCores end={end} scale={scale} />;
  const conductor = cutOf(strip, 'conductor').position.value;
  const at = (layer: CutLayer, step: StepRole, otherwise: number) =>
    spun || isDone(step) ? (findCut(strip, layer)?.position.value ?? otherwise) : otherwise;
  const dielectric = at('dielectric', 'dielectric', conductor);
  const shield = cable.tube ? at('tube', 'tube', dielectric) : at('braid', 'braid', dielectric);
  const layer = (className: string, to: number, diameter: number) => (
    <rect
      className={className}
      x={-Math.max(0, to) * scale}
      y={(-diameter * scale) / 2}
      width={Math.max(0, to) * scale}
      height={diameter * scale}
    />
  );
  return (
    <g>
      {layer('copper', conductor, cable.conductor.diameter)}
      {layer('milk', dielectric, cable.dielectric.diameter)}
      {strip.shield !== 'folded back' && layer('metal', shield, overBraid(cable))}
      {!spun && !isDone('jacket') && layer('jacket', dielectric, cable.jacket.diameter)}
      {isDone('contact') &&
        end.strip.section
          .filter(({ group }) => group === 'contact')
          .map((ring) => (
            <rect
              key={ring.name}
              className="pin-metal"
              x={-ring.to * scale}
              y={-(ring.outside[1] * scale) / 2}
              width={(ring.to - ring.from) * scale}
              height={ring.outside[1] * scale}
            />
          ))}
    </g>
  );
}

/** Cores and tail that stand out of the jacket, side by side. */
function BaredCores({ end, scale }: Pick<StrippedEndProps, 'end' | 'scale'>) {
  const { routes } = end.strip;
  const room = end.cable.jacket.diameter * scale * 1.6;
  return routes.map((route, index) => {
    const y = ((index + 0.5) / routes.length - 0.5) * room;
    const end_ = Math.max(6, route.end * scale);
    const insulated = Math.max(4, route.insulationEnd * scale);
    return (
      <g key={route.label}>
        <path d={`M 0 ${y} H ${-end_}`} stroke="var(--copper-metal)" strokeWidth={3} />
        <path d={`M 0 ${y} H ${-insulated}`} stroke={conductorPaint(route)} strokeWidth={5} />
      </g>
    );
  });
}
