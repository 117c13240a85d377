import { balanceWords, loopWords } from '../words/proof-check.ts';
import { loopShare } from '../speaker/speaker-verdict.ts';
import { z } from 'zod';
import type { House } from '../house/house.ts';
import { readCheckKey, writeCheckKey } from '../reading/check-key.ts';
import { leadWiring } from '../wiring/lead-wiring.ts';
import { leadConnector } from '../lead/lead-connector.ts';
import type { Lead } from '../lead/lead.ts';
import type { Role } from '../connector/signal.ts';
import { roleOf } from '../connector/signal.ts';
import { signalEnd } from '../lead/pin-plan.ts';
import type { CheckContext, ProofCheck } from './checks.ts';
import { checkOf, ohmsNotAsked } from './checks.ts';
import type { MethodReading } from './judge.ts';
import { judgeAtMost, judgeOhms, orCannotDecide } from './judge.ts';
import type { OhmReading } from '../reading/ohms.ts';
import { readBy } from '../reading/typed-from.ts';
import { ohmReading } from '../reading/ohms.ts';
import { ohmsOf, pairKey } from '../reading/reading.ts';
import type { ExpectedPath } from './resistance.ts';
import { contactAllowance } from './resistance.ts';

/** Cores that carry phantom power agree within this part, plus contacts (IEC 61938 practice; house default). */
const balanceShare = 0.01;

/** A limit on two paths together: how far apart they may be, or what they may come to as a loop. Ohm. */
export const derivedLimitSchema = z.object({
  id: z.string(),
  paths: z.tuple([z.string(), z.string()]),
  together: z.enum(['difference', 'sum']),
  label: z.string(),
  limit: z.number(),
  why: z.string(),
});
export type DerivedLimit = z.infer<typeof derivedLimitSchema>;

/** Limits that follow from the resistances of two paths together: balance of audio cores, loop of a speaker lead. */
export function derivedLimits(lead: Lead, paths: readonly ExpectedPath[], house: House): DerivedLimit[] {
  if (lead.signal === 'balanced')
    return pairOf(lead, paths, house, 'hot', 'cold').map(([hot, cold]) => ({
      id: writeCheckKey({ kind: 'balance', pathId: hot.id }),
      paths: [hot.id, cold.id],
      together: 'difference',
      label: balanceWords.label,
      limit:
        balanceShare * ((hot.expected + cold.expected) / 2) + contactsOf(lead, hot) + contactsOf(lead, cold),
      why: balanceWords.why(balanceShare),
    }));
  if (lead.signal === 'speaker')
    return pairOf(lead, paths, house, '1+', '1-').map(([plus, minus]) => ({
      id: writeCheckKey({ kind: 'loop', pathId: plus.id }),
      paths: [plus.id, minus.id],
      together: 'sum',
      label: loopWords.label,
      limit: loopShare * lead.requirement.load.re,
      why: loopWords.why(loopShare, lead.requirement.load.re),
    }));
  return [];
}

/** The limits on two paths together, judged. */
export function derivedChecks(
  derived: readonly DerivedLimit[],
  paths: readonly ExpectedPath[],
  context: CheckContext,
): ProofCheck[] {
  return derived.map((limit) => twoPathCheck(limit, paths, context));
}

function contactsOf(lead: Lead, path: ExpectedPath): number {
  const { points } = leadWiring(lead);
  return [path.from, path.to].reduce((sum, id) => {
    const { endId, contact } = points.find((point) => point.id === id)!;
    return sum + contactAllowance(lead, endId, contact);
  }, 0);
}

/** The two paths of a lead with two ends whose near contacts mean these. */
function pairOf(
  lead: Lead,
  paths: readonly ExpectedPath[],
  { devices }: House,
  first: Role,
  second: Role,
): [ExpectedPath, ExpectedPath][] {
  const [near] = lead.ends;
  if (lead.ends.length !== 2 || !near) return [];
  const at = signalEnd(lead, near, devices);
  const pathOf = (role: Role) => {
    const contact = leadConnector(lead, near.connectorId).contacts.find(
      ({ id }) => roleOf(lead.signal, at, id) === role,
    );
    return contact && paths.find(({ from }) => from === `${near.id}.${contact.id}`);
  };
  const [a, b] = [pathOf(first), pathOf(second)];
  return a && b ? [[a, b]] : [];
}

function twoPathCheck(
  { id, paths: ids, together, label, limit, why }: DerivedLimit,
  paths: readonly ExpectedPath[],
  context: CheckContext,
): ProofCheck {
  const key = readCheckKey(id);
  const [first, second] = ids.map((pathId) => paths.find((path) => path.id === pathId)!);
  const sound = together === 'sum' ? first!.expected + second!.expected : 0;
  const methods = context.takes.flatMap((take): MethodReading[] => {
    const shown = [first!, second!].map((path) =>
      ohmsOf(take.pairs.find((pair) => pairKey(pair.from, pair.to) === pairKey(path.from, path.to))),
    );
    if (!shown.every((ohms) => ohms !== undefined && Number.isFinite(ohms))) return [];
    const [a, b] = shown.map((ohms) => ohmReading(take, ohms!));
    const uncertainty = Math.hypot(a!.uncertainty, b!.uncertainty);
    const both: OhmReading =
      together === 'sum'
        ? { ohms: a!.ohms + b!.ohms, uncertainty, withLeads: a!.withLeads }
        : // The leads of the meter are in both: of the difference they drop out.
          { ohms: Math.abs(a!.ohms - b!.ohms), uncertainty, withLeads: false };
    const judged = judgeOhms(both, (ohms, off) => judgeAtMost(ohms, limit, off));
    return [
      {
        instrument: readBy(take, 'ohms'),
        judged: orCannotDecide(judged, judgeAtMost(sound, limit, uncertainty)),
      },
    ];
  });
  return checkOf(
    { key, label, why, quantity: 'resistance', bound: 'at most' },
    methods,
    judgeAtMost(undefined, limit, 0),
    ohmsNotAsked(key, sound, limit, context),
  );
}
