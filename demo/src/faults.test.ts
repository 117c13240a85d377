import { describe, expect, test } from '@jest/globals';
import { conductorsOf } from '@gorvane/core/cable/conductors.ts';
import { leadCable } from '@gorvane/core/lead/lead-cable.ts';
import type { LeadPlan } from '@gorvane/core/plan/lead-plan.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import type { InjectedFault } from '@gorvane/core/prove/injected-fault.ts';
import { isFault } from '@gorvane/core/prove/injected-fault.ts';
import { leadWiring } from '@gorvane/core/wiring/lead-wiring.ts';
import { nextMeasurement } from '@gorvane/core/prove/next-measurement.ts';
import { placeFault, withPlaces } from '@gorvane/core/prove/place.ts';
import { placedDiagnosis } from '@gorvane/core/prove/placed-diagnosis.ts';
import { leadNetwork } from '@gorvane/core/prove/lead-network.ts';
import { prove } from '@gorvane/core/prove/proof.ts';
import { proofPlanOf } from '@gorvane/core/plan/proof-plan.ts';
import type { Readings } from '@gorvane/core/reading/reading.ts';
import { reflectionFindings, reflectogramOf } from '@gorvane/core/prove/reflection-findings.ts';
import { sweepGridFor } from '@gorvane/core/prove/sweep-judge.ts';
import { sweepLineOf } from '@gorvane/core/prove/sweep-line.ts';
import { readFarads, testVirtualLead } from '@gorvane/core/prove/virtual-lead.ts';
import { sweepVirtualLead } from '@gorvane/core/prove/virtual-line.ts';
import { seededRandom } from '@gorvane/core/quantity/random.ts';
import fc from 'fast-check';
import { ferryLanding } from './ferry-landing.ts';

const demo = ferryLanding();
const house = { ...demo.house[0]!, practice: { ...demo.house[0]!.practice, leaveOut: [] } };
const plans: readonly LeadPlan[] = demo.leads.map((lead) => planLead(lead, demo.gaugeCards, house));
const named = plans.map((plan, n) => [plan.lead.name, n] as const);

/** Everything the instruments read of a lead with these faults, and its proof. */
function read(plan: LeadPlan, faults: readonly InjectedFault[], seed: number) {
  const virtual = { lead: plan.lead, lengths: plan.lengths, celsius: house.roomCelsius, faults };
  const random = seededRandom(seed);
  const take: Readings = testVirtualLead(virtual, 'Bench one', 'tester', random, plan.family);
  const line = sweepLineOf(plan.lead, plan.lengths);
  if (!line) return { takes: [take], proof: prove(proofPlanOf(plan, house), [take]), line: undefined };
  const network = sweepVirtualLead(virtual, sweepGridFor(line, plan.lead.requirement.frequencies), random);
  const takes = [{ ...take, sweep: { name: 'a.s2p', hash: 'a' } }];
  const proof = prove(proofPlanOf(plan, house), takes, { sweeps: new Map([['a', network]]) });
  return { takes, proof, line, network };
}

describe('every lead of the scenario', () => {
  test.each(named)('%s, sound, is Good by every instrument, at the level of what it is', (_name, n) => {
    const { lead } = plans[n]!;
    for (let seed = 1; seed <= 6; seed++) {
      const { proof, line } = read(plans[n]!, [], seed);
      const { deciding } = proof;
      const level = line
        ? 'by sweep'
        : lead.signal === 'lighting' && lead.ends.length === 2
          ? 'by meter and load'
          : 'by look and meter';
      expect([seed, deciding?.label, deciding?.detail, proof.verdict, proof.level]).toEqual([
        seed,
        undefined,
        undefined,
        'Good',
        level,
      ]);
    }
  });
});

/** Any one mistake that a lead can have at its ends. */
function mistake(plan: LeadPlan, pick: number): InjectedFault {
  const { terminals, points } = leadWiring(plan.lead);
  const seated = terminals.flatMap(({ point }, terminal) => (point === null ? [] : [terminal]));
  const faults: InjectedFault[] = [
    ...seated.map((terminal): InjectedFault => ({ kind: 'open', terminal })),
    ...points
      .slice(1)
      .flatMap(({ endId }, n): InjectedFault[] =>
        points[n]!.endId === endId ? [{ kind: 'short', points: [n, n + 1] }] : [],
      ),
    ...seated.flatMap((a, n) =>
      seated
        .slice(n + 1)
        .flatMap((b): InjectedFault[] =>
          terminals[a]!.endId === terminals[b]!.endId && terminals[a]!.conductor !== terminals[b]!.conductor
            ? [{ kind: 'swap', terminals: [a, b] }]
            : [],
        ),
    ),
  ];
  return faults[pick % faults.length]!;
}

/** A lead of the scenario, so many times as long. */
function resized(which: number, factor: number): LeadPlan {
  const lead = demo.leads[which]!;
  const legs = lead.legs.map((leg) => ({ ...leg, finishedLength: factor * leg.finishedLength }));
  const bends = lead.bends.map((bend) => ({ ...bend, at: factor * bend.at }));
  return planLead({ ...lead, legs, bends }, demo.gaugeCards, house);
}

describe('random faults in random leads', () => {
  const factor = fc.double({ min: 0.7, max: 5, noNaN: true });
  const someLead = fc.tuple(fc.nat({ max: plans.length - 1 }), factor).map(([n, times]) => resized(n, times));
  const seeds = fc.integer({ min: 1, max: 9999 });

  test('one mistake is named, alone or among explanations of its size; whatever shows nothing is no mistake', () => {
    fc.assert(
      fc.property(someLead, fc.nat(), seeds, (plan, pick, seed) => {
        const fault = mistake(plan, pick);
        const { proof } = read(plan, [fault], seed);
        if (proof.verdict === 'Good') {
          // Cores of one contact changed over, or one of several that are paralleled: the matrix cannot show it.
          expect(proof.pairs.every(({ planned, read: seen }) => planned === seen)).toBe(true);
          return;
        }
        const { diagnosis } = proof;
        // Seen only by a reading of its family, as a pair that is split: there is nothing to read from the matrix.
        if (!diagnosis)
          return expect(proof.pairs.every(({ planned, read: seen }) => planned === seen)).toBe(true);
        expect(diagnosis.explanations[0]!.faults).toHaveLength(1);
        if (isFault(fault) && !diagnosis.more)
          expect(diagnosis.explanations.map(({ faults }) => faults)).toContainEqual([fault]);
      }),
      { numRuns: 60 },
    );
  });

  test('two mistakes at once: no more than two are blamed, and each explanation would read the same', () => {
    fc.assert(
      fc.property(someLead, fc.nat(), fc.nat(), seeds, (plan, first, second, seed) => {
        const { proof } = read(plan, [mistake(plan, first), mistake(plan, second)], seed);
        const { explanations = [], proven } = proof.diagnosis ?? {};
        if (explanations.length === 0) return;
        if (proven) expect(explanations[0]!.faults.length).toBeLessThanOrEqual(2);
        const seen = proof.pairs.map((pair) => pair.read);
        for (const { faults } of explanations.slice(0, 4))
          expect(read(plan, faults, seed).proof.pairs.map((pair) => pair.read)).toEqual(seen);
      }),
      { numRuns: 40 },
    );
  });

  test('a conductor broken in the cable is placed within what is said, or said not to be sure', () => {
    fc.assert(
      fc.property(
        someLead,
        fc.nat(),
        fc.double({ min: 0.08, max: 0.92, noNaN: true }),
        seeds,
        (plan, pick, at, seed) => {
          const piece = plan.lead.pieces[pick % plan.lead.pieces.length]!;
          const conductors = conductorsOf(leadCable(plan.lead, piece.cableId));
          const { id: conductor } = conductors[pick % conductors.length]!;
          const broken: InjectedFault = { kind: 'cable open', pieceId: piece.id, conductor, at };
          const virtual = { lead: plan.lead, lengths: plan.lengths, celsius: 20, faults: [broken] };
          const { proof, takes } = read(plan, [broken], seed);
          const explanations = proof.diagnosis?.explanations ?? [];
          const next = nextMeasurement(plan.lead, proof.wiring, explanations, plan.lengths);
          if (next?.code !== 'capacitance from each end') return;
          const network = leadNetwork(virtual, proof.wiring);
          const index = (id: string) => proof.wiring.points.findIndex((point) => point.id === id);
          const random = seededRandom(seed);
          const farads = next.wanted.map(({ from, to }) => ({
            from,
            to,
            farads: readFarads(network, [index(from), index(to)], random)!,
          }));
          const subject = { lead: plan.lead, wiring: proof.wiring, lengths: plan.lengths };
          const all = [...takes, { ...takes[0]!, pairs: [], farads }];
          const placedOf = (fault: Parameters<typeof placeFault>[1]) => placeFault(subject, fault, all);
          const [first] = withPlaces(proof.wiring, explanations, placedOf);
          const placed = placedOf(first!.faults[0]!);
          if (!placed || placed.where === 'unsure' || placed.pieceId !== piece.id) return;
          const length = plan.lengths.get(piece.id)!;
          const isForward =
            plan.lead.ends.find(({ id }) => id === placed.fromEndId)!.nodeId === plan.lead.nodes[0]!.id;
          const from = (isForward ? at : 1 - at) * length;
          expect(placed.where).not.toBe('two places');
          if (placed.where === 'cable')
            expect(Math.abs(placed.distance - from)).toBeLessThanOrEqual(placed.uncertainty);
          else expect(Math.min(from, length - from) / length).toBeLessThan(0.1);
        },
      ),
      { numRuns: 60 },
    );
  });

  const lines = plans.flatMap((plan, n) => (sweepLineOf(plan.lead, plan.lengths) ? [n] : []));

  test('what is wrong inside a coax is seen by the sweep, and what reflects is placed', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...lines),
        fc.constantFrom('open', 'short', 'crush', 'water'),
        fc.double({ min: 0.2, max: 0.8, noNaN: true }),
        seeds,
        (which, kind, at, seed) => {
          const plan = plans[which]!;
          const pieceId = plan.lead.pieces[0]!.id;
          const fault: InjectedFault =
            kind === 'open'
              ? { kind: 'cable open', pieceId, conductor: 'centre', at }
              : kind === 'short'
                ? { kind: 'cable short', pieceId, conductors: ['centre', 'shield'], at }
                : kind === 'crush'
                  ? { kind, pieceId, at, length: 0.08 }
                  : { kind: 'water', pieceId, at, length: 0.3 * plan.lengths.get(pieceId)! };
          const { proof, line, network } = read(plan, [fault], seed);
          if (kind !== 'crush') expect(proof.verdict).not.toBe('Good');
          const found = reflectionFindings(line!, reflectogramOf(line!, network!), 'on a port').filter(
            ({ expected }) => !expected,
          );
          if (kind === 'open' || kind === 'short') {
            const total = found.find(({ event }) => event.kind === kind);
            expect(total).toBeDefined();
            const from = (line!.forward ? at : 1 - at) * line!.length;
            expect(Math.abs(total!.distance - from)).toBeLessThanOrEqual(
              total!.uncertainty + 0.02 * line!.length,
            );
          }
        },
      ),
      { numRuns: 40 },
    );
  });

  test('an open or a short of a joint is left at its own end by the reflection, or said not to be sure', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...lines),
        fc.nat({ max: 3 }),
        fc.boolean(),
        seeds,
        (which, pick, isOpen, seed) => {
          const plan = plans[which]!;
          const fault: InjectedFault = isOpen
            ? { kind: 'open', terminal: pick }
            : { kind: 'short', points: pick < 2 ? [0, 1] : [2, 3] };
          const { proof, takes, line, network } = read(plan, [fault], seed);
          const reflected = reflectionFindings(line!, reflectogramOf(line!, network!), 'on a port').filter(
            ({ expected }) => !expected,
          );
          const left = placedDiagnosis(proofPlanOf(plan, house), proof, takes, reflected);
          expect(left.flat().map((each) => each.fault)).toContainEqual(fault);
          if (left.length === 1) expect(left[0]![0]!.placed!.where).not.toBe('cable');
        },
      ),
      { numRuns: 40 },
    );
  });
});
