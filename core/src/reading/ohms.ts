import type { Uncertainty } from '../house/instrument.ts';
import { uncertaintyOf } from '../house/instrument.ts';
import type { Readings } from './reading.ts';

/** Uncertainty of ohms whose instrument does not say, as from a file: four wires, as a milliohm meter has. Engineering value. */
export const usualOhms: Uncertainty = { relative: 0.005, fixed: 0.001 };

/** Two probes set down anew differ by so much, ohm. Engineering value. */
const probeContact = 0.02;

/** Ohms as they count: without the meter's own leads, and how far they may be off. */
export interface OhmReading {
  readonly ohms: number;
  readonly uncertainty: number;
  /** The leads of a two-wire meter are in it, and nobody knows what they have: the path itself may have less. */
  readonly withLeads: boolean;
}

/**
 * What a meter showed between two points as it counts. Of a two-wire meter what it shows with its leads on each other is
 * taken off, and the uncertainty of that reading and of two probes is kept beside its own (root of the sum of squares).
 */
export function ohmReading({ device, typedFrom, leadsOhms }: Readings, shown: number): OhmReading {
  const meter = typedFrom?.ohms?.ohms;
  if (!meter) {
    return {
      ohms: shown,
      uncertainty: uncertaintyOf(shown, device?.uncertainty.ohms ?? usualOhms),
      withLeads: false,
    };
  }
  if (meter.wires === 4 || !Number.isFinite(shown))
    return { ohms: shown, uncertainty: uncertaintyOf(shown, meter), withLeads: false };
  if (leadsOhms === undefined)
    return { ohms: shown, uncertainty: uncertaintyOf(shown, meter), withLeads: true };
  return {
    ohms: Math.max(0, shown - leadsOhms),
    uncertainty: Math.hypot(uncertaintyOf(shown, meter), uncertaintyOf(leadsOhms, meter), probeContact),
    withLeads: false,
  };
}

/** How far a meter may be off at so many ohms, its leads shorted first where it has two. */
export function meterOff(meter: Uncertainty & { readonly wires: 2 | 4 }, ohms: number): number {
  const once = uncertaintyOf(ohms, meter);
  return meter.wires === 4 ? once : Math.hypot(once, uncertaintyOf(0, meter), probeContact);
}
