import { parseLength, parsePositiveLength } from '../quantity/length.ts';
import { inRange, parseNumber } from '../quantity/number.ts';
import { QuantityError } from '../quantity/quantity-error.ts';
import type { Stripper, StripperKind, StripperOf } from './stripper.ts';

/** Largest cable that a tool is made for, and longest layer that a blade bares, metres. */
const largest = { cable: 0.2, layer: 0.1 } as const;

/**
 * Reads the diameters that a tool takes, `4.5 to 8 mm`; metres.
 * @throws QuantityError when it is not two diameters, the lesser first.
 */
export function parseTakes(text: string): Stripper['takes'] {
  const parts = text.trim().split(/\s*(?:\bto\b|–|-|\/)\s*/i);
  const expected = 'two diameters, the lesser first, such as 4.5 to 8 mm';
  if (parts.length !== 2) throw new QuantityError(text, expected);
  const unit = /[a-z"]+\s*$/i.exec(parts[1]!)?.[0] ?? 'mm';
  const withUnit = (part: string) => (/[a-z"]\s*$/i.test(part) ? part : `${part} ${unit}`);
  const [least, most] = parts.map((part) => parseLength(withUnit(part))) as [number, number];
  if (!(least > 0 && most >= least && most <= largest.cable)) throw new QuantityError(text, expected);
  return { least, most };
}

/** Millimetres as a tool is called by: `8`, `4.5`. */
const plain = (metres: number) => String(Number((metres * 1e3).toFixed(2)));

export const takesText = ({ takes: { least, most } }: Pick<Stripper, 'takes'>): string =>
  `${plain(least)} to ${plain(most)} mm`;

/**
 * Reads what three blades bare, from the tip: conductor, dielectric, braid; `4 / 5 / 6.5 mm`, metres.
 * @throws QuantityError when it is not three lengths.
 */
export function parseBares(text: string): StripperOf<'three-blade rotary tool'>['bares'] {
  const parts = text.replace(/\s*mm\s*$/i, '').split('/');
  const expected = 'three lengths from the tip, conductor / dielectric / braid, such as 4 / 5 / 6.5 mm';
  if (parts.length !== 3) throw new QuantityError(text, expected);
  const [conductor, dielectric, braid] = parts.map((part) => parseLength(part)) as [number, number, number];
  if ([conductor, dielectric, braid].some((length) => !(length > 0 && length <= largest.layer)))
    throw new QuantityError(text, expected);
  return { conductor, dielectric, braid };
}

export const baresText = ({ bares }: StripperOf<'three-blade rotary tool'>): string =>
  `${[bares.conductor, bares.dielectric, bares.braid].map(plain).join(' / ')} mm`;

/**
 * Reads how deep a coring tool goes, metres; null where nothing is typed, since its stop can be set.
 * @throws QuantityError when it is no length.
 */
export const parseDepth = (text: string): number | null =>
  text.trim() === '' ? null : parsePositiveLength(text, largest.layer);

/** Most cuts that any blade is good for. */
const mostCuts = 100_000;

/**
 * Reads how many cuts blades are good for; null where nothing is typed, since nobody counts.
 * @throws QuantityError when it is no whole number of cuts.
 */
export function parseBladeLife(text: string): number | null {
  if (text.trim() === '') return null;
  const expected = 'a whole number of cuts, such as 500, or nothing where nobody counts';
  const cuts = inRange(parseNumber(text, expected), { min: 1, max: mostCuts, expected }, text);
  if (!Number.isInteger(cuts)) throw new QuantityError(text, expected);
  return cuts;
}

/** What three blades of a new tool bare until somebody has measured them, metres. Engineering value. */
const usualBares = { conductor: 4e-3, dielectric: 5e-3, braid: 6.5e-3 };

/** A tool that has come in: it takes the cables that are usual for its kind until its own are typed. */
export function newStripper(kind: StripperKind, id: string): Stripper {
  const owned = {
    id,
    name: kind,
    takes: { least: 4.5e-3, most: 8e-3 },
    setting: '',
    bladeLife: null,
    bladesNew: null,
  };
  if (kind === 'three-blade rotary tool') return { ...owned, kind, bares: usualBares };
  if (kind === 'coring tool') return { ...owned, kind, depth: null, drive: 'either' };
  return { ...owned, kind };
}

/** Whether its blades have made the cuts that they are good for. */
export const isTired = ({ bladeLife }: Pick<Stripper, 'bladeLife'>, cuts: number): boolean =>
  bladeLife !== null && cuts >= bladeLife;
