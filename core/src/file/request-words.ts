import { z } from 'zod';
import { channelNames, signals } from '../connector/signal.ts';
import { braidedSleeves } from '../cut/braided-sleeve.ts';
import { shopTools } from '../house/usual-shop.ts';
import { stripperKinds } from '../house/stripper.ts';
import { usualStrippers } from '../house/usual-strippers.ts';
import { ownPracticeSchema } from '../house/practice.ts';
import { addedKinds } from '../lead/added-part.ts';
import { environments, longestBreakout, lyingPlaces } from '../lead/lead.ts';
import { beadMaterialIds } from '../line/choke.ts';
import { secondCores } from '../plan/second-core.ts';
import { parseFrequency } from '../quantity/frequency.ts';
import { parsePositiveLength } from '../quantity/length.ts';
import { parsePower } from '../quantity/power.ts';

/** A figure typed as text with its unit, read as the screens read it. */
const typed = (expected: string, parse: (text: string) => number) =>
  z.string({ error: expected }).transform((text, context) => {
    try {
      return parse(text);
    } catch {
      context.addIssue({ code: 'custom', message: expected, input: text });
      return z.NEVER;
    }
  });

/** Longest lead, and longest feature of a connector, that a request may ask for, metres. */
const longest = { lead: 2000, feature: longestBreakout } as const;

const length = typed('a length with its unit, such as "2 m"', (text) =>
  parsePositiveLength(text, longest.lead, 'm'),
);
const feature = typed('a length with its unit, such as "37 mm"', (text) =>
  parsePositiveLength(text, longest.feature),
);
const frequency = typed('a frequency with its unit, such as "162 MHz"', parseFrequency);
const power = typed('a power with its unit, such as "25 W"', parsePower);

const oneOf = <T extends string>(values: readonly [T, ...T[]] | readonly T[], what?: string) =>
  z.enum(values as readonly [T, ...T[]], { error: what ?? `one of: ${values.join(', ')}` });

const endSchema = z.strictObject({
  connector: z.string({ error: 'the id of a connector (npm run -s plan -- --list)' }),
  /** What is in the bag, by question: what is left out is as usual. */
  bag: z.record(z.string(), z.string({ error: 'an answer in words' })).optional(),
  measured: z.record(z.string(), feature).optional(),
  channel: oneOf(channelNames).optional(),
  /** Of its own leg, on a lead with a split. */
  leg: length.optional(),
  /** Cores free of the jacket, at an end that does not clamp it. */
  breakout: feature.optional(),
  called: z.string().min(1).max(40).optional(),
  /** It lies there already and is not made. */
  lies: oneOf(lyingPlaces).optional(),
  /** What lies on the other side of its splice; the same cable where nothing is said. */
  otherCable: z.string().optional(),
  /** What becomes of the second core of a pair, where it has no use of its own. */
  secondCore: oneOf(secondCores).optional(),
  /** Which of the tools that strip, by its name. */
  strippedWith: z.string({ error: 'the name of a tool that strips' }).optional(),
});

/** A tool that strips, where the usual ones are not what the shop has. */
const stripperWords = z.strictObject({
  kind: oneOf(stripperKinds),
  name: z.string({ error: 'a name' }).min(1),
  /** Least and most outside diameter. */
  takes: z.tuple([feature, feature], { error: 'two lengths, such as ["4.5 mm", "8 mm"]' }),
  bares: z
    .strictObject(
      { conductor: feature, dielectric: feature, braid: feature },
      { error: 'what three blades bare: conductor, dielectric, braid' },
    )
    .optional(),
  depth: feature.optional(),
  drive: oneOf(['by hand', 'in a drill', 'either'] as const).optional(),
});

const placeSchema = { near: z.string().default('A'), distance: feature.default(0.1) };

const extraPartSchema = z.discriminatedUnion(
  'kind',
  [
    z.strictObject({ kind: z.literal('label sleeve'), ...placeSchema }),
    z.strictObject({
      kind: z.literal('choke'),
      ...placeSchema,
      beads: z.number().int().min(1).max(200),
      bead: z.strictObject({ outside: feature, bore: feature, length: feature }),
      material: oneOf(beadMaterialIds).nullable().default(null),
      at: oneOf(['feedpoint', 'radio end'] as const).default('feedpoint'),
    }),
    z.strictObject({
      kind: z.literal('braided sleeve'),
      ...placeSchema,
      size: oneOf(braidedSleeves.map(({ id }) => id)),
    }),
    ...addedKinds.map((kind) =>
      z.strictObject({
        kind: z.literal(kind),
        near: placeSchema.near,
        distance: feature.optional(),
        colour: z.string().min(1).optional(),
        length: feature.optional(),
      }),
    ),
  ],
  { error: `a kind: label sleeve, choke, braided sleeve, ${addedKinds.join(', ')}` },
);

/** Tools that a request may name: those of a shop, and those that every shop strips with. */
export const toolNames: readonly string[] = [...shopTools, ...usualStrippers.map(({ id }) => id)];

export const wordsSchema = z.strictObject({
  cable: z.string({ error: 'the id of a cable (npm run -s plan -- --list)' }),
  length,
  ends: z.array(endSchema, { error: 'two ends or more' }).min(2, { error: 'two ends or more' }).max(9),
  lengthTolerance: feature.optional(),
  /** Of a cable that lies there. */
  anotherTry: feature.optional(),
  split: oneOf(['carried through', 'joined'] as const).optional(),
  /** Of the legs, where it is not the trunk's. */
  legCable: z.string().optional(),
  carries: oneOf(signals).optional(),
  frequencies: z.array(frequency).min(1).optional(),
  power: power.optional(),
  lives: oneOf(environments).optional(),
  practice: ownPracticeSchema.strict().optional(),
  tools: z.array(oneOf(toolNames)).optional(),
  strippers: z.array(stripperWords).optional(),
  instruments: z
    .undefined({ error: 'nothing: a house’s own instruments are not planned with yet' })
    .optional(),
  extraParts: z.array(extraPartSchema).default([]),
});

/** A request in words of the trade, read. */
export type Words = z.output<typeof wordsSchema>;
