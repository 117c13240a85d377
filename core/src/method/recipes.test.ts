import { describe, expect, test } from '@jest/globals';
import type { Step } from '../recipe/step.ts';
import { connectorById } from '../connector/catalogue/catalogue.ts';
import { nominalGaugeCard } from '../connector/gauge-card.ts';
import type { House } from '../house/house.ts';
import type { Lead } from '../lead/lead.ts';
import type { LeadPlan } from '../plan/lead-plan.ts';
import { planLead } from '../plan/lead-plan.ts';
import { exampleLead, house, now } from '../testing/example.ts';

const practised = (practice: Partial<House['practice']>, rest: Partial<House> = {}): House => ({
  ...house,
  ...rest,
  practice: { ...house.practice, ...practice },
});

const planOf = (
  cableId: string,
  connectorId: string,
  { as = house, power = 1, environment = 'indoor' as Lead['environment'] } = {},
): LeadPlan => {
  const { lead, card } = exampleLead({ cableId, connectorId });
  return planLead(
    {
      ...lead,
      environment,
      requirement: { ...lead.requirement, inputPower: { value: power, assumed: false } },
    },
    [card],
    as,
  );
};
const ofA = (plan: LeadPlan, name: string): Step => {
  const step = plan.steps.find((candidate) => candidate.role === name && candidate.endId === 'A');
  if (!step) throw new Error(`no step "${name}"`);
  return step;
};
const names = (plan: LeadPlan) => plan.steps.filter(({ endId }) => endId === 'A').map(({ role }) => role);
const said = ({ text, caution, why }: Step) =>
  `${text.firstTime} ${text.experienced} ${why} ${caution ?? ''}`;

const whip = ['rg-213', 'uhf-plug-soldered-10-silver'] as const;

describe('soldered body', () => {
  test('coupling on, strip, body, look, no short, tip, holes, no short: in that order', () => {
    const order = names(planOf(...whip));
    const wanted = [
      'dielectric',
      'jacket',
      'braid',
      'measure',
      'nick-and-whisker',
      'insert',
      'holes-look',
      'no-short',
      'tip',
      'trim-tip',
      'after-heat',
      'holes',
      'after-holes',
    ];
    expect(order.filter((name) => wanted.includes(name))).toEqual(wanted);
    expect(ofA(planOf(...whip), 'insert').requires.map(({ partId }) => partId)).toContain('A/coupling');
    expect(
      ofA(planOf(...whip), 'insert').requires.find(({ partId }) => partId === 'A/coupling')!.how,
    ).toMatch(/thread/);
  });

  test('the braid is tacked above the house power only, and not where the house combs', () => {
    expect(ofA(planOf(...whip, { power: 25 }), 'braid').title).toMatch(/^Comb and trim/);
    const tacked = ofA(planOf(...whip, { power: 400 }), 'braid');
    expect(tacked.title).toMatch(/^Tack and trim/);
    expect(tacked.why).toMatch(/Above 100 W.*custom/);
    expect(tacked.tools[0]!.setting).toMatch(/°C/);
    expect(
      ofA(planOf(...whip, { power: 400, as: practised({ braidTack: 'comb and trim' }) }), 'braid').title,
    ).toMatch(/^Comb/);
    expect(
      ofA(planOf(...whip, { power: 400, as: practised({}, { tackAbove: 500 }) }), 'braid').title,
    ).toMatch(/^Comb/);
  });

  test('the holes say solder, order and a time for each; a nickel shell wants its rims filed', () => {
    const holes = ofA(planOf(...whip), 'holes');
    expect(holes.figures.map(({ label }) => label)).toEqual([
      'solder wire 1.0 mm, for each hole',
      'hole 1',
      'hole 2, opposite',
      'hole 3, between them',
      'hole 4, opposite',
      'let it cool',
    ]);
    expect(said(holes)).toMatch(/tip that is wider than the hole.*opposite hole without a long wait/);
    expect(said(holes)).toMatch(/Longer than 12 s at a hole: more tip mass/);
    expect(said(holes)).not.toMatch(/Nickel/);
    expect(said(ofA(planOf('rg-213', 'uhf-plug-soldered-10-nickel'), 'holes'))).toMatch(/file the rims/i);
  });

  test('holes left by house practice bring a look instead of solder', () => {
    const left = planOf(...whip, { as: practised({ bodyHoles: 'none' }) });
    expect(ofA(left, 'holes').title).toMatch(/^Leave the holes/);
    expect(names(left)).not.toContain('after-holes');
    expect(left.ends[0]!.fit.map(({ id }) => id)).not.toContain('solder-shell');
  });

  test('a short before any solder goes back a step, one after the heat costs the plug', () => {
    const plan = planOf(...whip);
    expect(ofA(plan, 'no-short').hold!.rework).toMatchObject({ backTo: 'insert', scrap: [], uses: 0 });
    const after = ofA(plan, 'after-holes').hold!;
    expect(after.safety).toBe(true);
    expect(after.rework.scrap).toEqual([{ kind: 'connector', name: 'UHF plug' }]);
    expect(after.rework.partsOff).toEqual(['A/coupling']);
    expect(after.rework.uses).toBeGreaterThan(0.04);
  });
});

describe('contacts', () => {
  test('solder when the house lacks the die, and it says so', () => {
    const plan = planOf('rg-58', 'n-plug-50-crimp-5', { as: { ...house, dies: [5.41e-3] } });
    expect(ofA(plan, 'contact').title).toMatch(/^Solder the contact/);
    expect(said(ofA(plan, 'contact'))).toMatch(/no exact die/);
    expect(names(plan)).toEqual(expect.arrayContaining(['contact-look', 'dry-fit']));
    expect(plan.ends[0]!.fit.map(({ id }) => id)).not.toContain('pin-die');
  });

  test('solder by house practice, and where it is made for it', () => {
    expect(
      said(
        ofA(planOf('rg-58', 'n-plug-50-crimp-5', { as: practised({ centreContact: 'solder' }) }), 'contact'),
      ),
    ).toMatch(/House practice solders/);
    expect(said(ofA(planOf('rg-213', 'n-plug-50-solder-10'), 'contact'))).toMatch(/made to be soldered/);
    expect(ofA(planOf('rg-58', 'n-plug-50-crimp-5'), 'contact').title).toMatch(/^Crimp/);
  });

  test('through the hole where there is one, a bead where there is none', () => {
    expect(said(ofA(planOf('rg-213', 'n-plug-clamp-10'), 'contact'))).toMatch(/through its hole/);
    expect(said(ofA(planOf('rg-213', 'uhf-plug-clamp-10'), 'contact'))).toMatch(/bead round its edge/);
  });

  test('PTFE warns of its fumes, polyethylene does not; leaded solder asks to wash', () => {
    expect(ofA(planOf('rg-402', 'sma-plug-direct-rg-402'), 'contact').caution).toMatch(
      /PTFE fumes are toxic.*short contact, extraction on/,
    );
    expect(ofA(planOf('rg-213', 'n-plug-clamp-10'), 'contact').caution).not.toMatch(/PTFE/);
    expect(
      ofA(planOf('rg-213', 'n-plug-clamp-10', { as: practised({ solder: 'leaded' }) }), 'contact').caution,
    ).toMatch(/Wash hands/);
  });
});

describe('ferrules', () => {
  test('a slipping ferrule is cut off; with an inexact die a house may crimp once more', () => {
    const inexact = { dies: [1.73e-3, 5.6e-3] };
    const rework = (as: House) =>
      ofA(planOf('rg-58', 'bnc-plug-50-crimp-5', { as }), 'cable-tug').hold!.rework;
    expect(rework(house)).toMatchObject({ backTo: 'dielectric', partsOff: ['A/ferrule'] });
    expect(rework(practised({}, inexact)).backTo).toBe('dielectric');
    const again = practised({ secondCrimp: 'once more, turned, with an inexact die' });
    expect(rework({ ...again, ...inexact })).toMatchObject({ backTo: 'ferrule', uses: 0 });
    expect(rework(again).backTo).toBe('dielectric');
  });

  test('the bell at the cable end is house practice', () => {
    const ferrule = (as: House) =>
      ofA(planOf('low-loss-10', 'n-plug-push-on-10-low-loss', { as }), 'ferrule');
    expect(ferrule(house).good).toContain('bell at the cable end');
    expect(said(ferrule(practised({ ferruleCrimp: 'over its whole length' })))).toMatch(/whole length/);
  });
});

describe('thin UHF', () => {
  test('the core is tinned unless the house leaves it or the bore is too tight', () => {
    const core = (as = house, measured?: number) => {
      const { lead, card } = exampleLead({ cableId: 'rg-58', connectorId: 'uhf-plug-screw-on-5' });
      const features =
        measured === undefined
          ? card.features
          : { ...card.features, tipBore: { value: measured, state: 'measured' as const } };
      return ofA(planLead(lead, [{ ...card, features }], as), 'core').title;
    };
    expect(core()).toMatch(/^Twist and tin/);
    expect(core(practised({ screwOnCore: 'leave bare' }))).toMatch(/^Twist the core/);
    expect(core(house, 1e-3)).toMatch(/^Twist the core/);
  });

  test('the windows are looked into before anything is soldered', () => {
    const order = names(planOf('rg-58', 'uhf-plug-screw-on-5'));
    expect(order.indexOf('windows')).toBeLessThan(order.indexOf('tip'));
  });

  test.each([
    ['rg-58', 'uhf-plug-screw-on-5'],
    ['rg-58', 'uhf-plug-hollow-tip-5'],
    ['low-loss-10', 'uhf-plug-hollow-tip-10-low-loss'],
    ['rg-213', 'uhf-plug-soldered-10-silver'],
  ])('the loose ring of %s, %s is on the cable before the plug, its thread toward the end', (cable, plug) => {
    const plan = planOf(cable, plug);
    const on = plan.steps.flatMap(({ threads }) => threads.map(({ partId }) => partId));
    expect(on).toContain('A/coupling');
    expect(plan.parts.find(({ id }) => id === 'A/coupling')!.facing).toEqual({
      face: 'thread',
      towardNodeId: 'node A',
    });
    const closes = plan.steps.find(({ id }) => id.endsWith('/insert'))!;
    expect(closes.requires.map(({ partId }) => partId)).toContain('A/coupling');
  });

  test('reducer and coupling go on first, both facing the end', () => {
    const plan = planOf('rg-58', 'uhf-plug-reducer-5');
    const threads = plan.steps.find(({ stage }) => stage === 'Thread')!.threads.map(({ partId }) => partId);
    expect(threads.indexOf('A/coupling')).toBeLessThan(threads.indexOf('A/reducer'));
    expect(plan.parts.find(({ id }) => id === 'A/reducer')!.facing).toEqual({
      face: 'nose',
      towardNodeId: 'node A',
    });
  });
});

describe('clamp gland', () => {
  test('nut, washer and gasket are told apart by their holes and go on in that order', () => {
    const plan = planOf('rg-213', 'n-plug-clamp-10');
    const threads = plan.steps.find(({ stage }) => stage === 'Thread')!.threads.map(({ partId }) => partId);
    expect(threads.filter((id) => /^A\/(gland nut|washer|gasket)$/.test(id))).toEqual([
      'A/gland nut',
      'A/washer',
      'A/gasket',
    ]);
    expect(said(ofA(plan, 'insert'))).toMatch(/washer hole 10.9 mm, gasket hole 10.6 mm/);
  });

  test('two spanners, to a torque or by feel, and the heat-shedding nut at high power', () => {
    const gland = (options: Parameters<typeof planOf>[2]) =>
      ofA(planOf('rg-213', 'n-plug-clamp-10', options), 'gland');
    expect(gland({}).tools.map(({ label }) => label)).toEqual(['Spanner, nut', 'Spanner, body', 'Torque']);
    expect(gland({}).tools[2]!.setting).toBe('2.5 N m');
    expect(gland({ as: practised({ tightening: 'feel' }) }).tools[2]!.setting).toMatch(/by feel/);
    expect(said(gland({}))).not.toMatch(/heat-shedding/);
    expect(said(gland({ power: 400 }))).toMatch(/heat-shedding/);
  });

  test('a turned body is led back without scrap: the parts are used again', () => {
    const { rework } = ofA(planOf('rg-213', 'n-plug-clamp-10'), 'gland').hold!;
    expect(rework).toMatchObject({ backTo: 'jacket', scrap: [] });
    expect(rework.advice).toMatch(/used again/);
  });
});

describe('rigid cable', () => {
  test('a semi-rigid plug has its nut on first, a socket has none; both get their shrink', () => {
    const parts = (connectorId: string) => planOf('rg-402', connectorId).parts.map(({ id }) => id);
    expect(parts('sma-plug-direct-rg-402')).toContain('A/coupling nut');
    expect(parts('sma-socket-direct-rg-402')).toEqual(['A/shrink', 'B/shrink', 'label-sleeve']);
  });

  test('a feeder is sawn with its ring on, tightened with the body held, and tested with a load before the seal', () => {
    const plan = planOf('corrugated-1/2', 'n-plug-feeder-1/2', { environment: 'outdoor' });
    expect(said(ofA(plan, 'tube'))).toMatch(/valley 2/);
    expect(ofA(plan, 'clamp').tools[0]!.setting).toBe('25 N m');
    expect(names(plan).indexOf('load-test')).toBeLessThan(names(plan).indexOf('seal'));
    const [nut, ring] = ['A/back nut', 'A/O-ring'].map((id) =>
      plan.steps.find(({ stage }) => stage === 'Thread')!.threads.findIndex(({ partId }) => partId === id),
    );
    expect(nut).toBeLessThan(ring!);
  });

  test('a larger feeder screws its contact into the tube, and takes more torque', () => {
    const plan = planOf('corrugated-1-5/8', '7-16-plug-feeder-1-5/8');
    expect(ofA(plan, 'contact').title).toMatch(/^Screw the contact/);
    expect(ofA(plan, 'clamp').tools[0]!.setting).toBe('50 N m');
  });

  test('a trunk is cored by hand or drill, started by its back nut, and never scraped with metal where it is clad', () => {
    const plan = planOf('trunk-13', 'trunk-splice-13', { environment: 'buried' });
    const order = names(plan);
    expect(order.indexOf('nut')).toBeLessThan(order.indexOf('insert'));
    expect(order.indexOf('insert')).toBeLessThan(order.indexOf('seize'));
    expect(said(ofA(plan, 'seize'))).toMatch(/seizing nut, then the back nut/i);
    expect(said(ofA(plan, 'tube'))).toMatch(/takes nothing harder/);
    expect(ofA(plan, 'dielectric').tools[0]!.setting).toBe('by hand');
    expect(
      ofA(planOf('trunk-13', 'trunk-pin-13', { as: practised({ coring: 'drill' }) }), 'dielectric').caution,
    ).toMatch(/snatch/);
    expect(said(ofA(plan, 'jacket'))).toMatch(/Never bend tighter than 147 mm.*licensed practice/s);
  });

  test('a buried splice has its boot on first, well past the bare sheath, and is looked through before it is shrunk', () => {
    const plan = planOf('trunk-13', 'trunk-splice-13', { environment: 'buried' });
    expect(plan.parts.map(({ id }) => id)).toContain('A/splice boot');
    expect(ofA(plan, 'insert').requires.map(({ partId }) => partId)).toContain('A/splice boot');
    const boot = ofA(plan, 'boot').figures[0]!.figure.value;
    const body = nominalGaugeCard(connectorById('trunk-splice-13'), 'c', 'b', now).features.lipToTip!.value;
    expect(boot - body).toBeGreaterThanOrEqual(2 * 75e-3);
    expect(names(plan).indexOf('through')).toBeLessThan(names(plan).indexOf('boot'));
    expect(said(ofA(plan, 'boot'))).toMatch(/middle outward.*gel/s);
  });
});

describe('every soldered or screwed joint names its danger and what good looks like', () => {
  test.each([
    ['rg-213', 'uhf-plug-soldered-10-silver'],
    ['rg-402', 'n-plug-direct-rg-402'],
    ['corrugated-7/8', 'n-plug-feeder-7/8'],
    ['trunk-19', 'trunk-splice-19'],
    ['rg-6', 'f-plug-compression-rg-6'],
    ['rg-58', 'uhf-plug-reducer-5'],
  ])('%s in %s', (cable, connector) => {
    for (const step of planOf(cable, connector).steps.filter(({ endId }) => endId === 'A')) {
      expect(step.text.firstTime.length).toBeGreaterThan(step.text.experienced.length - 12);
      expect(step.why.length).toBeGreaterThan(10);
      if (step.tools.some(({ label }) => label === 'Iron')) expect(step.caution).toMatch(/burn/);
      if (step.stage === 'Join' && !step.hold) expect(step.good.length + step.bad.length).toBeGreaterThan(0);
    }
  });
});

describe('solder joints are not force-tested, threads and crimps are', () => {
  const tugs = (cable: string, connector: string, as = house) =>
    names(planOf(cable, connector, { as })).includes('cable-tug');
  test.each([
    ['rg-213', 'uhf-plug-soldered-10-silver', false],
    ['rg-402', 'sma-plug-direct-rg-402', false],
    ['rg-58', 'uhf-plug-reducer-5', false],
    ['rg-58', 'uhf-plug-screw-on-5', true],
    ['rg-58', 'n-plug-50-crimp-5', true],
    ['rg-213', 'n-plug-clamp-10', true],
  ])('%s in %s', (cable, connector, tugged) => expect(tugs(cable, connector)).toBe(tugged));

  test('a reducer that only screws is tugged', () => {
    expect(tugs('rg-58', 'uhf-plug-reducer-5', practised({ bodyHoles: 'none' }))).toBe(true);
  });
});

describe('coiled as its cable takes it', () => {
  const coil = (cable: string, connector: string) =>
    planOf(cable, connector).steps.find(({ role }) => role === 'coil')!;
  test.each([
    // A short lead is usually coiled to 250 mm; the others take no coil as tight as that.
    ['rg-58', 'bnc-plug-50-crimp-5', 0.25],
    ['low-loss-10', 'n-plug-push-on-10-low-loss', 30 * 10.29e-3],
    ['corrugated-1/2', 'n-plug-feeder-1/2', 2 * 125e-3],
    ['corrugated-1-5/8', '7-16-plug-feeder-1-5/8', 2 * 500e-3],
    ['trunk-13', 'trunk-pin-13', 2 * 15 * 14.7e-3],
  ])('%s', (cable, connector, diameter) => {
    expect(coil(cable, connector).figures[0]!.figure.value).toBeCloseTo(diameter, 6);
  });

  test('semi-rigid is packed straight and never coiled', () => {
    const pack = coil('rg-405', 'n-plug-direct-rg-405');
    expect(pack.figures).toEqual([]);
    expect(said(pack)).toMatch(/never coiled/);
    expect(pack.held).not.toMatch(/left hand|free on the floor/);
  });
});
