import type { LookSubject, TroubleId } from '../build/trouble.ts';
import { connectorById } from '../connector/catalogue/catalogue.ts';
import type { Lead } from '../lead/lead.ts';
import { methodOf } from '../method/methods.ts';
import type { CheckContext, ProofCheck } from './checks.ts';

/** A look that a proof asks for, with what is good and what is out. */
export interface PlannedLook {
  readonly id: string;
  readonly endId: string | null;
  readonly label: string;
  readonly good: string;
  readonly out: string;
  /** What is drawn of good and bad. */
  readonly subject: LookSubject;
  readonly bad: TroubleId;
  /** What can be seen only once the lead is sealed never holds a proof back. */
  readonly whenFinished: boolean;
}

/** The looks at a lead: each end, then the whole. */
export function plannedLooks(lead: Lead): PlannedLook[] {
  return [
    ...lead.ends.flatMap((end): PlannedLook[] => {
      const connector = connectorById(end.connectorId);
      const isSoldered = methodOf(connector.method).traits.heat !== 'none';
      const at = (name: string) => `look ${end.id} ${name}`;
      const base = { endId: end.id, whenFinished: false };
      const couples = connector.series.coupling !== 'none';
      return [
        {
          ...base,
          id: at('joint'),
          label: `Joints of end ${end.name}`,
          good: isSoldered
            ? 'fillet smooth and concave, no whisker, no strand outside'
            : 'conductor fully in, no strand outside, mark of the tool even',
          out: isSoldered ? 'dull, lumpy, a spike or a bridge' : 'a strand outside, crushed or loose',
          subject: isSoldered ? 'joint' : 'crimp',
          bad: isSoldered ? 'cold' : 'die too large',
        },
        {
          ...base,
          id: at('jacket'),
          label: `Cable at end ${end.name}`,
          good: 'jacket under the clamp or shrink, no nick, no melted spot',
          out: 'cores or braid bare behind the connector, jacket nicked or burnt',
          subject: 'strip',
          bad: 'nick',
        },
        ...(connector.series.kind === 'coaxial'
          ? [
              {
                ...base,
                id: at('projection'),
                label: `Centre contact of end ${end.name} against the mating plane`,
                good: 'tip where the series wants it: level with its likes, straight, in the middle',
                out: 'behind, proud, or leaning',
                subject: 'length' as const,
                bad: 'too short' as const,
              },
            ]
          : []),
        {
          ...base,
          id: at('seal'),
          label: `Relief or seal of end ${end.name}`,
          good: 'grips all round, adhesive at both edges where it has any',
          out: 'a blister, a gap, a scorch, or over the coupling',
          subject: 'shrink',
          bad: 'seal blistered',
          whenFinished: true,
        },
        ...(couples
          ? [
              {
                ...base,
                id: at('coupling'),
                label: `Coupling of end ${end.name}`,
                good: 'turns or latches freely over its whole travel',
                out: 'held by shrink, tape, solder or adhesive',
                subject: 'shrink' as const,
                bad: 'coupling stuck' as const,
                whenFinished: true,
              },
            ]
          : []),
      ];
    }),
    {
      id: 'look whole neatness',
      endId: null,
      label: 'The whole lead',
      good: 'straight, even, like its likes; no kink, no flat spot',
      out: 'kinked, pressed flat, ends turned against each other',
      subject: 'shrink',
      bad: 'seal blistered',
      whenFinished: false,
    },
  ];
}

/** Looks that were answered; each Good or Out. A house that does not ask leaves them out. */
export function lookChecks(lead: Lead, { takes, house }: CheckContext): ProofCheck[] {
  const isAsked = house.practice.alsoAsk.includes('looks');
  return plannedLooks(lead).map(({ id, label, good, out, whenFinished }): ProofCheck => {
    const answer = takes.findLast((take) => take.looks?.[id] !== undefined)?.looks?.[id];
    return {
      id,
      label,
      verdict: answer === undefined ? 'Not yet' : answer ? 'Good' : 'Out',
      leftOut: answer === undefined && (!isAsked || whenFinished),
      detail:
        answer === undefined
          ? `not looked at${whenFinished ? ' when finished' : ''}: ${good}`
          : answer
            ? good
            : out,
      quantity: 'count',
      bound: 'at most',
      methods: [],
    };
  });
}
