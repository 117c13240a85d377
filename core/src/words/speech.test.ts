import { describe, expect, test } from '@jest/globals';
import { planLead } from '../plan/lead-plan.ts';
import { exampleLead, house } from '../testing/example.ts';
import { signalPlan } from '../testing/signal-lead.ts';
import { speakable, stepInSpeech } from './speech.ts';
import { stepTimers } from '../recipe/step.ts';
import { looksOf } from '../recipe/trouble.ts';
import { calledOf } from '../testing/step-called.ts';

const { lead, card } = exampleLead();
const { steps } = planLead(lead, [card], house);
const named = (name: string) => steps.find((step) => calledOf(step) === name)!;

describe('a step read aloud', () => {
  test('units of measure are words', () => {
    expect(speakable('hex 5.41 mm, 12 N, 350 °C ± 10, 90°')).toBe(
      'hex 5.41 millimetres, 12 newtons, 350 degrees plus or minus 10, 90 degrees',
    );
  });

  test('the polarity of a contact is said, a fraction is left alone', () => {
    expect(speakable('Solder 2 (data 1-): black, then 3 (data 1+): white')).toBe(
      'Solder 2 (data 1 minus): black, then 3 (data 1 plus): white',
    );
    expect(speakable('Clamp + (1+): red')).toBe('Clamp plus (1 plus): red');
    expect(speakable('Clamp - (1-): black')).toBe('Clamp minus (1 minus): black');
    expect(speakable('1/2 in, 2.5 mm², left/right, over-under')).toBe(
      '1/2 in, 2.5 square millimetres, left or right, over-under',
    );
  });

  test('figures, caution and hold point follow what is to be done; the depth decides how much', () => {
    const braid = stepInSpeech(named('braid'), 'first time');
    expect(braid).toMatch(/^Trim both braids, end A\. Comb/);
    expect(braid).toMatch(/braid, from the jacket edge, 6\.\d millimetres\./);
    expect(braid).toMatch(/Caution\. Glasses on/);
    expect(stepInSpeech(named('braid'), 'experienced').length).toBeLessThan(braid.length);
    expect(stepInSpeech(named('no-short'), 'experienced')).toMatch(/Hold point\. No short/);
    expect(stepInSpeech(named('insert'), 'experienced')).toMatch(/ferrule, end A, from end A/);
  });
});

test('the pieces to cut are read with length and colour, several alike as one', () => {
  const { steps: spoken } = signalPlan('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug']);
  const words = stepInSpeech(
    spoken.find(({ cuts }) => cuts.length > 0)!,
    'experienced',
  );
  expect(words).toMatch(/off the reel, \d\.\d+ metres\. squared, cut end to cut end, \d\.\d+ metres\./);
  expect(words).toContain('label sleeve, shrink 9.5 millimetres, 33.5 millimetres.');
  expect(words).toContain('2 x clear tail sleeve, 11 millimetres.');
  expect(speakable('sleeve, 2.405 m')).toBe('sleeve, 2.405 metres');
});

describe('what a step brings with it', () => {
  test('a solder joint has its contact time and its cooling as times, in this order, and the tip’s care', () => {
    const cup = signalPlan('balanced', 'mic-pair', ['xlr-3-socket', 'xlr-3-plug']).steps.find(
      (step) => calledOf(step) === 'joint 2',
    )!;
    expect(stepTimers(cup).map(({ label }) => label)).toEqual(['iron on the joint', 'let it cool']);
    expect(cup.tipCare).toMatch(/tin it/);
    expect(cup.cues.at(-1)).toMatch(/still until it dulls/);
    expect(cup.held).toMatch(/^Insert in a stand/);
  });

  test('a crimp has neither time nor tip; a shrink is left to set', () => {
    expect(stepTimers(named('ferrule'))).toEqual([]);
    expect(named('ferrule').tipCare).toBeNull();
    expect(stepTimers(named('seal'))).toHaveLength(1);
  });

  test('every step says how the work is held', () => {
    expect(steps.filter(({ held }) => held === '')).toEqual([]);
  });

  test('what is drawn is about the work of the step', () => {
    expect(looksOf(named('ferrule'))).toMatchObject({ subject: 'ferrule' });
    expect(looksOf(named('nick-and-whisker'))!.bad).toEqual(['nick', 'whisker']);
    expect(looksOf(named('coupling'))!.bad).toEqual(['coupling stuck']);
    expect(looksOf(named('no-short'))).toBeNull();
  });
});
