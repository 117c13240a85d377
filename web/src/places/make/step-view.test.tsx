import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { cableLeft } from '@gorvane/core/unit/cable-left.ts';
import { unitProgress } from '@gorvane/core/unit/progress.ts';
import type { UnitHappening } from '@gorvane/core/unit/unit.ts';
import { freezePlan } from '@gorvane/core/plan/frozen-plan.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import { cleanup, render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { Around, demo, fill, unitOf } from '../../../test/open-at.tsx';
import { HoldPanel } from './hold-panel.tsx';
import { StepView } from './step-view.tsx';
import type { Told } from './use-unit-work.ts';

const [house] = demo.house;
const idle = {
  startedHere: false,
  next: undefined,
  running: undefined,
  isOfThisStep: false,
  start: () => undefined,
  stop: () => undefined,
  goOn: () => undefined,
};
const planOf = (name: string) => {
  const lead = demo.leads.find((candidate) => candidate.name === name)!;
  return planLead(lead, demo.gaugeCards, house!);
};

/** A step of a lead as it stands on the bench screen, with nothing done yet. */
function show(leadName: string, stepName: string, endId: string | null = 'A') {
  const plan = planOf(leadName);
  const unit = { ...unitOf('OS-0004'), plan: freezePlan(plan, house!) };
  const progress = unitProgress(unit, []);
  const step = plan.steps.find((candidate) => candidate.role === stepName && candidate.endId === endId)!;
  const told: (readonly UnitHappening[])[] = [];
  const onRecord = jest.fn(async (happenings: Told) => {
    told.push(typeof happenings === 'function' ? happenings(progress) : happenings);
  });
  const onGoOn = jest.fn();
  const container = render(
    <Around>
      <MemoryRouter>
        <StepView
          step={step}
          plan={plan}
          progress={progress}
          unitId={unit.id}
          onRecord={onRecord}
          onGoOn={onGoOn}
          timer={idle}
          drift={[]}
        />
        {step.hold && (
          <HoldPanel
            step={step}
            steps={plan.steps}
            unit={unit}
            progress={progress}
            onRecord={onRecord}
            onRework={jest.fn()}
            left={cableLeft(plan.lead, plan.cuts, progress)}
            onScrap={jest.fn()}
          />
        )}
      </MemoryRouter>
    </Around>,
  ).container;
  return { container, onRecord, told, step };
}

beforeEach(() => fill());
afterEach(cleanup);

describe('a step on the bench screen', () => {
  test('writes solder as a length, contact time in seconds and cooling in minutes', () => {
    const { container } = show('Whip lead', 'holes');
    const tiles = [...container.querySelectorAll('.tiles li')].map(({ textContent }) => textContent);
    expect(tiles.find((text) => text!.startsWith('solder wire 1.0 mm, for each hole'))).toMatch(
      /\d\d\.\d mm/,
    );
    const times = container.querySelector('.timer ol')!.textContent;
    expect(times).toMatch(/hole 1 \d+(\.\d)? s/);
    expect(times).toMatch(/let it cool \d+:\d\d min/);
    expect(tiles.find((text) => text.startsWith('Iron'))).toContain('chisel 6 mm, 410 °C');
  });

  test.each([
    ['Camera trunk repair', 'dielectric', /^Strip of end A/],
    ['Roof repeater feeder', 'tube', /^Strip of end A/],
    ['Timing antenna pigtail', 'body', /^Section of the seated joint, end A/],
    ['Camera drop', 'insert', /^Section of the seated joint, end A/],
  ])('%s, %s: has the drawing of this very step', (lead, step, name) => {
    show(lead, step);
    expect(screen.getByRole('img', { name })).toBeTruthy();
  });

  test('a strip step shows only the cuts that it makes', () => {
    const { container } = show('Camera trunk repair', 'tube');
    expect(container.querySelectorAll('svg rect.tolerance')).toHaveLength(1);
    cleanup();
    expect(
      show('Camera trunk repair', 'dielectric').container.querySelectorAll('svg rect.tolerance'),
    ).toHaveLength(2);
  });

  test('the strip of any method is typed layer by layer, from its own datum', () => {
    show('Roof repeater feeder', 'measure');
    for (const layer of ['tube', 'dielectric', 'conductor'])
      expect(screen.getByLabelText(`${layer} as cut, from the jacket edge`)).toBeTruthy();
    expect(screen.queryByLabelText(/^braid as cut/)).toBeNull();
  });
});

describe('the measured choke', () => {
  const atChoke = () => show('Marine radio feed line', 'choke-measure', null);

  test('asks for decibels, and a reading above the least is Good', async () => {
    const { told, step } = atChoke();
    expect(screen.getByText(new RegExp(`at least ${step.hold!.reading!.min!.toFixed(2)} dB`))).toBeTruthy();
    await userEvent.type(screen.getByLabelText(/^Rejection in 100 ohm/), '40 dB{Enter}');
    expect(told[0]![0]).toMatchObject({ kind: 'hold answered', good: true, reading: 40 });
  });

  test('one below it is Out, and what is no number is refused', async () => {
    const { onRecord, told } = atChoke();
    const field = screen.getByLabelText(/^Rejection in 100 ohm/);
    await userEvent.type(field, 'plenty{Enter}');
    expect(await screen.findByText(/Found "plenty"; expected decibels/)).toBeTruthy();
    expect(onRecord).not.toHaveBeenCalled();
    await userEvent.clear(field);
    await userEvent.type(field, '3{Enter}');
    expect(told[0]![0]).toMatchObject({ good: false, reading: 3 });
  });
});
