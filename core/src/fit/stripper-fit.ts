import { stripperFitWords } from '../words/stripper-fit.ts';
import type { LayeredCable } from '../cable/cable.ts';
import { grippedAt } from '../end/end-stripper.ts';
import type { House } from '../house/house.ts';
import type { Stripper, StripperOf } from '../house/stripper.ts';
import { takesDiameter } from '../house/stripper.ts';
import { formatMillimetres } from '../quantity/length.ts';
import { findCut } from '../strip/cut-of.ts';
import type { CutLayer, StripCut, StripPlan } from '../strip/strip-plan.ts';
import { bladesCutAt } from '../strip/tool-settings.ts';
import type { FitCheck, FitVerdict } from './clearance.ts';

/** What of a strip a tool does not make by itself. */
export interface StripperFinding {
  readonly verdict: Exclude<FitVerdict, 'fits'>;
  /** The cut that it is about; null where the tool does not take the cable at all. */
  readonly layer: CutLayer | null;
  readonly text: string;
}

const mm = (metres: number) => `${formatMillimetres(metres)} mm`;
/** Equal figures stay equal after the arithmetic of decimal millimetres. */
const rounding = 1e-8;

/** Whether a tool can make a strip, and what is left to do by hand where it makes it nearly. */
export function stripperFindings(
  stripper: Stripper,
  strip: StripPlan,
  cable: LayeredCable,
): StripperFinding[] {
  const { takes } = stripper;
  const gripped = grippedAt(cable);
  const size: StripperFinding[] = takesDiameter(stripper, gripped)
    ? []
    : [
        {
          verdict: 'does not fit',
          layer: null,
          text: stripperFitWords.takes(mm(takes.least), mm(takes.most), mm(gripped)),
        },
      ];
  return [...size, ...cutFindings(stripper, strip)];
}

function cutFindings(stripper: Stripper, strip: StripPlan): StripperFinding[] {
  if (stripper.kind === 'coring tool') return coringFinding(stripper, strip);
  const dielectric = findCut(strip, 'dielectric');
  if (!dielectric) return [];
  if (stripper.kind === 'two-position rotary tool')
    return (['braid', 'foil'] as const).flatMap((layer) => {
      const cut = findCut(strip, layer);
      return cut ? tooShort(cut, dielectric.position.value) : [];
    });
  if (stripper.kind === 'three-blade rotary tool') return bladeFindings(stripper, strip);
  return [];
}

const tooShort = (cut: StripCut, made: number): StripperFinding[] => {
  const least = cut.position.value - cut.minus;
  return made >= least - rounding
    ? []
    : [
        {
          verdict: 'does not fit',
          layer: cut.layer,
          text: `${cut.label}: it cuts at ${mm(made)} from the jacket edge, and this connector wants ${mm(least)} at least.`,
        },
      ];
};

/** Layers that are trimmed with scissors or cutters after the spin where they came out long. */
const trimmedByHand: readonly CutLayer[] = ['braid', 'foil', 'conductor'];

function bladeFindings(stripper: StripperOf<'three-blade rotary tool'>, strip: StripPlan): StripperFinding[] {
  return Object.entries(bladesCutAt(stripper)).flatMap(([layer, made]): StripperFinding[] => {
    const cut = findCut(strip, layer as CutLayer);
    if (!cut) return [];
    const most = cut.position.value + cut.plus;
    if (made <= most + rounding) return tooShort(cut, made);
    return trimmedByHand.includes(cut.layer)
      ? [
          {
            verdict: 'tight',
            layer: cut.layer,
            text: `${cut.label}: it comes out ${mm(made - cut.position.value)} long. Trim it by hand after the spin.`,
          },
        ]
      : [
          {
            verdict: 'does not fit',
            layer: cut.layer,
            text: `${cut.label}: it cuts at ${mm(made)} from the jacket edge, and this connector wants ${mm(most)} at most.`,
          },
        ];
  });
}

/** A coring tool with a fixed stop clears the dielectric as deep as it is, no more and no less. */
function coringFinding({ depth }: StripperOf<'coring tool'>, strip: StripPlan): StripperFinding[] {
  const dielectric = findCut(strip, 'dielectric');
  const tube = findCut(strip, 'tube');
  if (depth === null || !dielectric || !tube) return [];
  const wanted = tube.position.value - dielectric.position.value;
  // Cored deeper, the dielectric ends further back: its tolerance toward the jacket is room for depth.
  const [least, most] = [wanted - dielectric.plus, wanted + dielectric.minus];
  if (depth >= least - rounding && depth <= most + rounding) return [];
  return [
    {
      verdict: 'does not fit',
      layer: 'dielectric',
      text: stripperFitWords.cores(mm(depth), mm(least), mm(most)),
    },
  ];
}

/** The tool of an end as a check of its fit: whether the shop has it, and whether it makes this strip. */
export function stripperFit(
  { stripper, house, cable }: { stripper: Stripper; house: House; cable: LayeredCable },
  strip: StripPlan,
): FitCheck {
  const owned = house.strippers.some(({ id }) => id === stripper.id);
  const findings = stripperFindings(stripper, strip, cable);
  const worst = findings.some(({ verdict }) => verdict === 'does not fit') ? 'does not fit' : 'tight';
  return {
    id: 'stripper',
    label: stripperFitWords.label,
    about: 'tool',
    kind: 'yes or no',
    verdict: !owned ? 'does not fit' : findings.length === 0 ? 'fits' : worst,
    one: stripper.name,
    other: `${grippedAt(cable) === cable.jacket.diameter ? 'jacket' : 'tube'} of ${mm(grippedAt(cable))}`,
    consequence: [
      ...(owned ? [] : [stripperFitWords.missing(stripper.kind)]),
      ...findings.map(({ text }) => text),
    ].join(' '),
  };
}
