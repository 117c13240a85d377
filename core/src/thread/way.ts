import { bundleDiameter } from '../cable/bundle.ts';
import type { ThreadEvent, ThreadLeg, ThreadPart, ThreadRun } from './run.ts';

/** A way onto the run for one part: from which side of its leg, and what it has to pass. */
export interface Way {
  /** The node of its leg from whose side it comes. */
  readonly fromNodeId: string;
  /** The open tip where it is slipped on first. */
  readonly entryNodeId: string;
  /** Cable, bundle, or something that is there from the start: nothing can be done about it. */
  readonly blocks: readonly Obstacle[];
  /** The part must be on before these events, or the obstacle they make stops it. */
  readonly beforeEvents: readonly { readonly eventId: string; readonly obstacle: Obstacle }[];
  /** It must be on before these parts, which it cannot pass. */
  readonly beforeParts: readonly { readonly partId: string; readonly obstacle: Obstacle }[];
  /** It can only come after these events: a splice that carries it, a tube that has shrunk enough. */
  readonly afterEvents: readonly string[];
}

/** What stands in the way: its width is with the other legs of a bundle beside it. */
export interface Obstacle {
  readonly kind: 'cable' | 'end' | 'splice' | 'part';
  readonly id: string;
  readonly label: string;
  readonly width: number;
}

interface Travel {
  /** Diameters of sibling legs that pass through the opening at the same time. */
  readonly beside: readonly number[];
  readonly beforeEvents: Way['beforeEvents'];
  readonly beforeParts: Way['beforeParts'];
  readonly afterEvents: readonly string[];
  readonly blocks: readonly Obstacle[];
  readonly entryNodeId: string;
}

const otherNode = (leg: ThreadLeg, nodeId: string) =>
  leg.fromNodeId === nodeId ? leg.toNodeId : leg.fromNodeId;

/** The event that closes a node, if the run has one. */
export function closingEvent(run: ThreadRun, nodeId: string): ThreadEvent | undefined {
  return run.events.find((event) => event.closes?.nodeId === nodeId);
}

/**
 * All ways a part can come onto its place. A ring on a leg parts the tree in two; it comes over one of the two sides,
 * and over everything on that side: at a split over all legs beyond it, side by side, an obstacle on one leg with the
 * cables of the others beside it. An open splice is a tip; once closed it is passed like an end and the run goes on.
 */
export function waysOnto(run: ThreadRun, part: ThreadPart): Way[] {
  const leg = run.legs.find(({ id }) => id === part.legId)!;
  return [leg.fromNodeId, leg.toNodeId].flatMap((fromNodeId) => {
    const start: Travel = {
      beside: [],
      beforeEvents: [],
      beforeParts: [],
      afterEvents: [],
      blocks: [],
      entryNodeId: fromNodeId,
    };
    return alongLeg(run, part, leg, fromNodeId, start, true).map(({ beside: _beside, ...travel }) => ({
      fromNodeId,
      ...travel,
    }));
  });
}

/** Outward along a leg to `towardNodeId`: its cable, the parts on it, then the node at its end. */
function alongLeg(
  run: ThreadRun,
  part: ThreadPart,
  leg: ThreadLeg,
  towardNodeId: string,
  travel: Travel,
  own: boolean,
): Travel[] {
  const width = bundleDiameter([leg.diameter, ...travel.beside]);
  const cable: Obstacle = { kind: 'cable', id: leg.id, label: leg.id, width };
  const passed = width < part.opening ? travel : { ...travel, blocks: [...travel.blocks, cable] };
  const met = run.parts.filter(
    (other) =>
      other.legId === leg.id && other.id !== part.id && (!own || isBetween(leg, towardNodeId, part, other)),
  );
  return met
    .reduce<Travel[]>(
      (travels, other) => travels.flatMap((each) => pastPart(run, part, other, each)),
      [passed],
    )
    .flatMap((each) => pastNode(run, part, leg, towardNodeId, each));
}

function isBetween(leg: ThreadLeg, towardNodeId: string, part: ThreadPart, other: ThreadPart): boolean {
  return towardNodeId === leg.toNodeId ? other.place > part.place : other.place < part.place;
}

function pastPart(run: ThreadRun, part: ThreadPart, other: ThreadPart, travel: Travel): Travel[] {
  const widthOf = (diameter: number) => bundleDiameter([diameter, ...travel.beside]);
  const obstacle = (diameter: number): Obstacle => ({
    kind: 'part',
    id: other.id,
    label: other.label,
    width: widthOf(diameter),
  });
  const passesLoose = widthOf(other.outside) < part.opening;
  const passesFixed = widthOf(other.fixedOutside) < part.opening;
  const isFixed = run.done.includes(other.fixedBy);
  const isOn = run.on.includes(other.id);
  if (isOn && isFixed)
    return [passesFixed ? travel : { ...travel, blocks: [...travel.blocks, obstacle(other.fixedOutside)] }];
  if (passesLoose && passesFixed) return [travel];
  if (passesLoose)
    return [
      {
        ...travel,
        beforeEvents: [
          ...travel.beforeEvents,
          { eventId: other.fixedBy, obstacle: obstacle(other.fixedOutside) },
        ],
      },
    ];
  const first: Travel = isOn
    ? { ...travel, blocks: [...travel.blocks, obstacle(other.outside)] }
    : {
        ...travel,
        beforeParts: [...travel.beforeParts, { partId: other.id, obstacle: obstacle(other.outside) }],
      };
  if (!passesFixed) return [first];
  return [first, { ...travel, afterEvents: [...travel.afterEvents, other.fixedBy] }];
}

function pastNode(
  run: ThreadRun,
  part: ThreadPart,
  leg: ThreadLeg,
  nodeId: string,
  travel: Travel,
): Travel[] {
  const node = run.nodes.find(({ id }) => id === nodeId)!;
  const closing = closingEvent(run, nodeId);
  const at: Travel = { ...travel, entryNodeId: nodeId };
  if (node.kind === 'end') return [pastClosing(run, part, closing, node.label, 'end', at)];
  if (node.kind === 'split') return beyondNode(run, part, leg, nodeId, at);
  const isClosed = closing === undefined || run.done.includes(closing.id);
  const throughSplice = beyondNode(run, part, leg, nodeId, passSplice(part, closing, node.label, at));
  if (isClosed) return throughSplice;
  const atOpenTip: Travel = {
    ...at,
    beforeEvents: [
      ...at.beforeEvents,
      { eventId: closing.id, obstacle: spliceObstacle(closing, node.label, at) },
    ],
  };
  return [
    atOpenTip,
    ...throughSplice.map((each) => ({ ...each, afterEvents: [...each.afterEvents, closing.id] })),
  ];
}

const spliceObstacle = (closing: ThreadEvent, label: string, travel: Travel): Obstacle => ({
  kind: 'splice',
  id: closing.closes!.nodeId,
  label,
  width: bundleDiameter([closing.closes!.diameter, ...travel.beside]),
});

function passSplice(
  part: ThreadPart,
  closing: ThreadEvent | undefined,
  label: string,
  travel: Travel,
): Travel {
  if (!closing) return travel;
  const obstacle = spliceObstacle(closing, label, travel);
  return obstacle.width < part.opening ? travel : { ...travel, blocks: [...travel.blocks, obstacle] };
}

function pastClosing(
  run: ThreadRun,
  part: ThreadPart,
  closing: ThreadEvent | undefined,
  label: string,
  kind: 'end' | 'splice',
  travel: Travel,
): Travel {
  if (!closing) return travel;
  const width = bundleDiameter([closing.closes!.diameter, ...travel.beside]);
  if (width < part.opening) return travel;
  const obstacle: Obstacle = { kind, id: closing.closes!.nodeId, label, width };
  return run.done.includes(closing.id)
    ? { ...travel, blocks: [...travel.blocks, obstacle] }
    : { ...travel, beforeEvents: [...travel.beforeEvents, { eventId: closing.id, obstacle }] };
}

/** Over all legs beyond a node, one after the other, each with the others beside it. */
function beyondNode(
  run: ThreadRun,
  part: ThreadPart,
  cameAlong: ThreadLeg,
  nodeId: string,
  travel: Travel,
): Travel[] {
  const beyond = run.legs.filter(
    (leg) => leg !== cameAlong && (leg.fromNodeId === nodeId || leg.toNodeId === nodeId),
  );
  return beyond
    .reduce<Travel[]>(
      (travels, leg) =>
        travels.flatMap((each) => {
          const siblings = beyond.filter((other) => other !== leg).map(({ diameter }) => diameter);
          const inBundle = { ...each, beside: [...travel.beside, ...siblings] };
          return alongLeg(run, part, leg, otherNode(leg, nodeId), inBundle, false);
        }),
      [travel],
    )
    .map((each) => ({ ...each, beside: travel.beside }));
}
