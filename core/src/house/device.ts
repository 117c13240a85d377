import { z } from 'zod';
import { roles } from '../connector/signal.ts';
import type { Roles } from '../connector/signal.ts';
import { pinSeriesIds } from '../connector/pin-series.ts';

/** A device's own order of contacts: terminal blocks differ from device to device, so it is looked up, not remembered. */
export const deviceProfileSchema = z.object({
  id: z.string(),
  name: z.string().min(1),
  seriesId: z.enum(pinSeriesIds),
  positions: z.number().int().min(1).max(24),
  /** What each contact of the device means. */
  roles: z.partialRecord(z.string(), z.enum(roles)),
});

export type DeviceProfile = z.infer<typeof deviceProfileSchema>;

/** Whether an end was planned for a device that this house does not have. */
export const isDeviceGone = (devices: readonly DeviceProfile[], deviceId: string | null): boolean =>
  deviceId !== null && !devices.some(({ id }) => id === deviceId);

/** The roles of a device's contacts; null where no device is chosen, or House does not have it: nothing says them then. */
export function deviceRoles(devices: readonly DeviceProfile[], deviceId: string | null): Roles | null {
  return devices.find(({ id }) => id === deviceId)?.roles ?? null;
}
