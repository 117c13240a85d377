import { bendWords } from '../words/bend.ts';
import { decimalOf } from '../quantity/number.ts';
import { bendRadius } from '../cable/body.ts';
import type { LayeredCable } from '../cable/cable.ts';
import type { Lead } from '../lead/lead.ts';
import type { Term } from '../quantity/explained.ts';
import { formatMillimetres, parsePositiveLength } from '../quantity/length.ts';
import { QuantityError } from '../quantity/quantity-error.ts';

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
export function bendProblems(lead: Lead, cable: LayeredCable): string[] {
  const total = lead.legs.reduce((sum, { finishedLength }) => sum + finishedLength, 0);
  const least = bendRadius(cable)?.once ?? 0;
  const straight = straightDiameters * cable.jacket.diameter;
  const mm = (metres: number) => `${formatMillimetres(metres)} mm`;
  const sorted = [...lead.bends].sort((a, b) => a.at - b.at);
  return sorted.flatMap((bend, index) => {
    const problems: string[] = [];
    if (bend.radius < least - 1e-9)
      problems.push(bendWords.tooSharp(index + 1, mm(bend.radius), cable.name, mm(least)));
    const before = index === 0 ? 0 : sorted[index - 1]!.at + setbackOf(sorted[index - 1]!);
    if (bend.at - setbackOf(bend) - before < straight)
      problems.push(
        bendWords.tooCloseBefore(
          index + 1,
          mm(Math.max(0, bend.at - setbackOf(bend) - before)),
          mm(straight),
        ),
      );
    if (index === sorted.length - 1 && total - bend.at - setbackOf(bend) < straight)
      problems.push(
        bendWords.tooCloseAfter(index + 1, mm(Math.max(0, total - bend.at - setbackOf(bend))), mm(straight)),
      );
    return problems;
  });
}

const expected = 'bends such as 150 mm 90° r12; 300 mm 45° r12, or none';

/**
 * Reads bends: vertex from the first end, angle in degrees, radius of the centre line; several with a semicolon.
 * @throws QuantityError when a part is not understood or an angle is not between 0 and 180.
 */
export function parseBends(text: string): Bend[] {
  const parts = text.split(';').map((part) => part.trim());
  if (text.trim() === '' || /^none$/i.test(text.trim())) return [];
  return parts
    .map((part): Bend => {
      const match = /^(.+?)\s+([\d.,]+)\s*(?:°|deg(?:rees?)?)?\s+r\s*(.+)$/i.exec(part);
      const degrees = decimalOf(match?.[2] ?? '');
      if (!match || !(degrees > 0 && degrees < 180)) throw new QuantityError(part, expected);
      return {
        at: parsePositiveLength(match[1]!, 1000),
        angle: (degrees * Math.PI) / 180,
        radius: parsePositiveLength(match[3]!, 10),
      };
    })
    .sort((a, b) => a.at - b.at);
}

/** Bends as `parseBends` reads them. */
export function formatBends(bends: readonly Bend[]): string {
  if (bends.length === 0) return 'none';
  return bends
    .map(
      ({ at, angle, radius }) =>
        `${formatMillimetres(at)} mm ${Number(((angle * 180) / Math.PI).toFixed(1))}° r${formatMillimetres(radius)}`,
    )
    .join('; ');
}
