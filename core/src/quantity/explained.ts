import { z } from 'zod';

/** What kind of figure a bare SI number is, so that a screen can write it. */
export const quantityKindSchema = z.enum([
  'length',
  'distance',
  'frequency',
  'decibel',
  'dB per 100 m',
  'power',
  'resistance',
  'capacitance',
  'ratio',
  'temperature',
  'count',
  'force',
  'voltage',
  'seconds',
  'torque',
]);

/** One thing that went into a figure. */
const termSchema = z.object({
  label: z.string(),
  /** The letter it has in the formula, if it has one. */
  symbol: z.string().optional(),
  value: z.number(),
  kind: quantityKindSchema,
  /** Nobody has measured or decided it: a class value or a default. */
  assumed: z.boolean().optional(),
});

/** A figure that can say how it came about. */
export const explainedSchema = z.object({
  value: z.number(),
  kind: quantityKindSchema,
  formula: z.string(),
  terms: z.array(termSchema),
  /** Where the formula or the figures come from. */
  source: z.string(),
});

export type QuantityKind = z.infer<typeof quantityKindSchema>;
export type Term = z.infer<typeof termSchema>;
export type Explained = z.infer<typeof explainedSchema>;

/** Whether anything that went into a figure is only assumed. */
export function isAssumed(figure: Explained): boolean {
  return figure.terms.some((term) => term.assumed === true);
}

/** What of a figure is only assumed, in words; empty where nothing is. */
export const assumedTerms = ({ terms }: Pick<Explained, 'terms'>): string[] =>
  terms.filter(({ assumed }) => assumed === true).map(({ label }) => label);
