import type { CoaxCable } from '../cable/cable.ts';
import { cables } from '../cable/catalogue/catalogue.ts';
import type { CoaxConnector } from '../connector/connector.ts';
import type { NamedPort } from '../connector/port.ts';
import { connectorSeriesById, systemImpedanceOf } from '../connector/series.ts';
import type { House } from '../house/house.ts';
import { automaticName } from '../lead/automatic-name.ts';
import type { Lead } from '../lead/lead.ts';
import type { LeadRequest } from '../lead/make-lead.ts';
import type { BudgetRow } from '../line/budget.ts';
import { budget } from '../line/budget.ts';
import {
  endWords,
  layersUnknownWords,
  lossWords,
  noEndWords,
  powerWords,
  twoImpedancesWords,
} from '../words/radio-lead.ts';
import { budgetReasonWords } from '../words/budget-reason.ts';
import type { EndCandidate } from './find-end.ts';
import { findEnds } from './find-end.ts';

/** What a radio lead goes between and has to do. Hertz, watts, metres, dB. */
export interface RadioWant {
  readonly near: NamedPort;
  readonly far: NamedPort;
  readonly frequencies: readonly number[];
  readonly power: number;
  readonly length: number;
  readonly environment: Lead['environment'];
  /** Loss allowed at the worst frequency, both mated pairs counted. */
  readonly limitDb: number;
  readonly house: House;
}

/** A cable with the ends that mate with both sockets and go on it. */
export interface RadioProposal {
  readonly cable: CoaxCable;
  readonly near: CoaxConnector;
  readonly far: CoaxConnector;
  readonly lossDb: number;
  /** Against a metre of RG-58 class. */
  readonly cost: number;
  /** A tool or die for an end is not in the shop. */
  readonly toBuy: boolean;
  readonly reasons: readonly string[];
  readonly request: LeadRequest;
}

/** Proposals, those that the shop can make first and of them the cheapest; and what costs less and does not do. */
export interface RadioAnswer {
  readonly proposals: readonly RadioProposal[];
  readonly passedOver: readonly string[];
}

/** So many are worked out: the best and its runners-up. */
const mostProposals = 4;
/** Mismatch that a cable's power is counted with unless it is known. Engineering value. */
const usualSwr = 1.5;

/**
 * Ends and cable for a radio lead from its two sockets: of the cables that keep the loss, stand the power and the place,
 * and take both ends, the cheapest first.
 * @throws RangeError when the sockets are of two system impedances.
 */
export function proposeRadioLeads(want: RadioWant): RadioAnswer {
  const { near, far, length, power, frequencies, environment, limitDb, house } = want;
  const ends = [near, far].map(({ port }) => connectorSeriesById(port.seriesId));
  const [systemImpedance, other] = ends.map(systemImpedanceOf);
  if (systemImpedance !== other)
    throw new RangeError(
      twoImpedancesWords(
        { label: near.label, impedance: systemImpedance! },
        { label: far.label, impedance: other! },
      ),
    );
  const rows = budget(cables, {
    frequencies,
    length,
    limitDb,
    systemImpedance: systemImpedance!,
    power,
    duty: 1,
    swr: usualSwr,
    ambientCelsius: house.roomCelsius,
    altitude: 0,
    environment: environment === 'marine' ? 'outdoor' : environment,
    ends,
  });
  const proposals: RadioProposal[] = [];
  const passedOver: string[] = [];
  const ofSystem = rows.filter(({ reasons }) => reasons.every(({ code }) => code !== 'impedance'));
  for (const row of ofSystem.sort((a, b) => a.cost - b.cost)) {
    if (proposals.length === mostProposals) break;
    const made =
      row.reasons.length > 0 ? row.reasons.map(budgetReasonWords).join('; ') : proposalOf(row, want);
    if (typeof made !== 'string') proposals.push(made);
    else if (proposals.length === 0) passedOver.push(`${row.cable.name}: ${made}`);
  }
  return { proposals: proposals.sort((a, b) => Number(a.toBuy) - Number(b.toBuy)), passedOver };
}

/** A cable with the best end for either socket; in words, why there is none. */
function proposalOf(row: BudgetRow, want: RadioWant): RadioProposal | string {
  const { cable } = row;
  if (cable.structure !== 'coax') return layersUnknownWords;
  const { near, far, length, frequencies, environment, power } = want;
  const found = [near, far].map((port) => endFor(port, cable, want));
  const [nearEnd, farEnd] = found;
  if (!nearEnd || !farEnd) return noEndWords((nearEnd ? far : near).label);
  return {
    cable,
    near: nearEnd.connector,
    far: farEnd.connector,
    lossDb: row.lossDb,
    cost: row.cost,
    toBuy: [nearEnd, farEnd].some(({ reasons }) =>
      reasons.some(({ about, weight }) => about === 'tools' && weight === 'against'),
    ),
    reasons: [
      ...[nearEnd, farEnd].map(({ connector, reasons }, index) =>
        [
          endWords('AB'[index]!, connector.name, [near, far][index]!.label),
          ...reasons.map(({ text }) => text),
        ].join(' '),
      ),
      lossWords({
        cable: cable.name,
        lossDb: row.lossDb,
        limitDb: want.limitDb,
        length,
        frequency: row.worstFrequency,
      }),
      ...(row.powerLimit === undefined ? [] : [powerWords(row.powerLimit, power)]),
    ],
    request: {
      name: automaticName([nearEnd.connector, farEnd.connector], cable),
      purpose: '',
      signal: 'radio',
      cableId: cable.id,
      near: { connector: nearEnd.connector },
      far: [{ connector: farEnd.connector }],
      length,
      environment,
      frequencies,
      power,
    },
  };
}

/** The best end that mates and goes on the cable; a tool that the shop has not is said, not held against it. */
function endFor({ port }: NamedPort, cable: CoaxCable, want: RadioWant): EndCandidate | undefined {
  const { frequencies, power, environment, house } = want;
  const candidates = findEnds({
    port,
    cable,
    systemImpedance: systemImpedanceOf(connectorSeriesById(port.seriesId)),
    frequency: Math.max(...frequencies),
    power,
    environment,
    method: null,
    house,
  });
  return candidates.find(({ reasons }) =>
    reasons.every(({ about, weight }) => weight === 'care' || about === 'tools'),
  );
}
