import { describe, expect, jest, test } from '@jest/globals';
import { render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import { Around } from '../../test/open-at.tsx';
import { CurveChart } from './curve-chart.tsx';
import { logTicks, niceTicks } from './nice-ticks.ts';
import { ResultTable, resultText } from './result-table.tsx';

describe('axes', () => {
  test.each([
    [0, 2.6, [0, 1, 2, 3]],
    [0, 0.47, [0, 0.1, 0.2, 0.3, 0.4, 0.5]],
    [-3, 3, [-4, -2, 0, 2, 4]],
    [5, 5, [4, 5, 6]],
  ])('from %d to %d in round steps', (low, high, ticks) => expect(niceTicks(low, high)).toEqual(ticks));

  test('decades have 1, 2 and 5, many decades only 1', () => {
    expect(logTicks(10e6, 2e9)).toEqual([1e7, 3e7, 1e8, 3e8, 1e9].filter((value) => value <= 2e9));
    expect(logTicks(1, 60)).toEqual([1, 2, 5, 10, 20, 50]);
    expect(logTicks(1, 1e6)).toEqual([1, 10, 100, 1e3, 1e4, 1e5, 1e6]);
  });
});

const data = { name: 'Run', header: ['m', 'dB'], rows: Array.from({ length: 500 }, (_, n) => [n, n / 10]) };

test('a long table shows evenly picked rows and says that the file has all', () => {
  render(
    <Around>
      <ResultTable data={data} most={6} />
    </Around>,
  );
  expect(screen.getAllByRole('row')).toHaveLength(7);
  expect(screen.getByText('6 of 500 rows; the CSV has all.')).toBeTruthy();
  expect(resultText({ ...data, rows: data.rows.slice(0, 2) })).toBe('Run\nm\tdB\n0\t0\n1\t0.1');
});

test('behind a chart stands its table, and the whole of it is saved', async () => {
  const saved: Blob[] = [];
  Object.assign(URL, {
    createObjectURL: (blob: Blob) => (saved.push(blob), 'blob:x'),
    revokeObjectURL: jest.fn(),
  });
  render(
    <Around>
      <CurveChart
        title="Loss"
        x={{ label: 'length, m', values: [1, 2, 3], write: String }}
        y={{ label: 'dB', write: String }}
        curves={[{ name: 'loss, dB', values: [0.5, Infinity, 1.5], tone: 'copper' }]}
      />
    </Around>,
  );
  await userEvent.click(screen.getByText('Table, copy, save'));
  expect(await screen.findByRole('row', { name: '3 1.5' })).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Save CSV' }));
  const text = await saved[0]!.text();
  expect(text).toBe('"length, m","loss, dB"\r\n1,0.5\r\n2,\r\n3,1.5\r\n');
});
