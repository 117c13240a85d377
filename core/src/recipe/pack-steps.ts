import { layWords, packFlatWords, coilOverUnderWords } from '../words/whole-lead.ts';
import { bendRadius, coilDiameter } from '../cable/body.ts';
import type { LayeredCable } from '../cable/cable.ts';
import { coilTo } from '../cut/coil.ts';
import type { House } from '../house/house.ts';
import { longestWay } from '../lead/in-words.ts';
import { leadConnector } from '../lead/lead-connector.ts';
import type { Lead } from '../lead/lead.ts';
import { liesThere } from '../lead/lying.ts';
import type { StepDraft } from './step-draft.ts';

/** A cable that lies in a wall or a trench is laid back, and neither coiled nor capped. */
function layStep(lead: Lead, cable: LayeredCable): StepDraft {
  const radius = bendRadius(cable)?.once;
  const figures = radius === undefined ? [] : [leastRadius(radius, cable)];
  return {
    role: 'lay-back',
    work: 'lay',
    stage: 'Finish',
    ...layWords({ wall: lead.ends.some(({ lies }) => lies === 'wall') }),
    figures,
  };
}

const leastRadius = (radius: number, { jacket }: LayeredCable) => ({
  label: 'bend radius, at least',
  figure: {
    value: radius,
    kind: 'length' as const,
    formula: 'by the kind of cable',
    terms: [{ label: 'Jacket', value: jacket.diameter, kind: 'length' as const, assumed: true }],
    source: 'least radius of a single bend',
  },
  plus: null,
  minus: null,
});

/** Where the coil begins: the plug or the socket as the house has it, end A where both are alike. */
function coilStart(lead: Lead, { practice }: House): string {
  const wanted = practice.coilFrom === 'the plug' ? 'plug' : 'socket';
  const sexes = lead.ends.map(({ connectorId }) => leadConnector(lead, connectorId).sex);
  const first = lead.ends[sexes.indexOf(wanted)];
  const alike = sexes.every((sex) => sex === sexes[0]);
  return first && !alike ? `end ${first.name}, the ${wanted}` : `end ${lead.ends[0]!.name}`;
}

/** Coiled no tighter than its cable takes; a tube that is bent once is packed straight. */
export function packStep(lead: Lead, house: House, cable: LayeredCable): StepDraft {
  if (liesThere(lead) || lead.environment === 'buried') return layStep(lead, cable);
  const diameter = coilDiameter(cable);
  if (diameter === null)
    return {
      role: 'coil',
      work: 'lay',
      stage: 'Finish',
      ...packFlatWords({ leadName: lead.name }),
    };
  const figure = coilTo(longestWay(lead), diameter, house.storeCoil);
  const turns = Math.floor(longestWay(lead) / (Math.PI * figure.value));
  return {
    role: 'coil',
    work: 'coil',
    stage: 'Finish',
    ...coilOverUnderWords({ from: coilStart(lead, house), leadName: lead.name }),
    figures: [
      { label: 'diameter of the coil', figure, plus: null, minus: null },
      ...(turns >= 1
        ? [
            {
              label: 'turns',
              figure: {
                value: turns,
                kind: 'count' as const,
                formula: 'length / (pi x diameter), whole turns',
                terms: [{ label: 'Length', value: longestWay(lead), kind: 'length' as const }],
                source: 'geometry',
              },
              plus: null,
              minus: null,
            },
          ]
        : []),
    ],
  };
}
