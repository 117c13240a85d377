import type { Stripper } from '@gorvane/core/house/stripper.ts';
import { isTired } from '@gorvane/core/house/stripper-text.ts';
import { Button } from '@mantine/core';
import { useBladeCuts } from '../data/blade-cuts.ts';
import { timeNow } from '../data/database.ts';
import type { Draft } from '../draft/use-draft.ts';
import { useHouseDraft } from '../draft/use-draft.ts';
import type { House } from '@gorvane/core/house/house.ts';

/** What of a tool of the house is changed, named for undo. */
export const editStripper = (
  house: Draft<House>,
  stripper: Stripper,
  label: string,
  change: Partial<Stripper>,
): void =>
  house.edit(label, (now) => ({
    ...now,
    strippers: now.strippers.map((each) =>
      each.id === stripper.id ? ({ ...each, ...change } as Stripper) : each,
    ),
  }));

export const newBlades = (house: Draft<House>, stripper: Stripper): void =>
  editStripper(house, stripper, `new blades in the ${stripper.name}`, { bladesNew: timeNow() });

/** At the step that cuts with them: blades that have made what they are good for. */
export function BladeWear({ stripperId }: { readonly stripperId: string | undefined }) {
  const house = useHouseDraft();
  const stripper = house?.record.strippers.find(({ id }) => id === stripperId);
  const cuts = useBladeCuts(stripper ? [stripper] : [])?.get(stripper?.id ?? '');
  if (!house || !stripper || cuts === undefined || !isTired(stripper, cuts)) return null;
  return (
    <div className="advice" role="status">
      <p>
        The blades of the {stripper.name} have made {cuts} cuts; they are good for about {stripper.bladeLife}.
        Try them on an offcut, or put new ones in.
      </p>
      <Button variant="default" onClick={() => newBlades(house, stripper)}>
        New blades are in
      </Button>
    </div>
  );
}
