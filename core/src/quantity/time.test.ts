import { expect, test } from '@jest/globals';
import type { TimeForm } from './time.ts';
import { formatTime } from './time.ts';

const local = (hour: number, minute: number) => new Date(2026, 10, 4, hour, minute, 59).toISOString();

test.each<[TimeForm['day'], TimeForm['clock'], number, number, string]>([
  ['year-month-day', '24 h', 7, 5, '2026-11-04 07:05'],
  ['day month year', '24 h', 0, 0, '4 Nov 2026 00:00'],
  ['month day, year', '12 h', 0, 7, 'Nov 4, 2026 12:07 am'],
  ['year-month-day', '12 h', 12, 0, '2026-11-04 12:00 pm'],
  ['day month year', '12 h', 23, 59, '4 Nov 2026 11:59 pm'],
])('%s, %s: %i:%i is %s', (day, clock, hour, minute, words) => {
  expect(formatTime(local(hour, minute), { day, clock })).toBe(words);
});
