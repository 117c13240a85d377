import { cableScrap, contactScrap, ferruleScrap } from '../recipe/scrap.ts';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { House } from '../house/house.ts';
import { methodNames } from '../connector/method-name.ts';
import { planLead } from '../plan/lead-plan.ts';
import { BenchWalk } from '../testing/bench-walk.ts';
import { exampleLead, house } from '../testing/example.ts';
import { leadOfEachMethod } from '../testing/lead-of-each-method.ts';
import { signalLead } from '../testing/signal-lead.ts';
import { cableLeft, cableLeftAt, shortageAfter } from './cable-left.ts';
import type { Step } from '../recipe/step.ts';
import { troubleIds } from '../recipe/trouble-id.ts';
import { troublesAt } from '../recipe/trouble.ts';
import type { Sighting, TroubleOutcome } from './trouble-bench.ts';
import { troubleHappenings, troubleOutcome } from './trouble-outcome.ts';
import { calledOf } from '../testing/step-called.ts';

const leads = leadOfEachMethod();

const at =
  (name: string, endId: string | null = 'A') =>
  (step: Step) =>
    calledOf(step) === name && step.endId === endId;

/** A patch lead that stands before a step, and what becomes of something seen there. */
function seenAt(
  where: (step: Step) => boolean,
  seen: Partial<Sighting> & Pick<Sighting, 'seen'>,
  as: House = house,
  made: { lead: Parameters<typeof planLead>[0]; cards: Parameters<typeof planLead>[1] } = patch(),
): TroubleOutcome & { readonly walk: BenchWalk } {
  const walk = new BenchWalk(made.lead, made.cards, as);
  expect(walk.until(where)).toBe(true);
  const step = walk.progress.current!;
  const sighting: Sighting = { step, endId: step.endId, ...seen };
  const outcome = troubleOutcome(walk.unit.plan!, walk.progress, sighting);
  walk.tell(...troubleHappenings(sighting, outcome));
  return { ...outcome, walk };
}
const patch = () => {
  const { lead, card } = exampleLead();
  return { lead, cards: [card] };
};
const mic = () => signalLead('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug']);
const secondCrimp = (): House => ({
  ...house,
  dies: house.dies.filter((die) => die !== 5.41e-3),
  practice: { ...house.practice, secondCrimp: 'once more, turned, with an inexact die' },
});

describe('every way back, for every method', () => {
  test('there is a lead for each of them', () => {
    expect(leads.map(({ method }) => method).sort()).toEqual([...methodNames].sort());
  });

  test.each(leads.map((made) => [made.method, made] as const))(
    '%s: whatever is seen wherever, no step is done before its preconditions, and the unit can be finished',
    (_, { lead, cards }) => {
      fc.assert(
        fc.property(
          fc.array(
            fc.record({
              after: fc.integer({ min: 0, max: 25 }),
              seen: fc.constantFrom(...troubleIds),
              part: fc.nat(),
            }),
            { minLength: 1, maxLength: 4 },
          ),
          (sightings) => {
            const walk = new BenchWalk(lead, cards);
            const parts = walk.progress.steps.flatMap(({ threads }) => threads);
            for (const { after, seen, part } of sightings) {
              for (let done = 0; done < after && walk.progress.current; done++) walk.doStep();
              const step = walk.progress.current ?? walk.progress.steps.at(-1)!;
              const sighting: Sighting = {
                seen,
                step,
                endId: step.endId ?? 'A',
                shortage: 1e-3,
                ...(parts.length > 0 ? { partId: parts[part % parts.length]!.partId } : {}),
              };
              const outcome = troubleOutcome(walk.unit.plan!, walk.progress, sighting);
              expect(outcome.advice.length).toBeGreaterThan(10);
              expect(outcome.uses).toBeGreaterThanOrEqual(0);
              walk.tell(...troubleHappenings(sighting, outcome));
              const { target } = outcome;
              if (!target) continue;
              // What is gone back to, and every later step of that end, is open again: but for the strip of a splice's other side.
              const { steps, done } = walk.progress;
              const otherStrip = ({ side, stage }: Step) =>
                side !== target.side && stage === 'Strip' && target.stage === 'Strip';
              const later = steps
                .slice(steps.indexOf(target))
                .filter((each) => each.endId === target.endId && !otherStrip(each));
              expect(later.filter(({ id }) => done.has(id))).toEqual([]);
              outcome.partsOff.forEach((partId) => expect(walk.progress.on.has(partId)).toBe(false));
            }
            walk.until(() => false);
            expect(walk.jumped).toEqual([]);
            expect(walk.progress.done.size).toBe(walk.progress.steps.length);
          },
        ),
        { numRuns: 25 },
      );
    },
  );

  test('every kind of work offers what can be seen at it first, and everything else after it', () => {
    for (const work of ['strip', 'solder', 'crimp', 'shrink', 'thread'] as const) {
      const { likely, other } = troublesAt({ work, joint: null, endId: 'A' }, []);
      expect(likely.length).toBeGreaterThan(1);
      expect([...likely, ...other].map(({ id }) => id).sort()).toEqual([...troubleIds].sort());
    }
  });
});

describe('faults of a joint', () => {
  test('a step offers those of its own kind of joint first, in its own words, and no other kind’s', () => {
    const { likely } = troublesAt({ work: 'screw', joint: 'rising clamp', endId: 'A' }, []);
    expect(likely.slice(0, 3).map(({ id, subject }) => [id, subject])).toEqual([
      ['not home', 'rising clamp'],
      ['strand out', 'rising clamp'],
      ['on insulation', 'rising clamp'],
    ]);
    expect(likely[0]!.seen).toMatch(/under the cage/);
    expect(likely.map(({ id }) => id)).not.toContain('cold');
  });

  test('a lead is asked only for what its own joints can have, each seen as at that joint', () => {
    const { lead, cards } = patch();
    const walk = new BenchWalk(lead, cards);
    expect(walk.until(at('measure'))).toBe(true);
    const { likely, other } = troublesAt(walk.progress.current!, walk.progress.steps);
    const subjects = new Map([...likely, ...other].map(({ id, subject }) => [id, subject]));
    expect(subjects.get('crimped twice')).toBe('contact');
    expect(subjects.get('die too small')).toBe('ferrule');
    for (const none of ['cold', 'spike', 'strand out', 'on insulation', 'cut in'] as const)
      expect(subjects.has(none)).toBe(false);
    expect(subjects.get('nick')).toBe('strip');
  });

  test('a screw is opened and closed again, a crimp is cut off, solder is heated, a jacket that was cut is stripped again', () => {
    const speaker = signalLead('speaker', 'speaker-2x2.5', ['speaker-2-cable', 'speaker-2-cable']);
    const clamp = seenAt(at('clamps-tug'), { seen: 'not home' }, house, speaker);
    expect(clamp).toMatchObject({ how: 'gone back', scrap: [], uses: 0, target: { work: 'screw' } });
    expect(clamp.advice).toMatch(/Twist all strands together/);
    const contact = seenAt(at('contact-tug'), { seen: 'not home' });
    expect(contact).toMatchObject({ how: 'end made again', scrap: [contactScrap] });
    const cup = seenAt(at('joints-look'), { seen: 'short fill' }, house, mic());
    expect(cup).toMatchObject({ how: 'gone back', target: { work: 'solder' } });
    const jack = signalLead('unbalanced', 'mic-pair', ['jack-6-ts', 'jack-6-ts']);
    expect(seenAt(at('clamp'), { seen: 'cut in' }, house, jack).target).toMatchObject({ role: 'jacket' });
    expect(seenAt(at('clamp'), { seen: 'loose' }, house, jack)).toMatchObject({ how: 'mended here' });
  });

  test('what is not crimped yet is not cut off: it is taken off and seated again', () => {
    const plug = leads.find(({ method }) => method === 'compression')!;
    const before = (step: Step) => step.joint === 'compression sleeve' && step.work !== 'crimp';
    const seated = seenAt(before, { seen: 'stands off' }, house, plug);
    expect(seated.advice).toMatch(/seat it again until it is home/);
    expect(seated.scrap).toEqual([]);
    const pressed = seenAt(
      (step) => step.joint === 'compression sleeve' && step.work === 'tug',
      { seen: 'askew' },
      house,
      plug,
    );
    expect(pressed.advice).toMatch(/^A crimp cannot be opened/);
  });

  test('what no joint of the end can have is not mended', () =>
    expect(seenAt(at('jacket'), { seen: 'turned' })).toMatchObject({ how: 'mended here', target: null }));
});

describe('what can be saved, and at what price', () => {
  test('a nick before anything is fixed costs a strip; after the ferrule it costs the connector', () => {
    const early = seenAt(at('nick-and-whisker'), { seen: 'nick' });
    expect(early).toMatchObject({ how: 'gone back', scrap: [], target: { role: 'dielectric' } });
    const late = seenAt(at('cable-tug'), { seen: 'nick' });
    expect(late).toMatchObject({
      how: 'end made again',
      scrap: [{ kind: 'connector with contact', name: 'TNC plug' }, ferruleScrap],
    });
    expect(late.uses).toBeGreaterThan(early.uses);
    expect(late.partsOff).toEqual(['A/ferrule']);
  });

  test('a contact already crimped is scrap with the nick behind it', () => {
    // Also when it was tugged, and when the body can still be pulled off again.
    for (const step of ['contact-tug', 'insert', 'no-short'])
      expect(seenAt(at(step), { seen: 'nick' })).toMatchObject({ scrap: [contactScrap], partsOff: [] });
  });

  test('a whisker is brushed off while it can be reached, not inside a crimped connector', () => {
    expect(seenAt(at('nick-and-whisker'), { seen: 'whisker' })).toMatchObject({
      how: 'mended here',
      uses: 0,
    });
    expect(seenAt(at('contact'), { seen: 'whisker' })).toMatchObject({
      target: { role: 'nick-and-whisker' },
    });
    expect(seenAt(at('no-short'), { seen: 'whisker' })).toMatchObject({
      how: 'gone back',
      target: { role: 'insert' },
    });
    expect(seenAt(at('setback'), { seen: 'whisker' }).how).toBe('end made again');
  });

  test('a joint is heated again where it can be reached; a cup does so even when the shell is on', () => {
    const cold = seenAt(at('joints-look'), { seen: 'cold' }, house, mic());
    expect(cold.how).toBe('gone back');
    expect(calledOf(cold.target!)).toBe('joint 3');
    expect(seenAt(at('cable-tug'), { seen: 'spike' }, house, mic()).how).toBe('gone back');
    expect(seenAt(at('jacket'), { seen: 'cold' }, house, mic()).advice).toMatch(
      /Nothing of this end is soldered yet/,
    );
  });

  test('a part forgotten is put on while the end is open, costs the end once it is closed, and a shrink is fitted split', () => {
    const open = seenAt(at('contact'), { seen: 'part forgotten', partId: 'A/ferrule' });
    expect(open).toMatchObject({ how: 'mended here', uses: 0 });
    const closed = seenAt(at('cable-tug'), { seen: 'part forgotten', partId: 'A/ferrule' });
    expect(closed).toMatchObject({ how: 'end made again', target: { role: 'dielectric', endId: 'A' } });
    expect(seenAt(at('cable-tug'), { seen: 'part forgotten', partId: 'A/shrink' }).advice).toMatch(
      /split or wrap-round/,
    );
    const opened = seenAt(at('cable-tug'), { seen: 'part forgotten', partId: 'A/chuck' }, house, mic());
    expect(opened).toMatchObject({ how: 'gone back', scrap: [], target: { role: 'insert' } });
  });

  test('a ring inside a feeder connector has no split kind: the connector is opened for it', () => {
    const feeder = leads.find(({ method }) => method === 'feeder clamp')!;
    const walk = new BenchWalk(feeder.lead, feeder.cards);
    const ring = walk.progress.steps
      .flatMap(({ threads }) => threads)
      .find(({ label }) => /ring, end A/.test(label))!;
    const { how, scrap, advice } = seenAt(
      at('clamp'),
      { seen: 'part forgotten', partId: ring.partId },
      house,
      { lead: feeder.lead, cards: feeder.cards },
    );
    expect([how, scrap]).toEqual(['gone back', []]);
    expect(advice).toMatch(/The connector opens/);
  });

  test('the wrong way round is taken off, so that it is asked for again', () => {
    const { walk } = seenAt(at('contact'), { seen: 'wrong side', partId: 'A/ferrule' });
    expect(walk.progress.on.has('A/ferrule')).toBe(false);
    walk.until(at('insert'));
    walk.doStep();
    expect(walk.progress.on.has('A/ferrule')).toBe(true);
    expect(walk.jumped).toEqual([]);
  });

  test('crimped twice is scrap, unless the house allows it where no exact die is', () => {
    expect(seenAt(at('cable-tug'), { seen: 'crimped twice' }).how).toBe('end made again');
    expect(seenAt(at('cable-tug'), { seen: 'crimped twice' }, secondCrimp()).how).toBe('mended here');
    // A lead may be stricter than its house.
    const { lead, cards } = patch();
    const strict = { lead: { ...lead, practice: { secondCrimp: 'never' as const } }, cards };
    expect(seenAt(at('cable-tug'), { seen: 'crimped twice' }, secondCrimp(), strict).how).toBe(
      'end made again',
    );
    // With the exact die in the shop the house's leave does not count.
    const exact = { ...secondCrimp(), dies: house.dies };
    expect(seenAt(at('cable-tug'), { seen: 'crimped twice' }, exact).how).toBe('end made again');
  });

  test('a die too large is followed by the exact one; too small has cut into the part', () => {
    expect(seenAt(at('cable-tug'), { seen: 'die too large' })).toMatchObject({
      how: 'gone back',
      target: { role: 'ferrule' },
      scrap: [],
    });
    const none = { ...house, dies: house.dies.filter((die) => die !== 5.41e-3) };
    expect(seenAt(at('cable-tug'), { seen: 'die too large' }, none).how).toBe('end made again');
    expect(seenAt(at('cable-tug'), { seen: 'die too small' }).how).toBe('end made again');
    expect(seenAt(at('contact-tug'), { seen: 'die too small' })).toMatchObject({ scrap: [contactScrap] });
  });

  test('a stuck coupling and a blister cost the shrink, not the end', () => {
    for (const seen of ['coupling stuck', 'seal blistered'] as const)
      expect(seenAt(at('coupling'), { seen })).toMatchObject({
        scrap: [{ kind: 'shrink' }],
        uses: 0,
        target: { role: 'seal' },
      });
  });

  test('a layer too short takes the jacket back by what is missing; a cable too short is given up', () => {
    const layer = seenAt(at('measure'), { seen: 'too short', shortage: 1.2e-3 });
    expect(layer).toMatchObject({ how: 'gone back', uses: 1.2e-3, target: { role: 'dielectric' } });
    expect(layer.walk.progress.used).toBeCloseTo(1.2e-3, 9);
    expect(seenAt(at('cut', null), { seen: 'too short', endId: null })).toMatchObject({
      how: 'lead given up',
      scrap: [cableScrap],
    });
  });
});

describe('cable left for another try', () => {
  test('what was allowed less what rework took, piece by piece; one end does not know of the other’s', () => {
    const made = patch();
    const lead = { ...made.lead, spareTerminations: 1, slack: 0.01 };
    const { walk, uses } = seenAt(at('cable-tug'), { seen: 'nick' }, house, { lead, cards: made.cards });
    const plan = planLead(lead, made.cards, house);
    const left = cableLeft(lead, plan.cuts, walk.progress);
    const allowed = plan.cuts[0]!.betweenJackets - plan.cuts[0]!.leastBetweenJackets;
    expect(allowed).toBeGreaterThan(0.04);
    expect(cableLeftAt(lead, left, 'B')).toEqual({
      pieceId: lead.pieces[0]!.id,
      allowed,
      used: uses,
      left: allowed - uses,
      tolerated: 0.005 * 3.4,
    });
  });

  test('without allowance the first rework already leaves the lead short', () => {
    const { walk, uses } = seenAt(at('cable-tug'), { seen: 'nick' });
    const { lead, cards } = patch();
    const left = cableLeft(lead, planLead(lead, cards, house).cuts, walk.progress);
    const mine = cableLeftAt(lead, left, 'A');
    expect(mine.left).toBeCloseTo(-uses, 9);
    // Half a per cent of 3.4 m nobody asks about; one more try is asked for, with all that is missing by then.
    expect(shortageAfter({ ...mine, left: 0 }, 0.016)).toBe(0);
    expect(shortageAfter(mine, 0.016)).toBeCloseTo(uses + 0.016, 9);
    expect(shortageAfter(mine, 0)).toBe(0);
  });
});
