import { readFileSync } from 'node:fs';
import { deviceSchema } from '@gorvane/core/reading/reading.ts';
import { z } from 'zod';

/** An instrument on the bench: where it listens, and what it does not say of itself. */
const instrumentConfigSchema = z.object({
  id: z.string().regex(/^[a-z0-9-]{1,40}$/, 'small letters, digits and dashes'),
  label: z.string().min(1).max(60),
  kind: deviceSchema.shape.kind,
  host: z.string().min(1).max(255),
  port: z.number().int().min(1).max(65535),
  simulated: z.literal(false).default(false),
  calibrated: z.iso.date().optional(),
  due: z.iso.date().optional(),
  correction: z.string().max(200).optional(),
  uncertainty: deviceSchema.shape.uncertainty.optional(),
});

const configSchema = z.object({ instruments: z.array(instrumentConfigSchema).max(12) });

export type InstrumentConfig = Omit<z.infer<typeof instrumentConfigSchema>, 'simulated'> & {
  readonly simulated: boolean;
};

/** Reads the instruments of a bench from a file. @throws Error saying what was found where and what was expected. */
export function readInstruments(file: string): InstrumentConfig[] {
  let text: unknown;
  try {
    text = JSON.parse(readFileSync(file, 'utf8'));
  } catch (error) {
    throw new Error(`--instruments ${file}: expected a JSON file (${(error as Error).message}).`, {
      cause: error,
    });
  }
  const parsed = configSchema.safeParse(text);
  if (!parsed.success) {
    const [issue] = parsed.error.issues;
    throw new Error(`--instruments ${file}, at ${issue!.path.join('.') || 'the top'}: ${issue!.message}.`);
  }
  const ids = parsed.data.instruments.map(({ id }) => id);
  const twice = ids.find((id, n) => ids.indexOf(id) !== n);
  if (twice) throw new Error(`--instruments ${file}: the id "${twice}" is there twice.`);
  return parsed.data.instruments;
}
