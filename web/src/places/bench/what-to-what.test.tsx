import { beforeEach, describe, expect, test } from '@jest/globals';
import { screen, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { fill, openAt, write } from '../../../test/open-at.tsx';
import { database } from '../../data/database.ts';

async function open() {
  const { router } = openAt('/');
  await userEvent.click(await screen.findByText('from what to what'));
  await screen.findByLabelText('What goes through it?');
  return router;
}

describe('a lead from what it goes between', () => {
  beforeEach(() => fill());

  test('is proposed with reasons once it has a length, and made with its pin plan', async () => {
    const router = await open();
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Make this lead' }).disabled).toBe(true);
    await userEvent.selectOptions(screen.getByLabelText('What goes through it?'), 'speaker');
    await userEvent.selectOptions(screen.getByLabelText('From which socket?'), 'posts');
    await userEvent.selectOptions(screen.getByLabelText('To which socket?'), 'screws');
    await write(screen.getByLabelText('How long, tip to tip?'), '25 m');
    expect(
      await screen.findByText(/the thinnest that loses at most 0.5 dB into 8 ohm over 25 m/),
    ).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Make this lead' }));
    await waitFor(() => expect(router.state.location.pathname).toMatch(/choose$/));
    const lead = (await database.leads.toArray()).find(
      ({ signal, name }) => signal === 'speaker' && /^4 mm banana plug to spade plug, /.test(name),
    )!;
    expect(lead.pinPlan).toHaveLength(4);
    expect(lead.pieces[0]!.cableId).toBe('speaker-2x2.5');
  });

  test.each([
    ['Voltage on it?', '230 V', /no mains leads/],
    ['How long, tip to tip?', 'a bit', /expected/],
    ['How many of them?', '0', /a whole number from 1 to 500/],
  ])('%s "%s" is refused at its field', async (label, text, said) => {
    await open();
    const field = screen.getByLabelText(label);
    await write(field, text);
    expect(await screen.findByText(said)).toBeTruthy();
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Make this lead' }).disabled).toBe(true);
  });

  test('half of a stereo signal asks for the other half', async () => {
    await open();
    await userEvent.selectOptions(screen.getByLabelText('What goes through it?'), 'stereo');
    await userEvent.selectOptions(screen.getByLabelText('From which socket?'), 'jack-3');
    await userEvent.selectOptions(screen.getByLabelText('To which socket?'), 'phono');
    await write(screen.getByLabelText('How long, tip to tip?'), '2');
    expect(await screen.findByText(/phono carries one channel/)).toBeTruthy();
    await userEvent.selectOptions(screen.getByLabelText('And to a second one?'), 'phono');
    expect(await screen.findByText(/told apart by their rings/)).toBeTruthy();
  });
});
