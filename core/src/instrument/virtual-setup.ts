import { z } from 'zod';
import { leadSchema } from '../lead/lead.ts';
import { injectedFaultSchema } from '../prove/injected-fault.ts';

/** How a simulated instrument behaves: well, or as bad ones do. */
export const tempers = ['well', 'slow', 'dead', 'babbling', 'half an answer', 'hangs up'] as const;

/** What lies on the bench of the simulated instruments: a design with faults in it. */
export const virtualSetupSchema = z.object({
  lead: leadSchema,
  lengths: z.record(z.string(), z.number().positive().max(2000)),
  celsius: z.number().min(-60).max(120),
  faults: z.array(injectedFaultSchema).max(40),
  seed: z.number().int().min(0).max(0x7fffffff),
  temper: z.enum(tempers),
});

export type VirtualSetup = z.infer<typeof virtualSetupSchema>;
export type Temper = (typeof tempers)[number];
