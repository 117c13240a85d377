import { branchesDiameter, legDiameter } from '../lead/bundle.ts';
import { featureValue } from '../connector/gauge-card.ts';
import type { AnyEndInput } from '../end/end-input.ts';
import { bundleDiameter } from '../cable/bundle.ts';
import { methodOf } from '../method/methods.ts';
import type { House } from '../house/house.ts';
import type { Lead, LeadEnd } from '../lead/lead.ts';
import type { ThreadPreference } from '../thread/plan.ts';
import type { ThreadEvent, ThreadRun } from '../thread/run.ts';
import type { LeadPart } from '../thread/lead-part.ts';
import {
  closeEventId,
  fixEventId,
  joinEventId,
  labelEventId,
  proveEventId,
  shrinkEventId,
  splitEventId,
} from '../thread/event-id.ts';

/** The run of a lead as the planner takes it, ends that are already fitted closed and their parts fixed. */
export function leadRun(
  lead: Lead,
  parts: readonly LeadPart[],
  inputs: ReadonlyMap<string, AnyEndInput>,
  house: House,
): ThreadRun {
  const fitted = new Set(lead.fittedEndIds);
  const events = leadEvents(lead, inputs, house);
  const done = lead.ends
    .filter(({ id }) => fitted.has(id))
    .flatMap((end) => [
      closeEventId(end.id),
      ...(isSealed(end, inputs.get(end.id)!) ? [shrinkEventId(end.id)] : []),
    ]);
  return {
    nodes: lead.nodes.map((node) => ({ ...node, label: nodeLabel(lead, node.id) })),
    legs: lead.legs.map((leg) => ({
      id: leg.id,
      fromNodeId: leg.fromNodeId,
      toNodeId: leg.toNodeId,
      length: leg.finishedLength,
      diameter: legDiameter(lead, leg.id),
    })),
    parts,
    events,
    done,
    on: parts.filter(({ fixedBy }) => done.includes(fixedBy)).map(({ id }) => id),
  };
}

function nodeLabel(lead: Lead, nodeId: string): string {
  const end = lead.ends.find((candidate) => candidate.nodeId === nodeId);
  return end ? `end ${end.name}` : `the ${nodeId}`;
}

/** Ends are closed in the order asked (else as listed), then the test, then what is shrunk; or relief before the test. */
function leadEvents(lead: Lead, inputs: ReadonlyMap<string, AnyEndInput>, house: House): ThreadEvent[] {
  const ends = [...lead.ends].sort(
    (a, b) => Number(b.id === lead.firstEndId) - Number(a.id === lead.firstEndId),
  );
  const sealFirst = house.practice.outerSeal === 'before, as strain relief';
  const close = ends.flatMap((end): ThreadEvent[] => [
    {
      id: closeEventId(end.id),
      label: `end ${end.name} is closed`,
      closes: { nodeId: end.nodeId, diameter: closedDiameter(inputs.get(end.id)!) },
      after: [],
    },
    ...(sealFirst ? sealOf(end, inputs, [closeEventId(end.id)]) : []),
  ]);
  const seals = sealFirst
    ? []
    : ends.flatMap((end) => sealOf(end, inputs, [closeEventId(end.id), proveEventId]));
  const joins = lead.nodes
    .filter(({ kind }) => kind === 'splice')
    .map(({ id }): ThreadEvent => ({
      id: joinEventId(id),
      label: 'the split is joined',
      closes: { nodeId: id, diameter: joinedDiameter(lead, id) },
      after: [],
    }));
  const fixed = lead.extraParts
    .filter(({ kind }) => kind !== 'label sleeve' && kind !== 'added')
    .map(({ id, kind }): ThreadEvent => ({
      id: fixEventId(id),
      label: `the ${kind} is fixed`,
      after: close.map((event) => event.id),
    }));
  const prove: ThreadEvent = {
    id: proveEventId,
    label: 'the lead is proved',
    after: [...joins, ...close, ...fixed].map(({ id }) => id),
  };
  const added = lead.extraParts.flatMap((extra): ThreadEvent[] =>
    extra.kind === 'added'
      ? [{ id: fixEventId(extra.id), label: `the ${extra.what} is in its place`, after: [proveEventId] }]
      : [],
  );
  const splits = lead.nodes
    .filter(({ kind }) => kind !== 'end')
    .map(({ id }): ThreadEvent => ({
      id: splitEventId(id),
      label: 'the split is shrunk',
      after: [proveEventId],
    }));
  return [
    ...joins,
    ...close,
    ...fixed,
    prove,
    ...splits,
    ...seals,
    ...added,
    { id: labelEventId, label: 'the label is shrunk', after: [proveEventId] },
  ];
}

/** Over a finished end, metres: a pair of single plugs lies side by side. */
function closedDiameter({ card, connector }: AnyEndInput): number {
  const body = featureValue(card, 'bodyOutside');
  const isPair = connector.series.kind === 'pins' && connector.series.layout === 'single pair';
  return isPair ? bundleDiameter([body, body]) : body;
}

/** A joined split with its sleeved joints side by side, metres: about a quarter over the thicker bundle. Engineering value. */
function joinedDiameter(lead: Lead, nodeId: string): number {
  const trunk = lead.legs.find(({ fromNodeId, toNodeId }) => fromNodeId === nodeId || toNodeId === nodeId)!;
  return 1.25 * Math.max(legDiameter(lead, trunk.id), branchesDiameter(lead, nodeId, trunk.id));
}

/** Whether the rear of an end is shrunk or taped: it is wanted, and there is something behind the body to grip. */
function isSealed(end: LeadEnd, input: AnyEndInput): boolean {
  return end.shrink && methodOf(input.connector.method).relief(input) !== null;
}

function sealOf(end: LeadEnd, inputs: ReadonlyMap<string, AnyEndInput>, after: string[]): ThreadEvent[] {
  return isSealed(end, inputs.get(end.id)!)
    ? [{ id: shrinkEventId(end.id), label: `end ${end.name} is sealed`, after }]
    : [];
}

/** House practice and the lead's own choice as the planner takes them. */
export function threadPreference(lead: Lead, house: House): ThreadPreference {
  const { firstEndId } = lead;
  const others = lead.ends.filter(({ id }) => id !== firstEndId);
  return {
    timing: house.practice.threading,
    order:
      firstEndId === null
        ? []
        : others.map(({ id }) => [closeEventId(firstEndId), closeEventId(id)] as const),
  };
}
