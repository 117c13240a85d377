import { z } from 'zod';

/** Where an archive has its plans. */
export const plansFolder = 'plans/';

/** Where an archive has its units, some at a time. */
export const unitsFolder = 'units/';

/** Some units with their whole records; each record is read by itself. */
export const unitsFileSchema = z.object({ units: z.array(z.unknown()), events: z.array(z.unknown()) });
