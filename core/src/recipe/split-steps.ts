import {
  holdLabels,
  joinAdvice,
  splitShrinkAdvice,
  splitStripWords,
  joinCoresWords,
  joinOpenWords,
  sealWords,
  ringsWords,
} from '../words/split.ts';
import { conductorsOf } from '../cable/conductors.ts';
import type { House } from '../house/house.ts';
import { leadCable } from '../lead/lead-cable.ts';
import type { Lead } from '../lead/lead.ts';
import type { LeadPart } from '../thread/lead-part.ts';
import { openAtLeast } from '../reading/reading.ts';
import { goBack } from './recipe.ts';
import type { HoldPoint } from './step.ts';
import { shrinkCool, shrinkFrom } from './shrink-words.ts';
import type { StepDraft } from './step-draft.ts';
import { lookHold } from './step-draft.ts';

/** Joints of a split lie one behind the other, so that they make no lump and cannot meet, metres. Engineering value. */
const stagger = 15e-3;

/** What meets at each joint, in words: red of the trunk with white of leg B. */
export function joinWords(lead: Lead): string[] {
  return lead.joins.map(({ conductors }) =>
    conductors
      .map(({ pieceId, conductor }) => {
        const piece = lead.pieces.find(({ id }) => id === pieceId)!;
        const { label } = conductorsOf(leadCable(lead, piece.cableId)).find(({ id }) => id === conductor)!;
        return `${label} of the ${pieceId}`;
      })
      .join(' with '),
  );
}

/** Trunk and legs joined conductor by conductor, each joint in its own sleeve, before any end is closed. */
export function joinSteps(lead: Lead, nodeId: string, house: House): StepDraft[] {
  const words = joinWords(lead);
  const rework: HoldPoint['rework'] = goBack('join', joinAdvice);
  return [
    {
      role: 'split-strip',
      work: 'strip',
      stage: 'Strip',
      ...splitStripWords(),
      figures: [
        {
          label: 'one joint behind the other',
          figure: {
            value: stagger,
            kind: 'length',
            formula: 'a sleeve and a little',
            terms: [],
            source: 'engineering value',
          },
          plus: null,
          minus: null,
        },
      ],
    },
    {
      role: 'join',
      work: 'solder',
      joint: 'joined cores',
      stage: 'Join',
      ...joinCoresWords({ words, innerShrink: house.practice.innerShrink }),
      tools: [
        { label: 'Iron', setting: `chisel 2.4 mm, ${house.practice.solder === 'leaded' ? 340 : 370} °C` },
      ],
      hold: lookHold(holdLabels.jointsGoodEveryOne, rework),
    },
    {
      role: 'join-open',
      work: 'measure',
      stage: 'Join',
      ...joinOpenWords(),
      tools: [{ label: 'Ohm meter', setting: 'highest range' }],
      hold: {
        label: holdLabels.shortSplit,
        kind: 'reading',
        reading: { label: 'Between contacts', quantity: 'resistance', min: openAtLeast, max: null },
        safety: false,
        safetyReason: '',
        rework,
      },
    },
  ].map((step) => ({ ...step, about: nodeId })) as StepDraft[];
}

/** The split is measured, shrunk and marked when the lead is proved. */
export function splitShrinkSteps(
  lead: Lead,
  nodeId: string,
  part: LeadPart | undefined,
  house: House,
): StepDraft[] {
  const legs = lead.legs.filter(({ toNodeId }) => lead.ends.some((end) => end.nodeId === toNodeId));
  const lengths = legs
    .filter(({ fromNodeId }) => fromNodeId === nodeId)
    .map(({ finishedLength }) => finishedLength);
  const equal = lengths.every((length) => Math.abs(length - lengths[0]!) < 1e-6);
  const marked = lead.ends.filter(({ marker }) => marker !== null);
  return [
    {
      role: 'split-seal',
      about: nodeId,
      work: 'shrink',
      stage: 'Finish',
      ...sealWords({
        equal,
        lengths,
        heated: shrinkFrom(house, 'the middle outward'),
      }),
      figures: [
        ...(part?.cutLength
          ? [{ label: 'length of shrink', figure: part.cutLength, plus: null, minus: null }]
          : []),
        shrinkCool(true),
      ],
      tools: [{ label: 'Hot air', setting: 'kept moving' }],
    },
    ...(marked.length > 0
      ? [
          {
            role: 'split-rings' as const,
            about: nodeId,
            work: 'look' as const,
            stage: 'Finish' as const,
            ...ringsWords({ marked }),
            hold: lookHold(holdLabels.ringsTheirOwnLegs, goBack('split-rings', splitShrinkAdvice)),
          },
        ]
      : []),
  ];
}
