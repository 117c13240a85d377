import { describe, expect, test } from '@jest/globals';
import type { Step } from '../recipe/step.ts';
import type { House } from '../house/house.ts';
import { practiceChange } from '../plan/practice-change.ts';
import { house } from '../testing/example.ts';
import { planLead } from '../plan/lead-plan.ts';
import { leadOfEachMethod } from '../testing/lead-of-each-method.ts';
import { signalLead, signalPlan } from '../testing/signal-lead.ts';
import { calledOf } from '../testing/step-called.ts';

const practised = (practice: Partial<House['practice']>): House => ({
  ...house,
  practice: { ...house.practice, ...practice },
});
const mic = (as = house) => signalPlan('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug'], { house: as });
const lights = (as = house) =>
  signalPlan('lighting', 'lighting-2-pair', ['xlr-5-plug', 'xlr-5-socket'], { house: as });
const lounge = (as = house) =>
  signalPlan('speaker', 'speaker-star-quad-4x2.5', ['banana-pair', 'spade-pair-6'], { house: as });
const patch = () =>
  signalPlan('unbalanced', 'instrument', ['jack-6-ts-low-profile', 'jack-6-ts-low-profile']);
const titles = (steps: readonly Step[], endId: string | null = 'A') =>
  steps.filter((step) => step.endId === endId).map(({ title }) => title.replace(/, end [A-Z]$/, ''));
const step = (steps: readonly Step[], name: string, endId = 'A') =>
  steps.find((each) => calledOf(each) === name && each.endId === endId)!;

describe('the order of work at an end', () => {
  test('cups: strip, tin, one joint after the other, looked at and measured while the shell is open', () => {
    expect(titles(mic().steps)).toEqual([
      'Take the jacket off',
      'Make the shield tail',
      'Cut and bare the cores',
      'Measure the strip',
      'Offer the connector up',
      'Check for cut and stray strands',
      'Tin the cores',
      'Solder 1: shield',
      'Solder 2 (hot): white',
      'Solder 3 (cold): blue',
      'Check the joints',
      'Measure between the contacts',
      'Close the connector',
      'Tug the cable',
    ]);
  });

  test('lugs: what lies underneath first', () => {
    const { steps } = signalPlan('balanced', 'mic-pair', ['jack-6-trs', 'jack-6-trs']);
    expect(titles(steps).filter((title) => title.startsWith('Solder'))).toEqual([
      'Solder sleeve: shield',
      'Solder ring (cold): blue',
      'Solder tip (hot): white',
    ]);
    const tipFirst = signalPlan('balanced', 'mic-pair', ['jack-6-trs', 'jack-6-trs'], {
      house: practised({ lugOrder: 'the tip first', lugJoint: 'hold, heat and feed' }),
    }).steps;
    expect(titles(tipFirst).filter((title) => title.startsWith('Solder'))[0]).toBe('Solder tip (hot): white');
    expect(step(steps, 'joint tip').text.firstTime).toMatch(/two tins melt into one/);
    expect(step(tipFirst, 'joint tip').text.firstTime).toMatch(
      /so that it holds by itself.*feed from the other side/,
    );
  });

  test('cups are filled one by one, or all before the first core goes in', () => {
    const first = signalPlan('balanced', 'mic-pair', ['xlr-3-plug', 'xlr-3-plug'], {
      house: practised({ cupFill: 'all first' }),
    }).steps;
    expect(titles(first)).toContain('Fill the cups');
    const filled = step(first, 'joint 2').figures;
    const usual = step(mic().steps, 'joint 2').figures;
    expect(filled.some(({ label }) => label.startsWith('solder wire'))).toBe(false);
    const contact = (figures: typeof filled) =>
      figures.find(({ label }) => label === 'iron on the joint')!.figure.value;
    expect(contact(filled)).toBeLessThan(contact(usual));
  });

  test('a flat plug: the body first, for it is a heat sink, then the core when it has cooled', () => {
    const named = patch()
      .steps.filter(({ endId }) => endId === 'A')
      .map(calledOf);
    expect(named.indexOf('joint sleeve')).toBeLessThan(named.indexOf('joint tip'));
    expect(step(patch().steps, 'joint sleeve').tools[0]!.setting).toMatch(/big chisel/);
    expect(step(patch().steps, 'insert').text.firstTime).toMatch(
      /both screws by hand before either is tightened/,
    );
  });

  test('clamps: never tinned, opposed screws started both and turned in turn, tugged once, at the end', () => {
    const { steps } = lounge();
    expect(titles(steps)).not.toContain('Tin the cores');
    expect(step(steps, 'cores').text.firstTime).toMatch(/Never tin them/);
    expect(step(steps, 'joint +').text.firstTime).toMatch(/Open both screws fully.*Twist 2 cores into one/);
    expect(step(steps, 'joint +').text.firstTime).toMatch(/in turn, a quarter turn each/);
    expect(step(steps, 'joint +').text.firstTime).not.toMatch(/tug|pull/i);
    expect(step(steps, 'clamps-tug').text.firstTime).toMatch(/second turn/);
    expect(step(steps, 'joint +', 'B').title).toBe('Crimp + (1+): red and red 2, end B');
  });

  test('a joint waits for the one before it, and feeds what its cup holds', () => {
    const { steps } = lights();
    expect(step(steps, 'joint 1').text.firstTime).not.toMatch(/cool first/);
    const second = step(steps, 'joint 2');
    expect(second.text.firstTime).toMatch(/Let the one before it cool first/);
    // A cup of 1.6 x 4.5 mm, two thirds of it, with 0.22 mm2 in it and a fillet: some 10 mm of 1.0 mm wire.
    const [fed] = second.figures.filter(({ label }) => label === 'solder wire 1.0 mm');
    expect(fed!.figure.value).toBeCloseTo(10e-3, 9);
    expect(second.tools[0]!.setting).toBe('chisel 3.2 mm, 370 °C');
  });

  test('a core too thick for a filled cup is seated dry and fed', () => {
    const thick = signalPlan('speaker', 'speaker-2x2.5', ['xlr-3-plug', 'xlr-3-plug']);
    expect(step(thick.steps, 'joint 1').text.firstTime).toMatch(/Seat the core in the dry cup/);
    expect(step(mic().steps, 'joint 2').text.firstTime).toMatch(/Fill the cup/);
  });
});

describe('before the second end', () => {
  test('like cores that go to different contacts are told apart by meter; paralleled ones need not be', () => {
    const quad = signalPlan('lighting', 'star-quad-mic', ['xlr-5-plug', 'xlr-5-socket']);
    expect(titles(quad.steps, 'A')).not.toContain('Tell the like cores apart');
    expect(titles(quad.steps, 'B')).toContain('Tell the like cores apart');
    expect(titles(lounge().steps, 'B')).not.toContain('Tell the like cores apart');
    expect(titles(mic().steps, 'B')).not.toContain('Tell the like cores apart');
  });

  test('boot and chuck are on the cable, or the connector cannot be closed', () => {
    const { steps } = mic();
    expect(step(steps, 'insert').requires.map(({ partId }) => partId)).toEqual(
      expect.arrayContaining(['A/boot', 'A/chuck']),
    );
  });
});

describe('lighting leads', () => {
  test('keep the screen off the shell and say so while it is open', () => {
    expect(step(lights().steps, 'insert').text.firstTime).toMatch(
      /Neither braid nor tail may reach the shell/,
    );
    expect(step(lights().steps, 'no-short').text.firstTime).toMatch(/from each to the shell/);
  });

  test('carry the ring of the house for their length', () => {
    const label = lights().steps.find(({ role }) => role === 'label')!;
    expect(label.text.firstTime).toMatch(/Ring of the house for this length: green/);
    expect(mic().steps.find(({ role }) => role === 'label')!.text.firstTime).not.toMatch(/Ring of the house/);
  });

  const coilOf = (as: House) => planLead(...lighting(), as).steps.find(({ role }) => role === 'coil')!;
  const lighting = () => {
    const { lead, cards } = signalLead('lighting', 'lighting-2-pair', ['xlr-5-plug', 'xlr-5-socket']);
    return [lead, cards] as const;
  };

  test('are coiled as leads of their length are, as the store has it, never tighter than the cable takes', () => {
    const figuresOf = (as: House) => coilOf(as).figures.map(({ figure }) => figure.value);
    expect(figuresOf(house)).toEqual([0.35, 5]);
    expect(figuresOf({ ...house, storeCoil: 0.6 })).toEqual([0.6, 3]);
    expect(figuresOf({ ...house, storeCoil: 0.1 })).toEqual([expect.closeTo(20 * 7.6e-3, 6), 12]);
  });

  test('are coiled from the plug or the socket, whichever end it is', () => {
    expect(coilOf(house).text.firstTime).toMatch(/Start at end A, the plug,/);
    expect(coilOf(practised({ coilFrom: 'the socket' })).text.firstTime).toMatch(
      /Start at end B, the socket,/,
    );
  });
});

describe('house practice changes the steps it speaks of', () => {
  test.each<[string, Partial<House['practice']>, (as?: House) => ReturnType<typeof mic>, RegExp]>([
    ['cups', { cups: 'seat and feed' }, mic, /Solder 2/],
    ['tinning', { tinning: 'leave bare' }, mic, /Tin the cores/],
    ['link', { lightingTail: 'solder a stranded link' }, lights, /Make the shield tail/],
    ['leaded solder', { solder: 'leaded' }, mic, /Solder 1/],
    ['blade', { stripping: 'blade' }, mic, /Take the jacket off/],
  ])('%s', (_name, practice, plan, title) => {
    const change = practiceChange(plan(), plan(practised(practice)))!;
    expect([...change.changed, ...change.removed].join('; ')).toMatch(title);
  });

  test('and leaves alone what it does not', () => {
    expect(practiceChange(lounge(), lounge(practised({ cups: 'seat and feed' })))).toBeUndefined();
    expect(practiceChange(mic(), mic(practised({ lightingTail: 'solder a stranded link' })))).toBeUndefined();
  });
});

describe('hold points', () => {
  test('a shorted speaker lead is measured, never waived; a microphone lead may be', () => {
    expect(step(lounge().steps, 'no-short').hold!.safety).toBe(true);
    expect(step(mic().steps, 'no-short').hold!.safety).toBe(false);
  });

  test('the conductive layer is measured off, on the cable that has one', () => {
    expect(step(patch().steps, 'conductive-layer').hold!.reading).toMatchObject({
      min: 1e6,
      quantity: 'resistance',
    });
    expect(titles(mic().steps)).not.toContain('Take the conductive layer off');
  });

  test('an end with its shield open has it cut back and covered', () => {
    const open = signalPlan('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug'], {
      choices: { shield: 'first end' },
    });
    expect(titles(open.steps, 'B')).toContain('Cut the shield back');
    expect(titles(open.steps, 'A')).toContain('Make the shield tail');
  });

  test('a closed plug that cannot be opened is cut off; one that can is opened', () => {
    const modular = signalPlan('lighting', 'lighting-2-pair', ['xlr-5-plug', 'rj45-lighting']);
    expect(step(modular.steps, 'no-short', 'B').hold!.rework).toMatchObject({
      backTo: 'jacket',
      scrap: [{ kind: 'connector' }],
    });
    expect(step(modular.steps, 'no-short', 'A').hold!.rework).toMatchObject({ backTo: 'joint', scrap: [] });
  });

  test('cautions stand where they matter', () => {
    for (const { steps } of [mic(), lounge(), patch()])
      for (const each of steps.filter(({ role, stage }) => stage === 'Join' && /^joint/.test(role)))
        if (/Solder/.test(each.title)) expect(each.caution).toMatch(/burn/);
    expect(lounge().steps.find(({ role }) => role === 'seal')!.caution).toMatch(/burns/);
  });
});

describe('a braided sleeve', () => {
  const sleeved = (as: House) => {
    const { lead, cards } = signalLead('speaker', 'speaker-star-quad-4x2.5', ['banana-pair', 'spade-pair-6']);
    const extraParts = [
      ...lead.extraParts,
      {
        id: 'sleeve',
        kind: 'braided sleeve' as const,
        legId: 'run',
        nearEndId: 'A',
        distance: 0.05,
        size: 'sleeve-12',
      },
    ];
    return planLead({ ...lead, extraParts }, cards, as);
  };
  const measured = practised({ sleeveCut: 'measure first' });
  const fix = (as: House) => sleeved(as).steps.find(({ role }) => role === 'sleeve')!;
  const cutTo = (as: House) =>
    sleeved(as).steps[0]!.cuts.find(({ label }) => label === 'braided sleeve 12 mm')!.length.value;

  test('is cut before it goes on: 25 mm over-long at each end and trimmed when it is tight, or to its figure with sealed edges', () => {
    expect(fix(measured).text.experienced).toMatch(/^Milk tight/);
    expect(fix(measured).tools.map(({ label }) => label)).toEqual(['Hot air']);
    expect(fix(house).text.experienced).toMatch(/^Draw tight, hot knife over card/);
    expect(cutTo(house) - cutTo(measured)).toBeCloseTo(0.05 - 0.012, 9);
    expect(cutTo(measured)).toBeGreaterThan(4);
  });

  test('is held by two shrinks that are threaded with it, one on either side', () => {
    expect(fix(practised({ sleeveHold: 'shrink and adhesive' })).text.experienced).toMatch(/adhesive/);
    const { steps } = sleeved(house);
    const on = steps.flatMap(({ threads }) => threads).filter(({ partId }) => partId.startsWith('sleeve'));
    expect(on.map(({ kind }) => kind).sort()).toEqual(['braided sleeve', 'sleeve shrink', 'sleeve shrink']);
    const at = (role: string) => steps.findIndex((step) => step.role === role);
    expect(at('thread')).toBeLessThan(at('sleeve'));
  });
});

test('spare cores are folded back under a shrink that was on the jacket before it was stripped', () => {
  const spare = (as: House) => {
    const { lead, cards } = signalLead('lighting', 'lighting-2-pair', ['xlr-3-plug', 'xlr-3-socket']);
    return planLead(lead, cards, as);
  };
  const { steps } = spare(house);
  const fold = steps.findIndex(({ id }) => id.includes('/A/') && id.endsWith('/spare'));
  expect(steps[fold]!.requires.map(({ partId }) => partId)).toEqual(['A/core shrink']);
  const threaded = steps.findIndex(({ threads }) => threads.some(({ partId }) => partId === 'A/core shrink'));
  expect(threaded).toBeGreaterThanOrEqual(0);
  expect(threaded).toBeLessThan(fold);
  const flush = spare(practised({ spareCore: 'cut flush' }));
  expect(flush.parts.some(({ kind }) => kind === 'core shrink')).toBe(false);
});

test('a shield that is lifted is covered by a shrink that was on the jacket before it was stripped', () => {
  const { steps, parts } = signalPlan('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug'], {
    choices: { shield: 'first end' },
  });
  expect(parts.filter(({ kind }) => kind === 'edge shrink').map(({ id }) => id)).toEqual(['B/edge shrink']);
  const off = steps.findIndex(({ role }) => role === 'shield-off');
  expect(steps[off]!.requires.map(({ partId }) => partId)).toEqual(['B/edge shrink']);
  const on = steps.findIndex(({ threads }) => threads.some(({ partId }) => partId === 'B/edge shrink'));
  expect(on).toBeGreaterThanOrEqual(0);
  expect(on).toBeLessThan(off);
});

test('a fitted end has nothing left to cut', () => {
  const { lead, cards } = signalLead('lighting', 'lighting-2-pair', ['xlr-3-plug', 'xlr-3-socket']);
  const { steps } = planLead({ ...lead, fittedEndIds: ['A'] }, cards, house);
  const cut = steps[0]!.cuts.flatMap(({ partIds }) => partIds);
  expect(cut.filter((partId) => partId.startsWith('A/'))).toEqual([]);
  expect(cut.filter((partId) => partId.startsWith('B/'))).toContain('B/core shrink');
});

test('every tube and sleeve is in the cut list of the first step', () => {
  for (const { lead, cards } of leadOfEachMethod()) {
    const { steps, parts } = planLead(lead, cards, house);
    if (steps.length === 0) continue;
    const listed = steps[0]!.cuts.flatMap(({ partIds }) => partIds);
    for (const { id, cutLength } of parts) if (cutLength) expect(listed).toContain(id);
  }
});

describe('bare ends', () => {
  const plan = signalPlan('balanced', 'mic-pair', ['xlr-3-socket', 'bare-cores-3']);
  const steps = plan.steps.filter(({ endId }) => endId === 'B');

  test('are cut all to one length, the shield too, whatever the school about tails', () => {
    const ends = plan.ends[1]!.strip.cuts.filter(({ layer }) => layer === 'core' || layer === 'tail');
    expect(ends).toHaveLength(3);
    for (const { position } of ends) expect(position.value).toBeCloseTo(ends[0]!.position.value, 9);
    const breakout = signalPlan('speaker', 'speaker-2x2.5', ['banana-pair', 'bare-pair']).ends[1]!;
    expect(breakout.strip.cuts.at(-1)!.position.value).toBeCloseTo(0.08 + 0.01 + 0.001, 9);
  });

  test('say nothing of a connector, a shell or a joint, are never tinned, and end in caps', () => {
    const said = steps
      .flatMap(({ title, text, held, cues, hold }) => [
        title,
        text.firstTime,
        held,
        ...cues,
        hold?.label ?? '',
      ])
      .join(' ');
    expect(said).not.toMatch(/connector|shell|solder joint|fillet|Body|firm stop/);
    expect(steps.map(({ role }) => role)).not.toContain('tin');
    expect(steps.some(({ trialFit }) => trialFit)).toBe(false);
    expect(steps.find(({ role }) => role === 'insert')!.text.firstTime).toMatch(/cap over each/);
  });

  test('go where the proposal finds clamps without anything on the cores', () => {
    expect(plan.thread.possible).toBe(true);
    expect(plan.pinChecks).toEqual([]);
    expect(plan.looks.some(({ endId }) => endId === 'B')).toBe(true);
  });
});
