import { beforeEach, describe, expect, jest, test } from '@jest/globals';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { studyLightingBus } from '@gorvane/core/bus/lighting-bus.ts';
import { answerChain } from '@gorvane/core/line/chain-answer.ts';
import { fill, openAt } from '../../../test/open-at.tsx';
import { database } from '../../data/database.ts';

// jsdom has no workers: the same functions answer here.
jest.mock('../../work/lab-client.ts', () => ({
  labWork: () => ({
    answerChain: async (job: Parameters<typeof answerChain>[0]) => answerChain(job),
    studyLightingBus: async (bus: Parameters<typeof studyLightingBus>[0]) => studyLightingBus(bus),
  }),
}));

beforeEach(() => fill());

type Opened = ReturnType<typeof openAt>;
const chainOf = ({ router }: Opened) =>
  JSON.parse(new URLSearchParams(router.state.location.search).get('chain') ?? 'null') as
    { kind: string }[] | null;
const value = async (label: string) =>
  (await screen.findByText(label, { selector: 'dt' })).nextElementSibling!.textContent;
const file = (name: string, text: string) => new File([text], name, { type: 'text/plain' });
const items = () =>
  within(screen.getByRole('list', { name: 'Chain, source first' })).getAllByRole('button', {
    pressed: undefined,
  });

describe('chain', () => {
  test('an item is added behind the chosen one, moved, changed and taken out, and each can be taken back', async () => {
    const opened = openAt('/lab/chain');
    await screen.findByText('Costs most loss');
    await userEvent.selectOptions(screen.getByLabelText('Add behind the chosen item'), 'series resistance');
    await waitFor(() => expect(chainOf(opened)!.map(({ kind }) => kind)[2]).toBe('series resistor'));
    const field = screen.getByLabelText('Resistance');
    await userEvent.clear(field);
    await userEvent.type(field, '25{Enter}');
    await waitFor(() => expect(chainOf(opened)![2]).toEqual({ kind: 'series resistor', value: 25 }));
    await userEvent.click(screen.getByRole('button', { name: 'Toward the source' }));
    await waitFor(() => expect(chainOf(opened)![1]!.kind).toBe('series resistor'));
    await userEvent.click(screen.getByRole('button', { name: 'Take out' }));
    await waitFor(() => expect(chainOf(opened)).toBeNull());
    await userEvent.click(screen.getByRole('heading', { name: 'Line lab' }));
    await userEvent.keyboard('{Control>}z{/Control}');
    await waitFor(() => expect(chainOf(opened)![1]!.kind).toBe('series resistor'));
    await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(chainOf(opened)![2]!.kind).toBe('series resistor'));
  });

  test('Alt with an arrow key moves the item that has the focus', async () => {
    const opened = openAt('/lab/chain');
    await screen.findByText('Costs most loss');
    const first = screen.getByRole('button', { name: /^N pair/ });
    fireEvent.keyDown(first, { key: 'ArrowLeft', altKey: true });
    expect(chainOf(opened)).toBeNull();
    fireEvent.keyDown(first, { key: 'ArrowRight', altKey: true });
    await waitFor(() =>
      expect(
        chainOf(opened)!
          .map(({ kind }) => kind)
          .slice(0, 2),
      ).toEqual(['cable', 'connector']),
    );
  });

  test('what a kind of item is made of can be typed', async () => {
    const opened = openAt('/lab/chain');
    await screen.findByText('Costs most loss');
    const add = (kind: string) =>
      userEvent.selectOptions(screen.getByLabelText('Add behind the chosen item'), kind);
    const type = async (label: string, text: string) => {
      const field = await screen.findByLabelText(label);
      await userEvent.clear(field);
      await userEvent.type(field, `${text}{Enter}`);
    };
    await add('wrong-impedance section');
    await type('Impedance', '35');
    await type('Velocity factor', '0.8');
    await waitFor(() => expect(chainOf(opened)![2]).toMatchObject({ impedance: 35, velocityFactor: 0.8 }));
    await type('Velocity factor', '1.8');
    expect(await screen.findByText(/a velocity factor, 0.1 to 1/)).toBeTruthy();
    await add('series inductance');
    await type('Inductance', '3 nH');
    await waitFor(() =>
      expect(chainOf(opened)![3]).toEqual({ kind: 'series inductor', value: expect.closeTo(3e-9, 15) }),
    );
    await add('shunt capacitance');
    await type('Capacitance', '2.2');
    await waitFor(() =>
      expect(chainOf(opened)![4]).toEqual({ kind: 'shunt capacitor', value: expect.closeTo(2.2e-12, 18) }),
    );
    await add('connector or adapter');
    await userEvent.selectOptions(await screen.findByLabelText('Connector or adapter'), 'sma');
    await waitFor(() => expect(chainOf(opened)![5]).toEqual({ kind: 'connector', seriesId: 'sma' }));
  });

  test('a measured two-port becomes an element; a bad or one-port file is refused and nothing is kept', async () => {
    const opened = openAt('/lab/chain?band=10+MHz+to+100+MHz&points=51');
    await screen.findByText('Costs most loss');
    const [add, compare] = [...document.querySelectorAll<HTMLInputElement>('input[type="file"]')];
    await userEvent.upload(add!, file('bad.s2p', '# MHz S RI R 50\n1 2 3\n'), { applyAccept: false });
    expect((await screen.findByRole('alert')).textContent).toContain('bad.s2p was not taken in. Line 2');
    await userEvent.upload(add!, file('one.s1p', '# MHz S RI R 50\n1 0 0\n200 0 0\n'), {
      applyAccept: false,
    });
    await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('a two-port takes two'));
    expect(chainOf(opened)).toBeNull();
    const pad = '# MHz S RI R 50\n1 0 0 0.5 0 0.5 0 0 0\n200 0 0 0.5 0 0.5 0 0 0\n';
    const before = Number.parseFloat((await value('Worst insertion loss'))!);
    await userEvent.upload(add!, file('pad.s2p', pad), { applyAccept: false });
    await waitFor(async () =>
      expect(Number.parseFloat((await value('Worst insertion loss'))!)).toBeCloseTo(before + 6.02, 1),
    );
    await userEvent.upload(compare!, file('pad.s2p', pad), { applyAccept: false });
    await waitFor(() => expect(screen.getAllByText('pad.s2p').length).toBeGreaterThan(2));
    await userEvent.click(screen.getByRole('button', { name: 'Stop comparing' }));
    await waitFor(() => expect(screen.queryByRole('button', { name: 'Stop comparing' })).toBeNull());
    await database.blobs.clear();
    expect(await screen.findByText(/pad.s2p is not kept in this browser/)).toBeTruthy();
  });

  test('an open far end shows beside the matched port, and looks like one along the chain', async () => {
    openAt('/lab/chain?load=open');
    expect((await screen.findAllByText('with the load')).length).toBeGreaterThan(0);
    expect((await screen.findAllByText('open', { selector: 'td' })).length).toBe(1);
  });

  test('a narrow band says what it cannot show; an empty chain says what to do', async () => {
    openAt('/lab/chain?band=400+MHz+to+500+MHz');
    expect(await screen.findByText(/Reflection against distance wants a band/)).toBeTruthy();
    openAt('/lab/chain?chain=[]');
    expect(await screen.findByText('The chain is empty: add a cable to begin.')).toBeTruthy();
    expect(items).toThrow();
  });
});

describe('lighting bus', () => {
  test.each([
    ['', 'Every receiver is sure of every bit'],
    ['?term=none', 'No terminator: every edge comes back'],
    ['?term=75+ohm', 'A terminator of 75 ohm sends part'],
    ['?cable=rg-58', 'The cable has 50 ohm, not 120'],
    ['?branch=60+m,+30+m', 'A branch of 30 m is no stub'],
    ['?length=400+m', '400 m is over the 300 m'],
    ['?receivers=40', '40 unit loads; a driver is for 32'],
    ['?branch=500+m,+3+m', 'beyond the run of 120 m'],
  ])('%s says %s', async (address, words) => {
    openAt(`/lab/bus${address}`);
    expect(await screen.findByText(new RegExp(words))).toBeTruthy();
  });

  test('the worst receiver is marked on the run', async () => {
    openAt('/lab/bus?term=none&receivers=4');
    expect(await screen.findByText('worst')).toBeTruthy();
    expect(screen.getByRole('img', { name: /Run of 120 m with 4 receivers, no terminator/ })).toBeTruthy();
  });
});
