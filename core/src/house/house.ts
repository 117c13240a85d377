import { z } from 'zod';
import { envelopeSchema } from '../record/envelope.ts';
import { practiceSchema } from './practice.ts';
import { deviceProfileSchema } from './device.ts';
import { stripperSchema } from './stripper.ts';
import { instrumentSchema } from './instrument.ts';
import { defaultLengthColours, shopTools, usualBootOverlap, usualLimits } from './usual-shop.ts';

const metres = z.number().positive();

/** Heat shrink that the shop keeps: bore as supplied and recovered. */
const shrinkSchema = z.object({
  name: z.string(),
  supplied: metres,
  recovered: metres,
  /** Outside diameter as supplied. */
  outside: metres,
  adhesive: z.boolean(),
});

/** House practice and what the shop has: an input of every planner. One record per database. */
export const houseSchema = envelopeSchema.extend({
  name: z.string(),
  /** Who works here: each bench chooses its name from these. */
  benchNames: z.array(z.string().min(1)),
  practice: practiceSchema,
  roomCelsius: z.number().min(-20).max(60),
  /** Squaring cut allowed for at each crushed end. */
  squaring: z.number().min(0).max(0.1),
  /** How far the boot of a buried splice reaches past the bare sheath on either side. */
  bootOverlap: z.number().min(0.05).max(1).default(usualBootOverlap),
  /** The diameter that coils have in this store; null where it is as leads of a length usually are. */
  storeCoil: z.number().min(0.1).max(2).nullable().default(null),
  dies: z.array(metres),
  /** Tools other than dies that the shop has, by name. */
  tools: z.array(z.enum(shopTools)).default([...shopTools]),
  /** What it strips with: of two that suit an end the first is taken. */
  strippers: z.array(stripperSchema),
  solderWire: z
    .object({ diameter: metres, fluxByMass: z.number().min(0).max(0.1) })
    .default({ diameter: 1e-3, fluxByMass: 0.022 }),
  /** From this power on a braid is tacked before a soldered body, W. */
  tackAbove: z.number().positive().default(100),
  shrink: z.array(shrinkSchema),
  /** Devices with an order of contacts of their own. */
  devices: z.array(deviceProfileSchema).default([]),
  /** Ring colour by finished length, the shortest first: up to this many metres. */
  lengthColours: z
    .array(z.object({ upTo: metres, colour: z.string().min(1) }))
    .default(() => [...defaultLengthColours]),
  /** What it proves with. */
  instruments: z.array(instrumentSchema),
  /** Limits of this house: only ever tighter than the defaults. */
  limits: z
    .object({
      /** Resistance of a path over what its copper computes to. */
      cableAllowance: z.number().min(1).max(usualLimits.cableAllowance),
      /** Least insulation of every lead, ohm; null for that of the connectors. */
      insulation: z.number().min(0).max(1e12).nullable(),
      /** Loss of a cable over its nominal table, as a part of it. */
      lossTolerance: z.number().min(0).max(usualLimits.lossTolerance),
      /** Return loss beyond what class and tolerances ask, dB. */
      returnLossExtra: z.number().min(0).max(20),
    })
    .default(usualLimits),
  /** Threshold of the continuity beeper, ohm. */
  beeperOhm: z.number().positive(),
});

export type House = z.infer<typeof houseSchema>;
export type Shrink = z.infer<typeof shrinkSchema>;

/** Whether a shop has a tool by the name that methods ask for it. */
export const hasTool = ({ tools, strippers }: House, name: string): boolean =>
  tools.some((tool) => tool === name) || strippers.some(({ kind }) => kind === name);

/** Uncertainty of a cut by hand, metres (plus or minus), by how it is made. Engineering values. */
export const cutUncertainty = {
  tool: 0.3e-3,
  blade: 0.8e-3,
  saw: 1e-3,
  coring: 0.5e-3,
  flush: 0.1e-3,
  lay: 0.2e-3,
} as const;
