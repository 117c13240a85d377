import { conductorsOf } from '../cable/conductors.ts';
import type { House } from '../house/house.ts';
import { leadCable } from '../lead/lead-cable.ts';
import type { Lead } from '../lead/lead.ts';
import { formatMetres } from '../quantity/length.ts';
import type { LeadPart } from '../thread/threaded-parts.ts';
import { openAtLeast } from '../prove/reading.ts';
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
  const rework: HoldPoint['rework'] = goBack(
    'join',
    'Open that joint, clear it, and make it again; the sleeve is new.',
  );
  return [
    {
      name: 'split-strip',
      work: 'strip',
      stage: 'Strip',
      title: 'Strip trunk and legs at the split',
      text: {
        firstTime:
          'Take the jackets back, gather the shields, and cut the cores in steps, each joint a sleeve behind the last, so that no two lie side by side. Legs of equal length are cut together.',
        experienced: 'Jackets back, shields gathered, cores staggered; equal legs together.',
      },
      why: 'Joints side by side make a lump, and one strand between them is a short that nobody finds.',
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
      caution: 'Cut away from the hand. Glasses on: trimmed ends fly.',
      good: ['joints will lie one behind the other'],
      bad: ['cores all of one length'],
    },
    {
      name: 'join',
      work: 'solder',
      stage: 'Join',
      title: 'Join the conductors at the split',
      text: {
        firstTime: `A clear sleeve on every core first. Join ${words.join('; ')}: lay the ends along each other, solder, and shrink the sleeve when it has cooled.`,
        experienced: `Sleeves on, then ${words.join('; ')}.`,
      },
      why: 'The shield goes on through every joint: where it ends, hum comes in.',
      tools: [
        { label: 'Iron', setting: `chisel 2.4 mm, ${house.practice.solder === 'leaded' ? 340 : 370} °C` },
      ],
      caution: 'Glasses on, extraction on. The joint burns, also after it has set.',
      good: ['smooth, no strand out', `${house.practice.innerShrink} sleeve over every joint`],
      bad: ['a joint without its sleeve', 'a lump that the shrink will not pass'],
      hold: lookHold('Joints good, every one sleeved', rework),
    },
    {
      name: 'join-open',
      work: 'measure',
      stage: 'Join',
      title: 'Measure between the joints',
      text: {
        firstTime:
          'Nothing connected at any end. Meter from each joint to the next and to the shield: open. Type the least that was read.',
        experienced: 'Joint to joint, joint to shield: open.',
      },
      why: 'Once it is shrunk the split is cut out, not mended.',
      tools: [{ label: 'Ohm meter', setting: 'highest range' }],
      hold: {
        label: 'No short at the split',
        kind: 'reading',
        reading: { label: 'Between contacts', quantity: 'resistance', min: openAtLeast, max: null },
        safety: false,
        safetyReason: '',
        rework,
      },
    },
  ].map((step) => ({ ...step, name: `${nodeId} ${step.name}` })) as StepDraft[];
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
      name: `${nodeId} seal`,
      work: 'shrink',
      stage: 'Finish',
      title: 'Shrink the split',
      text: {
        firstTime: `Lay the legs out: ${equal && lengths.length > 1 ? `all ${formatMetres(lengths[0]!)}, equal to the tip` : lengths.map((length) => formatMetres(length)).join(' and ')} from the split. Slide the adhesive shrink over the crotch, half on the trunk, half on the legs, and heat ${shrinkFrom(house, 'the middle outward')} until adhesive shows between the legs. Press the crotch together while it is warm.`,
        experienced: `Legs measured, shrink half and half, ${shrinkFrom(house, 'the middle outward')}, press the crotch.`,
      },
      why: 'It takes the pull of the legs; without it one leg tears the split open.',
      figures: [
        ...(part?.cutLength
          ? [{ label: 'length of shrink', figure: part.cutLength, plus: null, minus: null }]
          : []),
        shrinkCool(true),
      ],
      tools: [{ label: 'Hot air', setting: 'kept moving' }],
      caution: 'Hot air and warm adhesive burn: hold the cable, let it cool.',
      good: ['adhesive shows between the legs', ...(equal ? ['legs equal'] : [])],
      bad: ['a leg pulled short', 'blister or scorch'],
    },
    ...(marked.length > 0
      ? [
          {
            name: `${nodeId} rings`,
            work: 'look' as const,
            stage: 'Finish' as const,
            title: 'Mark the legs',
            text: {
              firstTime: `Colour rings: ${marked.map(({ name, marker, channel }) => `end ${name} ${marker!}${channel ? ` (${channel})` : ''}`).join(', ')}. Meter once more that the ring is on its own leg.`,
              experienced: marked.map(({ name, marker }) => `${name} ${marker!}`).join(', '),
            },
            why: 'Twins are told apart by their rings only.',
            good: ['ring on its own leg'],
            bad: ['rings changed over'],
            hold: lookHold('Rings on their own legs', goBack(`${nodeId} rings`, 'Change the rings over.')),
          },
        ]
      : []),
  ];
}
