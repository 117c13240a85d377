import type { ContentName, Contents } from '../connector/contents.ts';
import type { AnyEndInput } from '../end/end-input.ts';
import type { LeadEnd } from '../lead/lead.ts';
import { bagQuestions } from '../method/bag-questions.ts';
import { reliefSize } from '../method/core-end.ts';

/** The bag of an end against the plan: what it holds, what of it nobody has looked at, and what does not come out even. */
export interface BagReport {
  readonly contents: Partial<Contents>;
  readonly assumed: readonly ContentName[];
  /** What lies in the bag and goes into no step. */
  readonly leftOver: readonly string[];
  /** What the plan wants and the bag does not have. */
  readonly short: readonly string[];
}

/** Holds the bag of an end against what its plan uses. */
export function bagReport(end: LeadEnd, input: AnyEndInput): BagReport {
  const asked = bagQuestions(input.connector);
  const { contents, card } = input;
  const has = (name: ContentName) => asked.includes(name);
  const hot = input.power > input.house.tackAbove;
  const size = has('relief') ? reliefSize(input) : undefined;
  const leftOver = [
    ...(size ? [`the ${size === 'smaller' ? 'larger' : 'smaller'} spring, chuck or bushing`] : []),
    ...(has('cap') && contents.cap === 'both' ? [`the ${hot ? 'plain' : 'ribbed'} back cap`] : []),
    ...(has('shrink') && contents.shrink === 'one' && !end.shrink ? ['the shrink'] : []),
  ];
  const short = [
    ...(has('cap') && contents.cap === 'plain' && hot
      ? [`a ribbed, heat-shedding back cap: the power is above ${input.house.tackAbove} W`]
      : []),
  ];
  return {
    contents: Object.fromEntries(asked.map((name) => [name, contents[name]])),
    assumed: asked.filter((name) => card.contents?.[name] === undefined),
    leftOver,
    short,
  };
}
