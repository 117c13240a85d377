import type { LeadPart } from './lead-part.ts';

/** What the events of a threading plan are called. */
export const closeEventId = (endId: string) => `${endId}/close`;
export const shrinkEventId = (endId: string) => `${endId}/seal`;
export const proveEventId = 'prove';
export const labelEventId = 'label';
export const fixEventId = (partId: string) => `${partId}/fix`;
export const joinEventId = (nodeId: string) => `${nodeId}/join`;
export const splitEventId = (nodeId: string) => `${nodeId}/seal`;

/** Whether a part came with an end that was fitted before this work began. */
export const isFitted = ({ fixedBy }: Pick<LeadPart, 'fixedBy'>, fittedEndIds: readonly string[]) =>
  fittedEndIds.some((endId) => fixedBy === closeEventId(endId) || fixedBy === shrinkEventId(endId));
