import { beforeEach, expect, test } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { demo, fill, openAt } from '../../../test/open-at.tsx';
import { database } from '../../data/database.ts';
import { eventsOfUnit } from '../../data/unit-records.ts';

const radio = demo.leads.find(({ name }) => name === 'Spare radio lead')!;
const unit = demo.units.find(({ leadId, plan }) => leadId === radio.id && plan === null)!;
const happenings = async () => (await eventsOfUnit(unit.id)).map(({ happening }) => happening);

beforeEach(() => fill());

test('the first thing with a new bag is a few probes, each drawn; what is passed over says assumed in the cuts', async () => {
  openAt(`/build/${unit.id}`);
  const section = within(await screen.findByRole('region', { name: 'Measure the connector' }));
  const [bag] = section.getAllByRole('group');
  await userEvent.click(bag!.querySelector('summary')!);
  const probes = within(bag!);
  expect(probes.getAllByRole('img').length).toBeGreaterThanOrEqual(3);
  expect(probes.getAllByRole('img').length).toBeLessThanOrEqual(5);
  expect(probes.getByRole('img', { name: /stop.*: depth rod/i })).toBeTruthy();
  const [first] = probes.getAllByRole('textbox');
  const before = (first as HTMLInputElement).value;
  await userEvent.clear(first!);
  await userEvent.type(first!, `${before.replace(' mm', '')}{Enter}`);
  await waitFor(async () => {
    const cards = await database.gaugeCards.bulkGet(radio.ends.map(({ gaugeCardId }) => gaugeCardId));
    expect(
      cards.some((card) => Object.values(card!.features).some(({ state }) => state === 'measured')),
    ).toBe(true);
  });
});

test('the cable is checked before it is cut: class by caliper, copper by eye; it may be passed over', async () => {
  openAt(`/build/${unit.id}`);
  await userEvent.click(await screen.findByRole('button', { name: /^Start/ }));
  const panel = within(await screen.findByRole('region', { name: /^Check the cable: / }));
  await userEvent.type(panel.getByLabelText('Over the jacket'), '9{Enter}');
  expect((await panel.findByText(/not its class/)).textContent).toMatch(/\d\.\d\d ± \d\.\d\d mm/);
  await userEvent.click(panel.getByRole('button', { name: 'dark' }));
  expect(await panel.findByText(/cut back until it is bright/)).toBeTruthy();
  expect((await happenings()).filter(({ kind }) => kind === 'cable checked').at(-1)).toMatchObject({
    jacket: expect.closeTo(9e-3, 9),
    dielectric: null,
    copper: 'dark',
  });
  expect(document.querySelector('.done-bar strong')!.textContent).toMatch(/^(Cut|Done)/);
});
