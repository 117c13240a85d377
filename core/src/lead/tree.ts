import type { Lead } from './lead.ts';

/** A lead whose tree, pieces or pin plan contradict each other. */
export class LeadError extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'LeadError';
  }
}

/**
 * Refuses a lead that is not one tree with an end on every leaf, pieces that run along connected legs, and a pin plan
 * that names only what exists. Archives and drafts pass through here.
 * @throws LeadError saying what was found and what was expected.
 */
export function checkLead(lead: Lead): Lead {
  const nodeIds = new Set(lead.nodes.map(({ id }) => id));
  const degree = new Map<string, number>();
  for (const leg of lead.legs) {
    for (const nodeId of [leg.fromNodeId, leg.toNodeId]) {
      if (!nodeIds.has(nodeId))
        throw new LeadError(`Leg ${leg.id} hangs on node "${nodeId}", which the lead does not have.`);
      degree.set(nodeId, (degree.get(nodeId) ?? 0) + 1);
    }
  }
  if (lead.legs.length !== lead.nodes.length - 1 || reachable(lead).size !== lead.nodes.length)
    throw new LeadError(
      `Expected one tree; found ${lead.nodes.length} nodes and ${lead.legs.length} legs that do not make one.`,
    );
  for (const node of lead.nodes) {
    const isLeaf = degree.get(node.id) === 1;
    const ends = lead.ends.filter((end) => end.nodeId === node.id).length;
    if (isLeaf !== (node.kind === 'end') || ends !== (isLeaf ? 1 : 0))
      throw new LeadError(
        `Node ${node.id}: expected exactly one end on every leaf and none elsewhere, found ${ends}.`,
      );
  }
  checkParts(lead);
  for (const piece of lead.pieces) checkPiece(lead, piece.id, piece.legIds);
  for (const { pieceId, endId } of lead.pinPlan) {
    if (!lead.pieces.some(({ id }) => id === pieceId))
      throw new LeadError(`The pin plan names piece "${pieceId}", which is not there.`);
    if (!lead.ends.some(({ id }) => id === endId))
      throw new LeadError(`The pin plan names end "${endId}", which is not there.`);
  }
  return lead;
}

function checkParts(lead: Lead): void {
  for (const [index, { id }] of lead.extraParts.entries())
    if (lead.extraParts.findIndex((part) => part.id === id) !== index)
      throw new LeadError(`The part "${id}" is listed twice: take one of them off the lead.`);
}

function checkPiece(lead: Lead, pieceId: string, legIds: readonly string[]): void {
  let open: string[] | undefined;
  for (const legId of legIds) {
    const leg = lead.legs.find(({ id }) => id === legId);
    if (!leg) throw new LeadError(`Piece ${pieceId} runs along leg "${legId}", which is not there.`);
    const nodes = [leg.fromNodeId, leg.toNodeId];
    const shared = open?.find((node) => nodes.includes(node));
    if (open && !shared)
      throw new LeadError(`Piece ${pieceId}: leg ${legId} does not follow on the one before it.`);
    open = nodes.filter((node) => node !== shared);
  }
}

function reachable(lead: Lead): Set<string> {
  const seen = new Set<string>();
  const waiting = [lead.nodes[0]!.id];
  for (let node = waiting.pop(); node !== undefined; node = waiting.pop()) {
    if (seen.has(node)) continue;
    seen.add(node);
    for (const { fromNodeId, toNodeId } of lead.legs) {
      if (fromNodeId === node) waiting.push(toNodeId);
      if (toNodeId === node) waiting.push(fromNodeId);
    }
  }
  return seen;
}
