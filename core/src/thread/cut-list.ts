import type { Explained } from '../quantity/explained.ts';
import type { CoreSleeve } from './core-sleeve.ts';
import type { LeadPart } from './lead-part.ts';
import type { ThreadPlan } from './plan.ts';

/** A tube or sleeve with the length to cut it to. */
export type PartToCut = (LeadPart | CoreSleeve) & { readonly cutLength: Explained };

/** Pieces of one stock cut to one length: what is laid out before anything is threaded. */
export interface CutListRow {
  readonly name: string;
  readonly colour: string | null;
  readonly cutLength: Explained;
  readonly parts: readonly PartToCut[];
}

/** Every tube and sleeve that still goes on, with the length to cut it to: it is cut before anything is threaded. */
function partsToCut(
  parts: readonly LeadPart[],
  thread: ThreadPlan,
  sleeves: readonly CoreSleeve[],
): PartToCut[] {
  if (!thread.possible) return [];
  const threaded = partsToThread(parts, thread).filter(
    (part): part is LeadPart & PartToCut => part.cutLength !== undefined,
  );
  return [...threaded, ...sleeves];
}

/** Parts that still go on: not those of ends that are closed already. */
export function partsToThread(parts: readonly LeadPart[], thread: ThreadPlan): LeadPart[] {
  if (!thread.possible) return [];
  const goesOn = new Set(thread.moments.flatMap(({ moves }) => moves.map(({ part }) => part.id)));
  return parts.filter(({ id }) => goesOn.has(id));
}

/** The same, like pieces counted together. */
export function cutList(...given: Parameters<typeof partsToCut>): CutListRow[] {
  const rows = new Map<string, CutListRow>();
  for (const part of partsToCut(...given)) {
    const { name, colour = null, cutLength } = part;
    const key = [name, colour, cutLength.value.toFixed(5)].join('|');
    const row = rows.get(key) ?? { name, colour, cutLength, parts: [] };
    rows.set(key, { ...row, parts: [...row.parts, part] });
  }
  return [...rows.values()];
}
