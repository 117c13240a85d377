/** How a day is written: by ISO 8601, or with the month as letters, which no other order can be taken for. */
export const dayForms = ['year-month-day', 'day month year', 'month day, year'] as const;

export const clocks = ['24 h', '12 h'] as const;

/** How a bench writes days and times. */
export interface TimeForm {
  readonly day: (typeof dayForms)[number];
  readonly clock: (typeof clocks)[number];
}

export const usualTimes: TimeForm = { day: 'year-month-day', clock: '24 h' };

const months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
const two = (figure: number) => String(figure).padStart(2, '0');

/** A time as day and minute where this computer is: `2026-11-24 07:05`. @param at ISO time. */
export function formatTime(at: string, form: TimeForm): string {
  const when = new Date(at);
  return `${dayOf(when, form)} ${clockTime(when, form)}`;
}

/** The day alone. @param at ISO time. */
export const formatDay = (at: string, form: TimeForm): string => dayOf(new Date(at), form);

function dayOf(when: Date, { day }: TimeForm): string {
  const [year, month, date] = [when.getFullYear(), when.getMonth(), when.getDate()];
  if (day === 'year-month-day') return `${year}-${two(month + 1)}-${two(date)}`;
  return day === 'day month year' ? `${date} ${months[month]} ${year}` : `${months[month]} ${date}, ${year}`;
}

/** The minute alone: `07:05`, `7:05 am`. */
export function clockTime(when: Date, { clock }: TimeForm): string {
  const [hour, minute] = [when.getHours(), two(when.getMinutes())];
  if (clock === '24 h') return `${two(hour)}:${minute}`;
  return `${hour % 12 === 0 ? 12 : hour % 12}:${minute} ${hour < 12 ? 'am' : 'pm'}`;
}
