/** Seconds in a minute, minutes in an hour. */
export const minute = 60;
const hour = 60;

/** Minutes and hours as one says them. */
export function spanText(seconds: number): string {
  const minutes = Math.max(1, Math.round(seconds / minute));
  return minutes < hour ? `${minutes} min` : `${Math.floor(minutes / hour)} h ${minutes % hour} min`;
}

/** A range moves in steps of so many minutes. */
const grain = 5;

/** A range in steps of five minutes, so that it stands still while one works: `15 to 25 min`. Seconds. */
export function rangeText(least: number, most: number): string {
  const fives = (seconds: number) => Math.round(seconds / minute / grain) * grain;
  const [from, to] = [fives(least), fives(most)];
  if (to === 0) return 'a few minutes';
  if (to >= hour) return `${spanText(from * minute)} to ${spanText(to * minute)}`;
  if (from === to) return `about ${to} min`;
  return from === 0 ? `up to ${to} min` : `${from} to ${to} min`;
}
