import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { connectorById } from '../connector/catalogue/catalogue.ts';
import type { LeadRequest } from '../lead/make-lead.ts';
import { makeLead } from '../lead/make-lead.ts';
import { checkLead } from '../lead/tree.ts';
import { badJoints } from '../prove/bad-joint.ts';
import { diagnose } from '../prove/diagnosis.ts';
import type { Fault } from '../prove/fault.ts';
import { misassign, plannedAssignment } from '../prove/fault.ts';
import { leadWiring } from '../wiring/lead-wiring.ts';
import { prove } from '../prove/proof.ts';
import { proofPlanOf } from './proof-plan.ts';
import { testVirtualLead } from '../prove/virtual-lead.ts';
import type { Wiring } from '../wiring/wiring.ts';
import { partitionOf, plannedPartition, samePartition } from '../wiring/wiring.ts';
import { seededRandom } from '../quantity/random.ts';
import { cutKey } from '../strip/cut-of.ts';
import { counted, house, now } from '../testing/example.ts';
import { happeningsOf, simulate } from '../testing/thread-simulator.ts';
import { planLead } from './lead-plan.ts';
import { withSecondCore } from './second-core.ts';

const request = (change: Partial<LeadRequest> = {}): LeadRequest => ({
  name: 'Ticket-desk lead',
  purpose: '',
  signal: 'stereo',
  cableId: 'twin-phono',
  near: { connector: connectorById('jack-3-trs-large') },
  far: [
    { connector: connectorById('phono-spring'), channel: 'left', marker: 'white', legLength: 0.5 },
    { connector: connectorById('phono-spring'), channel: 'right', marker: 'red', legLength: 0.5 },
  ],
  length: 1.5,
  frequencies: [20e3],
  ...change,
});
const planOf = (change: Partial<LeadRequest> = {}, as = house) => {
  const { lead, cards } = makeLead(request(change), counted(), now);
  return planLead(checkLead(lead), cards, as);
};
const joined = {
  split: 'joined',
  cableId: 'mic-pair',
  legCableId: 'twin-phono',
  near: { connector: connectorById('jack-6-trs') },
} as const;

describe('a Y lead', () => {
  test('runs both cables through, uncut: left and right to their own ends, the shields on one sleeve', () => {
    const plan = planOf();
    expect(plan.cuts).toHaveLength(2);
    const { joints } = plan.ends[0]!.input;
    expect(
      joints.map(({ contact, role, conductors }) => [
        contact.id,
        role,
        conductors.map(({ pieceId }) => pieceId),
      ]),
    ).toEqual([
      ['tip', 'left', ['cable B']],
      ['ring', 'right', ['cable C']],
      ['sleeve', 'shield', ['cable B', 'cable C']],
    ]);
    expect(plan.pinChecks.filter(({ weight }) => weight === 'wrong')).toEqual([]);
    // Two cables have a centre each: their cuts are told apart, on the drawing and in the record.
    const { cuts, routes } = plan.ends[0]!.strip;
    expect(new Set(cuts.map(cutKey)).size).toBe(cuts.length);
    expect(routes.map(({ label }) => label)).toEqual([
      'centre of cable B',
      'centre of cable C',
      'shield of cable B and cable C',
    ]);
    expect(plan.paths.map(({ label }) => label)).toContain('shield of cable B, end B to end C');
  });

  test.each([
    ['carried through', {}],
    ['joined at the split', joined],
    ['with unequal legs', { far: request().far.map((end, n) => ({ ...end, legLength: 0.3 + n })) }],
  ] as const)('%s it is threaded, and an independent simulator agrees', (_name, change) => {
    for (const threading of ['early', 'late'] as const) {
      const plan = planOf(change, { ...house, practice: { ...house.practice, threading } });
      expect(plan.thread.possible).toBe(true);
      expect(simulate(plan.run, happeningsOf(plan.run, plan.thread))).toBeUndefined();
      expect(plan.steps.some(({ title }) => title === 'Shrink the split')).toBe(true);
      const ids = plan.steps.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
    }
  });

  test('cut lengths follow trunk and leg', () => {
    const [left] = planOf().cuts;
    const far = request().far.map((end) => ({ ...end, legLength: 0.9 }));
    expect(planOf({ far }).cuts[0]!.cut.value - left!.cut.value).toBeCloseTo(0.4, 9);
    expect(planOf({ length: 2.5 }).cuts[0]!.cut.value - left!.cut.value).toBeCloseTo(1, 9);
  });

  test('joined, every conductor goes on through the split, and the joints are made before the ends', () => {
    const plan = planOf(joined);
    expect(plan.lead.joins.map(({ conductors }) => conductors.map(({ conductor }) => conductor))).toEqual([
      ['white', 'centre'],
      ['blue', 'centre'],
      ['shield', 'shield', 'shield'],
    ]);
    const names = plan.steps.map(({ role }) => role);
    expect(names.indexOf('join')).toBeLessThan(names.indexOf('insert'));
    // Trunk and leg in a row: more copper than either alone.
    const path = plan.paths.find(({ from, to }) => from === 'A.tip' && to === 'B.tip')!;
    expect(path.expected).toBeGreaterThan(0.5 * 0.09 + 2 * 0.02);
  });

  test('the tester finds nothing wrong with a good one, and what was swapped between the ends', () => {
    for (const change of [{}, joined]) {
      const plan = planOf(change);
      const read = (faults: Parameters<typeof testVirtualLead>[0]['faults']) => {
        const virtual = { lead: plan.lead, lengths: plan.lengths, celsius: 20, faults };
        return prove(proofPlanOf(plan, house), [testVirtualLead(virtual, 'x', 'tester', seededRandom(3))]);
      };
      expect(read([]).verdict).toBe('Good');
      const swapped = read([{ kind: 'swap', terminals: terminalsAt(plan.lead, 'A') }]);
      expect(swapped.verdict).toBe('Out');
      expect(swapped.diagnosis!.explanations.map(({ faults }) => faults[0]!.kind)).toContain('swap');
    }
  });
});

/** The terminals of the first two cores at an end. */
function terminalsAt(lead: ReturnType<typeof planOf>['lead'], endId: string): [number, number] {
  const found = leadWiring(lead).terminals.flatMap(({ endId: at, strand }, index) =>
    at === endId && strand!.conductor !== 'shield' ? [index] : [],
  );
  return [found[0]!, found[1]!];
}

describe('random pin plans and faults', () => {
  const requests: readonly Partial<LeadRequest>[] = [
    {},
    joined,
    {
      signal: 'lighting',
      cableId: 'lighting-2-pair',
      near: { connector: connectorById('xlr-5-plug') },
      far: [{ connector: connectorById('xlr-5-socket') }],
    },
    {
      signal: 'balanced',
      cableId: 'mic-pair',
      near: { connector: connectorById('xlr-3-socket') },
      far: [{ connector: connectorById('jack-6-trs') }],
    },
    {
      signal: 'unbalanced',
      cableId: 'mic-pair',
      near: { connector: connectorById('jack-6-ts') },
      far: [{ connector: connectorById('phono-spring') }],
    },
    {
      signal: 'speaker',
      cableId: 'speaker-star-quad-4x2.5',
      near: { connector: connectorById('banana-pair') },
      far: [{ connector: connectorById('spade-pair-6') }],
    },
  ];

  test('the smallest explanation is never larger than what was injected, and shows exactly what was read', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...requests),
        fc.array(
          fc.record({
            kind: fc.constantFrom('open', 'short', 'swap', 'wrong contact'),
            a: fc.nat(99),
            b: fc.nat(99),
          }),
          { minLength: 1, maxLength: 2 },
        ),
        fc.array(fc.nat(99), { maxLength: 2 }),
        (change, wanted, moved) => {
          const base = makeLead(request(change), counted(), now).lead;
          // A pin plan of nobody's choosing: some conductors on other contacts of their end.
          const lead = moved.reduce((now_, pick) => {
            const index = pick % now_.pinPlan.length;
            const { endId } = now_.pinPlan[index]!;
            const contacts = connectorById(now_.ends.find(({ id }) => id === endId)!.connectorId).contacts;
            const contact = contacts[pick % contacts.length]!.id;
            return { ...now_, pinPlan: now_.pinPlan.map((c, n) => (n === index ? { ...c, contact } : c)) };
          }, base);
          const wiring = leadWiring(lead);
          const faults = wanted.flatMap((want): Fault[] => faultOf(wiring, want));
          const assignment = faults.reduce(
            (now_, fault) => misassign(wiring, now_, fault),
            plannedAssignment(wiring),
          );
          const open = new Set(faults.flatMap((fault) => (fault.kind === 'open' ? [fault.terminal] : [])));
          const shorts = faults.flatMap((fault) => (fault.kind === 'short' ? [fault.points] : []));
          const measured = partitionOf(wiring, assignment, open, shorts);
          fc.pre(!samePartition(measured, plannedPartition(wiring)));
          const { explanations } = diagnose(wiring, measured);
          for (const { faults: found } of explanations) {
            expect(found.length).toBeLessThanOrEqual(faults.length);
            const after = found.reduce(
              (now_, fault) => misassign(wiring, now_, fault),
              plannedAssignment(wiring),
            );
            const foundOpen = new Set(
              found.flatMap((fault) => (fault.kind === 'open' ? [fault.terminal] : [])),
            );
            const foundShorts = found.flatMap((fault) => (fault.kind === 'short' ? [fault.points] : []));
            expect(samePartition(partitionOf(wiring, after, foundOpen, foundShorts), measured)).toBe(true);
          }
          expect(explanations.length).toBeGreaterThan(0);
        },
      ),
      { numRuns: 200 },
    );
  });
});

function faultOf(wiring: Wiring, { kind, a, b }: { kind: string; a: number; b: number }): Fault[] {
  const seated = wiring.terminals.flatMap(({ point }, index) => (point === null ? [] : [index]));
  const terminal = seated[a % seated.length]!;
  const { endId } = wiring.terminals[terminal]!;
  const points = wiring.points.flatMap((point, index) => (point.endId === endId ? [index] : []));
  const others = seated.filter((other) => other !== terminal && wiring.terminals[other]!.endId === endId);
  switch (kind) {
    case 'open':
      return [{ kind, terminal }];
    case 'short': {
      const [x, y] = [points[a % points.length]!, points[b % points.length]!];
      return x === y ? [] : [{ kind, points: [Math.min(x, y), Math.max(x, y)] }];
    }
    case 'swap':
      return others.length === 0 ? [] : [{ kind, terminals: [terminal, others[b % others.length]!] }];
    default:
      return [{ kind: 'wrong contact', terminal, point: points[b % points.length]! }];
  }
}

describe('a Y lead with legs of microphone cable, both cores twisted, a sleeve on each leg', () => {
  const half = connectorById('phono-half-shell');
  const made = makeLead(
    request({
      ...joined,
      legCableId: 'mic-pair',
      far: [
        { connector: half, channel: 'left', legLength: 0.5 },
        { connector: half, channel: 'right', legLength: 0.5 },
      ],
    }),
    counted(),
    now,
  );
  const cardOf = (id: string) => made.cards.find((card) => card.id === id)!;
  const twisted = made.lead.ends
    .slice(1)
    .reduce(
      (lead, end) => withSecondCore(lead, end, cardOf(end.gaugeCardId), house, 'twisted in'),
      made.lead,
    );
  const sleeve = (leg: 'B' | 'C') => ({
    id: `sleeve ${leg}`,
    kind: 'braided sleeve' as const,
    legId: `leg ${leg}`,
    nearEndId: leg,
    distance: 0.03,
    size: 'sleeve-6',
  });
  const sleeved = planLead(
    { ...twisted, extraParts: [...made.lead.extraParts, sleeve('B'), sleeve('C')] },
    made.cards,
    house,
  );
  const bare = planLead(made.lead, made.cards, house);
  const crotch = (plan: typeof bare) => plan.parts.find(({ kind }) => kind === 'split shrink')!;

  test('both cores of a leg are on its tip and on one core of the trunk: nothing is spare', () => {
    expect(
      sleeved.ends.map(({ input }) => input.spares.filter(({ kind }) => kind === 'core').length),
    ).toEqual([0, 0, 0]);
    expect(sleeved.lead.joins.map(({ conductors }) => conductors.length)).toEqual([3, 3, 3]);
    expect(prove(proofPlanOf(sleeved, house), []).checks.length).toBeGreaterThan(2);
    const back = sleeved.lead.ends
      .slice(1)
      .reduce((lead, end) => withSecondCore(lead, end, cardOf(end.gaugeCardId), house, 'fold back'), twisted);
    expect(back.joins).toEqual(made.lead.joins);
  });

  test('each sleeve goes up to the split: one shrink of its own, the other end under the crotch seal', () => {
    expect(sleeved.thread.possible).toBe(true);
    const shrinks = sleeved.parts.filter(({ kind }) => kind === 'sleeve shrink');
    expect(shrinks.map(({ fixedBy }) => fixedBy).sort()).toEqual(['sleeve B/fix', 'sleeve C/fix']);
    const fix = sleeved.steps.filter(({ role }) => role === 'sleeve');
    expect(fix).toHaveLength(2);
    for (const { text } of fix) expect(text.firstTime).toMatch(/its free end.*up to the split/);
    const order = sleeved.steps.map(({ role }) => role);
    expect(order.indexOf('split-seal')).toBeGreaterThan(order.lastIndexOf('sleeve'));
  });

  test('the crotch seal covers 20 mm on either side, and 75 mm in all where sleeves end under it', () => {
    const covered = (plan: typeof bare) =>
      crotch(plan).cutLength!.terms.find(({ label }) => /[Cc]over/.test(label))!.value;
    // A joined split has 40 mm of joints between.
    expect(covered(bare)).toBeCloseTo(0.04 + 0.04, 9);
    expect(covered(sleeved)).toBeCloseTo(0.075 + 0.04, 9);
    expect(crotch(sleeved).opening).toBeGreaterThanOrEqual(crotch(bare).opening);
  });

  test('two shields on one contact: a bad joint is at the shield it is in, at either of its ends, never at the other', () => {
    const plan = planOf();
    const wiring = leadWiring(plan.lead);
    const shields = wiring.terminals.flatMap(({ endId, strand }, terminal) =>
      strand?.conductor === 'shield' ? [{ terminal, endId, pieceId: strand.pieceId }] : [],
    );
    const proofPlan = proofPlanOf(plan, house);
    for (const { terminal, pieceId } of shields) {
      const faults = [{ kind: 'high resistance', terminal, ohms: 0.8 }] as const;
      const virtual = { lead: plan.lead, lengths: plan.lengths, celsius: 20, faults };
      const proof = prove(proofPlan, [testVirtualLead(virtual, 'x', 'tester', seededRandom(5))]);
      const [places] = badJoints(proofPlan, proof);
      const mine = shields.filter((shield) => shield.pieceId === pieceId);
      expect(places!.map(({ fault }) => 'terminal' in fault && fault.terminal).sort()).toEqual(
        mine.map((shield) => shield.terminal).sort(),
      );
    }
  });
});
