import { isOpen } from './is-open.ts';
import type { UnitSummary } from './summary.ts';

/** What units can be found by; `open` are those of an order that are still to be made. */
export type FacetKind =
  'started' | 'state' | 'open' | 'verdict' | 'family' | 'lead' | 'person' | 'fault' | 'pass' | 'day' | 'word';

/** One thing that a unit is found by, as it stands in the index: "verdict Good". */
export const facet = (kind: FacetKind, value: string): string => `${kind} ${value}`;

/** Words of a text as they are found: small letters, parted at whatever is no letter, no figure and none of `-./`. */
export const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}\-./]+/u)
    .filter(Boolean);

/** What a serial is found by, whole and by its number: "OS-0023" also as "0023" and "23". */
export function serialWords(serial: string): string[] {
  const whole = serial.toLowerCase();
  const number = /(\d+)\D*$/.exec(whole.split('/')[0]!)?.[1];
  return [...new Set([whole, ...(number ? [number, String(Number(number))] : [])])];
}

/** All that a unit is found by, but for its serial; of one that is deleted nothing. */
export function facetsOf(summary: UnitSummary): string[] {
  const { state, verdict, family, leadId, orderId, people, faults, firstPass, days, lead, order } = summary;
  if (summary.deleted) return [];
  const [series = ''] = summary.serial.split('-');
  const words = wordsOf([lead, order, series, ...people].join(' '));
  return [
    ...(summary.started === null ? [] : [facet('started', 'yes')]),
    facet('state', state),
    ...(isOpen(summary) ? [facet('open', orderId)] : []),
    facet('verdict', verdict ?? 'none'),
    ...(family ? [facet('family', family)] : []),
    facet('lead', leadId),
    ...people.map((person) => facet('person', person)),
    ...faults.map((fault) => facet('fault', fault)),
    ...(firstPass === null ? [] : [facet('pass', firstPass ? 'first' : 'later')]),
    ...days.map((day) => facet('day', day)),
    ...[...new Set(words)].map((word) => facet('word', word)),
  ];
}
