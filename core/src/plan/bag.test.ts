import { describe, expect, test } from '@jest/globals';
import { contentNames, contentQuestion } from '../connector/contents.ts';
import { layeredCables as layered } from '../cable/catalogue/catalogue.ts';
import { connectors } from '../connector/catalogue/catalogue.ts';
import type { AnsweredContents } from '../connector/contents.ts';
import type { Connector } from '../connector/connector.ts';
import { practiceChoices, practiceSchema } from '../house/practice.ts';
import { methodOf } from '../method/methods.ts';
import type { PartKind } from '../thread/part-kind.ts';
import { cutOf } from '../strip/cut-of.ts';
import { exampleEnd, house } from '../testing/example.ts';
import { simulate } from '../testing/thread-simulator.ts';
import type { Happening } from '../testing/thread-simulator.ts';
import { bagsOf, everyEnd, onePerKey, planBothEnds } from './every-end.ts';
import type { LeadPlan } from './lead-plan.ts';

const allPairs = everyEnd(house);

/** Each connector once. */
const pairs = onePerKey(allPairs, ({ id }) => id);

const planOf = (
  cableId: string,
  connector: Connector,
  contents: AnsweredContents = {},
  as = house,
  power = 1,
) => planBothEnds([layered.find(({ id }) => id === cableId)!, connector], as, contents, power);

/** What a step calls a part when it uses it: the word stands in a step of the end that is not the threading itself. */
const calledAs: Readonly<Partial<Record<PartKind, RegExp>>> = {
  coupling: /coupling/i,
  'coupling nut': /\bnut\b|coupling/i,
  ferrule: /ferrule/i,
  'gland nut': /\bnut\b/i,
  washer: /washer/i,
  gasket: /gasket/i,
  'back nut': /\bnut\b/i,
  'O-ring': /ring/i,
  reducer: /reducer/i,
  'splice boot': /boot/i,
  bushing: /bushing|chuck|boot|clamp/i,
  chuck: /chuck/i,
  boot: /boot|cover|cap/i,
  'insulating tube': /tube/i,
  handle: /handle|shell/i,
  'relief spring': /spring|handle/i,
  shrink: /shrink|tube/i,
  'core shrink': /shrink/i,
  'edge shrink': /shrink/i,
  'label sleeve': /label/i,
};

/** Parts that nobody who reads the steps would know to have on the cable, or that no step uses. */
function partsAmiss(plan: LeadPlan): string[] {
  if (!plan.thread.possible) return ['cannot be threaded'];
  const threaded = new Set(plan.thread.moments.flatMap(({ moves }) => moves.map(({ part }) => part.id)));
  const steps = plan.steps.filter(({ role }) => role !== 'thread' && role !== 'cut');
  const unused = plan.parts.filter(({ id, kind, ends, missing }) => {
    if (missing) return false;
    const word = calledAs[kind];
    const said = steps.filter(({ endId }) => endId === null || ends.includes(endId));
    return (
      !threaded.has(id) || !word || !said.some(({ title, text }) => word.test(`${title} ${text.firstTime}`))
    );
  });
  const required = new Set(plan.steps.flatMap(({ requires }) => requires.map(({ partId }) => partId)));
  const forgotten = plan.parts.filter(({ id, ofMethod }) => ofMethod && !required.has(id));
  const named = plan.ends.flatMap(({ end }) =>
    steps
      .filter(({ endId, role }) => endId === end.id && role === 'insert')
      .flatMap(({ text }) =>
        (['coupling', 'ferrule', 'reducer', 'washer', 'gasket'] as const).filter(
          (kind) =>
            new RegExp(`\\b${kind}\\b`, 'i').test(text.firstTime) &&
            /on the cable/i.test(text.firstTime) &&
            !plan.parts.some((part) => part.kind === kind && part.ends.includes(end.id)),
        ),
      ),
  );
  return [
    ...unused.map(({ id }) => `${id} is used by no step`),
    ...forgotten.map(({ id }) => `${id} is asked for by no step`),
    ...named.map((kind) => `a step has the ${kind} on the cable, the threading does not`),
  ];
}

/** Pushes every part along the run, in the order of the plan. */
function pushed(plan: LeadPlan): string | undefined {
  if (!plan.thread.possible) return 'cannot be threaded';
  const happenings = plan.thread.moments.flatMap(({ event, moves }): Happening[] => [
    ...moves.map(({ part, entryNodeId }) => ({ part: part.id, sideNodeId: entryNodeId })),
    { event: event.id },
  ]);
  return simulate(plan.run, happenings);
}

describe('threaded parts are complete', () => {
  test('for every connector, with every bag: each part is used, asked for in time, and passes', () => {
    for (const [cable, connector] of pairs)
      for (const contents of bagsOf(connector)) {
        const plan = planBothEnds([cable, connector], house, contents);
        expect([connector.id, contents, partsAmiss(plan), pushed(plan)]).toEqual([
          connector.id,
          contents,
          [],
          undefined,
        ]);
      }
  });

  test('on every cable that it goes on, with the usual bag', () => {
    for (const [cable, connector] of allPairs) {
      const plan = planBothEnds([cable, connector], house);
      expect([cable.id, connector.id, partsAmiss(plan), pushed(plan)]).toEqual([
        cable.id,
        connector.id,
        [],
        undefined,
      ]);
    }
  });

  /** One pair for each method. */
  const perMethod = onePerKey(pairs, ({ method }) => method);

  test.each(Object.entries(practiceChoices))(
    'and in houses that answer %s otherwise, for each method and bag',
    (question, answers) => {
      const usual = Object.entries(house.practice).find(([name]) => name === question)![1];
      const others = answers.filter((answer) => answer !== usual);
      expect(others.length).toBe(answers.length - 1);
      for (const answer of others) {
        // The schema refuses an answer that is none: a house that differs in nothing would prove nothing.
        const practice = practiceSchema.parse({ ...house.practice, [question]: answer });
        for (const [cable, connector] of perMethod)
          for (const contents of bagsOf(connector)) {
            const plan = planBothEnds([cable, connector], { ...house, practice }, contents);
            expect([answer, connector.id, contents, partsAmiss(plan), pushed(plan)]).toEqual([
              answer,
              connector.id,
              contents,
              [],
              undefined,
            ]);
          }
      }
    },
  );
});

const byId = (id: string) => connectors.find((connector) => connector.id === id)!;
const kindsOf = (plan: LeadPlan) =>
  plan.parts.filter(({ ends }) => ends.includes('A')).map(({ kind }) => kind);
const stepAt = (plan: LeadPlan, role: string) =>
  plan.steps.find((step) => step.role === role && step.endId === 'A');

describe('what the bag holds changes the end', () => {
  test('a captive coupling is not threaded, not spoken of, and asks no bore', () => {
    const [loose, captive] = (['loose ring', 'captive'] as const).map((coupling) =>
      planOf('rg-58', byId('uhf-plug-screw-on-5'), { coupling }),
    );
    expect(kindsOf(loose!)).toContain('coupling');
    expect(kindsOf(captive!)).not.toContain('coupling');
    expect(stepAt(captive!, 'insert')!.text.firstTime).not.toMatch(/coupling/i);
    expect(captive!.ends[0]!.fit.some(({ id }) => id === 'coupling')).toBe(false);
  });

  test('a sleeve goes under the braid, which ends at its rim; a ring over it has it fanned back', () => {
    const over = exampleEnd('rg-213', 'n-plug-clamp-10');
    const under = exampleEnd('rg-213', 'n-plug-clamp-10', { contents: { clamp: 'under the braid' } });
    const strips = [over, under].map((end) => methodOf('clamp gland').strip(end));
    expect(strips.map(({ shield }) => shield)).toEqual(['fanned', 'forward']);
    const length = under.card.features.coneLength!.value;
    expect(cutOf(strips[1]!, 'braid').position.value).toBeCloseTo(length, 9);
    expect(cutOf(strips[0]!, 'braid').position.value).toBeGreaterThan(length);
    expect(strips[1]!.section.map(({ name }) => name)).toContain('clamp sleeve');
    expect(
      methodOf('clamp gland')
        .fit(under)
        .find(({ id }) => id === 'clamp')!.verdict,
    ).not.toBe('does not fit');
    expect(
      stepAt(planOf('rg-213', byId('n-plug-clamp-10'), { clamp: 'under the braid' }), 'braid')!.title,
    ).toMatch(/over the sleeve/);
  });

  test('an insulator before the contact takes its thickness from the dielectric, not from the contact', () => {
    const contents = { spacer: 'one' } as const;
    const measured = { stopDepth: 14e-3, stemLength: 7e-3, insulatorSeat: 5e-3, spacerLength: 2e-3 };
    for (const id of ['tnc-plug-50-crimp-5', 'n-plug-clamp-5']) {
      const [plain, spaced] = [{}, contents].map((answers) =>
        methodOf(byId(id).method).strip(exampleEnd('rg-58', id, { contents: answers, measured })),
      );
      const moved = (layer: 'dielectric' | 'conductor') =>
        cutOf(spaced!, layer).position.value - cutOf(plain!, layer).position.value;
      expect(moved('dielectric')).toBeCloseTo(-2e-3, 9);
      expect(moved('conductor')).toBeCloseTo(0, 9);
    }
    const plan = planOf('rg-58', byId('n-plug-clamp-5'), contents);
    expect(stepAt(plan, 'spacer')).toBeDefined();
    expect(stepAt(plan, 'contact')!.text.firstTime).toMatch(/against the insulator/);
  });

  test('a contact without a hole is soldered by a bead, one with a hole through it, one to crimp is crimped', () => {
    const said = (contact: 'crimp' | 'solder hole' | 'no hole') =>
      stepAt(planOf('rg-223', byId('tnc-plug-50-crimp-5'), { contact }), 'contact')!.text.firstTime;
    expect(said('crimp')).toMatch(/Crimp once/);
    expect(said('solder hole')).toMatch(/through its hole/);
    expect(said('no hole')).toMatch(/as a bead round its edge/);
  });

  test('two washers are told apart by their holes, none is not asked for', () => {
    const washers = (answer: 'none' | 'two') =>
      planOf('rg-213', byId('n-plug-clamp-10'), { washers: answer });
    expect(kindsOf(washers('none'))).not.toContain('washer');
    expect(stepAt(washers('none'), 'insert')!.text.firstTime).not.toMatch(/washer/);
    expect(stepAt(washers('two'), 'braid')!.text.firstTime).toMatch(/smaller hole .* over the braid/);
  });

  test('a boot in the bag goes on first and is pushed up last', () => {
    const plan = planOf('rg-58', byId('bnc-plug-50-crimp-5'), { boot: 'one' });
    expect(kindsOf(plan)).toContain('boot');
    const roles = plan.steps.filter(({ endId }) => endId === 'A').map(({ role }) => role);
    expect(roles.indexOf('boot')).toBeGreaterThan(roles.indexOf('ferrule'));
  });

  test('an inner ferrule goes under the braid before the contact and the body, and the section shows it', () => {
    const plan = planOf('low-loss-10', byId('n-plug-50-crimp-10-low-loss'), { underBraid: 'inner ferrule' });
    const roles = plan.steps.filter(({ endId }) => endId === 'A').map(({ role }) => role);
    expect(roles.indexOf('inner-ferrule')).toBeGreaterThan(roles.indexOf('nick-and-whisker'));
    expect(roles.indexOf('inner-ferrule')).toBeLessThan(roles.indexOf('insert'));
    expect(stepAt(plan, 'inner-ferrule')!.text.firstTime).toMatch(/over the dielectric and its foil/);
    const rings = plan.ends[0]!.strip.section.map(({ name }) => name);
    expect([rings.includes('inner ferrule'), rings.includes('stem')]).toEqual([true, false]);
    expect(stepAt(planOf('rg-58', byId('bnc-plug-50-crimp-5')), 'inner-ferrule')).toBeUndefined();
  });

  test('what holds the jacket of a jack decides its parts and how it is closed', () => {
    const held = (holder: 'tabs' | 'half shells' | 'chuck') =>
      planOf('mic-pair', byId('jack-6-trs'), { holder });
    expect(kindsOf(held('tabs'))).not.toContain('chuck');
    expect(stepAt(held('tabs'), 'clamp')!.title).toMatch(/clamp tabs/);
    expect(stepAt(held('half shells'), 'clamp')!.title).toMatch(/half shells/);
    expect(kindsOf(held('chuck'))).toContain('chuck');
    expect(stepAt(held('chuck'), 'clamp')).toBeUndefined();
    expect(stepAt(held('chuck'), 'insert')!.text.firstTime).toMatch(/chuck up to it/);
    const said = held('half shells').steps.flatMap(({ hold }) => (hold ? [hold.label] : []));
    expect(said).toContain('Half shells hold the jacket');
  });

  test('a boot of another colour is asked for by its colour, where it is threaded and where it is kept', () => {
    const boot = (bootColour: 'black' | 'red') =>
      planOf('mic-pair', byId('xlr-3-plug'), { bootColour }).parts.find(({ kind }) => kind === 'boot')!;
    expect([boot('black').label, boot('black').name]).toEqual(['boot, end A', 'boot']);
    expect([boot('red').label, boot('red').name, boot('red').colour]).toEqual([
      'red boot, end A',
      'red boot',
      'red',
    ]);
  });

  test('what is left over and what is short is said', () => {
    const report = (contents: AnsweredContents, power: number) =>
      planOf('rg-213', byId('n-plug-clamp-10'), contents, house, power).ends[0]!.bag;
    expect(report({}, 1)).toMatchObject({ leftOver: [], short: [] });
    expect(report({ cap: 'both' }, 1).leftOver).toEqual(['the ribbed back cap']);
    expect(report({ cap: 'both' }, 400).leftOver).toEqual(['the plain back cap']);
    expect(report({}, 400).short[0]).toMatch(/heat-shedding/);
    const spring = planOf('instrument', byId('phono-spring'), { relief: 'two sizes' });
    expect(spring.ends[0]!.bag.leftOver[0]).toMatch(/^the (smaller|larger) spring/);
    expect(spring.parts.find(({ kind }) => kind === 'relief spring')!.label).toMatch(
      /^(smaller|larger) relief/,
    );
  });

  test('nothing must be answered: what nobody has looked at is assumed, and said so', () => {
    const connector = byId('n-plug-clamp-10');
    const none = planOf('rg-213', connector).ends[0]!.bag;
    expect(none.assumed).toEqual(
      ['clamp', 'contact', 'spacer', 'washers', 'cap', 'shrink', 'coupling'].filter((name) =>
        none.assumed.includes(name as 'clamp'),
      ),
    );
    expect(none.assumed.length).toBeGreaterThan(4);
    expect(planOf('rg-213', connector, { clamp: 'over the braid' }).ends[0]!.bag.assumed).not.toContain(
      'clamp',
    );
  });

  test('every question is a question: a label, and answers that tell themselves apart', () => {
    for (const name of contentNames) {
      const { label, answers } = contentQuestion(name);
      expect(label.length).toBeGreaterThan(3);
      expect(new Set(Object.values(answers)).size).toBe(Object.keys(answers).length);
    }
  });
});
