import { describe, expect, test } from '@jest/globals';
import type { Moment } from '../recipe/moment.ts';
import { momentsOf } from '../recipe/moment.ts';
import { BenchWalk } from '../testing/bench-walk.ts';
import { exampleLead, house } from '../testing/example.ts';
import { leadOfEachMethod } from '../testing/lead-of-each-method.ts';
import { signalLead } from '../testing/signal-lead.ts';
import type { MomentSaid } from './moment-work.ts';
import { momentHappenings } from './moment-work.ts';

const nothing: MomentSaid = { out: new Set(), missing: new Set(), readings: new Map() };

/** Readings that pass, for every hold point of a moment. */
const good = (moment: Moment): MomentSaid => ({
  ...nothing,
  readings: new Map(
    moment.steps.flatMap(({ id, hold }) =>
      hold?.reading ? [[id, hold.reading.max ?? hold.reading.min ?? 0] as const] : [],
    ),
  ),
});

const patch = (firstArticle = false) => {
  const { lead, card } = exampleLead();
  return new BenchWalk(lead, [card], house, firstArticle);
};

/** Does moments in their order until one of a kind stands there. */
function until(walk: BenchWalk, kind: Moment['kind']): Moment {
  for (const moment of momentsOf(walk.progress.steps)) {
    if (moment.kind === kind) return moment;
    walk.tell(...momentHappenings(walk.progress, walk.unit.plan!, moment, good(moment)).happenings);
  }
  throw new Error(`no moment ${kind}`);
}

describe('working moments', () => {
  test('of a crimped lead: cut, thread, four for each end, prove, finish', () => {
    expect(momentsOf(patch().progress.steps).map(({ title }) => title)).toEqual([
      'Count the parts and cut the cable',
      'Thread the parts',
      ...['A', 'B'].flatMap((end) => [
        `Strip, end ${end}`,
        `Contact on, end ${end}`,
        `Body on, no short, end ${end}`,
        `Fix it and pull, end ${end}`,
      ]),
      'Prove the lead',
      'Finish the lead',
    ]);
  });

  test('a moment is called after what is in it: nothing is pulled, tipped or seated where no step does so', () => {
    for (const { lead, cards, method } of leadOfEachMethod()) {
      const moments = momentsOf(new BenchWalk(lead, cards).progress.steps);
      const wrong = moments.filter(({ title, steps }) => {
        const has = (...roles: string[]) => steps.some(({ role }) => roles.includes(role));
        return (
          (/pull/.test(title) && !steps.some(({ work }) => work === 'tug')) ||
          (/Solder the tip/.test(title) && !has('tip')) ||
          (/Solder the body/.test(title) && !has('body')) ||
          (/Body on/.test(title) && (!has('insert', 'nut') || method === 'bare end')) ||
          (/Join the cores/.test(title) && !has('joint')) ||
          (/no short/.test(title) && !has('no-short'))
        );
      });
      expect([method, wrong.map(({ title }) => title)]).toEqual([method, []]);
    }
  });

  test('every step of every method is in one moment, in order', () => {
    for (const { lead, cards, method } of leadOfEachMethod()) {
      const { steps } = new BenchWalk(lead, cards).progress;
      const moments = momentsOf(steps);
      expect([method, moments.flatMap((moment) => moment.steps)]).toEqual([method, steps]);
      expect([method, moments.length < steps.length / 2]).toEqual([method, true]);
    }
  });

  test('one press each for two coaxial ends and one for each reading; a 3-pin lead likewise', () => {
    const presses = (walk: BenchWalk) =>
      momentsOf(walk.progress.steps).reduce(
        (sum, { steps }) => sum + Math.max(1, steps.filter(({ hold }) => hold?.reading).length),
        0,
      );
    expect(presses(patch())).toBeLessThanOrEqual(17);
    const mic = signalLead('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug']);
    expect(presses(new BenchWalk(mic.lead, mic.cards, house))).toBeLessThanOrEqual(20);
  });
});

describe('a moment done with one press', () => {
  test('leaves the facts that its steps leave one by one', () => {
    for (const { lead, cards } of leadOfEachMethod()) {
      const [byStep, byMoment] = [new BenchWalk(lead, cards), new BenchWalk(lead, cards)];
      byStep.until(({ work }) => work === 'prove');
      const moments = momentsOf(byMoment.progress.steps);
      for (const moment of moments.slice(
        0,
        moments.findIndex(({ kind }) => kind === 'prove'),
      ))
        byMoment.tell(
          ...momentHappenings(byMoment.progress, byMoment.unit.plan!, moment, good(moment)).happenings,
        );
      const told = (walk: BenchWalk) =>
        walk.happenings
          .filter(({ kind }) => kind !== 'strip measured')
          .map((happening) => JSON.stringify(keyOf(happening)))
          .sort();
      expect(byMoment.progress.current?.id).toBe(byStep.progress.current?.id);
      expect(told(byMoment)).toEqual(told(byStep));
    }
  });

  test('stops at what is Out, with everything before it done and nothing after it', () => {
    const walk = patch();
    const moment = until(walk, 'contact');
    const tug = moment.steps.find(({ role }) => role === 'contact-tug')!;
    const { happenings, stopsAt } = momentHappenings(walk.progress, walk.unit.plan!, moment, {
      ...good(moment),
      out: new Set([tug.id]),
    });
    expect(stopsAt?.id).toBe(tug.id);
    expect(happenings.at(-1)).toEqual({ kind: 'hold answered', stepId: tug.id, good: false, reading: null });
    walk.tell(...happenings);
    expect(walk.progress.current?.id).toBe(tug.id);
  });

  test('stops at a reading that nobody has taken, one that is out of its limit, and a part that is not there', () => {
    const walk = patch();
    const moment = until(walk, 'body');
    const { plan } = walk.unit;
    const noShort = moment.steps.find(({ role }) => role === 'no-short')!;
    const stopAt = (said: MomentSaid) => momentHappenings(walk.progress, plan!, moment, said).stopsAt;
    expect(stopAt(nothing)?.hold?.reading).toBeTruthy();
    const short = new Map(good(moment).readings).set(noShort.id, 0.2);
    expect(stopAt({ ...nothing, readings: short })?.id).toBe(noShort.id);
    const insert = moment.steps.find(({ role }) => role === 'insert')!;
    expect(stopAt({ ...good(moment), missing: new Set([insert.requires[0]!.partId]) })?.id).toBe(insert.id);
  });

  test('a first article is still measured whole, and a proof is answered in Prove', () => {
    const walk = patch(true);
    const strip = until(walk, 'strip');
    expect(momentHappenings(walk.progress, walk.unit.plan!, strip, good(strip)).stopsAt?.recordsStrip).toBe(
      true,
    );
    const whole = patch();
    const prove = until(whole, 'prove');
    expect(momentHappenings(whole.progress, whole.unit.plan!, prove, nothing)).toEqual({
      happenings: [],
      stopsAt: prove.steps[0],
    });
  });

  test('its time is shared over its steps, none of it lost or invented', () => {
    const walk = patch();
    const moment = until(walk, 'fix');
    const { happenings } = momentHappenings(walk.progress, walk.unit.plan!, moment, good(moment), 300);
    const seconds = happenings.flatMap((happening) =>
      happening.kind === 'step done' ? [happening.seconds!] : [],
    );
    expect(seconds.length).toBe(moment.steps.length);
    expect(Math.abs(seconds.reduce((sum, each) => sum + each, 0) - 300)).toBeLessThanOrEqual(
      moment.steps.length,
    );
  });
});

/** What happened, without what only differs by who counted: readings that pass. */
function keyOf(happening: BenchWalk['happenings'][number]): unknown {
  switch (happening.kind) {
    case 'hold answered':
      return [happening.kind, happening.stepId, happening.good];
    case 'step done':
      return [happening.kind, happening.stepId];
    default:
      return happening;
  }
}
