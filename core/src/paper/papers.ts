import { z } from 'zod';
import { labelStockSchema } from './label-stock.ts';
import { envelopeSchema } from '../record/envelope.ts';
import { sheetNames } from './sheet.ts';

/** A picture of at most this many letters as a data URL. */
export const largestLogo = 200_000;
/** The same as the size of a file: four letters stand for three bytes. */
export const largestLogoKilobytes = Math.floor((largestLogo * 3) / 4 / 1000);

/** What a house prints on, and what stands on its papers. It plans nothing, and is not frozen with a unit. */
export const papersSchema = envelopeSchema.extend({
  /** What its printer takes. */
  sheet: z.enum(sheetNames as ['A4', 'letter']),
  /** Lines under the name of the house on certificates. */
  address: z.string().max(400),
  /** PNG or JPEG as a data URL; null for none. */
  logo: z
    .string()
    .max(largestLogo)
    .regex(/^data:image\/(png|jpeg);base64,[A-Za-z0-9+/=]+$/)
    .nullable(),
  /** What labels are printed on; the first is taken where nothing is said. */
  stocks: z.array(labelStockSchema).min(1).max(40),
});

export type Papers = z.infer<typeof papersSchema>;
