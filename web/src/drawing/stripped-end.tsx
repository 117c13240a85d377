import type { UnitProgress } from '@gorvane/core/build/progress.ts';
import { overBraid } from '@gorvane/core/cable/braid.ts';
import type { EndPlan } from '@gorvane/core/plan/lead-plan.ts';
import { cutOf } from '@gorvane/core/strip/strip-plan.ts';

interface StrippedEndProps {
  readonly end: EndPlan;
  readonly progress: UnitProgress | undefined;
  readonly scale: number;
}

/** What a unit's end looks like between the first cut and the body: the layers that have been bared, tip toward negative x. */
export function StrippedEnd({ end, progress, scale }: StrippedEndProps) {
  if (!progress) return null;
  const isDone = (name: string) =>
    progress.steps.some(
      (step) => step.name === name && step.endId === end.end.id && progress.done.has(step.id),
    );
  if (!isDone('jacket') || isDone('insert')) return null;
  const { cable, strip, card } = end;
  const conductor = cutOf(strip, 'conductor').position.value;
  const dielectric = isDone('dielectric') ? cutOf(strip, 'dielectric').position.value : conductor;
  const braid = isDone('braid') ? cutOf(strip, 'braid').position.value : dielectric;
  const layer = (className: string, to: number, diameter: number) => (
    <rect
      className={className}
      x={-to * scale}
      y={(-diameter * scale) / 2}
      width={to * scale}
      height={diameter * scale}
    />
  );
  return (
    <g>
      {layer('copper', conductor, cable.conductor.diameter)}
      {isDone('contact') &&
        layer(
          'pin-metal',
          dielectric + card.features.pinBoreDepth.value + 3e-3,
          card.features.pinOutside.value,
        )}
      {layer('milk', dielectric, cable.dielectric.diameter)}
      {layer('metal', braid, overBraid(cable))}
    </g>
  );
}
