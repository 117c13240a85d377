import { formatFrequency } from '../quantity/frequency.ts';
import { formatPower } from '../quantity/power.ts';

/** Why an end does not do, or does with care: made from names and figures alone. */

export const otherSeriesWords = (series: string) =>
  `It is ${series.replace(' pair', '')}, the port is another series.`;

export const sameSexWords = (sex: string) => `The port is a ${sex} and so is this.`;

export const polarityWords = (pin: boolean) =>
  `Polarity: this has a ${pin ? 'pin' : 'socket'} where the port has one too. It screws on and makes no contact.`;

export const seriesLimitWords = (limit: number) => `The series goes up to ${formatFrequency(limit)}.`;

export const seriesMatchWords = (figures: {
  readonly impedance: number;
  readonly system: number;
  readonly swr: number;
}) =>
  `${figures.impedance} ohm in ${figures.system}: SWR ${figures.swr.toFixed(2)} at the working frequency.`;

export const seriesPowerWords = (power: number, kind: string) =>
  `It stands ${formatPower(power)} there (${kind}).`;

export const unsealedWords = 'Mated it is not sealed: wrap the mated pair, or choose a sealed series.';

export const toolMissingWords = (tool: string) => `The shop has no ${tool} (Stores).`;

export const otherMethodWords = (method: string) => `It is ${method}.`;

export const noShrinkWords = 'a shrink that the shop does not keep';
