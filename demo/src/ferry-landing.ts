import type { Bench } from '@gorvane/core/house/bench.ts';
import { serialOf } from '@gorvane/core/house/bench.ts';
import { defaultBench } from '@gorvane/core/house/default-bench.ts';
import type { StepRole } from '@gorvane/core/recipe/role.ts';
import { firstRevision } from '@gorvane/core/record/revise.ts';
import { reworkTo, stepDone } from '@gorvane/core/unit/advance.ts';
import type { Unit } from '@gorvane/core/unit/unit.ts';
import { connectorById } from '@gorvane/core/connector/catalogue/catalogue.ts';
import type { Archive } from '@gorvane/core/file/archive-tables.ts';
import type { House } from '@gorvane/core/house/house.ts';
import type { Stripper } from '@gorvane/core/house/stripper.ts';
import type { Instrument, InstrumentKind } from '@gorvane/core/house/instrument.ts';
import { newInstrument } from '@gorvane/core/house/new-instrument.ts';
import { defaultHouse } from '@gorvane/core/house/default-house.ts';
import { defaultPapers } from '@gorvane/core/paper/default-papers.ts';
import type { Order } from '@gorvane/core/order/order.ts';
import { freezePlan } from '@gorvane/core/plan/frozen-plan.ts';
import { firstStepOfEnd, remakeCost } from '@gorvane/core/prove/repair.ts';
import { seededRandom } from '@gorvane/core/quantity/random.ts';
import { coaxLeads } from './coax-leads.ts';
import { landingDevices, signalLeads } from './signal-leads.ts';
import type { Design, Ordered } from './design.ts';
import { design, identity, opening, workingDay } from './design.ts';
import { mend, Story } from './story.ts';

/** The bench that the demo data are opened at. */
const bench: Bench = { ...defaultBench(opening), name: 'Bench two', serialPrefix: 'OS', nextSerial: 8 };

/** Beside the usual tools: three blades set for a bayonet plug on thin cable; and somebody counts the cuts of the rotary tool. */
function benchStrippers({ strippers }: House): Stripper[] {
  const spin: Stripper = {
    kind: 'three-blade rotary tool',
    id: 'three-blade-5',
    name: 'three-blade tool, bayonet set',
    takes: { least: 4.5e-3, most: 6.5e-3 },
    bares: { conductor: 3.9e-3, dielectric: 4.1e-3, braid: 6.4e-3 },
    setting: 'red stop, four turns',
    bladeLife: 400,
    bladesNew: opening,
  };
  const counted = strippers.map((tool) =>
    tool.id === 'rotary tool, 4.5 to 8 mm' ? { ...tool, bladeLife: 500, bladesNew: opening } : tool,
  );
  return [...counted, spin];
}

/** What the bench proves with; the network analyser is past its day. */
function benchInstruments(): Instrument[] {
  const calibrated = { calibrated: '2026-03-02', due: '2028-03-02' };
  const own = (kind: InstrumentKind, serial: string, change: Partial<Instrument> = {}): Instrument => ({
    ...newInstrument(kind, kind),
    serial,
    ...change,
  });
  const load75 = { id: 'dummy load 75', name: 'dummy load 75 ohm', impedance: 75 };
  return [
    own('multimeter', 'TL-11'),
    own('milliohm meter', 'TL-12', calibrated),
    own('capacitance meter', 'TL-13', calibrated),
    own('insulation tester', 'TL-14', calibrated),
    own('continuity tester', 'TL-15'),
    own('network analyser', 'TL-20', { calibrated: '2025-11-10', due: '2026-11-10' }),
    own('antenna analyser', 'TL-21'),
    own('dummy load', 'TL-30', { name: 'dummy load 50 ohm' }),
    own('dummy load', 'TL-31', load75),
    own('terminator', 'TL-32'),
    own('depth gauge', 'TL-40', calibrated),
  ];
}

function benchHouse(): House {
  const house = defaultHouse(opening);
  return {
    ...house,
    strippers: benchStrippers(house),
    instruments: benchInstruments(),
    practice: { ...house.practice, proofLevel: 'by meter and load' },
    name: 'Tarn Lane cable bench',
    benchNames: ['Bench one', 'Bench two'],
    devices: landingDevices,
  };
}

function newUnit(
  order: Order,
  lineIndex: number,
  sequence: number,
  serial: string,
  plan: Unit['plan'],
): Unit {
  const line = order.lines[lineIndex]!;
  return {
    ...firstRevision(identity(serial), opening),
    serial,
    leadId: line.leadId,
    orderId: order.id,
    lineId: line.id,
    sequence,
    plan,
  };
}

/** The refit of a small ferry landing, as far as this program goes: three orders and their leads. */
export function ferryLanding(): Archive {
  const house = benchHouse();
  const receiver = design(
    house,
    {
      name: 'Receiver patch lead',
      purpose: 'Receiver rack to filter panel, Orrin Sound landing',
      signal: 'radio',
      cableId: 'rg-223',
      near: { connector: connectorById('tnc-plug-50-crimp-5') },
      far: [{ connector: connectorById('tnc-plug-50-crimp-5') }],
      length: 3.4,
      frequencies: [156.8e6, 162.025e6, 457.5e6],
    },
    [
      {
        name: 'TNC plugs, bag 14, drawer 3',
        measured: { stemLength: 9.5e-3, stopDepth: 13.8e-3, pinBoreDepth: 4.2e-3 },
      },
    ],
    (lead) => ({ ...lead, spareTerminations: 1 }),
  );
  const monitor = design(
    house,
    {
      name: 'Monitor patch lead',
      purpose: 'Test points of the landing’s radio rack',
      signal: 'radio',
      cableId: 'rg-58',
      near: { connector: connectorById('bnc-plug-50-crimp-5') },
      far: [{ connector: connectorById('bnc-plug-50-crimp-5') }],
      length: 1.2,
      frequencies: [10e6, 162.025e6],
    },
    [{ name: 'BNC plugs, not measured yet' }],
  );
  const order: Order = {
    ...firstRevision(identity('order landing'), opening),
    name: 'Orrin Sound landing, radio rack',
    wantedBy: 'Landing refit crew',
    due: '2026-12-04',
    lines: [
      { id: identity('line receiver'), leadId: receiver.lead.id, quantity: 6 },
      { id: identity('line monitor'), leadId: monitor.lead.id, quantity: 2 },
    ],
  };
  const coax = coaxLeads(house);
  const field = orderOf('Orrin Sound landing, masts and trench', 'order field', '2026-12-11', coax);
  const signal = signalLeads(house);
  const hall = orderOf('Orrin Sound landing, hall, deck and gangway', 'order hall', '2026-12-18', signal);
  const stories = [...receiverStories(order, receiver, house), ...hallStories(hall, signal, house)];
  const told = new Set(stories.map(({ unit }) => unit.serial));
  const waiting = [
    newUnit(order, 0, 4, 'OS-0004', null),
    newUnit(order, 0, 5, 'OS-0005', null),
    newUnit(order, 0, 6, 'OS-0006', null),
    newUnit(order, 1, 1, 'OS-0007', null),
    newUnit(order, 1, 2, 'OS-0008', null),
  ];
  const fieldUnits = unitsOf(field, firstField);
  const hallUnits = unitsOf(hall, firstHall);
  return {
    leads: [receiver, monitor, ...coax, ...signal].map(({ lead }) => lead),
    gaugeCards: [receiver, monitor, ...coax, ...signal].flatMap(({ cards }) => cards),
    orders: [order, field, hall],
    units: [
      ...stories.map(({ unit }) => unit),
      ...[...waiting, ...fieldUnits, ...hallUnits].filter(({ serial }) => !told.has(serial)),
    ],
    events: stories.flatMap(({ events }) => events),
    house: [house],
    bench: [{ ...bench, nextSerial: firstHall + hallUnits.length }],
    papers: [{ ...defaultPapers(opening), address: 'Orrin Sound landing\nThe old net store, slip two' }],
    cables: [],
    blobs: {},
  };
}

/** Serials that the second and the third order begin with. */
const firstField = 9;
const firstHall = 23;

function orderOf(name: string, id: string, due: string, leads: readonly Ordered[]): Order {
  return {
    ...firstRevision(identity(id), opening),
    name,
    wantedBy: 'Landing refit crew',
    due,
    lines: leads.map(({ lead, quantity }) => ({
      id: identity(`line ${lead.name}`),
      leadId: lead.id,
      quantity,
    })),
  };
}

/** Every unit that an order asks for, waiting. */
function unitsOf(order: Order, first: number): Unit[] {
  return order.lines
    .flatMap(({ quantity }, line) =>
      Array.from({ length: quantity }, (_, index) => [line, index + 1] as const),
    )
    .map(([line, sequence], index) => newUnit(order, line, sequence, serialOf(bench, first + index), null));
}

/** Built without a hitch, or Out once, mended at the joint that was wrong, and proved again. */
function hallStories(order: Order, leads: readonly Ordered[], house: House): Story[] {
  let serial = firstHall;
  let built = 0;
  return leads.flatMap((design_, line) => {
    const start = serial;
    serial += design_.quantity;
    return design_.finished.map((faults, index) => {
      const plan = freezePlan(design_.plan, house);
      const unit = newUnit(order, line, index + 1, serialOf(bench, start + index), plan);
      const worker = index % 2 === 0 ? 'Bench one' : 'Bench two';
      const story = new Story(unit, workingDay + 140 * built++, worker);
      const random = seededRandom(start + index);
      const proveAt = plan.steps.findIndex(({ role }) => role === 'prove');
      story.build(plan.steps.slice(0, proveAt), random);
      story.prove(faults, 100 + start + index);
      if (faults.length > 0) mend(story, design_, plan.steps, proveAt, faults, random);
      if (faults.length > 0) story.prove([], 200 + start + index);
      story.tell(stepDone(plan.steps[proveAt]!));
      story.build(plan.steps.slice(proveAt + 1), random);
      story.tell({ kind: 'finished' });
      return story;
    });
  });
}

/** One finished, one that was Out and mended, and one that lies on the bench half built. */
function receiverStories(order: Order, receiver: Design, house: House): Story[] {
  const frozen = freezePlan(receiver.plan, house);
  const { steps } = frozen;
  const at = (role: StepRole, endId: string | null) =>
    steps.findIndex((step) => step.role === role && step.endId === endId);
  const proveAt = at('prove', null);
  const finish = (story: Story, random: () => number) => {
    story.tell(stepDone(steps[proveAt]!));
    story.build(steps.slice(proveAt + 1), random);
    story.tell({ kind: 'finished' });
  };

  const first = new Story(newUnit(order, 0, 1, 'OS-0001', frozen), 20, 'Bench two');
  const firstRandom = seededRandom(1);
  first.build(steps.slice(0, proveAt), firstRandom);
  first.prove([], 11);
  finish(first, firstRandom);

  const second = new Story(newUnit(order, 0, 2, 'OS-0002', frozen), 120, 'Bench one');
  const secondRandom = seededRandom(2);
  second.build(steps.slice(0, proveAt), secondRandom);
  second.prove([{ kind: 'open', terminal: 2 }], 12);
  const target = firstStepOfEnd(steps, 'B')!;
  second.tell(
    reworkTo(
      target,
      steps[proveAt]!.id,
      remakeCost(steps, 'B'),
      'centre open at end B: contact not crimped through',
    ),
  );
  second.tell({ kind: 'part on', partId: 'B/ferrule' });
  second.build(steps.slice(steps.indexOf(target), proveAt), secondRandom);
  second.prove([], 13);
  finish(second, secondRandom);

  const third = new Story(newUnit(order, 0, 3, 'OS-0003', frozen), 6 * workingDay + 20, 'Bench two');
  third.build(steps.slice(0, at('measure', 'B')), seededRandom(3));
  return [first, second, third];
}
