import type { House } from '../house/house.ts';
import type { Practice } from '../house/practice.ts';
import type { Step } from './step.ts';

type From = Exclude<Practice['shrinkFrom'], 'as the part asks'>;

/** Where the heat begins and which way it goes: as the house does, else as the part asks. */
export function shrinkFrom({ practice }: House, asked: From): string {
  const from = practice.shrinkFrom === 'as the part asks' ? asked : practice.shrinkFrom;
  return `from ${from}`;
}

/** The same over a crotch, where no connector is near: toward or from the cores. */
export const crotchShrinkFrom = (house: House): string =>
  crotchWays[
    house.practice.shrinkFrom === 'as the part asks'
      ? 'the cable toward the connector'
      : house.practice.shrinkFrom
  ];

const crotchWays: Readonly<Record<From, string>> = {
  'the connector outward': 'from the cores toward the jacket',
  'the cable toward the connector': 'from the jacket toward the cores',
  'the middle outward': 'from the middle outward',
};

/** A shrink is moved only when it has set. Seconds; engineering values for a tube in calm air. */
export function shrinkCool(lined: boolean): Step['figures'][number] {
  return {
    label: lined ? 'let the adhesive set' : 'let it cool',
    figure: {
      value: lined ? 90 : 45,
      kind: 'seconds',
      formula: 'by the kind of shrink',
      terms: [],
      source: 'engineering value: adhesive gives until it is hand-warm',
    },
    plus: null,
    minus: null,
  };
}
