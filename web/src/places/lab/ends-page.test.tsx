import { beforeEach, describe, expect, test } from '@jest/globals';
import { screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { demo, fill, openAt } from '../../../test/open-at.tsx';
import { startEmpty } from '../../data/start-empty.ts';
import { database } from '../../data/database.ts';

beforeEach(() => fill());

const adapter = demo.leads.find(({ name }) => name === 'Test set adapter lead')!;

describe('the finder of ends', () => {
  test('names what to order, with what else must be in the bag', async () => {
    openAt('/lab/ends?port=uhf+socket&cable=rg-213&f=30+MHz&power=100+W');
    expect(await screen.findByRole('heading', { name: /ends do; order: UHF plug/ })).toBeTruthy();
    const row = screen.getByRole('row', { name: /^UHF plug, soldered body, silver-plated/ });
    expect(row.textContent).toContain('coupling');
    expect(row.textContent).toContain('iron with a big tip');
    expect(within(row).getByText('fits')).toBeTruthy();
  });

  test('says why the others do not, and what stands nearest when none does', async () => {
    openAt('/lab/ends?port=f+socket&cable=low-loss-10');
    expect(await screen.findByText('No end of the catalogue does')).toBeTruthy();
    const nearest = screen.getByRole('region', { name: 'Nearest' });
    expect(nearest.textContent).toMatch(/F plug, compression/);
    expect(nearest.textContent).toMatch(/does not enter the sleeve/);
    expect(screen.getByText(/^Why the other \d+ do not/)).toBeTruthy();
  });

  test('two ends stand side by side, with strip and section; pressed again they go', async () => {
    const { router } = openAt('/lab/ends?port=n+socket&cable=rg-213');
    const buttons = await screen.findAllByRole('button', { name: 'Compare' });
    await userEvent.click(buttons[0]!);
    expect(await screen.findByText(/Press Compare on another end/)).toBeTruthy();
    await userEvent.click(screen.getAllByRole('button', { name: 'Compare' })[1]!);
    const side = await screen.findByRole('region', { name: 'Side by side' });
    await waitFor(() => expect(within(side).getAllByRole('article')).toHaveLength(2));
    expect(within(side).getAllByRole('img', { name: /^Strip of N plug/ })).toHaveLength(2);
    expect(within(side).getAllByRole('img', { name: /^Section of the seated joint/ })).toHaveLength(2);
    expect(router.state.location.search).toMatch(/a=.*b=/);
    await userEvent.click(screen.getAllByRole('button', { name: 'Compare' })[0]!);
    await waitFor(() => expect(within(side).getAllByRole('article')).toHaveLength(1));
  });

  test('asked from a lead it puts the end on it, with a card of its own, and that can be taken back', async () => {
    const { router } = openAt(`/lab/ends?port=bnc+socket&cable=rg-223&lead=${adapter.id}&end=B`);
    await userEvent.click((await screen.findAllByRole('button', { name: 'Use for end B' }))[0]!);
    await waitFor(() => expect(router.state.location.pathname).toBe(`/leads/${adapter.id}/choose`));
    await waitFor(async () => {
      const end = (await database.leads.get(adapter.id))!.ends[1]!;
      expect(end.connectorId).toMatch(/^bnc-plug-50/);
      const card = (await database.gaugeCards.get(end.gaugeCardId))!;
      expect(card.connectorId).toBe(end.connectorId);
    });
  });

  test('without a lead there is nothing to use it for', async () => {
    await startEmpty();
    openAt('/lab/ends?port=sma+socket&cable=rg-316');
    expect(await screen.findByRole('heading', { name: /order: SMA plug/ })).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Use for end/ })).toBeNull();
  });

  test('an address that cannot be read keeps the usual and says so', async () => {
    openAt('/lab/ends?f=often&cable=rg-58');
    expect(await screen.findByText(/The address could not be read whole/)).toBeTruthy();
    expect(screen.getByRole('heading', { name: /ends do/ })).toBeTruthy();
  });
});
