import { formatMillimetres } from '../quantity/length.ts';
import { cutKey, stripLength } from './cut-of.ts';
import type { StripPlan } from './strip-plan.ts';

/** One line across the cable on a template at true size. Metres from the cut end. */
export interface TemplateLine {
  readonly label: string;
  readonly fromCutEnd: number;
  readonly plus: number;
  readonly minus: number;
}

/** A strip at true size, the cable laid on it with its cut end at 0. Metres. */
export interface StripTemplate {
  readonly title: string;
  readonly diameter: number;
  /** What is drawn of the cable. */
  readonly length: number;
  readonly lines: readonly TemplateLine[];
}

/** Jacket that is drawn behind the datum, metres. */
const behind = 15e-3;

/**
 * The template of one end: the datum and every cut counted from the squared cut end, since that is what a cable is laid
 * against. Cuts at the same place share a line. A tool with stops or fixed blades has its settings in the title.
 */
export function stripTemplate(plan: StripPlan, diameter: number, title: string): StripTemplate {
  const strip = stripLength(plan).value;
  const lines = new Map<string, TemplateLine>();
  const add = (line: TemplateLine) => {
    const key = line.fromCutEnd.toFixed(5);
    const same = lines.get(key);
    lines.set(key, same ? { ...same, label: `${same.label}, ${line.label}` } : line);
  };
  add({ label: plan.datum, fromCutEnd: strip, plus: 0, minus: 0 });
  for (const cut of plan.cuts)
    add({
      label: cutKey(cut),
      fromCutEnd: strip - cut.position.value,
      plus: cut.minus,
      minus: cut.plus,
    });
  const far = Math.max(...[...lines.values()].map(({ fromCutEnd }) => fromCutEnd));
  const stops = plan.prepTool.map(({ label, at }) => `${label} ${formatMillimetres(at.value)} mm`);
  return {
    title: [title, ...(stops.length > 0 ? [`tool: ${stops.join(', ')}`] : [])].join('; '),
    diameter,
    length: far + behind,
    lines: [...lines.values()].sort((a, b) => a.fromCutEnd - b.fromCutEnd),
  };
}
