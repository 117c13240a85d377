import type { Explained } from '../quantity/explained.ts';
import type { LeadPart } from './lead-part.ts';
import type { ThreadPlan } from './plan.ts';

/** A tube or sleeve with the length to cut it to. */
export type PartToCut = LeadPart & { readonly cutLength: Explained };

/** Every tube and sleeve that still goes on, with the length to cut it to: it is cut before it is threaded. */
export function partsToCut(parts: readonly LeadPart[], thread: ThreadPlan): PartToCut[] {
  if (!thread.possible) return [];
  const goesOn = new Set(thread.moments.flatMap(({ moves }) => moves.map(({ part }) => part.id)));
  return parts.filter((part): part is PartToCut => part.cutLength !== undefined && goesOn.has(part.id));
}
