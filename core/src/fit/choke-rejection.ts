import type { ExtraPart, Lead } from '../lead/lead.ts';
import { beadMaterials, chokeAt, commonModeImpedance } from '../line/choke.ts';

export type Choke = Extract<ExtraPart, { kind: 'choke' }>;

/** What the beads of a choke reject at a frequency, hertz: dB, positive. */
export interface Rejection {
  readonly frequency: number;
  readonly db: number;
}

/** A bead differs from its class curve by about a quarter: so much less rejection is still the same stack, dB. */
export const rejectionSpread = 3;

export const chokesOf = ({ extraParts }: Lead): Choke[] =>
  extraParts.filter((extra) => extra.kind === 'choke');

/**
 * Rejection that the class curve of its beads promises at the lowest working frequency, `20 log |1 + Zchoke / Zcm|` with
 * Zcm of 100 ohm; undefined where no class is stated. `part` is what is there of its impedance.
 */
export function promisedRejection(lead: Lead, choke: Choke, part = 1): Rejection | undefined {
  const material = beadMaterials.find(({ id }) => id === choke.material);
  if (!material) return undefined;
  const frequency = Math.min(...lead.requirement.frequencies);
  const source = { kind: 'class' as const, bead: choke.bead, material };
  const { rejectionDb } = chokeAt(source, choke.beads, commonModeImpedance / part, frequency);
  return { frequency, db: rejectionDb };
}
