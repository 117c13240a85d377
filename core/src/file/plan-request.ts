import { z } from 'zod';
import { cables } from '../cable/catalogue/catalogue.ts';
import { connectors } from '../connector/catalogue/catalogue.ts';
import type { Connector } from '../connector/connector.ts';
import type { GaugeCard } from '../connector/gauge-card-schema.ts';
import { nominalGaugeCard } from '../connector/gauge-card.ts';
import { gaugeCardSchema } from '../connector/gauge-card-schema.ts';
import { channelNames, signals, usualSignal } from '../connector/signal.ts';
import { braidedSleeves } from '../cut/braided-sleeve.ts';
import type { House } from '../house/house.ts';
import { defaultHouse, houseSchema, shopTools } from '../house/house.ts';
import { ownPracticeSchema } from '../house/practice.ts';
import type { ExtraPart, Lead } from '../lead/lead.ts';
import { environments, leadSchema, longestBreakout } from '../lead/lead.ts';
import { leadConnector } from '../lead/lead-connector.ts';
import { makeLead } from '../lead/make-lead.ts';
import { addedKinds, addedPart } from '../lead/added-part.ts';
import { beadMaterialIds } from '../line/choke.ts';
import { parseFrequency } from '../quantity/frequency.ts';
import { parsePositiveLength } from '../quantity/length.ts';
import { parsePower } from '../quantity/power.ts';
import { bagAsked, breakoutAsked } from './end-asked.ts';
import { migrated } from './migrations/migrations.ts';
import { RequestError } from './request-error.ts';

/** What one lead is planned from. */
export interface PlanRequest {
  readonly lead: Lead;
  readonly cards: readonly GaugeCard[];
  readonly house: House;
}

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

const wordsSchema = z.strictObject({
  cable: z.string({ error: 'the id of a cable (npm run -s plan -- --list)' }),
  length,
  ends: z.array(endSchema, { error: 'two ends or more' }).min(2, { error: 'two ends or more' }).max(9),
  lengthTolerance: feature.optional(),
  split: oneOf(['carried through', 'joined'] as const).optional(),
  carries: oneOf(signals).optional(),
  frequencies: z.array(frequency).min(1).optional(),
  power: power.optional(),
  lives: oneOf(environments).optional(),
  practice: ownPracticeSchema.strict().optional(),
  tools: z.array(oneOf(shopTools)).optional(),
  instruments: z
    .undefined({ error: 'nothing: a house’s own instruments are not planned with yet' })
    .optional(),
  extraParts: z.array(extraPartSchema).default([]),
});

const recordsSchema = z.strictObject({
  lead: z.unknown(),
  gaugeCards: z.array(gaugeCardSchema).default([]),
  house: z.unknown().optional(),
});

type Words = z.output<typeof wordsSchema>;

/** When a request without records is planned: nothing of a plan depends on it. */
const noTime = '2000-01-01T00:00:00.000Z';

/**
 * Reads a request for one plan: in words of the trade, or as records stand in an archive.
 * @throws RequestError naming the field, what was found and what was expected.
 */
export function readPlanRequest(text: string): PlanRequest {
  const data = readJson(text);
  return typeof data === 'object' && data !== null && 'lead' in data ? fromRecords(data) : fromWords(data);
}

function readJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    throw new RequestError('request', text, 'one JSON object');
  }
}

function parse<T>(schema: z.ZodType<T>, data: unknown, at = ''): T {
  const result = schema.safeParse(data, { reportInput: true });
  if (result.success) return result.data;
  const issue = result.error.issues[0]!;
  if (issue.code === 'unrecognized_keys') {
    const [key] = issue.keys;
    const field = [...issue.path, key!].join('.');
    throw new RequestError(`${at}${field}`, valueAt(data, [...issue.path, key!]), 'no such field');
  }
  const expected = issue.message
    .replace(/^Invalid (input|option): expected /, '')
    .replace(/^Invalid input$/, 'another value');
  const path = issue.path.map(String);
  throw new RequestError(
    `${at}${path.join('.')}` || 'request',
    valueAt(data, path),
    expected.replace(/, received .*$/, ''),
  );
}

const valueAt = (data: unknown, path: readonly PropertyKey[]): unknown =>
  path.reduce<unknown>((now, key) => (now as Record<PropertyKey, unknown> | undefined)?.[key], data);

function fromRecords(data: unknown): PlanRequest {
  const { lead: stored, gaugeCards, house: storedHouse } = parse(recordsSchema, data);
  const lead = parse(leadSchema, migrated('leads', stored, 1), 'lead.');
  const house =
    storedHouse === undefined
      ? defaultHouse(noTime)
      : parse(houseSchema, migrated('house', storedHouse, 1), 'house.');
  const missing = lead.ends.flatMap((end): GaugeCard[] =>
    gaugeCards.some(({ id }) => id === end.gaugeCardId)
      ? []
      : [nominalGaugeCard(leadConnector(lead, end.connectorId), end.gaugeCardId, 'nominal', noTime)],
  );
  return { lead, cards: [...gaugeCards, ...missing], house };
}

function fromWords(data: unknown): PlanRequest {
  const words = parse(wordsSchema, data);
  const house = houseOf(words);
  const asked = words.ends.map(({ connector }, index) =>
    connectorAsked(connector, `ends.${index}.connector`),
  );
  const cable = cables.find(({ id }) => id === words.cable);
  if (!cable) throw new RequestError('cable', words.cable, `the id of a cable (npm run -s plan -- --list)`);
  const carries = words.carries ?? usualSignal(asked[0]!);
  let count = 0;
  const made = makeLead(
    {
      name: 'Lead',
      purpose: '',
      signal: carries,
      cableId: words.cable,
      environment: words.lives,
      near: endAsked(words, asked, 0),
      far: asked.slice(1).map((_, index) => endAsked(words, asked, index + 1)),
      length: words.length,
      split: asked.length > 2 ? (words.split ?? 'carried through') : undefined,
      frequencies: words.frequencies ?? [carries === 'radio' ? 100e6 : 20e3],
    },
    () => `record-${++count}`,
    noTime,
    house,
  );
  const lead: Lead = {
    ...made.lead,
    practice: words.practice ?? {},
    ...(words.lengthTolerance === undefined ? {} : { lengthTolerance: words.lengthTolerance }),
    extraParts: [...made.lead.extraParts, ...extraParts(words, made.lead)],
    requirement: {
      ...made.lead.requirement,
      ...(words.power === undefined ? {} : { inputPower: { value: words.power, assumed: false } }),
    },
  };
  return withOwnCards(lead, made.cards, words, house);
}

const houseOf = ({ tools }: Words): House => ({
  ...defaultHouse(noTime),
  ...(tools ? { tools: [...tools] } : {}),
});

function connectorAsked(id: string, field: string): Connector {
  const connector = connectors.find((each) => each.id === id);
  if (!connector) throw new RequestError(field, id, 'the id of a connector (npm run -s plan -- --list)');
  return connector;
}

const endAsked = ({ ends }: Words, asked: readonly Connector[], index: number) => ({
  connector: asked[index]!,
  channel: ends[index]!.channel,
  legLength: ends[index]!.leg,
});

function extraParts({ extraParts: parts }: Words, lead: Lead): ExtraPart[] {
  return parts.map((asked, index): ExtraPart => {
    const { near } = asked;
    const end = lead.ends.find(({ name }) => name === near);
    if (!end)
      throw new RequestError(
        `extraParts.${index}.near`,
        near,
        `an end: ${lead.ends.map(({ name }) => name).join(', ')}`,
      );
    const leg = lead.legs.find(({ fromNodeId, toNodeId }) => [fromNodeId, toNodeId].includes(end.nodeId))!;
    const place = { id: `extra-${index + 1}`, legId: leg.id, nearEndId: end.id };
    if (asked.kind === 'label sleeve' || asked.kind === 'choke' || asked.kind === 'braided sleeve') {
      const { near: _near, ...part } = asked;
      return { ...part, ...place };
    }
    const { kind: what, distance = addedPart(asked.kind).distance, colour, length: own } = asked;
    return { ...place, kind: 'added', what, distance, colour: colour ?? null, length: own ?? null };
  });
}

/** Every end has a card of its own, so that what was measured of one says nothing of the other. */
function withOwnCards(lead: Lead, cards: readonly GaugeCard[], { ends }: Words, house: House): PlanRequest {
  const own = lead.ends.map((end, index): GaugeCard => {
    const card = cards.find(({ id }) => id === end.gaugeCardId)!;
    const measured = Object.entries(ends[index]!.measured ?? {});
    const foreign = measured.find(([name]) => !(name in card.features));
    if (foreign)
      throw new RequestError(
        `ends.${index}.measured.${foreign[0]}`,
        foreign[1],
        `a feature of this connector: ${Object.keys(card.features).join(', ')}`,
      );
    const contents = bagAsked(
      leadConnector(lead, end.connectorId),
      ends[index]!.bag ?? {},
      `ends.${index}.bag`,
    );
    const features = measured.map(([name, value]) => [name, { value, state: 'measured' as const }] as const);
    return {
      ...card,
      id: `card-${end.id}`,
      contents,
      features: { ...card.features, ...Object.fromEntries(features) },
    };
  });
  return {
    lead: {
      ...lead,
      ends: lead.ends.map((end, index) => ({
        ...end,
        gaugeCardId: `card-${end.id}`,
        ...breakoutAsked(
          leadConnector(lead, end.connectorId),
          ends[index]!.breakout,
          `ends.${index}.breakout`,
        ),
        ...(ends[index]!.called ? { called: ends[index]!.called } : {}),
      })),
    },
    cards: own,
    house,
  };
}
