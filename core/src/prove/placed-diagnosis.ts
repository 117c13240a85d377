import type { BadJoint } from './bad-joint.ts';
import type { Fault } from './fault.ts';
import { endOfFault } from './fault.ts';
import type { Placed } from './place.ts';
import { placeByReflection, placeFault, withPlaces } from './place.ts';
import type { Proof } from './proof.ts';
import type { ProofPlan } from './proof-plan.ts';
import type { Readings } from '../reading/reading.ts';
import type { ReflectionFinding } from './reflection-findings.ts';

/** One mistake of an explanation, and where it was placed. */
export interface PlacedFault {
  readonly fault: Fault;
  readonly placed: Placed | undefined;
}

/** Explanations that the readings of place leave, the likelier first; what lies in the cable stands once, not once for each end. */
export function placedDiagnosis(
  plan: ProofPlan,
  proof: Proof,
  takes: readonly Readings[],
  reflected: readonly ReflectionFinding[] = [],
): readonly (readonly PlacedFault[])[] {
  if (!proof.diagnosis) return [];
  const { lead, lengths } = plan;
  const subject = { lead, wiring: proof.wiring, lengths: new Map(Object.entries(lengths)) };
  const places = new Map<string, Placed | undefined>();
  const placedOf = (fault: Fault) => {
    const key = JSON.stringify(fault);
    if (!places.has(key)) {
      const placed = placeFault(subject, fault, takes);
      const isTold = placed !== undefined && placed.where !== 'unsure';
      places.set(key, isTold ? placed : (placeByReflection(subject, fault, reflected) ?? placed));
    }
    return places.get(key);
  };
  const seen = new Set<string>();
  return withPlaces(proof.wiring, proof.diagnosis.explanations, placedOf)
    .map(({ faults }) => faults.map((fault): PlacedFault => ({ fault, placed: placedOf(fault) })))
    .filter((faults) => {
      const key = JSON.stringify(faults.map(({ fault, placed }) => (inCable(placed) ? placed : fault)));
      if (seen.has(key)) return false;
      seen.add(key);
      return true;
    });
}

/** Whether a fault was placed inside the cable. */
export const inCable = (placed: Placed | undefined) =>
  placed?.where === 'cable' || placed?.where === 'two places';

/** Where on the run a diagnosis points: ends, and parts of the way from the first end of a lead with two. */
export interface PlacesOnRun {
  readonly endIds: readonly string[];
  readonly parts: readonly number[];
}

/** What else points at places: joints that are bad, and what reflects that should not. */
export interface OtherPlaces {
  readonly joints: readonly (readonly BadJoint[])[];
  readonly reflected: readonly ReflectionFinding[];
}

/** The places of all explanations that are left. */
export function placesOnRun(
  plan: ProofPlan,
  proof: Proof,
  explanations: readonly (readonly PlacedFault[])[],
  { joints, reflected }: OtherPlaces,
): PlacesOnRun {
  const faults = explanations.flat();
  const [piece] = plan.lead.pieces;
  const [first] = plan.lead.ends;
  const isStraight = plan.lead.ends.length === 2;
  const inside = faults.filter(({ placed }) => inCable(placed) && isStraight);
  const atEnds = faults.filter((each) => !inside.includes(each));
  const endIds = [
    ...atEnds.map(({ fault }) => endOfFault(proof.wiring, fault)),
    ...joints.flat().map(({ endId }) => endId),
    ...reflected.flatMap(({ place }) =>
      place === 'near end' ? [first!.id] : place === 'far end' ? [plan.lead.ends[1]!.id] : [],
    ),
  ];
  const parts = inside.map(({ placed }) => {
    const part = placed!.distance / plan.lengths[placed!.pieceId]!;
    return placed!.fromEndId === first!.id ? part : 1 - part;
  });
  const seen = reflected
    .filter(({ place }) => place === 'cable')
    .map(({ distance }) => distance / plan.lengths[piece!.id]!);
  // Where a reading of another kind has the place already, the reflection adds no second mark.
  const further = seen.filter((part) => !parts.some((other) => Math.abs(other - part) < samePlace));
  return { endIds: [...new Set(endIds)].sort(), parts: [...parts, ...distinct(further)] };
}

/** Parts of the run nearer to each other than this are one place. */
const samePlace = 0.05;

const distinct = (parts: readonly number[]) =>
  parts.filter((part, n) => !parts.slice(0, n).some((other) => Math.abs(other - part) < samePlace));
