import { leftByHouse } from '../words/proof-check.ts';
import {
  couplingSeen,
  jacketSeen,
  jointsLabel,
  jointSeen,
  notLooked,
  projectionSeen,
  sealSeen,
  seenWhenFinished,
  wholeSeen,
} from '../words/look.ts';
import { z } from 'zod';
import type { LookName } from '../reading/check-key.ts';
import { readCheckKey, writeCheckKey } from '../reading/check-key.ts';
import { faultSeen, joints } from '../recipe/joint.ts';
import type { Step } from '../recipe/step.ts';
import { lookSubjects } from '../recipe/trouble.ts';
import { jointWords } from '../words/joint.ts';
import { troubleIds } from '../recipe/trouble-id.ts';
import { leadConnector } from '../lead/lead-connector.ts';
import type { Lead, LeadEnd } from '../lead/lead.ts';
import { methodOf } from '../method/methods.ts';
import type { CheckContext, ProofCheck } from './checks.ts';
import { outOfVerdict } from './checks.ts';

/** A look that a proof asks for, with what is good and what is out. Its id is its key as it is written in readings. */
export const plannedLookSchema = z.object({
  id: z.string(),
  endId: z.string().nullable(),
  label: z.string(),
  good: z.string(),
  out: z.string(),
  /** What is drawn of good and bad. */
  subject: z.enum(lookSubjects),
  bad: z.enum(troubleIds),
  /** What can be seen only once the lead is sealed never holds a proof back. */
  whenFinished: z.boolean(),
});
export type PlannedLook = z.infer<typeof plannedLookSchema>;

/** A step as far as it says what joint was made at which end. */
type JointMade = Pick<Step, 'endId' | 'stage' | 'joint'>;

/** The looks at a lead, each end by the joints that its steps make, then the whole. */
export function plannedLooks(lead: Lead, steps: readonly JointMade[]): PlannedLook[] {
  const made = lead.ends.filter(({ lies }) => lies === undefined);
  return [
    ...made.flatMap((end) =>
      looksAtEnd(
        lead,
        end,
        steps.filter(({ endId }) => endId === end.id),
      ),
    ),
    wholeLook,
  ];
}

/** How the joints of an end look: those it was made with in their order; the last is what can be seen, and is drawn. */
function jointLook(
  lead: Lead,
  end: LeadEnd,
  steps: readonly JointMade[],
): Pick<PlannedLook, 'good' | 'out' | 'subject' | 'bad'> {
  const kinds = [...new Set(steps.flatMap(({ stage, joint }) => (stage === 'Join' && joint ? [joint] : [])))];
  const last = kinds.at(-1);
  if (last) {
    const bad = joints[last].faults[0]!;
    return {
      good: kinds.map((kind) => `${kind}: ${jointWords[kind].good}`).join('; '),
      out: kinds.map((kind) => `${kind}: ${faultSeen(kind, joints[kind].faults[0]!)}`).join('; '),
      subject: last,
      bad,
    };
  }
  const isSoldered = methodOf(leadConnector(lead, end.connectorId).method).traits.heat !== 'none';
  return isSoldered
    ? { ...jointSeen.soldered, subject: 'joint', bad: 'cold' }
    : { ...jointSeen.crimped, subject: 'crimp', bad: 'die too large' };
}

function looksAtEnd(lead: Lead, end: LeadEnd, steps: readonly JointMade[]): PlannedLook[] {
  const connector = leadConnector(lead, end.connectorId);
  const at = (look: LookName) => writeCheckKey({ kind: 'look', endId: end.id, look });
  const base = { endId: end.id, whenFinished: false };
  return [
    {
      ...base,
      id: at('joint'),
      label: jointsLabel(end.name),
      ...jointLook(lead, end, steps),
    },
    {
      ...base,
      id: at('jacket'),
      ...jacketSeen(end.name),
      subject: 'strip',
      bad: 'nick',
    },
    ...(connector.series.kind === 'coaxial' && connector.sex !== 'splice' ? [projectionLook(end)] : []),
    {
      ...base,
      id: at('seal'),
      ...sealSeen(end.name),
      subject: 'shrink',
      bad: 'seal blistered',
      whenFinished: true,
    },
    ...(connector.series.coupling === 'none' ? [] : [couplingLook(end)]),
  ];
}

const projectionLook = ({ id, name }: LeadEnd): PlannedLook => ({
  endId: id,
  id: writeCheckKey({ kind: 'look', endId: id, look: 'projection' }),
  ...projectionSeen(name),
  subject: 'length',
  bad: 'too short',
  whenFinished: false,
});

const couplingLook = ({ id, name }: LeadEnd): PlannedLook => ({
  endId: id,
  id: writeCheckKey({ kind: 'look', endId: id, look: 'coupling' }),
  ...couplingSeen(name),
  subject: 'shrink',
  bad: 'coupling stuck',
  whenFinished: true,
});

const wholeLook: PlannedLook = {
  id: writeCheckKey({ kind: 'look', endId: null, look: 'neatness' }),
  endId: null,
  ...wholeSeen,
  subject: 'shrink',
  bad: 'seal blistered',
  whenFinished: false,
};

/** Looks that were answered; each Good or Out. A house that does not ask leaves them out. */
export function lookChecks(looks: readonly PlannedLook[], { takes, house }: CheckContext): ProofCheck[] {
  const isAsked = house.practice.alsoAsk.includes('looks');
  return looks.map(({ id, label, good, out, whenFinished }): ProofCheck => {
    const answer = takes.findLast((take) => take.looks?.[id] !== undefined)?.looks?.[id];
    return {
      key: readCheckKey(id),
      id,
      label,
      verdict: answer === undefined ? 'Not yet' : answer ? 'Good' : 'Out',
      ...outOfVerdict(
        answer !== undefined
          ? undefined
          : whenFinished
            ? seenWhenFinished
            : isAsked
              ? undefined
              : leftByHouse,
      ),
      detail: answer === undefined ? notLooked(good, whenFinished) : answer ? good : out,
      quantity: 'count',
      bound: 'at most',
      methods: [],
    };
  });
}
