import { cutUncertainty } from '../house/house.ts';
import type { Stripper } from '../house/stripper.ts';
import type { Explained, Term } from '../quantity/explained.ts';
import { cutKey } from './cut-of.ts';
import { keptApart } from './joint-window.ts';
import { settingsOf } from './tool-settings.ts';
import type { CutLayer, StripCut, StripPlan } from './strip-plan.ts';

/** A cut as a method states it: where, how far it may be off, and what then happens. Metres. */
export interface CutDraft {
  readonly layer: CutLayer;
  readonly of?: string;
  readonly label: string;
  readonly position: Explained;
  readonly plus: number;
  readonly minus: number;
  /** The cut that is made in the same stroke. */
  readonly strokeOf?: CutLayer;
  readonly tooLong: string;
  readonly tooShort: string;
}

/** A strip as a method states it. */
export interface StripDraft
  extends
    Pick<StripPlan, 'endId' | 'rearLip' | 'covered' | 'section' | 'planes'>,
    Partial<Pick<StripPlan, 'datum' | 'shield' | 'contactRides' | 'routes' | 'windows'>> {
  readonly cuts: readonly CutDraft[];
  /** How it is cut where that is not as its tool cuts. */
  readonly cutWith?: keyof typeof cutUncertainty;
}

/** A length with the sum it came from. */
export function lengthOf(value: number, formula: string, terms: readonly Term[], source: string): Explained {
  return { value, kind: 'length', formula, terms: [...terms], source };
}

/** A clearance that a joint needs, as a term: an engineering value. */
export function clearanceTerm(label: string, value: number, symbol = 'g'): Term {
  return { label, value, kind: 'length', symbol };
}

/** A dimension of the cable, as a term: nominal until measured. */
export function cableTerm(label: string, value: number): Term {
  return { label, value, kind: 'length', assumed: true };
}

const toolNames: Readonly<Record<keyof typeof cutUncertainty, string>> = {
  tool: 'prep tool',
  blade: 'blade',
  saw: 'fine saw',
  coring: 'coring tool',
  flush: 'trimmed under the magnifier',
  lay: 'cut where it lies in the connector',
};

/** The windows between cuts that this strip has. */
function windowsBetween({ cuts, windows = [] }: StripDraft): Pick<StripPlan, 'windows'> {
  const has = (key: string) => cuts.some(({ layer, of = '' }) => cutKey({ layer, of }) === key);
  const open = windows.filter(({ behind, before }) => has(behind) && has(before));
  return open.length > 0 ? { windows: open } : {};
}

/** Completes a strip: distances from the cut end, and what its tool cannot hold and is set to. */
export function writeStrip(draft: StripDraft, stripper: Stripper): StripPlan {
  const cutWith = draft.cutWith ?? (stripper.kind === 'blade' ? 'blade' : 'tool');
  const uncertainty = cutUncertainty[cutWith];
  const longest = draft.cuts.map(({ position }) => position).reduce((a, b) => (b.value > a.value ? b : a));
  const end = longest.value;
  return {
    endId: draft.endId,
    datum: draft.datum ?? 'jacket edge',
    shield: draft.shield ?? 'forward',
    contactRides: draft.contactRides ?? false,
    rearLip: draft.rearLip,
    covered: draft.covered,
    section: draft.section,
    routes: draft.routes ?? [],
    planes: draft.planes,
    prepTool: settingsOf(stripper, draft.cuts),
    methodUncertainty: uncertainty,
    strippedWith: toolNames[cutWith],
    ...windowsBetween(draft),
    cuts: keptApart(draft.cuts, draft.windows ?? []).map((cut): StripCut => ({
      ...cut,
      of: cut.of ?? '',
      fromCutEnd: end - cut.position.value,
      beyondMethod: cut.strokeOf === undefined && Math.min(cut.plus, cut.minus) < uncertainty - 1e-9,
    })),
  };
}
