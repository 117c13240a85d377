import type { Shrink } from './house.ts';

/** A tube of the usual ratio of 3 to 1 is called by its supplied bore; one that shrinks further by both. */
const usualRatio = 3.3;

export function shrinkName({ supplied, recovered, adhesive }: Omit<Shrink, 'name' | 'outside'>): string {
  const mm = (metres: number) => Number((metres * 1e3).toFixed(1));
  const to = supplied > usualRatio * recovered ? ` to ${mm(recovered)}` : '';
  return `${adhesive ? 'adhesive ' : ''}shrink ${mm(supplied)}${to} mm`;
}
