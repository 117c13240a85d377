import { bendRadius } from '../cable/body.ts';
import type { CoaxCable } from '../cable/cable.ts';
import type { Lead } from '../lead/lead.ts';
import type { Term } from '../quantity/explained.ts';
import { formatMillimetres } from '../quantity/length.ts';

export type Bend = Lead['bends'][number];

/** Straight cable wanted between a bend and the next one or a connector, x outside diameter. Engineering value. */
const straightDiameters = 2;

/** From the vertex back to where the bend begins, metres: `R tan(angle / 2)`. Source: geometry. */
export function setbackOf({ radius, angle }: Bend): number {
  return radius * Math.tan(angle / 2);
}

/**
 * How much shorter the centre line is than the two straight legs to the vertex, metres: `2 R tan(angle/2) - R angle`.
 * Source: geometry; the centre line keeps its length.
 */
export function bendAllowance(bend: Bend): number {
  return 2 * setbackOf(bend) - bend.radius * bend.angle;
}

/** What the bends take off the finished length to give the developed one. */
export function bendTerms(bends: readonly Bend[]): Term[] {
  return bends.map((bend, index) => ({
    label: `Bend ${index + 1}, ${Math.round((bend.angle * 180) / Math.PI)}° at ${formatMillimetres(bend.radius)} mm radius`,
    value: -bendAllowance(bend),
    kind: 'length',
  }));
}

/** Bends that the cable does not take, in words: sharper than allowed, too close, beyond the end. */
export function bendProblems(lead: Lead, cable: CoaxCable): string[] {
  const total = lead.legs.reduce((sum, { finishedLength }) => sum + finishedLength, 0);
  const least = bendRadius(cable)?.once ?? 0;
  const straight = straightDiameters * cable.jacket.diameter;
  const mm = (metres: number) => `${formatMillimetres(metres)} mm`;
  const sorted = [...lead.bends].sort((a, b) => a.at - b.at);
  return sorted.flatMap((bend, index) => {
    const problems: string[] = [];
    if (bend.radius < least - 1e-9)
      problems.push(
        `Bend ${index + 1}: radius ${mm(bend.radius)}; ${cable.name} takes no less than ${mm(least)}.`,
      );
    const before = index === 0 ? 0 : sorted[index - 1]!.at + setbackOf(sorted[index - 1]!);
    if (bend.at - setbackOf(bend) - before < straight)
      problems.push(
        `Bend ${index + 1}: only ${mm(Math.max(0, bend.at - setbackOf(bend) - before))} straight before it; expected ${mm(straight)}.`,
      );
    if (index === sorted.length - 1 && total - bend.at - setbackOf(bend) < straight)
      problems.push(
        `Bend ${index + 1}: only ${mm(Math.max(0, total - bend.at - setbackOf(bend)))} straight after it; expected ${mm(straight)}.`,
      );
    return problems;
  });
}
