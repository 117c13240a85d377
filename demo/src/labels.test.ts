import { expect, test } from '@jest/globals';
import { labelledEnds, labelValues } from '@gorvane/core/paper/label-values.ts';
import { freezePlan } from '@gorvane/core/plan/frozen-plan.ts';
import { planLead } from '@gorvane/core/plan/lead-plan.ts';
import { usualTimes } from '@gorvane/core/quantity/time.ts';
import { unitProgress } from '@gorvane/core/unit/progress.ts';
import { ferryLanding } from './ferry-landing.ts';

const archive = ferryLanding();

/** What the labels of the first unit of a lead say, one for the unit and one for each end; a plan as it is now where it has not started. */
function labelsOf(name: string) {
  const lead = archive.leads.find((each) => each.name === name)!;
  const unit = archive.units.find(({ leadId }) => leadId === lead.id)!;
  const house = archive.house[0]!;
  const cards = archive.gaugeCards.filter(({ id }) =>
    lead.ends.some(({ gaugeCardId }) => gaugeCardId === id),
  );
  const plan = unit.plan ?? freezePlan(planLead(lead, cards, house), house);
  const events = archive.events.filter(({ unitId }) => unitId === unit.id);
  const source = {
    serial: unit.serial,
    plan,
    progress: unitProgress({ ...unit, plan }, events),
    order: archive.orders.find(({ id }) => id === unit.orderId)!.name,
    at: events.at(-1)?.at ?? '2026-11-24T07:00:00.000Z',
    house: house.name,
  };
  return [null, ...labelledEnds(lead)].map((end) => labelValues(source, end, usualTimes));
}

test('a label says what a lead is, how long in both units, and how far it was proved', () => {
  const [whole, first] = labelsOf('Receiver patch lead');
  expect(whole).toMatchObject({
    serial: 'OS-0001',
    length: '3.4 m',
    inches: '11 ft 1.9 in',
    colour: '',
    polarity: '',
    end: '',
    house: 'Tarn Lane cable bench',
  });
  expect(whole!.proof).toMatch(/^Good by/);
  expect(whole!.date).toMatch(/^2026-11-\d\d$/);
  expect(first!.end).toBe('end A');
});

test('ends with rings of their own say so; a lead with a split has no one length in inches', () => {
  const [whole, ...ends] = labelsOf('Ticket-desk lead');
  expect(whole!.inches).toBe('');
  expect(ends.map(({ colour }) => colour)).toEqual(['', 'white ring', 'red ring']);
});

test('a lighting lead has the ring of its length, a loudspeaker lead says which core is on which contact', () => {
  expect(labelsOf('Gangway lighting lead')[0]!.colour).toMatch(/ ring$/);
  expect(labelsOf('Horn speaker lead')[0]!.polarity).toMatch(/^\S+ \w+.*, \S+ \w+/);
});
