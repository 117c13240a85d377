import { describe, expect, test } from '@jest/globals';
import { obstructions } from '@gorvane/core/unit/progress.ts';
import type { Step } from '@gorvane/core/recipe/step.ts';
import { stepRuns } from '@gorvane/core/recipe/step.ts';
import { BenchWalk } from '@gorvane/core/testing/bench-walk.ts';
import { exampleLead, house } from '@gorvane/core/testing/example.ts';
import { signalLead } from '@gorvane/core/testing/signal-lead.ts';
import { primaryOf } from './primary.ts';
import { touchPiece } from './cut-panel.tsx';
import { touchPart } from './parts-panel.tsx';
import { clockText, clockWords } from './timer-panel.tsx';
import { rangeText, spanText } from './span-text.ts';
import { calledOf } from '@gorvane/core/testing/step-called.ts';

const patch = (firstArticle = false) => {
  const { lead, card } = exampleLead();
  return new BenchWalk(lead, [card], house, firstArticle);
};
const mic = () => {
  const { lead, cards } = signalLead('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug']);
  return new BenchWalk(lead, cards, house);
};
const now = (
  walk: BenchWalk,
  { started = 0, isCurrent = true }: { started?: number; isCurrent?: boolean } = {},
) => {
  const { progress, unit } = walk;
  const step = progress.current!;
  return primaryOf({
    step,
    progress,
    blocks: obstructions(progress, step, unit.plan),
    isCurrent,
    nextTime: stepRuns(step)[started]?.[0],
  });
};
const named = (name: string) => (step: Step) => calledOf(step) === name;

describe('what the bar does', () => {
  test('has every tube and sleeve cut before the step is done, like ones at once, and takes a tick back', () => {
    const { lead, cards } = signalLead('speaker', 'speaker-2x2.5', ['banana-pair', 'banana-pair']);
    const walk = new BenchWalk(lead, cards, house);
    walk.until(({ role }) => role === 'cut');
    const { cuts } = walk.progress.current!;
    expect(cuts.filter(({ colour }) => colour === 'red').map(({ partIds }) => partIds.length)).toEqual([2]);
    cuts.forEach((piece, index) => {
      expect(now(walk)).toEqual({ does: 'cut', piece, left: cuts.length - index });
      walk.tell(...touchPiece(walk.progress, piece));
    });
    expect(now(walk)).toEqual({ does: 'done' });
    walk.tell(...touchPiece(walk.progress, cuts[0]!));
    expect(now(walk)).toEqual({ does: 'cut', piece: cuts[0], left: 1 });
  });

  test('threads part by part in the plan’s order, then is done', () => {
    const walk = patch();
    walk.until(({ work }) => work === 'thread');
    const { threads } = walk.progress.current!;
    for (const part of threads) {
      expect(now(walk)).toEqual({ does: 'put on', part });
      walk.tell(...touchPart(walk.progress.current!, walk.progress, part));
    }
    expect(now(walk)).toEqual({ does: 'done' });
  });

  test('asks for every part once more where it would be too late, also for one that fell off', () => {
    const walk = patch();
    walk.until(named('insert'));
    const step = walk.progress.current!;
    walk.tell({ kind: 'part off', partId: step.requires[0]!.partId, reason: 'fell off' });
    for (const [index, part] of step.requires.entries()) {
      expect(now(walk)).toEqual({ does: 'confirm', part, left: step.requires.length - index });
      walk.tell(...touchPart(step, walk.progress, part));
    }
    expect(now(walk)).toEqual({ does: 'done' });
    expect(walk.progress.on.has(step.requires[0]!.partId)).toBe(true);
  });

  test('a part touched again is taken off, and asked for again', () => {
    const walk = patch();
    walk.until(named('insert'));
    const step = walk.progress.current!;
    const [part] = step.requires;
    walk.tell(...touchPart(step, walk.progress, part!));
    walk.tell(...touchPart(step, walk.progress, part!));
    expect(now(walk)).toMatchObject({ does: 'confirm', part: { partId: part!.partId } });
    expect(walk.progress.on.has(part!.partId)).toBe(false);
  });

  test('starts the time before a joint is done, and never twice', () => {
    const walk = mic();
    walk.until(named('joint 2'));
    expect(now(walk)).toMatchObject({ does: 'start the time', timer: { label: 'iron on the joint' } });
    expect(now(walk, { started: 1 })).toEqual({ does: 'done' });
  });

  test('each hole of a soldered body has a press of its own, and the cooling follows the last by itself', () => {
    const { lead, card } = exampleLead({ cableId: 'rg-213', connectorId: 'uhf-plug-soldered-10-silver' });
    const walk = new BenchWalk(lead, [card], house);
    walk.until(named('holes'));
    const labels = [0, 1, 2, 3].map((started) => now(walk, { started }));
    expect(labels.map((primary) => 'timer' in primary && primary.timer.label)).toEqual([
      'hole 1',
      'hole 2, opposite',
      'hole 3, between them',
      'hole 4, opposite',
    ]);
    expect(now(walk, { started: 4 })).toMatchObject({ does: 'wait', for: { code: 'hold open' } });
  });

  test('says that it seats at a trial, waits at a hold point, and only looks where the work is past', () => {
    const walk = patch();
    walk.until(({ trialFit }) => trialFit);
    expect(now(walk)).toEqual({ does: 'say it seats' });
    walk.until(named('nick-and-whisker'));
    expect(now(walk)).toEqual({ does: 'wait', for: { code: 'hold open' } });
    expect(now(walk, { isCurrent: false })).toEqual({ does: 'look on' });
  });

  test('a first article waits for its readings before anything else', () => {
    const walk = patch(true);
    walk.until(({ recordsStrip }) => recordsStrip);
    expect(now(walk)).toMatchObject({ does: 'wait', for: { code: 'not measured' } });
    walk.tell(walk.stripAsPlanned(walk.progress.current!));
    expect(now(walk)).toEqual({ does: 'done' });
  });
});

describe('times as they are read at arm’s length', () => {
  test.each([
    [0.96, '1.0', '1.0 s'],
    [9.94, '9.9', '9.9 s'],
    [38.2, '39', '39 s'],
    [59.5, '1:00', '1:00 s'],
    [200, '3:20', '3:20 min'],
  ])('%d s', (seconds, ring, words) => {
    expect(clockText(seconds)).toBe(ring);
    expect(clockWords(seconds)).toBe(words);
  });

  test('what is left stands still while one works: a range in steps of five minutes', () => {
    expect(rangeText(14 * 60, 26 * 60)).toBe('15 to 25 min');
    expect(rangeText(13 * 60, 27 * 60)).toBe('15 to 25 min');
    expect(rangeText(60, 100)).toBe('a few minutes');
    expect(rangeText(120, 290)).toBe('up to 5 min');
    expect(rangeText(280, 320)).toBe('about 5 min');
    expect(rangeText(55 * 60, 80 * 60)).toBe('55 min to 1 h 20 min');
  });

  test('a span of work', () => {
    expect([10, 14 * 60, 3600, 5430].map(spanText)).toEqual(['1 min', '14 min', '1 h 0 min', '1 h 31 min']);
  });
});
