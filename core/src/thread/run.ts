/**
 * A run to thread: the tree of a lead with what can be slid on it. Legs are cables (or bundles) of a diameter; an end
 * or a splice is open until the event that closes it. All lengths in metres.
 */
export interface ThreadRun {
  readonly nodes: readonly ThreadNode[];
  readonly legs: readonly ThreadLeg[];
  readonly parts: readonly ThreadPart[];
  readonly events: readonly ThreadEvent[];
  /** Where the work stands: events done and parts already on, in any order. */
  readonly done: readonly string[];
  readonly on: readonly string[];
}

export interface ThreadNode {
  readonly id: string;
  readonly kind: 'end' | 'split' | 'splice';
  readonly label: string;
}

export interface ThreadLeg {
  readonly id: string;
  readonly fromNodeId: string;
  readonly toNodeId: string;
  readonly diameter: number;
  readonly length: number;
}

/** A part that slides on the cable to its place and is fixed there by an event. */
export interface ThreadPart {
  readonly id: string;
  readonly label: string;
  readonly legId: string;
  /** Its place along the leg, metres from the leg's first node. The order matters; the distance only tells the nearer side. */
  readonly place: number;
  /** Smallest opening, and largest outside while loose. */
  readonly opening: number;
  readonly outside: number;
  /** Largest outside once fixed; the loose one where nothing changes. */
  readonly fixedOutside: number;
  /** The face that must look toward a node of its leg; absent where either way round will do. */
  readonly facing?: { readonly face: string; readonly towardNodeId: string };
  /** The event that fixes it: by then it must be on. */
  readonly fixedBy: string;
}

/** Something that changes what can still be slid on: an end or splice is closed, or parts are fixed. */
export interface ThreadEvent {
  readonly id: string;
  readonly label: string;
  /** The node it closes, and the diameter that node has from then on. */
  readonly closes?: { readonly nodeId: string; readonly diameter: number };
  /** Events that come before it. */
  readonly after: readonly string[];
}

export function partById(run: ThreadRun, id: string): ThreadPart {
  return run.parts.find((part) => part.id === id)!;
}

export function eventById(run: ThreadRun, id: string): ThreadEvent {
  return run.events.find((event) => event.id === id)!;
}
