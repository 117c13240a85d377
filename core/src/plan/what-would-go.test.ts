import { describe, expect, test } from '@jest/globals';
import { connectors } from '../connector/catalogue/catalogue.ts';
import { nearestBlock, terminalBlockOf } from '../connector/terminal-block.ts';
import { exampleLead, house } from '../testing/example.ts';
import { signalPlan } from '../testing/signal-lead.ts';
import { planLead } from './lead-plan.ts';
import { whatWouldGo } from './what-would-go.ts';

describe('what would go where an end does not', () => {
  test('a jacket too thick for a plug: the larger entry for this cable, thinner cables for this plug', () => {
    const [end] = signalPlan('balanced', 'mic-pair', ['jack-3-trs', 'jack-3-trs']).ends;
    const would = whatWouldGo(end!, 'balanced', house)!;
    expect(would.connectors.map(({ id }) => id)).toEqual(['jack-3-trs-large']);
    expect(would.cables.map(({ id }) => id)).toEqual(['install-pair']);
  });

  test('a coaxial plug of the wrong size: the same series and sex in the right size, its own method first', () => {
    const { lead, card } = exampleLead({ cableId: 'rg-58', connectorId: 'bnc-plug-50-crimp-2.5' });
    const [end] = planLead(lead, [card], house).ends;
    const would = whatWouldGo(end!, 'radio', house)!;
    expect(would.connectors[0]!.id).toBe('bnc-plug-50-crimp-5');
    expect(would.cables.map(({ id }) => id)).toContain('rg-316');
  });

  test('where all goes together nothing is said', () => {
    const { lead, card } = exampleLead();
    expect(planLead(lead, [card], house).ends.map((end) => whatWouldGo(end, 'radio', house))).toEqual([
      null,
      null,
    ]);
  });
});

describe('a terminal block', () => {
  const blocks = connectors.filter((connector) => terminalBlockOf(connector) !== null);

  test('is told by pitch, positions, clamp and direction, and found by them', () => {
    expect(blocks.length).toBe(3 * 2 * 2 * 23);
    for (const block of blocks) expect(nearestBlock(connectors, terminalBlockOf(block)!)).toBe(block);
  });

  test('of one that there is not, the nearest of its pitch', () => {
    const found = nearestBlock(connectors, {
      seriesId: 'terminal-5.08',
      positions: 40,
      clamp: 'spring',
      orientation: 'right-angle',
    })!;
    expect(terminalBlockOf(found)).toEqual({
      seriesId: 'terminal-5.08',
      positions: 24,
      clamp: 'spring',
      orientation: 'right-angle',
    });
    expect(nearestBlock([], terminalBlockOf(blocks[0]!)!)).toBeUndefined();
  });
});
