import type { ShrinkChoice } from '../fit/heat-shrink.ts';
import { chooseShrink, tubeSizes } from '../fit/heat-shrink.ts';
import type { House } from '../house/house.ts';
import { addedPart, liesOverRear } from '../lead/added-part.ts';
import { legDiameter } from '../lead/bundle.ts';
import type { ExtraPart, Lead } from '../lead/lead.ts';
import { endById } from '../lead/lead.ts';
import { methodOf } from '../method/methods.ts';
import type { AnyEndInput } from '../end/end-input.ts';
import type { PartKind } from '../thread/part-kind.ts';
import type { LeadPart } from '../thread/lead-part.ts';
import { fixEventId } from '../thread/event-id.ts';
import { placeOnLeg } from './place-on-leg.ts';

type AddedExtra = Extract<ExtraPart, { kind: 'added' }>;

/** Room that a part slid on has over the jacket, and what it stands out of it, both sides together, metres. Engineering values. */
const slidOn = {
  'marker ring': [0.4e-3, 2.5e-3],
  tube: [1e-3, 2.5e-3],
  boot: [0.3e-3, 6e-3],
  'plug cover': [1.5e-3, 5e-3],
} as const;

/** A part that the technician adds, as it slides on the cable; none for what is put round from the side. */
export function addedThreadParts(
  lead: Lead,
  extra: AddedExtra,
  inputs: ReadonlyMap<string, AnyEndInput>,
  house: House,
): LeadPart[] {
  const { what, colour } = extra;
  // A tie goes round the cable from the side: it is never threaded.
  if (what === 'tie') return [];
  const facts = addedPart(what);
  const end = endById(lead, extra.nearEndId);
  const jacket = legDiameter(lead, extra.legId);
  const over = liesOverRear(what, extra.distance) ? Math.max(jacket, rearOf(inputs.get(end.id)!)) : jacket;
  const length = extra.length ?? facts.length;
  const choice = shrinkFor(house, facts.holds, { over, jacket, length: length ?? 0 });
  const name = [colour, nameOf(what, choice)].filter(Boolean).join(' ');
  const base = {
    id: extra.id,
    kind: what as PartKind,
    ofMethod: false,
    ends: [end.id],
    name,
    label: `${name}, end ${end.name}`,
    legId: extra.legId,
    place: placeOnLeg(lead, end, extra.distance),
    fixedBy: fixEventId(extra.id),
    ...(colour ? { colour } : {}),
  };
  if (facts.holds !== 'slid on')
    return [{ ...base, form: 'tube', ...tubeSizes(choice, over), fixedOutside: over + 1.5e-3 }];
  const [room, wall] = slidOn[what as keyof typeof slidOn];
  return [
    {
      ...base,
      form: what === 'boot' ? 'boot' : what === 'tube' ? 'sleeve' : 'ring',
      opening: jacket + room,
      outside: jacket + wall,
      fixedOutside: jacket + wall,
      ...(what === 'boot' ? { facing: { face: 'wide end', towardNodeId: end.nodeId } } : {}),
      ...(length === null ? {} : { cutLength: asAsked(length) }),
      missing: false,
    },
  ];
}

const rearOf = (input: AnyEndInput) => methodOf(input.connector.method).relief(input)?.over ?? 0;

function shrinkFor(
  house: House,
  holds: string,
  { over, jacket, length }: { over: number; jacket: number; length: number },
): ShrinkChoice | undefined {
  if (holds === 'slid on') return undefined;
  return chooseShrink(house.shrink, {
    largest: over,
    smallest: Math.min(jacket, over),
    covered: length,
    adhesive: holds === 'adhesive shrink',
  });
}

const nameOf = (what: AddedExtra['what'], choice: ShrinkChoice | undefined) =>
  choice ? `${what}, ${choice.shrink.name}` : what;

const asAsked = (length: number) => ({
  value: length,
  kind: 'length' as const,
  formula: 'as the lead says',
  terms: [],
  source: 'the lead',
});
