import type { LayeredCable } from '@gorvane/core/cable/cable.ts';
import type { Lead, LeadEnd } from '@gorvane/core/lead/lead.ts';
import { lyingPlaces } from '@gorvane/core/lead/lead.ts';
import { leadConnector } from '@gorvane/core/lead/lead-connector.ts';
import { otherSides } from '@gorvane/core/lead/other-side.ts';
import { NativeSelect } from '@mantine/core';
import type { Draft } from '../../draft/use-draft.ts';

const places = [
  { value: '', label: 'is made here' },
  ...lyingPlaces.map((value) => ({ value, label: `lies in a ${value} already` })),
];

interface EndThereProps {
  readonly lead: Draft<Lead>;
  readonly end: LeadEnd;
  readonly cables: readonly LayeredCable[];
}

/** What is there already: an end in a wall or a trench, and the cable on the other side of a splice. */
export function EndThere({ lead, end, cables }: EndThereProps) {
  const { record, edit } = lead;
  const change = (
    label: string,
    to: (now: LeadEnd) => LeadEnd,
    rest: (now: Lead) => Partial<Lead> = () => ({}),
  ) =>
    edit(`${label} of end ${end.name}`, (now) => ({
      ...now,
      ...rest(now),
      ends: now.ends.map((other) => (other.id === end.id ? to(other) : other)),
    }));
  const lie = (lies: LeadEnd['lies']) =>
    change(
      'place',
      (now) => ({ ...now, lies }),
      ({ fittedEndIds }) => ({
        fittedEndIds: [...fittedEndIds.filter((id) => id !== end.id), ...(lies ? [end.id] : [])],
      }),
    );
  const othersLie = record.ends.every(({ id, lies }) => id === end.id || lies !== undefined);
  const isSplice = leadConnector(record, end.connectorId).sex === 'splice';
  const there = otherSides(record).find(({ of }) => of.id === end.id);
  return (
    <>
      {(isSplice || end.lies !== undefined || record.signal === 'radio') && (
        <NativeSelect
          size="xs"
          label={`End ${end.name}`}
          description={othersLie && end.lies === undefined ? 'the end that is made' : undefined}
          value={end.lies ?? ''}
          data={othersLie && end.lies === undefined ? places.slice(0, 1) : places}
          onChange={({ currentTarget: { value } }) => lie(lyingPlaces.find((place) => place === value))}
        />
      )}
      {isSplice && there && (
        <NativeSelect
          size="xs"
          label={`Cable on the other side, end ${end.name}`}
          value={there.cableId}
          data={cables.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={({ currentTarget: { value } }) =>
            change('cable on the other side', (now) => ({ ...now, spliceTo: value }))
          }
        />
      )}
    </>
  );
}
