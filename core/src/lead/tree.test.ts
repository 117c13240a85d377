import { describe, expect, test } from '@jest/globals';
import { planLead } from '../plan/lead-plan.ts';
import { exampleLead, house } from '../testing/example.ts';
import type { Lead } from './lead.ts';
import { leadSchema } from './lead.ts';
import { checkLead } from './tree.ts';

const { lead, card } = exampleLead();

/** The lead with a split in the middle and a third end. */
const yLead: Lead = {
  ...lead,
  nodes: [...lead.nodes, { id: 'y', kind: 'split' }, { id: 'node C', kind: 'end' }],
  legs: [
    { id: 'trunk', fromNodeId: 'node A', toNodeId: 'y', finishedLength: 2 },
    { id: 'left', fromNodeId: 'y', toNodeId: 'node B', finishedLength: 1 },
    { id: 'right', fromNodeId: 'y', toNodeId: 'node C', finishedLength: 1 },
  ],
  ends: [...lead.ends, { ...lead.ends[0]!, id: 'C', nodeId: 'node C', name: 'C' }],
  pieces: [{ id: 'cable', cableId: 'rg-223', legIds: ['trunk', 'left'] }],
  extraParts: [],
};

describe('a lead is one tree', () => {
  test('with two ends or more', () => {
    expect(checkLead(lead)).toBe(lead);
    expect(checkLead(yLead)).toBe(yLead);
    expect(leadSchema.parse(JSON.parse(JSON.stringify(yLead)))).toEqual(yLead);
  });
  test.each<[string, Partial<Lead>, RegExp]>([
    [
      'a circle',
      { legs: [...yLead.legs, { id: 'loop', fromNodeId: 'node B', toNodeId: 'node C', finishedLength: 1 }] },
      /one tree/,
    ],
    ['a leaf without an end', { ends: yLead.ends.slice(0, 2) }, /exactly one end on every leaf/],
    [
      'an end on a split',
      { ends: yLead.ends.map((end) => ({ ...end, nodeId: end.id === 'C' ? 'y' : end.nodeId })) },
      /exactly one end/,
    ],
    [
      'a piece that jumps',
      { pieces: [{ id: 'cable', cableId: 'rg-223', legIds: ['left', 'nowhere'] }] },
      /not there/,
    ],
    [
      'a pin plan beyond the lead',
      { pinPlan: [{ pieceId: 'other', conductor: 'centre', endId: 'A', contact: 'centre' }] },
      /names piece "other"/,
    ],
  ])('%s is refused', (_name, change, reason) =>
    expect(() => checkLead({ ...yLead, ...change })).toThrow(reason),
  );
});

test('a length that the ends alone exceed is refused with what would remain', () => {
  const legs = [{ ...lead.legs[0]!, finishedLength: 0.035 }];
  expect(() => planLead({ ...lead, legs }, [card], house)).toThrow(/-1.8 mm of cable would remain/);
});

test('another cable, length and connector give other, right answers', () => {
  const long = planLead({ ...lead, legs: [{ ...lead.legs[0]!, finishedLength: 6.8 }] }, [card], house);
  const short = planLead(lead, [card], house);
  expect(long.cuts[0]!.cut.value - short.cuts[0]!.cut.value).toBeCloseTo(3.4, 9);
  const { lead: thin, card: thinCard } = exampleLead({
    cableId: 'rg-316',
    connectorId: 'bnc-plug-50-crimp-2.5',
  });
  const plan = planLead(thin, [thinCard], house);
  expect(plan.matches[0]!.totalLossDb).toBeGreaterThan(1.5 * short.matches[0]!.totalLossDb);
  expect(plan.paths[0]!.limit.value).toBeGreaterThan(4 * short.paths[0]!.limit.value);
  expect(plan.steps.find(({ role }) => role === 'ferrule')!.tools[0]!.setting).toBe('hex 4.52 mm');
});
