import { z } from 'zod';
import { layeredCables } from '../cable/catalogue/catalogue.ts';
import { connectors } from '../connector/catalogue/catalogue.ts';
import type { Connector } from '../connector/connector.ts';
import type { GaugeCard } from '../connector/gauge-card-schema.ts';
import { nominalGaugeCard } from '../connector/gauge-card.ts';
import { gaugeCardSchema } from '../connector/gauge-card-schema.ts';
import { usualSignal } from '../connector/signal.ts';
import type { House } from '../house/house.ts';
import { houseSchema } from '../house/house.ts';
import { defaultHouse } from '../house/default-house.ts';
import { shopTools } from '../house/usual-shop.ts';
import type { Stripper } from '../house/stripper.ts';
import { stripperSchema } from '../house/stripper.ts';
import type { ExtraPart, Lead } from '../lead/lead.ts';
import { leadSchema } from '../lead/lead.ts';
import { leadConnector } from '../lead/lead-connector.ts';
import { makeLead } from '../lead/make-lead.ts';
import { addedPart } from '../lead/added-part.ts';
import { bagAsked, breakoutAsked, otherCableAsked } from './end-asked.ts';
import { migrated } from './migrations/migrations.ts';
import { RequestError } from './request-error.ts';
import type { Words } from './request-words.ts';
import { wordsSchema } from './request-words.ts';
import { endInput } from '../end/end-input.ts';
import { PinPlanError } from '../plan/connect.ts';
import { secondCoreOf, withSecondCore } from '../plan/second-core.ts';

/** What one lead is planned from. */
export interface PlanRequest {
  readonly lead: Lead;
  readonly cards: readonly GaugeCard[];
  readonly house: House;
}

const recordsSchema = z.strictObject({
  lead: z.unknown(),
  gaugeCards: z.array(gaugeCardSchema).default([]),
  house: z.unknown().optional(),
});

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
  cableAsked(words.cable, 'cable');
  if (words.legCable) cableAsked(words.legCable, 'legCable');
  if (words.ends.every(({ lies }) => lies !== undefined))
    throw new RequestError('ends', 'all of them lie there', 'one end at least that is made here');
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
      slack: words.anotherTry,
      power: words.power,
      legCableId: words.legCable,
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
  };
  return withSecondCores(withOwnCards(lead, made.cards, words, house), words);
}

function cableAsked(id: string, field: string): void {
  if (!layeredCables.some((cable) => cable.id === id))
    throw new RequestError(field, id, 'the id of a cable (npm run -s plan -- --list)');
}

/** Second cores as they are asked for. @throws RequestError where an end has none, or its contact cannot hold both. */
function withSecondCores(request: PlanRequest, { ends }: Words): PlanRequest {
  const lead = request.lead.ends.reduce((now, end, index) => {
    const choice = ends[index]!.secondCore;
    if (!choice) return now;
    const card = request.cards.find(({ id }) => id === end.gaugeCardId)!;
    const field = `ends.${index}.secondCore`;
    if (secondCoreOf(endInput(now, end, card, request.house)) === null)
      throw new RequestError(field, choice, 'nothing: this end has no second core that wants a place');
    try {
      return withSecondCore(now, end, card, request.house, choice);
    } catch (error) {
      if (!(error instanceof PinPlanError)) throw error;
      throw new RequestError(field, choice, error.message);
    }
  }, request.lead);
  return { ...request, lead };
}

function houseOf(words: Words): House {
  const house = defaultHouse(noTime);
  const { tools } = words;
  return {
    ...house,
    ...(tools ? { tools: shopTools.filter((tool) => tools.includes(tool)) } : {}),
    strippers: strippersOf(words, house),
  };
}

/** What a request says that the shop strips with: by name, as it describes them, or the usual ones where it says nothing. */
function strippersOf({ tools = [], strippers = [] }: Words, house: House): Stripper[] {
  const named = house.strippers.filter(({ id }) => tools.includes(id));
  const described = strippers.map(({ name, takes: [least, most], ...own }, index) => {
    const stripper = stripperSchema.safeParse({ ...own, id: name, name, takes: { least, most } });
    if (stripper.success) return stripper.data;
    const [{ path, message }] = stripper.error.issues as [z.core.$ZodIssue];
    const isBlades = path[0] === 'bares';
    throw new RequestError(
      `strippers.${index}.${isBlades ? 'bares' : 'takes'}`,
      isBlades ? own.bares : [least, most],
      isBlades ? 'what its three blades bare: conductor, dielectric, braid' : message,
    );
  });
  const own = [...named, ...described];
  return own.length > 0 ? own : house.strippers;
}

/** The tool that an end is to be stripped with. @throws RequestError where the shop has none of that name. */
function strippedWithAsked(name: string | undefined, { strippers }: House, field: string) {
  if (name === undefined) return {};
  const stripper = strippers.find((each) => each.name === name);
  if (!stripper)
    throw new RequestError(field, name, `one of: ${strippers.map((each) => each.name).join(', ')}`);
  return { stripperId: stripper.id };
}

function connectorAsked(id: string, field: string): Connector {
  const connector = connectors.find((each) => each.id === id);
  if (!connector) throw new RequestError(field, id, 'the id of a connector (npm run -s plan -- --list)');
  return connector;
}

const endAsked = ({ ends }: Words, asked: readonly Connector[], index: number) => ({
  connector: asked[index]!,
  channel: ends[index]!.channel,
  legLength: ends[index]!.leg,
  lies: ends[index]!.lies,
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
        ...strippedWithAsked(ends[index]!.strippedWith, house, `ends.${index}.strippedWith`),
        ...(ends[index]!.called ? { called: ends[index]!.called } : {}),
        ...otherCableAsked(
          leadConnector(lead, end.connectorId),
          ends[index]!.otherCable,
          `ends.${index}.otherCable`,
        ),
      })),
    },
    cards: own,
    house,
  };
}
