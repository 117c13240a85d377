import { houseId } from './house-id.ts';
import { z } from 'zod';
import { envelopeSchema } from '../record/envelope.ts';
import { firstRevision } from '../record/revise.ts';
import { practiceSchema, usualPractice } from './practice.ts';
import { deviceProfileSchema } from './device.ts';
import { stripperSchema } from './stripper.ts';
import { usualStrippers } from './usual-strippers.ts';
import { instrumentSchema, usualInstruments } from './instrument.ts';

const metres = z.number().positive();

/** Limits as they ship: what is allowed over computed copper and over a nominal loss. House defaults. */
export const usualLimits = {
  cableAllowance: 1.1,
  insulation: null,
  lossTolerance: 0.1,
  returnLossExtra: 0,
} as const;

/** Tools that not every shop has beside those that strip, by the names that methods ask for. */
export const shopTools = [
  'iron with a big tip',
  'fine iron',
  'gland spanners',
  'torque spanner',
  'flaring tool',
  'seizing spanners',
  'compression tool',
  'modular crimp tool',
] as const;
export type ShopTool = (typeof shopTools)[number];

/** Heat shrink that the shop keeps: bore as supplied and recovered. */
const shrinkSchema = z.object({
  name: z.string(),
  supplied: metres,
  recovered: metres,
  /** Outside diameter as supplied. */
  outside: metres,
  adhesive: z.boolean(),
});

/** Past the bare sheath on either side, metres. House default. */
const usualBootOverlap = 0.3;

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

/** Ring colours that a new shop starts with, by length. A house's own: there is no standard. */
const defaultLengthColours = [
  { upTo: 2, colour: 'white' },
  { upTo: 5, colour: 'yellow' },
  { upTo: 10, colour: 'green' },
  { upTo: 20, colour: 'blue' },
  { upTo: 50, colour: 'red' },
  { upTo: 1000, colour: 'black' },
];

/** Uncertainty of a cut by hand, metres (plus or minus), by how it is made. Engineering values. */
export const cutUncertainty = {
  tool: 0.3e-3,
  blade: 0.8e-3,
  saw: 1e-3,
  coring: 0.5e-3,
  flush: 0.1e-3,
  lay: 0.2e-3,
} as const;

/** A tube of the usual ratio of 3 to 1 is called by its supplied bore; one that shrinks further by both. */
const usualRatio = 3.3;

export function shrinkName({ supplied, recovered, adhesive }: Omit<Shrink, 'name' | 'outside'>): string {
  const mm = (metres: number) => Number((metres * 1e3).toFixed(1));
  const to = supplied > usualRatio * recovered ? ` to ${mm(recovered)}` : '';
  return `${adhesive ? 'adhesive ' : ''}shrink ${mm(supplied)}${to} mm`;
}

const shrink = (suppliedMm: number, recoveredMm: number, outsideMm: number, adhesive: boolean): Shrink => {
  const tube = { supplied: suppliedMm * 1e-3, recovered: recoveredMm * 1e-3, adhesive };
  return { name: shrinkName(tube), ...tube, outside: outsideMm * 1e-3 };
};

/** What a new shop starts with: every choice is the default of the trade page, every tool the usual one. */
export function defaultHouse(now: string): House {
  return {
    ...firstRevision(houseId, now),
    name: 'This bench',
    benchNames: ['Bench one'],
    practice: { ...usualPractice, leaveOut: [], alsoAsk: [] },
    roomCelsius: 20,
    squaring: 2e-3,
    bootOverlap: usualBootOverlap,
    storeCoil: null,
    dies: [1.07e-3, 1.73e-3, 2.54e-3, 3.4e-3, 4.52e-3, 5.41e-3, 6.48e-3, 8.23e-3, 10.9e-3, 15.5e-3],
    tools: [...shopTools],
    strippers: [...usualStrippers],
    solderWire: { diameter: 1e-3, fluxByMass: 0.022 },
    tackAbove: 100,
    shrink: [
      shrink(4.8, 1.6, 5.4, false),
      shrink(6.4, 2.1, 7, false),
      shrink(9.5, 3.2, 10.3, false),
      shrink(9.5, 3.2, 10.9, true),
      shrink(12.7, 4.2, 13.6, false),
      shrink(12.7, 4.2, 14.3, true),
      shrink(19, 6.4, 20.2, false),
      shrink(19, 6.4, 21, true),
      shrink(19, 3.2, 22.5, true),
      shrink(25.4, 8.5, 26.8, false),
      shrink(25.4, 8.5, 27.6, true),
      shrink(39, 13, 41.4, true),
      shrink(52, 19, 55, true),
      shrink(75, 25, 78.6, true),
      shrink(95, 30, 99, true),
    ],
    devices: [],
    lengthColours: [...defaultLengthColours],
    instruments: [...usualInstruments],
    limits: usualLimits,
    beeperOhm: 30,
  };
}
