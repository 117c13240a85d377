import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { planLead } from '../plan/lead-plan.ts';
import { exampleLead, house } from '../testing/example.ts';
import { anyOrderWorks, happeningsOf, simulate } from '../testing/thread-simulator.ts';
import { planThreading } from './plan.ts';
import type { ThreadPart, ThreadRun } from './run.ts';

const early = { timing: 'early', order: [] } as const;
const late = { timing: 'late', order: [] } as const;

const part = (
  id: string,
  legId: string,
  place: number,
  opening: number,
  fixedBy: string,
  more: Partial<ThreadPart> = {},
): ThreadPart => ({
  id,
  label: id,
  legId,
  place,
  opening,
  outside: opening + 1,
  fixedOutside: opening + 1,
  fixedBy,
  ...more,
});

/** A Y: trunk T with legs L and R, an end on each, millimetres for ease. */
function yRun(parts: ThreadPart[], more: Partial<ThreadRun> = {}): ThreadRun {
  const node = (id: string, kind: 'end' | 'split') => ({ id, kind, label: id });
  const leg = (id: string, fromNodeId: string, toNodeId: string, diameter: number) => ({
    id,
    fromNodeId,
    toNodeId,
    diameter,
    length: 1000,
  });
  return {
    nodes: [node('t', 'end'), node('l', 'end'), node('r', 'end'), node('y', 'split')],
    legs: [leg('T', 't', 'y', 8), leg('L', 'y', 'l', 5), leg('R', 'y', 'r', 5)],
    parts,
    events: ['t', 'l', 'r'].map((id) => ({
      id: `close ${id}`,
      label: `close ${id}`,
      closes: { nodeId: id, diameter: 20 },
      after: [],
    })),
    done: [],
    on: [],
    ...more,
  };
}

describe('a patch lead', () => {
  const { lead, card } = exampleLead();

  test('parts for the middle go on before parts for the end, and the simulator agrees', () => {
    const plan = planLead(lead, [card], house);
    expect(simulate(plan.run, happeningsOf(plan.run, plan.thread))).toBeUndefined();
    const order = plan.thread.possible ? plan.thread.moments[0]!.moves.map(({ part: { id } }) => id) : [];
    expect(order).toEqual(['label-sleeve', 'A/shrink', 'A/ferrule', 'B/shrink', 'B/ferrule']);
  });

  test('each part just before it would be too late', () => {
    const plan = planLead(lead, [card], { ...house, practice: { ...house.practice, threading: 'late' } });
    expect(simulate(plan.run, happeningsOf(plan.run, plan.thread))).toBeUndefined();
    const moments = plan.thread.possible
      ? plan.thread.moments.map(({ event, moves }) => [event.id, moves.length])
      : [];
    expect(moments.slice(0, 2)).toEqual([
      ['A/close', 3],
      ['B/close', 2],
    ]);
  });

  test('the other end first turns the order round', () => {
    const plan = planLead({ ...lead, firstEndId: 'B' }, [card], house);
    expect(plan.thread.possible && plan.thread.moments.map(({ event }) => event.id).slice(0, 2)).toEqual([
      'B/close',
      'A/close',
    ]);
    expect(simulate(plan.run, happeningsOf(plan.run, plan.thread))).toBeUndefined();
  });

  test('one end already fitted: everything comes from the other', () => {
    const plan = planLead({ ...lead, fittedEndIds: ['A'] }, [card], house);
    const moves = plan.thread.possible ? plan.thread.moments.flatMap((moment) => moment.moves) : [];
    expect(moves.map(({ part: { id }, entryNodeId }) => [id, entryNodeId])).toEqual([
      ['label-sleeve', 'node B'],
      ['B/shrink', 'node B'],
      ['B/ferrule', 'node B'],
    ]);
  });

  test('both ends fitted: says which pair blocks and what would free it', () => {
    const { thread } = planLead({ ...lead, fittedEndIds: ['A', 'B'] }, [card], house);
    if (thread.possible) throw new Error('expected a refusal');
    expect(thread.pairs.map(({ part: { id }, obstacle }) => [id, obstacle?.kind, obstacle?.width])).toEqual([
      ['label-sleeve', 'end', 15e-3],
    ]);
    expect(thread.frees.map(({ code }) => code).sort()).toEqual(['open again', 'open again', 'split part']);
  });

  test('a sleeve wide enough for the plug may wait till the end', () => {
    const plan = planLead({ ...lead, partOverrides: { 'label-sleeve': { opening: 16e-3 } } }, [card], house);
    const move =
      plan.thread.possible &&
      plan.thread.moments.flatMap(({ moves }) => moves).find(({ part: { id } }) => id === 'label-sleeve');
    expect(move && [move.mayWait, move.lastChance.id]).toEqual([true, 'label']);
  });

  test('the face that looks at end A goes on last from end A', () => {
    const { thread } = planLead(lead, [card], house);
    const move = thread.possible && thread.moments[0]!.moves[0]!;
    expect(move && move.leadingFace).toEqual({ face: 'start of the text', leads: false });
  });
});

describe('more than two ends', () => {
  test('a tube for the trunk that does not pass the bundle of legs comes from the trunk’s end, before that is closed', () => {
    const run = yRun([part('boot', 'T', 990, 9, 'close l')]);
    const plan = planThreading(run, late);
    expect(simulate(run, happeningsOf(run, plan))).toBeUndefined();
    expect(plan.possible && plan.moments.find(({ moves }) => moves.length > 0)!.moves[0]!.entryNodeId).toBe(
      't',
    );
  });

  test('with the trunk closed it is impossible, unless it passes both legs side by side', () => {
    const closed = { done: ['close t'] };
    const refused = planThreading(yRun([part('boot', 'T', 990, 9, 'close l')], closed), early);
    if (refused.possible) throw new Error('expected a refusal');
    expect(refused.pairs[0]!.obstacle).toMatchObject({ kind: 'cable', width: 10 });
    expect(refused.frees).toContainEqual(expect.objectContaining({ code: 'open again', eventId: 'close t' }));
    const wide = yRun([part('boot', 'T', 990, 12, 'close l')], closed);
    const plan = planThreading(wide, early);
    expect(simulate(wide, happeningsOf(wide, plan))).toBeUndefined();
  });

  test('an open splice is a tip; once it is closed the boot must already lie beside it', () => {
    const run: ThreadRun = {
      nodes: [
        { id: 'a', kind: 'end', label: 'a' },
        { id: 's', kind: 'splice', label: 'splice' },
        { id: 'b', kind: 'end', label: 'b' },
      ],
      legs: [
        { id: 'A', fromNodeId: 'a', toNodeId: 's', diameter: 13, length: 1000 },
        { id: 'B', fromNodeId: 's', toNodeId: 'b', diameter: 13, length: 1000 },
      ],
      parts: [part('boot', 'A', 900, 30, 'seal', { outside: 34, fixedOutside: 32 })],
      events: [
        { id: 'join', label: 'joined', closes: { nodeId: 's', diameter: 40 }, after: [] },
        { id: 'seal', label: 'sealed', after: ['join'] },
        { id: 'gone', label: 'fixed', after: [] },
      ],
      done: [],
      on: [],
    };
    // Both far ends are closed from the start: buried cable.
    const buried = {
      ...run,
      events: [
        ...run.events,
        { id: 'a closed', label: '', closes: { nodeId: 'a', diameter: 60 }, after: [] },
      ],
      done: ['a closed'],
    };
    const plan = planThreading(buried, late);
    expect(simulate(buried, happeningsOf(buried, plan))).toBeUndefined();
    expect(plan.possible && plan.moments.find(({ moves }) => moves.length > 0)!.event.id).toBe('join');
  });

  test('a tube that can only pass once another has shrunk waits for that', () => {
    const run = yRun(
      [
        part('inner', 'L', 500, 6, 'shrink', { outside: 12, fixedOutside: 7 }),
        part('outer', 'L', 200, 8, 'close l', { outside: 9, fixedOutside: 9 }),
      ],
      { done: ['close t', 'close r'], on: ['inner'] },
    );
    const withShrink = { ...run, events: [...run.events, { id: 'shrink', label: 'shrunk', after: [] }] };
    const plan = planThreading(withShrink, early);
    expect(simulate(withShrink, happeningsOf(withShrink, plan))).toBeUndefined();
    expect(plan.possible && plan.moments[0]!.event.id).toBe('shrink');
  });

  test('an order that cannot be is refused, and the other order is named', () => {
    const run = yRun([part('boot', 'T', 990, 9, 'close l')]);
    const strict = {
      ...run,
      events: run.events.map((event) => (event.id === 'close t' ? { ...event, after: ['close l'] } : event)),
    };
    const plan = planThreading(strict, { timing: 'early', order: [['close t', 'close l']] });
    expect(plan.possible).toBe(false);
    expect(!plan.possible && plan.frees).toContainEqual({ code: 'other order' });
  });
});

describe('against the independent simulator', () => {
  const size = fc.integer({ min: 4, max: 24 });
  const anyPart = fc.record({
    legId: fc.constantFrom('T', 'L', 'R'),
    place: fc.integer({ min: 1, max: 999 }),
    opening: size,
    outside: size,
    fixedOutside: size,
    fixedBy: fc.constantFrom('close t', 'close l', 'close r'),
  });
  const anyRun = fc
    .record({
      parts: fc.uniqueArray(anyPart, { minLength: 1, maxLength: 3, selector: ({ place }) => place }),
      done: fc.subarray(['close t', 'close l', 'close r'], { maxLength: 2 }),
      on: fc.subarray(['p0', 'p1', 'p2']),
    })
    .map(({ parts, done, on }) => {
      const named = parts.map((each, index) => ({ ...each, id: `p${index}`, label: `p${index}` }));
      const fixed = named.filter(({ fixedBy }) => done.includes(fixedBy)).map(({ id }) => id);
      return yRun(named, {
        done,
        on: [...new Set([...on.filter((id) => named.some((each) => each.id === id)), ...fixed])],
      });
    });

  test('every plan goes through, and where there is none no order at all works', () => {
    fc.assert(
      fc.property(anyRun, fc.constantFrom(early, late), (run, preference) => {
        const plan = planThreading(run, preference);
        if (plan.possible) expect(simulate(run, happeningsOf(run, plan))).toBeUndefined();
        else expect(anyOrderWorks(run)).toBe(false);
      }),
      { numRuns: 400 },
    );
  });

  test('what is said to free a run does free it', () => {
    fc.assert(
      fc.property(anyRun, (run) => {
        const plan = planThreading(run, early);
        if (plan.possible) return;
        for (const free of plan.frees) {
          if (free.code === 'take off')
            expect(
              planThreading({ ...run, on: run.on.filter((id) => id !== free.partId) }, early).possible,
            ).toBe(true);
          if (free.code === 'split part' && !free.together) {
            const parts = run.parts.map((each) =>
              each.id === free.partId ? { ...each, opening: Infinity } : each,
            );
            expect(planThreading({ ...run, parts }, early).possible).toBe(true);
          }
        }
      }),
    );
  });
});
