import { z } from 'zod';
import { envelopeSchema, firstRevision } from '../record/envelope.ts';

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
  firstUnit: z.enum(['mm', 'in']),
  benchNames: z.array(z.string().min(1)),
  /** Whose bench this is; the name that entries of a unit carry. */
  benchName: z.string(),
  serialPrefix: z.string().min(1).max(8),
  nextSerial: z.number().int().positive(),
  practice: z.object({
    stripping: z.enum(['tool', 'blade']),
    threading: z.enum(['early', 'late']),
    outerSeal: z.enum(['after the full test', 'before, as strain relief']),
    solder: z.enum(['lead-free', 'leaded']),
    coilFrom: z.enum(['end A', 'end B']),
    /** Checks that this house does not ask for; the certificate says so. */
    leaveOut: z.array(z.enum(['resistance', 'insulation'])),
  }),
  theme: z.enum(['paper', 'night']),
  stepDepth: z.enum(['first time', 'experienced']),
  roomCelsius: z.number().min(-20).max(60),
  /** Squaring cut allowed for at each crushed end. */
  squaring: z.number().min(0).max(0.1),
  dies: z.array(metres),
  shrink: z.array(shrinkSchema),
  /** Uncertainty of the ohm meter: a part of the reading plus a fixed part, ohm. */
  meter: z.object({
    relative: z.number().min(0).max(0.5),
    fixed: z.number().min(0).max(10),
    fourWire: z.boolean(),
  }),
  /** Threshold of the continuity beeper, ohm. */
  beeperOhm: z.number().positive(),
});

export type House = z.infer<typeof houseSchema>;
export type Practice = House['practice'];
export type Shrink = z.infer<typeof shrinkSchema>;

/** Uncertainty of a cut by hand, metres (plus or minus), by how it is made. Engineering values. */
export const cutUncertainty = { tool: 0.3e-3, blade: 0.8e-3 } as const;

/** The id of the one house record. */
export const houseId = 'house';

const shrink = (suppliedMm: number, recoveredMm: number, outsideMm: number, adhesive: boolean): Shrink => ({
  name: `${adhesive ? 'adhesive ' : ''}shrink ${suppliedMm} mm`,
  supplied: suppliedMm * 1e-3,
  recovered: recoveredMm * 1e-3,
  outside: outsideMm * 1e-3,
  adhesive,
});

/** What a new shop starts with: every choice is the default of the trade page, every tool the usual one. */
export function defaultHouse(now: string): House {
  return {
    ...firstRevision(houseId, now),
    name: 'This bench',
    firstUnit: 'mm',
    benchNames: ['Bench one'],
    benchName: 'Bench one',
    serialPrefix: 'B1',
    nextSerial: 1,
    practice: {
      stripping: 'tool',
      threading: 'early',
      outerSeal: 'after the full test',
      solder: 'lead-free',
      coilFrom: 'end A',
      leaveOut: [],
    },
    theme: 'paper',
    stepDepth: 'first time',
    roomCelsius: 20,
    squaring: 2e-3,
    dies: [1.73e-3, 4.52e-3, 5.41e-3, 6.48e-3],
    shrink: [
      shrink(4.8, 1.6, 5.4, false),
      shrink(6.4, 2.1, 7, false),
      shrink(9.5, 3.2, 10.3, false),
      shrink(9.5, 3.2, 10.9, true),
      shrink(12.7, 4.2, 13.6, false),
      shrink(12.7, 4.2, 14.3, true),
    ],
    meter: { relative: 0.005, fixed: 0.001, fourWire: true },
    beeperOhm: 30,
  };
}
