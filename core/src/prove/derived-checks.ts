import { connectorById } from '../connector/catalogue/catalogue.ts';
import type { Lead } from '../lead/lead.ts';
import type { Role } from '../lead/signal.ts';
import { roleOf } from '../lead/signal.ts';
import { signalEnd } from '../lead/pin-plan.ts';
import type { CheckBase, CheckContext, ProofCheck } from './checks.ts';
import { checkOf, ohmsUncertainty } from './checks.ts';
import type { MethodReading } from './judge.ts';
import { judgeAtMost, uncertaintyOf } from './judge.ts';
import { ohmsOf, pairKey } from './reading.ts';
import type { ExpectedPath } from './resistance.ts';
import { contactAllowance } from './resistance.ts';

/** Cores that carry phantom power agree within this part, plus contacts (IEC 61938 practice; house default). */
const balanceShare = 0.01;
/** A speaker loop takes at most this part of the load (house default). */
const loopShare = 0.05;

/** Checks that follow from the resistances of two paths together: balance of audio cores, loop of a speaker lead. */
export function derivedChecks(
  lead: Lead,
  paths: readonly ExpectedPath[],
  context: CheckContext,
): ProofCheck[] {
  const { leaveOut } = context.house.practice;
  const left = leaveOut.includes('resistance');
  if (lead.signal === 'balanced')
    return pairOf(lead, paths, context, 'hot', 'cold').map(([hot, cold]) => {
      const mean = (hot.expected + cold.expected) / 2;
      const limit = balanceShare * mean + contactsOf(lead, hot) + contactsOf(lead, cold);
      return twoPathCheck(
        {
          id: `balance ${hot.id}`,
          label: 'Hot and cold alike, so that phantom power stays balanced',
          why: `${balanceShare * 100} % of a core, and what its contacts are allowed.`,
        },
        [hot, cold],
        limit,
        (a, b) => Math.abs(a - b),
        context,
        left,
      );
    });
  if (lead.signal === 'speaker')
    return pairOf(lead, paths, context, '1+', '1-').map(([plus, minus]) =>
      twoPathCheck(
        {
          id: `loop ${plus.id}`,
          label: 'Loop of both conductors',
          why: `At most ${loopShare * 100} % of the load of ${lead.requirement.load.re} ohm: more costs level and damping.`,
        },
        [plus, minus],
        loopShare * lead.requirement.load.re,
        (a, b) => a + b,
        context,
        left,
      ),
    );
  return [];
}

function contactsOf(lead: Lead, path: ExpectedPath): number {
  return [path.from, path.to].reduce((sum, id) => {
    const end = lead.ends.find((each) => id.startsWith(`${each.id}.`))!;
    return sum + contactAllowance(lead, end.id, id.slice(end.id.length + 1));
  }, 0);
}

/** The two paths of a lead with two ends whose near contacts mean these. */
function pairOf(
  lead: Lead,
  paths: readonly ExpectedPath[],
  { house }: CheckContext,
  first: Role,
  second: Role,
): [ExpectedPath, ExpectedPath][] {
  const [near] = lead.ends;
  if (lead.ends.length !== 2 || !near) return [];
  const at = signalEnd(near, house.devices);
  const pathOf = (role: Role) => {
    const contact = connectorById(near.connectorId).contacts.find(
      ({ id }) => roleOf(lead.signal, at, id) === role,
    );
    return contact && paths.find(({ from }) => from === `${near.id}.${contact.id}`);
  };
  const [a, b] = [pathOf(first), pathOf(second)];
  return a && b ? [[a, b]] : [];
}

function twoPathCheck(
  base: Pick<CheckBase, 'id' | 'label' | 'why'>,
  [first, second]: readonly [ExpectedPath, ExpectedPath],
  limit: number,
  together: (a: number, b: number) => number,
  { takes, house }: CheckContext,
  mayBeLeftOut: boolean,
): ProofCheck {
  const methods = takes.flatMap((take): MethodReading[] => {
    const [a, b] = [first, second].map((path) =>
      ohmsOf(take.pairs.find((pair) => pairKey(pair.from, pair.to) === pairKey(path.from, path.to))),
    );
    if (a === undefined || b === undefined || !Number.isFinite(a + b)) return [];
    const meter = ohmsUncertainty(take, house);
    const uncertainty = Math.hypot(uncertaintyOf(a, meter), uncertaintyOf(b, meter));
    return [{ instrument: take.instrument, judged: judgeAtMost(together(a, b), limit, uncertainty) }];
  });
  return checkOf(
    { ...base, quantity: 'resistance', bound: 'at most' },
    methods,
    judgeAtMost(undefined, limit, 0),
    mayBeLeftOut,
  );
}
