import { describe, expect, test } from '@jest/globals';
import type { House } from '../house/house.ts';
import type { Stripper } from '../house/stripper.ts';
import { newStripper } from '../house/stripper-text.ts';
import type { LeadPlan } from '../plan/lead-plan.ts';
import { planLead } from '../plan/lead-plan.ts';
import { stripperChoices } from '../plan/stripper-choices.ts';
import { stripperOf } from '../recipe/step.ts';
import { toolCutsOf } from '../recipe/strip-steps.ts';
import { exampleLead, house } from '../testing/example.ts';

const withOnly = (...strippers: Stripper[]): House => ({ ...house, strippers });
const usual = (id: string) => house.strippers.find((each) => each.id === id)!;
const spin: Stripper = {
  ...(newStripper('three-blade rotary tool', 'spin') as Extract<
    Stripper,
    { kind: 'three-blade rotary tool' }
  >),
  bares: { conductor: 3.9e-3, dielectric: 4.1e-3, braid: 6.4e-3 },
};

function planned(cableId: string, connectorId: string, as: House, stripperId?: string): LeadPlan {
  const { lead, card } = exampleLead({ cableId, connectorId });
  const ends = lead.ends.map((end) => (stripperId === undefined ? end : { ...end, stripperId }));
  return planLead({ ...lead, ends }, [card], as);
}
const stripOf = (plan: LeadPlan) =>
  plan.steps.filter(({ endId, stage }) => endId === 'A' && stage === 'Strip');
const order = (plan: LeadPlan) => stripOf(plan).map(({ role }) => role);
const looked = ['measure', 'trial-fit', 'nick-and-whisker'];

describe('the owned tool decides the order', () => {
  test.each<[string, string, string, House, string[]]>([
    [
      'two stops: to the conductor, then the jacket, the braid last',
      'rg-58',
      'bnc-plug-50-crimp-5',
      withOnly(usual('rotary tool, 4.5 to 8 mm')),
      ['dielectric', 'jacket', 'braid'],
    ],
    [
      'with a chamfer while the jacket still holds the cable',
      'low-loss-10',
      'n-plug-push-on-10-low-loss',
      withOnly(usual('rotary tool, 9 to 16 mm')),
      ['dielectric', 'chamfer', 'jacket', 'braid'],
    ],
    [
      'a core is tinned when nothing is left to take off',
      'rg-58',
      'uhf-plug-screw-on-5',
      withOnly(usual('rotary tool, 4.5 to 8 mm')),
      ['dielectric', 'jacket', 'braid', 'core'],
    ],
    ['three blades: one spin', 'rg-58', 'bnc-plug-50-crimp-5', withOnly(spin), ['one-spin', 'braid']],
    [
      'a blade from the outside in',
      'rg-58',
      'bnc-plug-50-crimp-5',
      withOnly(usual('blade')),
      ['jacket', 'braid', 'dielectric'],
    ],
    [
      'a blade, with a chamfer at the bared conductor',
      'low-loss-10',
      'n-plug-push-on-10-low-loss',
      withOnly(usual('blade')),
      ['jacket', 'braid', 'dielectric', 'chamfer'],
    ],
    ['a coring tool after the jacket', 'trunk-13', 'trunk-pin-13', house, ['jacket', 'dielectric', 'tube']],
    ['a tube cutter on the squared tube', 'rg-402', 'sma-plug-direct-rg-402', house, ['jacket', 'tube']],
  ])('%s', (_, cable, connector, as, wanted) => {
    const plan = planned(cable, connector, as);
    expect(order(plan)).toEqual([...wanted, ...looked]);
    // Whatever the order, a strip that is out begins again at its first step.
    const nick = stripOf(plan).find(({ role }) => role === 'nick-and-whisker')!;
    expect(nick.hold!.rework.backTo).toBe(wanted[0]);
  });

  test('figures are from the cut end while nothing else is bare, and add up to the strip', () => {
    const plan = planned('rg-58', 'bnc-plug-50-crimp-5', house);
    const [first, second] = stripOf(plan);
    const { strip } = plan.ends[0]!;
    const at = (layer: string) => strip.cuts.find((cut) => cut.layer === layer)!.position.value;
    expect(first!.figures[0]!.figure.value).toBeCloseTo(at('conductor') - at('dielectric'), 9);
    expect(second!.figures[0]!.figure.value).toBeCloseTo(at('conductor'), 9);
    expect(first!.figures[0]!.figure.terms.every(({ assumed }) => assumed === true)).toBe(true);
    expect(toolCutsOf(first!, strip)).toEqual([strip.prepTool[0]]);
    expect(toolCutsOf(second!, strip)).toEqual([strip.prepTool[1]]);
  });

  test('one spin says where its blades cut, and what is trimmed by hand after it', () => {
    const long = { ...spin, bares: { conductor: 4.6e-3, dielectric: 4.1e-3, braid: 6.4e-3 } } as Stripper;
    const [step] = stripOf(planned('rg-58', 'bnc-plug-50-crimp-5', withOnly(spin)));
    expect(step!.figures.map(({ figure }) => Number((figure.value * 1e3).toFixed(1)))).toEqual([
      3.9, 8, 14.4,
    ]);
    expect(step!.text.firstTime).not.toMatch(/trim the conductor/);
    const [trimmed] = stripOf(planned('rg-58', 'bnc-plug-50-crimp-5', withOnly(long), 'spin'));
    expect(trimmed!.text.firstTime).toMatch(/trim the conductor to its length/);
    expect(trimmed!.figures.at(-1)!.label).toBe('conductor, from the jacket edge');
  });

  test('how a bench sets its tool stands at the step, whatever is usual there', () => {
    for (const [cable, connector, id, role] of [
      ['corrugated-1/2', 'n-plug-feeder-1/2', 'fine saw', 'tube'],
      ['mic-pair', 'xlr-3-plug', 'jacket stripper', 'jacket'],
    ] as const) {
      const own = planned(cable, connector, withOnly({ ...usual(id), setting: 'wheel at four' }));
      expect(stripOf(own).find((step) => step.role === role)!.tools[0]!.setting).toBe('wheel at four');
    }
  });

  test('a coring tool that goes in a drill only says so, whatever the house does', () => {
    const drilled = { ...usual('coring tool'), drive: 'in a drill' } as Stripper;
    const [, cored] = stripOf(planned('trunk-13', 'trunk-pin-13', withOnly(drilled)));
    expect(cored!.tools[0]!.setting).toMatch(/drill/);
    expect(stripOf(planned('trunk-13', 'trunk-pin-13', house))[1]!.tools[0]!.setting).toBe('by hand');
  });
});

describe('which tool', () => {
  const bnc = ['rg-58', 'bnc-plug-50-crimp-5'] as const;
  const toolOf = (plan: LeadPlan) => plan.ends[0]!.input.stripper.id;

  test('the first that takes the cable and makes the strip, a blade last; the blade first where the house strips so', () => {
    expect(toolOf(planned(...bnc, withOnly(usual('blade'), spin, usual('rotary tool, 4.5 to 8 mm'))))).toBe(
      'spin',
    );
    expect(toolOf(planned('rg-58', 'bnc-plug-clamp-5', house))).toBe('blade');
    const byBlade = { ...house, practice: { ...house.practice, stripping: 'blade' as const } };
    expect(toolOf(planned(...bnc, byBlade))).toBe('blade');
  });

  test('the one that was chosen stays, though it does not make the strip: its fit says so', () => {
    const as = withOnly(...house.strippers, { ...spin, bares: { ...spin.bares, braid: 3e-3 } } as Stripper);
    const [end] = planned(...bnc, as, 'spin').ends;
    expect(end!.input.stripper.id).toBe('spin');
    expect(end!.fit.find(({ id }) => id === 'stripper')).toMatchObject({
      verdict: 'does not fit',
      about: 'tool',
      consequence: expect.stringMatching(/^Braid.*at least/),
    });
    expect(stripperChoices(end!).map(({ stripper: { id }, verdict }) => [id, verdict])).toEqual([
      ['rotary tool, 2 to 4 mm', 'does not fit'],
      ['rotary tool, 4.5 to 8 mm', 'fits'],
      ['rotary tool, 9 to 16 mm', 'does not fit'],
      ['blade', 'fits'],
      ['spin', 'does not fit'],
    ]);
  });

  test('one that is gone or of no kind for the end is not taken; with nothing that suits, that is said', () => {
    expect(toolOf(planned(...bnc, house, 'sold'))).toBe('rotary tool, 4.5 to 8 mm');
    expect(toolOf(planned(...bnc, house, 'coring tool'))).toBe('rotary tool, 4.5 to 8 mm');
    const [end] = planned('trunk-13', 'trunk-pin-13', withOnly(usual('blade'))).ends;
    expect(end!.fit.find(({ id }) => id === 'stripper')).toMatchObject({
      verdict: 'does not fit',
      consequence: expect.stringMatching(/No coring tool for this cable in Stores/),
    });
  });

  test('its blades wear at the steps that it cuts at, and at no other', () => {
    const plan = planned(...bnc, house);
    expect(stripOf(plan).map((step) => stripperOf(step) ?? null)).toEqual([
      'rotary tool, 4.5 to 8 mm',
      'rotary tool, 4.5 to 8 mm',
      null,
      null,
      null,
      null,
    ]);
  });
});
