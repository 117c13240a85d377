import type { Stripper, StripperOf } from '../house/stripper.ts';
import type { Explained, Term } from '../quantity/explained.ts';
import { assumedTerms } from '../quantity/explained.ts';
import type { CutLayer, StripPlan } from './strip-plan.ts';

/** A cut as far as the tool that makes it asks. */
interface Cut {
  readonly layer: CutLayer;
  readonly label: string;
  readonly position: Explained;
}

const source = 'geometry';

/** Where a tool with stops or with blades a fixed distance apart cuts, metres from the squared end; nothing of any other. */
export function settingsOf(stripper: Stripper, cuts: readonly Cut[]): StripPlan['prepTool'] {
  const isCoaxial = cuts.some(({ layer }) => layer === 'dielectric');
  if (!isCoaxial) return [];
  if (stripper.kind === 'two-position rotary tool') return stopsOf(cuts);
  return stripper.kind === 'three-blade rotary tool' ? bladesOf(stripper) : [];
}

/** A cut as a term: assumed where its own figure hangs on something assumed. */
const termOf = ({ label, position }: Cut, sign: 1 | -1): Term => ({
  label,
  value: sign * position.value,
  kind: 'length',
  ...(assumedTerms(position).length > 0 ? { assumed: true } : {}),
});

/** The first cut bares the conductor, the second takes the jacket. */
function stopsOf(cuts: readonly Cut[]): StripPlan['prepTool'] {
  const last = cuts.reduce((a, b) => (b.position.value > a.position.value ? b : a));
  const end = termOf(last, 1);
  const dielectric = cuts.find(({ layer }) => layer === 'dielectric')!;
  const cut = termOf(dielectric, -1);
  const from = (terms: Term[], formula: string): Explained => ({
    value: terms.reduce((sum, { value }) => sum + value, 0),
    kind: 'length',
    formula,
    terms,
    source,
  });
  return [
    { label: 'first cut', at: from([end, cut], 'conductor end - dielectric end') },
    { label: 'second cut', at: from([end], 'conductor end, from the jacket edge') },
  ];
}

/** Where three blades that stand a fixed distance apart cut, metres from the jacket edge that they leave. */
export const bladesCutAt = ({ bares }: StripperOf<'three-blade rotary tool'>) => ({
  braid: bares.braid,
  foil: bares.braid,
  dielectric: bares.braid + bares.dielectric,
  conductor: bares.braid + bares.dielectric + bares.conductor,
});

function bladesOf({ bares, name }: StripperOf<'three-blade rotary tool'>): StripPlan['prepTool'] {
  const rows = [
    ['to the conductor', [['Conductor bared', bares.conductor]]],
    [
      'to the dielectric',
      [
        ['Conductor bared', bares.conductor],
        ['Dielectric bared', bares.dielectric],
      ],
    ],
    [
      'through the jacket',
      [
        ['Conductor bared', bares.conductor],
        ['Dielectric bared', bares.dielectric],
        ['Braid bared', bares.braid],
      ],
    ],
  ] as const;
  return rows.map(([label, parts]) => ({
    label,
    at: {
      value: parts.reduce((sum, [, value]) => sum + value, 0),
      kind: 'length',
      formula: 'blades, added up from the end',
      terms: parts.map(([part, value]) => ({ label: part, value, kind: 'length' })),
      source: `blades of the ${name}`,
    },
  }));
}
