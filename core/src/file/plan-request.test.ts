import { describe, expect, test } from '@jest/globals';
import { cables } from '../cable/catalogue/catalogue.ts';
import { connectors } from '../connector/catalogue/catalogue.ts';
import { methodOf } from '../method/methods.ts';
import { planLead } from '../plan/lead-plan.ts';
import { nominalGaugeCard } from '../connector/gauge-card.ts';
import { looseEnd } from '../end/end-input.ts';
import { exampleLead, measuredCard, newShop as house, now } from '../testing/example.ts';
import { signalLead } from '../testing/signal-lead.ts';
import { planAnswer } from './plan-answer.ts';
import { planList } from './plan-list.ts';
import { readPlanRequest } from './plan-request.ts';

const tnc = 'tnc-plug-50-crimp-5';
const patch = { cable: 'rg-223', length: '3.4 m', ends: [{ connector: tnc }, { connector: tnc }] };
const planned = (request: object) => {
  const answer = planAnswer(readPlanRequest(JSON.stringify(request)));
  if (!('ends' in answer)) throw new Error(answer.refusal.message);
  return answer;
};

describe('a plan that a script asks for', () => {
  test('has the figures of the screens', () => {
    const { lead, card } = exampleLead();
    const plan = planLead(lead, [card], house);
    const answer = planned({ ...patch, frequencies: ['162 MHz'] });
    const exact = plan.cuts[0]!.cut.value * 1e3;
    expect(answer.cutLengthExactMm).toBeCloseTo(exact, 3);
    expect(answer.cutLengthMm).toBe(Math.round(exact / (exact > 2000 ? 5 : 1)) * (exact > 2000 ? 5 : 1));
    expect(answer.steps.map(({ title }) => title)).toEqual(plan.steps.map(({ title }) => title));
    expect(answer.ends[0]!.cuts.map(({ fromJacketMm }) => fromJacketMm)).toEqual([6.6, 10.6, 14.4]);
    expect(answer.loss).toEqual([{ hertz: 162e6, matchedDb: plan.matches[0]!.matchedLoss.value }]);
    const resistance = answer.checks.find(({ label }) => /Resistance, centre/.test(label))!;
    expect(resistance).toMatchObject({ limit: plan.paths[0]!.limit.value, unit: 'ohm', asked: false });
    expect(resistance.notAsked).toMatch(/no ohm meter fine enough/);
    const used = answer.steps.flatMap(({ uses }) => uses);
    expect(answer.parts.filter(({ id }) => !used.includes(id))).toEqual([]);
    expect(answer.thread.map(({ part }) => part)).toEqual(expect.arrayContaining(['A/ferrule', 'B/ferrule']));
  });

  test('of records as they stand in an archive is that of these records', () => {
    const { lead, card } = exampleLead();
    const measured = measuredCard(card, { stemLength: 9.9e-3 });
    const [braid] = planned({ lead, gaugeCards: [measured], house }).ends[0]!.cuts;
    expect(braid).toMatchObject({ layer: 'braid', fromJacketMm: 9.5 });
  });

  test('follows what was measured of one end, practice, place, power, tools and further parts', () => {
    const answer = planned({
      ...patch,
      ends: [{ connector: tnc, measured: { stemLength: '9.9 mm' } }, { connector: tnc }],
      practice: { ferruleCrimp: 'over its whole length' },
      lives: 'buried',
      power: '25 W',
      tools: [],
      extraParts: [
        {
          kind: 'choke',
          near: 'B',
          distance: '120 mm',
          beads: 5,
          bead: { outside: '26 mm', bore: '13 mm', length: '28.5 mm' },
        },
      ],
    });
    expect(answer.ends.map(({ cuts }) => cuts[0]!.fromJacketMm)).toEqual([9.5, 6.6]);
    expect(answer.steps.some(({ firstTime }) => /Crimp its whole length/.test(firstTime))).toBe(true);
    expect(answer.parts).toContainEqual(expect.objectContaining({ kind: 'choke', end: 'B' }));
    expect(answer.parts.find(({ id }) => id === 'A/shrink')!.label).toMatch(/adhesive/);
  });

  test('is made with the tools that are named or described, each end with the one it asks for', () => {
    const bnc = { connector: 'bnc-plug-50-crimp-5' };
    const lead = { cable: 'rg-58', length: '2 m', ends: [bnc, { ...bnc, strippedWith: 'spin' }] };
    const spin = {
      kind: 'three-blade rotary tool',
      name: 'spin',
      takes: ['4.5 mm', '6.5 mm'],
      bares: { conductor: '3.9 mm', dielectric: '4.1 mm', braid: '6.4 mm' },
    };
    const answer = planned({ ...lead, tools: ['blade'], strippers: [spin] });
    expect(answer.ends.map(({ strippedWith }) => strippedWith.name)).toEqual(['spin', 'spin']);
    const byBlade = planned({ ...patch, tools: ['blade', 'fine iron'] });
    expect(byBlade.ends[0]!.strippedWith).toEqual({ name: 'blade', kind: 'blade' });
    const roles = byBlade.steps.filter(({ end, stage }) => end === 'A' && stage === 'Strip');
    expect(roles.map(({ role }) => role).slice(0, 3)).toEqual(['jacket', 'braid', 'dielectric']);
    expect(planned({ ...patch, tools: ['fine iron'] }).ends[0]!.strippedWith.name).toBe(
      'rotary tool, 4.5 to 8 mm',
    );
    for (const [field, more] of [
      ['strippers.0.bares', { strippers: [{ ...spin, bares: undefined }] }],
      ['strippers.0.takes', { strippers: [{ ...spin, takes: ['8 mm', '4 mm'] }] }],
      ['strippers.0.kind', { strippers: [{ ...spin, kind: 'teeth' }] }],
      ['ends.1.strippedWith', { tools: ['blade'] }],
    ] as const)
      expect(() => planned({ ...lead, ...more })).toThrow(field);
  });

  test('follows what is in the bag, and says what is left over and what is short', () => {
    const clamp = { cable: 'rg-213', length: '2 m', power: '400 W' };
    const answer = planned({
      ...clamp,
      ends: [
        { connector: 'n-plug-clamp-10', bag: { clamp: 'under the braid', spacer: 'one', cap: 'both' } },
        { connector: 'n-plug-clamp-10' },
      ],
    });
    const [asked, usual] = answer.ends;
    expect(asked!.bag).toMatchObject({
      contents: { clamp: 'under the braid', spacer: 'one', washers: 'one' },
      leftOver: ['the plain back cap'],
      short: [],
    });
    expect(usual!.bag.assumed).toContain('clamp');
    expect(usual!.bag.short).toHaveLength(1);
    expect(asked!.cuts[0]!.fromJacketMm).toBe(4);
    expect(answer.steps.some(({ role, end }) => role === 'spacer' && end === 'A')).toBe(true);
    expect(answer.steps.some(({ role, end }) => role === 'spacer' && end === 'B')).toBe(false);
  });

  test('has a breakout of its own at each end, and what the ends are called', () => {
    const speaker = planned({
      cable: 'speaker-star-quad-4x2.5',
      length: '5 m',
      ends: [
        { connector: 'banana-pair', breakout: '200 mm', called: 'amplifier' },
        { connector: 'banana-pair', breakout: '150 mm' },
      ],
    });
    const cores = speaker.ends.map(({ cuts }) => Math.max(...cuts.map(({ exactMm }) => exactMm)));
    expect(cores[0]! - cores[1]!).toBeCloseTo(50, 6);
  });

  test('of a lead with cores and of one with a split: pieces, contacts and pairs', () => {
    const xlr = planned({
      cable: 'lighting-2-pair',
      length: '12 m',
      ends: [{ connector: 'xlr-5-plug' }, { connector: 'xlr-5-socket' }],
    });
    expect(xlr.checks.find(({ check }) => check === 'terminator 1')!.limit).toEqual([
      114,
      expect.any(Number),
    ]);
    expect(xlr.steps.filter(({ role, end }) => role === 'joint' && end === 'A')).toHaveLength(5);
    const { lead } = signalLead('lighting', 'lighting-2-pair', ['xlr-5-plug', 'xlr-5-socket']);
    expect(lead.pinPlan.length).toBeGreaterThan(8);
    const split = planned({
      cable: 'twin-phono',
      length: '1 m',
      carries: 'stereo',
      ends: [
        { connector: 'jack-3-trs-large' },
        { connector: 'jack-6-ts', channel: 'left', leg: '300 mm' },
        { connector: 'jack-6-ts', channel: 'right', leg: '300 mm' },
      ],
    });
    expect(Object.keys(split.cutLengthMm)).toHaveLength(2);
  });

  test('that cannot be made is an answer with its reason', () => {
    const short = planAnswer(readPlanRequest(JSON.stringify({ ...patch, length: '20 mm' })));
    expect(short).toEqual({
      refusal: {
        code: 'cannot be planned',
        message: expect.stringMatching(/longer than the finished length/),
      },
    });
    const tube = planned({ ...patch, cable: 'corrugated-1/2' });
    expect(tube.refusal).toMatchObject({ code: 'withheld' });
    expect(tube.ends[0]!.refusal!.message).toMatch(/tube/);
  });
});

test('every cable and every connector that is listed can be asked for', () => {
  const list = planList();
  expect(list.cables.length).toBe(cables.filter(({ structure }) => structure !== 'sheet').length);
  const layered = cables.filter((cable) => cable.structure !== 'sheet');
  const fitting = (id: string) => {
    const connector = connectors.find((each) => each.id === id)!;
    const card = nominalGaugeCard(connector, 'card', 'bag', now);
    const method = methodOf(connector.method);
    return layered.find(
      (cable) =>
        method.refuses(cable) === null &&
        method
          .fit(looseEnd({ cable, connector, card, house, power: 1 }))
          .every(({ verdict, about }) => about === 'tool' || verdict !== 'does not fit'),
    )!.id;
  };
  for (const { id, features } of list.connectors) {
    const ends = [{ connector: id }, { connector: id }];
    const answer = planned({ cable: fitting(id), length: '4 m', ends });
    expect([id, answer.refusal]).toEqual([id, null]);
    expect(features.length).toBeGreaterThan(3);
  }
  for (const { id } of list.cables) planAnswer(readPlanRequest(JSON.stringify({ ...patch, cable: id })));
});

describe('a request that cannot be taken names the field, what was found and what was expected', () => {
  test.each([
    ['nonsense', 'request: found "nonsense", expected one JSON object.'],
    [{ ...patch, cable: 'rg-999' }, /^cable: found "rg-999", expected the id of a cable/],
    [
      { ...patch, length: '2 parsec' },
      'length: found "2 parsec", expected a length with its unit, such as "2 m".',
    ],
    [{ ...patch, length: '-2 m' }, /^length: found "-2 m", expected a length/],
    [{ cable: 'rg-223', length: '2 m' }, 'ends: found nothing, expected two ends or more.'],
    [
      { ...patch, ends: [{ connector: tnc }, { connector: 'x' }] },
      /^ends\.1\.connector: found "x", expected the id/,
    ],
    [
      { ...patch, ends: [{ connector: tnc, measured: { cupDepth: '3 mm' } }, { connector: tnc }] },
      /^ends\.0\.measured\.cupDepth: found .*, expected a feature of this connector: .*stemLength/,
    ],
    [
      { ...patch, ends: [{ connector: tnc, measured: { stemLength: 'long' } }, { connector: tnc }] },
      /^ends\.0\.measured\.stemLength: found "long", expected a length/,
    ],
    [
      { ...patch, practice: { stripping: 'teeth' } },
      'practice.stripping: found "teeth", expected one of "tool"|"blade".',
    ],
    [
      { ...patch, ends: [{ connector: tnc, bag: { clamp: 'over the braid' } }, { connector: tnc }] },
      'ends.0.bag.clamp: found "over the braid", expected for pin and ferrule: contact, spacer, underBraid, boot, shrink.',
    ],
    [
      { ...patch, ends: [{ connector: tnc, bag: { spacer: 'seven' } }, { connector: tnc }] },
      'ends.0.bag.spacer: found "seven", expected one of: none, one.',
    ],
    [
      { ...patch, ends: [{ connector: tnc, breakout: '100 mm' }, { connector: tnc }] },
      /^ends\.0\.breakout: found .*, expected nothing: this connector clamps the jacket/,
    ],
    [
      { ...patch, ends: [{ connector: tnc, breakout: '-10 mm' }, { connector: tnc }] },
      /^ends\.0\.breakout: found "-10 mm", expected a length/,
    ],
    [
      { ...patch, ends: [{ connector: tnc, otherCable: 'rg-58' }, { connector: tnc }] },
      /^ends\.0\.otherCable: .* only a splice/,
    ],
    [
      { ...patch, ends: [{ connector: tnc, secondCore: 'twisted in' }, { connector: tnc }] },
      /^ends\.0\.secondCore: .* no second core/,
    ],
    [
      {
        ...patch,
        ends: [
          { connector: tnc, lies: 'wall' },
          { connector: tnc, lies: 'wall' },
        ],
      },
      /^ends: .*one end at least that is made here/,
    ],
    [{ ...patch, ends: [{ connector: tnc, lies: 'attic' }, { connector: tnc }] }, /lies: found "attic"/],
    [{ ...patch, tools: ['magic'] }, /^tools\.0: found "magic", expected one of: iron with a big tip/],
    [{ ...patch, lives: 'space' }, /^lives: found "space", expected one of: indoor/],
    [{ ...patch, colour: 'red' }, 'colour: found "red", expected no such field.'],
    [
      { ...patch, extraParts: [{ kind: 'label sleeve', near: 'Z' }] },
      'extraParts.0.near: found "Z", expected an end: A, B.',
    ],
    [{ lead: { name: 'x' } }, /^lead\./],
  ])('%j', (request, message) => {
    const text = typeof request === 'string' ? request : JSON.stringify(request);
    expect(() => readPlanRequest(text)).toThrow(message);
  });
});

test('a splice in a trench is asked in words: another try, the cable on the other side, both strips in the steps', () => {
  const answer = planAnswer(
    readPlanRequest(
      JSON.stringify({
        cable: 'trunk-13',
        length: '60 m',
        anotherTry: '300 mm',
        lives: 'buried',
        ends: [
          { connector: 'trunk-pin-13', lies: 'trench' },
          { connector: 'trunk-splice-13', otherCable: 'trunk-13' },
        ],
      }),
    ),
  );
  if (!('steps' in answer)) throw new Error(answer.refusal.message);
  const titles = answer.steps.map(({ title }) => title);
  expect(titles).toEqual(
    expect.arrayContaining([
      'Core the dielectric, end B, first side',
      'Core the dielectric, end B, other side',
    ]),
  );
  expect(answer.parts.find(({ kind }) => kind === 'splice boot')!.lengthMm).toBe(694);
  expect(answer.ends.map(({ wouldGo }) => wouldGo)).toEqual([null, null]);
});

test('a second core that is twisted in is asked in words, and what would go where an end does not fit is answered', () => {
  const ask = (request: object) => {
    const answer = planAnswer(readPlanRequest(JSON.stringify(request)));
    if (!('ends' in answer)) throw new Error(answer.refusal.message);
    return answer;
  };
  const jack = { connector: 'jack-6-ts', secondCore: 'twisted in' };
  const twisted = ask({ cable: 'mic-pair', carries: 'unbalanced', length: '3 m', ends: [jack, jack] });
  expect(twisted.steps.some(({ title }) => /spare/.test(title))).toBe(false);
  expect(twisted.sleeves.map(({ end }) => end)).toEqual(['A', 'B']);
  const small = ask({
    cable: 'rg-58',
    length: '1 m',
    ends: Array.from({ length: 2 }, () => ({ connector: 'bnc-plug-50-crimp-2.5' })),
  });
  expect(small.ends[0]!.wouldGo!.connectors[0]).toBe('bnc-plug-50-crimp-5');
});
