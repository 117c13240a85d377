import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { planLead } from '../plan/lead-plan.ts';
import type { LeadPlan } from '../plan/lead-plan.ts';
import { seededRandom } from '../quantity/random.ts';
import { exampleLead, house } from '../testing/example.ts';
import { signalPlan } from '../testing/signal-lead.ts';
import type { InjectedFault } from './injected-fault.ts';
import { leadNetwork } from './lead-network.ts';
import { nextMeasurement } from './next-measurement.ts';
import { placeFault, withPlaces } from './place.ts';
import { prove } from './proof.ts';
import { proofPlanOf } from '../plan/proof-plan.ts';
import type { Readings } from '../reading/reading.ts';
import { readFarads, testVirtualLead } from './virtual-lead.ts';

const longCoax = (() => {
  const { lead, card } = exampleLead({ length: 18 });
  return planLead(lead, [card], house);
})();
const mic = signalPlan('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug']);
const lights = signalPlan('lighting', 'lighting-2-pair', ['xlr-5-plug', 'xlr-5-socket']);
const leads: readonly LeadPlan[] = [longCoax, mic, lights];

/** What the tester reads, and then the capacitances that the diagnosis asks for. */
function diagnosed(plan: LeadPlan, faults: readonly InjectedFault[], seed = 3) {
  const virtual = { lead: plan.lead, lengths: plan.lengths, celsius: 20, faults };
  const random = seededRandom(seed);
  const first = testVirtualLead(virtual, 'Bench one', 'tester', random, plan.family);
  const proof = prove(proofPlanOf(plan, house), [first]);
  const subject = { lead: plan.lead, wiring: proof.wiring, lengths: plan.lengths };
  const explanations = proof.diagnosis?.explanations ?? [];
  const next = nextMeasurement(plan.lead, proof.wiring, explanations, plan.lengths);
  const takes: Readings[] = [first];
  if (next?.code === 'capacitance from each end') {
    const network = leadNetwork(virtual, proof.wiring);
    const index = (id: string) => proof.wiring.points.findIndex((point) => point.id === id);
    const farads = next.wanted.map(({ from, to }) => ({
      from,
      to,
      farads: readFarads(network, [index(from), index(to)], random)!,
    }));
    takes.push({ ...first, pairs: [], farads });
  }
  const placedOf = (fault: (typeof explanations)[number]['faults'][number]) =>
    placeFault(subject, fault, takes);
  return { proof, explanations, placedOf, left: withPlaces(proof.wiring, explanations, placedOf), next };
}

const fault = (explanations: ReturnType<typeof diagnosed>['explanations']) => explanations[0]!.faults[0]!;

describe('an open placed by capacitance', () => {
  test('at the end where it was made, and the tie is gone', () => {
    for (const terminal of [0, 2]) {
      const { explanations, left, placedOf } = diagnosed(longCoax, [{ kind: 'open', terminal }]);
      expect(explanations).toHaveLength(2);
      expect(left.map(({ faults }) => faults)).toEqual([[{ kind: 'open', terminal }]]);
      expect(placedOf(fault(left))!.where).toBe(terminal === 0 ? 'from end' : 'to end');
    }
  });

  test('wherever in the cable it broke, within what is said, in any lead', () => {
    fc.assert(
      fc.property(
        fc.nat({ max: leads.length - 1 }),
        fc.nat(),
        fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        fc.integer({ min: 1, max: 999 }),
        (which, pick, at, seed) => {
          const plan = leads[which]!;
          const cores = plan.lead.pinPlan.filter(({ endId }) => endId === 'A');
          const { pieceId, conductor } = cores[pick % cores.length]!;
          const broken: InjectedFault = { kind: 'cable open', pieceId, conductor, at };
          const { explanations, placedOf } = diagnosed(plan, [broken], seed);
          const placed = placedOf(fault(explanations));
          expect(placed).toBeDefined();
          if (placed!.where === 'unsure') return;
          expect(placed!.where).toBe('cable');
          const length = plan.lengths.get(pieceId)!;
          expect(Math.abs(placed!.distance - at * length)).toBeLessThanOrEqual(placed!.uncertainty);
        },
      ),
      { numRuns: 40 },
    );
  });

  test('broken at two places it says so', () => {
    const twice: InjectedFault[] = [0.2, 0.7].map((at) => ({
      kind: 'cable open',
      pieceId: longCoax.lead.pieces[0]!.id,
      conductor: 'centre',
      at,
    }));
    const { explanations, placedOf } = diagnosed(longCoax, twice);
    const placed = placedOf(fault(explanations))!;
    expect(placed.where).toBe('two places');
    expect(placed.distance / longCoax.lengths.get(longCoax.lead.pieces[0]!.id)!).toBeCloseTo(0.2, 1);
  });

  test('nothing read places nothing, and leaves the tie', () => {
    const { proof, explanations } = diagnosed(mic, [{ kind: 'open', terminal: 1 }]);
    const subject = { lead: mic.lead, wiring: proof.wiring, lengths: mic.lengths };
    expect(placeFault(subject, fault(explanations), [])).toBeUndefined();
    expect(withPlaces(proof.wiring, explanations, () => undefined)).toEqual(explanations);
  });
});

describe('a short placed by resistance', () => {
  test('in a long lead at its end, or in the cable within what is said', () => {
    const pieceId = longCoax.lead.pieces[0]!.id;
    const length = longCoax.lengths.get(pieceId)!;
    const atB = diagnosed(longCoax, [{ kind: 'short', points: [2, 3] }]);
    expect(atB.left.map(({ faults }) => faults)).toEqual([[{ kind: 'short', points: [2, 3] }]]);
    for (const at of [0.25, 0.5, 0.8]) {
      const inside: InjectedFault = { kind: 'cable short', pieceId, conductors: ['centre', 'shield'], at };
      const { explanations, placedOf } = diagnosed(longCoax, [inside]);
      const placed = placedOf(fault(explanations))!;
      expect(placed.where).toBe('cable');
      expect(Math.abs(placed.distance - at * length)).toBeLessThanOrEqual(placed.uncertainty);
    }
  });

  test('in a lead whose loop is little more than its contacts and the meter err by, it does not guess', () => {
    const { lead, card } = exampleLead({ length: 0.15 });
    const short = planLead(lead, [card], house);
    const { explanations, placedOf } = diagnosed(short, [{ kind: 'short', points: [2, 3] }]);
    expect(placedOf(fault(explanations))?.where).toBe('unsure');
  });
});
