import { describe, expect, test } from '@jest/globals';
import { house } from '../testing/example.ts';
import { signalPlan } from '../testing/signal-lead.ts';
import { seededRandom } from '../quantity/random.ts';
import type { LeadPlan } from '../plan/lead-plan.ts';
import type { Fault } from './fault.ts';
import { leadWiring } from '../wiring/lead-wiring.ts';
import type { Proof } from './proof.ts';
import { prove } from './proof.ts';
import { proofPlanOf } from '../plan/proof-plan.ts';
import type { Readings } from '../reading/reading.ts';
import { repairOf } from './repair.ts';
import type { InjectedFault } from './injected-fault.ts';
import { testVirtualLead } from './virtual-lead.ts';

const lights = signalPlan('lighting', 'lighting-2-pair', ['xlr-5-plug', 'xlr-5-socket']);
const mic = signalPlan('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug']);
const patch = signalPlan('unbalanced', 'instrument', ['jack-6-ts-low-profile', 'jack-6-ts-low-profile']);
const loop = signalPlan('unbalanced', 'mic-pair', ['jack-6-ts', 'phono-spring']);
const lounge = signalPlan('speaker', 'speaker-star-quad-4x2.5', ['banana-pair', 'spade-pair-6']);

function read(plan: LeadPlan, faults: readonly InjectedFault[] = [], seed = 7): Readings {
  const virtual = { lead: plan.lead, lengths: plan.lengths, celsius: 20, faults };
  return testVirtualLead(virtual, 'Bench one', 'tester', seededRandom(seed), plan.family);
}
const proofOf = (plan: LeadPlan, readings: Readings): Proof => prove(proofPlanOf(plan, house), [readings]);
const provedWith = (plan: LeadPlan, ...faults: InjectedFault[]) => proofOf(plan, read(plan, faults));

/** The terminal of a conductor at an end. */
function terminal({ lead }: LeadPlan, endId: string, conductor: string): number {
  const found = leadWiring(lead).terminals.findIndex(
    (each) => each.endId === endId && each.strand?.conductor === conductor,
  );
  if (found < 0) throw new Error(`no ${conductor} at ${endId}`);
  return found;
}
const point = ({ lead }: LeadPlan, id: string) => leadWiring(lead).points.findIndex((each) => each.id === id);
const swapAt = (plan: LeadPlan, endId: string, a: string, b: string): Fault => ({
  kind: 'swap',
  terminals: [terminal(plan, endId, a), terminal(plan, endId, b)],
});
const kinds = ({ diagnosis }: Proof) =>
  diagnosis!.explanations.map(({ faults }) => faults.map(({ kind }) => kind).join('+'));

describe('sound leads read Good', () => {
  test.each([
    ['lighting', lights],
    ['microphone', mic],
    ['flat patch', patch],
    ['two-core with a spare', loop],
    ['star quad', lounge],
  ])('%s', (_name, plan) => {
    for (let seed = 1; seed <= 20; seed++) expect(proofOf(plan, read(plan, [], seed)).verdict).toBe('Good');
  });
});

describe('paths', () => {
  test('every planned path has a limit of its own; shells and spares have none', () => {
    expect(lights.paths.map(({ from, to }) => `${from} ${to}`)).toEqual(
      ['1', '2', '3', '4', '5'].map((contact) => `A.${contact} B.${contact}`),
    );
    expect(loop.paths).toHaveLength(2);
  });

  test('two paralleled cores have half the resistance of one', () => {
    const single = signalPlan('speaker', 'speaker-2x2.5', ['banana-pair', 'spade-pair-6']);
    const copper = (plan: LeadPlan) => plan.paths[0]!.expected - 2 * 5e-3;
    expect(copper(lounge) / copper(single)).toBeCloseTo(0.5, 1);
  });

  test('a spare core is connected to nothing: touching a contact it shows', () => {
    const touching: InjectedFault = {
      kind: 'short',
      points: [point(loop, 'A.tip'), point(loop, 'A.sleeve')],
    };
    expect(provedWith(loop, touching).verdict).toBe('Out');
    expect(leadWiring(loop.lead).terminals.filter(({ point: at }) => at === null)).toHaveLength(2);
  });

  test('the spare soldered instead of its neighbour is one swap, or an open', () => {
    const proof = provedWith(loop, swapAt(loop, 'B', 'white', 'blue'));
    expect(proof.verdict).toBe('Out');
    expect(kinds(proof)).toEqual(expect.arrayContaining(['open', 'swap']));
  });
});

describe('lighting', () => {
  test('asks for terminator and twist of both pairs', () => {
    expect(lights.family.map(({ id }) => id)).toEqual(['terminator 1', 'pair 1', 'terminator 2', 'pair 2']);
    expect(signalPlan('lighting', 'lighting-1-pair', ['xlr-3-plug', 'xlr-3-socket']).family).toHaveLength(2);
    expect(mic.family.map(({ id }) => id)).toEqual(['capacitance']);
    expect(lounge.family).toEqual([]);
  });

  test('not measured it is Not yet, and a house may leave it out', () => {
    const { family: _family, ...rest } = read(lights);
    expect(proofOf(lights, rest).verdict).toBe('Not yet');
    const as = { ...house, practice: { ...house.practice, leaveOut: ['family' as const] } };
    expect(prove(proofPlanOf(lights, as), [rest]).verdict).toBe('Good');
  });

  test('the second pair reversed at one end', () => {
    const proof = provedWith(lights, swapAt(lights, 'B', 'red', 'green'));
    expect(proof.verdict).toBe('Out');
    expect(proof.diagnosis!.explanations.map(({ faults }) => faults)).toEqual(
      expect.arrayContaining([[swapAt(lights, 'B', 'red', 'green')], [swapAt(lights, 'A', 'red', 'green')]]),
    );
  });

  test('a split pair passes continuity and fails by capacitance', () => {
    const proof = provedWith(
      lights,
      swapAt(lights, 'A', 'black', 'green'),
      swapAt(lights, 'B', 'black', 'green'),
    );
    expect(proof.checks.find(({ id }) => id === 'continuity')!.verdict).toBe('Good');
    expect(proof.checks.filter(({ verdict }) => verdict === 'Out').map(({ id }) => id)).toEqual([
      'pair 1',
      'pair 2',
    ]);
    expect(proof.verdict).toBe('Out');
  });

  test('an open core shows no terminator', () => {
    const proof = provedWith(lights, { kind: 'open', terminal: terminal(lights, 'B', 'white') });
    const seen = proof.checks.filter(({ id }) => id.startsWith('terminator')).map(({ verdict }) => verdict);
    expect(seen).toEqual(['Out', 'Good']);
  });

  test('the screen on the shell is a connection that nobody planned', () => {
    const proof = provedWith(lights, {
      kind: 'short',
      points: [point(lights, 'B.1'), point(lights, 'B.shell')],
    });
    expect(kinds(proof)).toContain('short');
  });

  test('contacts counted from the other side are one mistake, not four', () => {
    const proof = provedWith(lights, { kind: 'mirrored', endId: 'B' });
    expect(proof.diagnosis!.explanations[0]!.faults).toHaveLength(1);
    expect(kinds(proof)).toContain('mirrored');
  });
});

describe('a conductive layer left on', () => {
  test('is a leak: neither a connection nor an insulation', () => {
    const proof = provedWith(patch, {
      kind: 'leak',
      points: [point(patch, 'A.tip'), point(patch, 'A.sleeve')],
      ohms: 22e3,
    });
    expect(proof.verdict).toBe('Out');
    expect(proof.pairs.some(({ leak }) => leak)).toBe(true);
    expect(proof.checks.find(({ id }) => id === 'insulation')!.verdict).toBe('Out');
    expect(proof.diagnosis).toBeUndefined();
  });
});

describe('where mending begins', () => {
  const repair = (plan: LeadPlan, fault: Fault) =>
    repairOf(plan.lead, leadWiring(plan.lead), plan.steps, fault)!;

  test('at the joint, where the connector opens again: nothing is scrap', () => {
    expect(repair(lights, swapAt(lights, 'B', 'red', 'green'))).toMatchObject({
      target: { role: 'joint', about: '4', endId: 'B' },
      cost: { scrap: [], partsOff: [], uses: 0 },
    });
    expect(repair(mic, { kind: 'open', terminal: terminal(mic, 'A', 'blue') }).target.about).toBe('3');
    expect(repair(mic, { kind: 'mirrored', endId: 'A' }).target.about).toBe('1');
    const short: Fault = { kind: 'short', points: [point(mic, 'B.2'), point(mic, 'B.3')] };
    expect(repair(mic, short).target.about).toBe('2');
  });

  test('at the strip, where it is cut off', () => {
    const { target, cost } = repair(lounge, { kind: 'open', terminal: terminal(lounge, 'B', 'red') });
    expect(target.role).toBe('jacket');
    expect(cost.uses).toBeGreaterThan(0);
  });
});
