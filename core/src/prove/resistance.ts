import { pathWords } from '../words/proof-check.ts';
import { z } from 'zod';
import type { LayeredCable } from '../cable/cable.ts';
import { conductorsOf, resistancePerMetre, resistanceSpread } from '../cable/conductors.ts';
import { resistivityAt } from '../conductor/material.ts';
import { leadCable } from '../lead/lead-cable.ts';
import { leadConnector } from '../lead/lead-connector.ts';
import { contactAllowanceOf } from '../connector/connector.ts';
import type { House } from '../house/house.ts';
import type { Lead } from '../lead/lead.ts';
import { endById, nodesOfPiece } from '../lead/lead.ts';
import type { Explained, Term } from '../quantity/explained.ts';
import { explainedSchema } from '../quantity/explained.ts';
import { joinAt, leadWiring } from '../wiring/lead-wiring.ts';
import type { Resistor } from './network.ts';
import { solveNetwork } from './network.ts';
import type { Wiring } from '../wiring/wiring.ts';
import { plannedPartition } from '../wiring/wiring.ts';

/** One planned path between contacts of two ends, with what it should read. */
export const expectedPathSchema = z.object({
  id: z.string(),
  label: z.string(),
  from: z.string(),
  to: z.string(),
  expected: z.number(),
  /** What of it is the cable, ohm, at the temperature of the plan. */
  cable: z.number(),
  celsius: z.number(),
  limit: explainedSchema,
});

export type ExpectedPath = z.infer<typeof expectedPathSchema>;

/** Length of cable that each piece has in the finished lead, metres, by piece id. */
export type PieceLengths = ReadonlyMap<string, number>;

/** Ohm per metre of a conductor of a cable. */
export type Copper = (cable: LayeredCable, conductor: string) => number;

/** The figure of each conductor at a temperature. */
export const nominalCopper =
  (celsius: number): Copper =>
  (cable, conductor) =>
    resistancePerMetre(cable, conductor, celsius);

/**
 * The most that each conductor may have at a temperature: its figure and what its kind may be above it, never more than the house
 * allows over the figure.
 */
export const mostCopper =
  (celsius: number, allowance: number): Copper =>
  (cable, conductor) =>
    resistancePerMetre(cable, conductor, celsius) *
    Math.min(allowance, 1 + resistanceSpread(cable, conductor));

/** Allowance for one contact of an end, ohm. */
export function contactAllowance(lead: Lead, endId: string, contact: string): number {
  return contactAllowanceOf(leadConnector(lead, endById(lead, endId).connectorId), contact);
}

/** One conductor of a piece from the node of its first end to that of its second. */
export interface ConductorRun extends Resistor {
  readonly pieceId: string;
  readonly conductor: string;
}

/**
 * The copper of a lead: every conductor of every piece between the nodes it ends at, as a resistor. `terminalNode` says
 * which node a terminal is; joins follow on from `firstJoin`.
 */
export function conductorRuns(
  lead: Lead,
  wiring: Wiring,
  lengths: PieceLengths,
  copper: Copper,
  terminalNode: (terminal: number) => number,
  firstJoin: number,
): ConductorRun[] {
  return lead.pieces.flatMap((piece) => {
    const nodes = nodesOfPiece(lead, piece);
    const cable = leadCable(lead, piece.cableId);
    return conductorsOf(cable).flatMap(({ id }): ConductorRun[] => {
      const strand = { pieceId: piece.id, conductor: id };
      const ends = nodes.map((nodeId) => {
        const end = lead.ends.find((candidate) => candidate.nodeId === nodeId);
        const terminal = wiring.terminals.findIndex(
          (candidate) =>
            candidate.endId === end?.id &&
            candidate.strand?.pieceId === piece.id &&
            candidate.strand.conductor === id,
        );
        if (terminal >= 0) return terminalNode(terminal);
        const join = joinAt(lead, strand, nodeId);
        return join >= 0 ? firstJoin + join : undefined;
      });
      const [a, b] = ends;
      if (a === undefined || b === undefined) return [];
      return [{ a, b, ohms: copper(cable, id) * lengths.get(piece.id)!, ...strand }];
    });
  });
}

/**
 * Every planned path between two ends, and its limit: the most that its conductors may have and the sum of its contacts;
 * paralleled cores count together.
 */
export function expectedPaths(
  lead: Lead,
  lengths: PieceLengths,
  { roomCelsius: celsius, limits }: Pick<House, 'roomCelsius' | 'limits'>,
): ExpectedPath[] {
  const wiring = leadWiring(lead);
  const { points, terminals } = wiring;
  const spare = points.length + lead.joins.length;
  const solved = (copper: Copper) =>
    solveNetwork(
      conductorRuns(
        lead,
        wiring,
        lengths,
        copper,
        (terminal) => terminals[terminal]!.point ?? spare + terminal,
        points.length,
      ),
      spare + terminals.length,
    );
  const planned = plannedPartition(wiring);
  const nominal = solved(nominalCopper(celsius));
  const most = solved(mostCopper(celsius, limits.cableAllowance));
  return points.flatMap((near, a) =>
    points.flatMap((far, b): ExpectedPath[] => {
      if (b <= a || near.endId === far.endId || planned[a] !== planned[b]) return [];
      const path = { near, far, cable: nominal(a, b), most: most(a, b), strands: strandsOn(wiring, a) };
      return [expectedPath(lead, path, lengths, celsius)];
    }),
  );
}

type Point = Wiring['points'][number];

/** The conductors that a point takes, in words. */
function strandsOn({ terminals, conductors }: Wiring, point: number): { label: string; pieceId: string } {
  const mine = terminals.filter((terminal) => terminal.point === point);
  return {
    label: [...new Set(mine.map(({ conductor }) => conductors[conductor]!.label))].join(' and '),
    pieceId: mine[0]!.strand!.pieceId,
  };
}

function expectedPath(
  lead: Lead,
  {
    near,
    far,
    cable,
    most,
    strands,
  }: {
    near: Point;
    far: Point;
    cable: number;
    most: number;
    strands: { label: string; pieceId: string };
  },
  lengths: PieceLengths,
  celsius: number,
): ExpectedPath {
  const contacts = [near, far].map(({ endId, contact }): Term => ({
    label: pathWords.contact(endById(lead, endId).name),
    value: contactAllowance(lead, endId, contact),
    kind: 'resistance',
    assumed: true,
  }));
  const contactSum = contacts.reduce((total, { value }) => total + value, 0);
  return {
    id: `${near.id}-${far.id}`,
    label: pathWords.label(strands.label, endById(lead, near.endId).name, endById(lead, far.endId).name),
    from: near.id,
    to: far.id,
    expected: cable + contactSum,
    cable,
    celsius,
    limit: {
      value: most + contactSum,
      kind: 'resistance',
      formula: pathWords.formula,
      terms: [
        { label: pathWords.cable, value: lengths.get(strands.pieceId)!, kind: 'length' },
        { label: pathWords.temperature, value: celsius, kind: 'temperature', assumed: true },
        {
          label: pathWords.conductor(strands.label),
          symbol: 'R',
          value: cable,
          kind: 'resistance',
          assumed: true,
        },
        { label: pathWords.most, value: most / cable, kind: 'ratio' },
        ...contacts,
      ],
      source: pathWords.source,
    },
  };
}

/**
 * The limit of a path where a reading was taken: its cable follows the temperature (degrees Celsius) as copper does, the
 * allowance of its contacts does not.
 */
export function limitAt(
  { expected, cable, celsius: planned, limit }: ExpectedPath,
  celsius: number,
): Explained {
  if (planned === celsius) return limit;
  const ratio = resistivityAt('copper', celsius) / resistivityAt('copper', planned);
  const contacts = expected - cable;
  return {
    ...limit,
    value: contacts + (limit.value - contacts) * ratio,
    terms: limit.terms.map((term): Term => {
      if (term.kind === 'temperature') return { ...term, value: celsius, assumed: false };
      return term.symbol === 'R' ? { ...term, value: cable * ratio } : term;
    }),
  };
}
