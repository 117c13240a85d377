import { describe, expect, test } from '@jest/globals';
import { planLead } from '../plan/lead-plan.ts';
import type { House } from '../house/house.ts';
import { seededRandom } from '../quantity/random.ts';
import { exampleLead, house, withChoke } from '../testing/example.ts';
import { leadOfEachMethod } from '../testing/lead-of-each-method.ts';
import { judgeAtLeast, judgeAtMost } from './judge.ts';
import { mayBeInCable, nextMeasurement } from './next-measurement.ts';
import { prove } from './proof.ts';
import { proofPlanOf } from '../plan/proof-plan.ts';
import type { Readings } from '../reading/reading.ts';
import type { InjectedFault } from './injected-fault.ts';
import { networkResistance } from './network.ts';
import { leadNetwork, networkCapacitance } from './lead-network.ts';
import { testVirtualLead } from './virtual-lead.ts';

const { lead, card } = exampleLead();
const plan = planLead(lead, [card], house);
const virtual = (faults: InjectedFault[]) => ({ lead, lengths: plan.lengths, celsius: 20, faults });
const read = (faults: InjectedFault[]) =>
  testVirtualLead(virtual(faults), 'Bench one', 'simulated tester', seededRandom(3));
const proofOf = (readings: Readings, changed = house) =>
  prove({ ...proofPlanOf(plan, changed), family: [] }, [readings], { lastEndId: 'B' });
const empty: Readings = { by: 'Bench one', instrument: 'by hand', celsius: 20, pairs: [] };

describe('limits', () => {
  test('R of drawn copper with 2 % over it, and contacts', () => {
    const centre = plan.paths.find(({ from }) => from === 'A.centre')!;
    const bareCopper = (1.7241e-8 * plan.lengths.get('cable')!) / ((Math.PI / 4) * 0.89e-3 ** 2);
    expect(centre.expected).toBeCloseTo(bareCopper + 0.003, 3);
    expect(centre.limit.value).toBeCloseTo(1.02 * (centre.expected - 0.003) + 0.003, 9);
  });

  test('the cable follows the room that was read in, the contacts do not', () => {
    const warm = testVirtualLead({ ...virtual([]), celsius: 60 }, 'Bench one', 'tester', seededRandom(3));
    const centreOf = (readings: Readings) =>
      proofOf(readings).checks.find(({ label }) => label.startsWith('Resistance, centre'))!;
    expect(centreOf(warm).verdict).toBe('Good');
    expect(centreOf({ ...warm, celsius: 20 }).verdict).toBe('Out');
    const [planned, then] = [plan.paths[0]!.limit, centreOf(warm).limit!];
    expect((then.value - 0.003) / (planned.value - 0.003)).toBeCloseTo(1 + 0.00393 * 40, 9);
    expect(then.terms.find(({ kind }) => kind === 'temperature')).toMatchObject({
      value: 60,
      assumed: false,
    });
  });

  test('the guard band decides between Good, Out and too close to call', () => {
    expect(judgeAtMost(0.09, 0.1, 0.01)).toMatchObject({ verdict: 'Good' });
    expect(judgeAtMost(0.095, 0.1, 0.01)).toMatchObject({ verdict: 'Not yet', reason: 'too close to call' });
    expect(judgeAtMost(0.12, 0.1, 0.01)).toMatchObject({ verdict: 'Out' });
    expect(judgeAtMost(undefined, 0.1, 0.01)).toMatchObject({ verdict: 'Not yet', reason: 'not measured' });
    expect(judgeAtMost(Infinity, 0.1, 0)).toMatchObject({ verdict: 'Out' });
    expect(judgeAtLeast(2e9, 1e9, 1e8)).toMatchObject({ verdict: 'Good' });
    expect(judgeAtLeast(1.05e9, 1e9, 1e8)).toMatchObject({ reason: 'too close to call' });
    expect(judgeAtLeast(1e6, 1e9, 1e5)).toMatchObject({ verdict: 'Out' });
  });
});

/** Verdicts of the checks that the house asks for. */
const asked = ({ checks }: ReturnType<typeof proofOf>) =>
  checks.filter(({ leftOut }) => !leftOut).map(({ verdict }) => verdict);

describe('a simulated tester on a virtual lead', () => {
  test('a sound lead proves Good', () => {
    const proof = proofOf(read([]));
    expect(asked(proof)).toEqual(['Good', 'Good', 'Good', 'Good']);
    expect(proof.verdict).toBe('Good');
    expect(proof.diagnosis).toBeUndefined();
  });

  test('the same seed reads the same', () => expect(read([])).toEqual(read([])));

  test('an open centre is Out, ties both ends and asks for capacitance, which tells', () => {
    const open: InjectedFault = { kind: 'open', terminal: 2 };
    const proof = proofOf(read([open]));
    expect(proof.verdict).toBe('Out');
    expect(proof.deciding?.id).toBe('continuity');
    const { explanations } = proof.diagnosis!;
    expect(explanations).toHaveLength(2);
    const next = nextMeasurement(lead, proof.wiring, explanations, plan.lengths);
    expect(next).toMatchObject({ code: 'capacitance from each end' });
    if (next?.code !== 'capacitance from each end') return;
    const [atA, atB] = next.wanted;
    expect(atA!.whole * 1e12).toBeCloseTo(101 * plan.lengths.get('cable')!, -1);
    const network = leadNetwork(virtual([open]), proof.wiring);
    expect(networkCapacitance(network, 0, 1)).toBeCloseTo(atA!.whole, 15);
    expect(networkCapacitance(network, 2, 3)).toBeCloseTo(atB!.stray, 15);
    expect(mayBeInCable(proof.wiring, explanations[0]!.faults[0]!)).toBe(true);
  });

  test('a short fails continuity and insulation', () => {
    const proof = proofOf(read([{ kind: 'short', points: [0, 1] }]));
    expect(proof.checks.filter(({ verdict }) => verdict === 'Out').map(({ id }) => id)).toEqual([
      'continuity',
      'insulation',
    ]);
    expect(nextMeasurement(lead, proof.wiring, proof.diagnosis!.explanations, plan.lengths)).toEqual({
      code: 'resistance from each end',
    });
  });

  test('centre and shield changed over at one end is one swap', () => {
    const proof = proofOf(read([{ kind: 'swap', terminals: [2, 3] }]));
    expect(
      proof.diagnosis!.explanations.every(({ faults }) => faults.length === 1 && faults[0]!.kind === 'swap'),
    ).toBe(true);
    expect(nextMeasurement(lead, proof.wiring, proof.diagnosis!.explanations, plan.lengths)).toEqual({
      code: 'look at each end',
      ends: ['B', 'A'],
    });
  });

  test('a bad joint passes continuity and fails its own resistance', () => {
    const proof = proofOf(read([{ kind: 'high resistance', terminal: 0, ohms: 0.4 }]));
    expect(proof.checks.find(({ id }) => id === 'continuity')!.verdict).toBe('Good');
    expect(proof.verdict).toBe('Out');
    expect(proof.deciding?.label).toMatch(/Resistance, centre/);
  });

  test('two paths in parallel halve the resistance', () => {
    const ladder = [
      { a: 0, b: 1, ohms: 2 },
      { a: 0, b: 1, ohms: 2 },
      { a: 1, b: 2, ohms: 3 },
    ];
    expect(networkResistance(ladder, 4, 0, 2)).toBeCloseTo(4, 12);
    expect(networkResistance(ladder, 4, 0, 3)).toBe(Infinity);
  });
});

describe('readings by hand', () => {
  const tick = (from: string, to: string, connected: boolean) => ({ from, to, connected });
  const ticks: Readings = {
    ...empty,
    pairs: [
      tick('A.centre', 'B.centre', true),
      tick('A.outer', 'B.outer', true),
      tick('A.centre', 'A.outer', false),
      tick('A.centre', 'B.outer', false),
      tick('A.outer', 'B.centre', false),
      tick('B.centre', 'B.outer', false),
    ],
  };

  test('nothing read is Not yet', () => {
    const proof = proofOf(empty);
    expect(proof.verdict).toBe('Not yet');
    expect(proof.deciding?.detail).toBe('6 of 6 pairs not measured');
  });

  test('ticks prove the wiring but no resistance, unless the house leaves it out and says so', () => {
    expect(asked(proofOf(ticks))).toEqual(['Good', 'Not yet', 'Not yet', 'Not yet']);
    expect(proofOf(ticks).verdict).toBe('Not yet');
    const lenient = {
      ...house,
      practice: {
        ...house.practice,
        leaveOut: ['resistance', 'insulation'] as ('resistance' | 'insulation')[],
      },
    };
    const proof = proofOf(ticks, lenient);
    expect(proof.verdict).toBe('Good');
    expect(asked(proof)).toEqual(['Good']);
    expect(
      proof.checks.filter(({ id, leftOut }) => leftOut && /resistance|insulation/.test(id)),
    ).toHaveLength(3);
  });

  test('a leak is neither open nor connected: Out', () => {
    const pairs = ticks.pairs.map((pair) =>
      pair.from === 'A.centre' && pair.to === 'A.outer'
        ? { ...pair, connected: undefined, ohms: 47e3 }
        : pair,
    );
    const proof = proofOf({ ...ticks, pairs });
    expect(proof.verdict).toBe('Out');
    expect(proof.pairs.filter(({ leak }) => leak)).toHaveLength(1);
    expect(proof.diagnosis).toBeUndefined();
  });

  test('readings that contradict each other are asked for again, not diagnosed', () => {
    const pairs = ticks.pairs.map((pair) =>
      pair.from === 'A.centre' && pair.to === 'A.outer' ? { ...pair, connected: true } : pair,
    );
    const proof = proofOf({ ...ticks, pairs });
    expect(proof.contradictions.length).toBeGreaterThan(0);
    expect(proof.checks.find(({ id }) => id === 'continuity')!.verdict).toBe('Not yet');
    expect(proof.diagnosis).toBeUndefined();
  });
});

describe('a choke on the run', () => {
  const choked = withChoke(lead);
  const asks = { ...house, practice: { ...house.practice, proofLevel: 'by sweep' as const } };
  const rejection = (faults: InjectedFault[], asking: House = asks) => {
    const { family, ...choke } = proofPlanOf(planLead(choked, [card], house), asking);
    const own = family.filter(({ quantity }) => quantity === 'decibel');
    const subject = { ...virtual(faults), lead: choked };
    const readings = testVirtualLead(subject, 'Bench one', 'tester', seededRandom(5), own);
    return { of: (taken: Readings[]) => checkOf(prove({ ...choke, family: own }, taken)), readings };
  };
  const checkOf = ({ checks }: ReturnType<typeof prove>) =>
    checks.find(({ id }) => id === 'rejection choke')!;

  test('rejects what its class promises, or is made of other beads', () => {
    const sound = rejection([]);
    expect(sound.of([sound.readings])).toMatchObject({ verdict: 'Good', bound: 'at least' });
    const other = rejection([{ kind: 'wrong beads', chokeId: 'choke' }]);
    expect(other.of([other.readings])).toMatchObject({ verdict: 'Out' });
  });

  test('is asked for where the house has an analyser, and says why its limit stands', () => {
    const unread = rejection([]).of([]);
    expect(unread).toMatchObject({ verdict: 'Not yet', leftOut: false });
    expect(unread.why).toMatch(/class of its beads promises/);
    expect(rejection([], house).of([]).leftOut).toBe(true);
  });
});

describe('looks', () => {
  const asks = { ...house, practice: { ...house.practice, alsoAsk: ['looks' as const] } };
  const looked = (looks: Record<string, boolean>) =>
    proofOf({ ...read([]), looks }, asks).checks.filter(({ id }) => id.startsWith('look '));

  test('seal and coupling wait for the finished lead; all others are asked for', () => {
    const waiting = looked({}).filter(({ leftOut }) => leftOut);
    expect(waiting.map(({ label }) => label)).toEqual([
      'Relief or seal of end A',
      'Coupling of end A',
      'Relief or seal of end B',
      'Coupling of end B',
    ]);
  });

  test('joints are looked at as what they are: no fillet on a screw, no mark of a tool on a cup', () => {
    for (const { lead, cards, method } of leadOfEachMethod()) {
      const { looks, steps } = planLead(lead, cards, house);
      const look = looks.find(({ id }) => id === 'look A joint')!;
      const made = steps.filter(({ endId, stage }) => endId === 'A' && stage === 'Join');
      const kinds = [...new Set(made.flatMap(({ joint }) => joint ?? []))];
      if (kinds.length === 0) continue;
      expect([method, look.subject]).toEqual([method, kinds.at(-1)]);
      expect([method, kinds.filter((kind) => !look.good.includes(`${kind}: `))]).toEqual([method, []]);
      const solders = made.some(({ work }) => work === 'solder');
      expect([method, /solder|fillet/i.test(`${look.good} ${look.out}`) && !solders]).toEqual([
        method,
        false,
      ]);
    }
  });

  test('a stuck coupling is Out, whenever it is seen', () => {
    const stuck = looked({ 'look B coupling': false }).find(({ id }) => id === 'look B coupling')!;
    expect(stuck).toMatchObject({ verdict: 'Out', leftOut: false, detail: expect.stringMatching(/held by/) });
  });
});
