/** Seconds in a minute, minutes in an hour. */
export const minute = 60;
const hour = 60;

/** Minutes and hours as one says them. */
export function spanText(seconds: number): string {
  const minutes = Math.max(1, Math.round(seconds / minute));
  return minutes < hour ? `${minutes} min` : `${Math.floor(minutes / hour)} h ${minutes % hour} min`;
}
