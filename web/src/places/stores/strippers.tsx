import type { House } from '@gorvane/core/house/house.ts';
import type { Stripper, StripperKind } from '@gorvane/core/house/stripper.ts';
import { stripperKinds } from '@gorvane/core/house/stripper.ts';
import {
  baresText,
  isTired,
  newStripper,
  parseBares,
  parseBladeLife,
  parseDepth,
  parseTakes,
  takesText,
} from '@gorvane/core/house/stripper-text.ts';
import { formatMillimetres } from '@gorvane/core/quantity/length.ts';
import { QuantityError } from '@gorvane/core/quantity/quantity-error.ts';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useState } from 'react';
import { editStripper, newBlades } from '../../controls/blade-wear.tsx';
import { Empty } from '../../controls/empty.tsx';
import { QuantityField } from '../../controls/quantity-field.tsx';
import { useBladeCuts } from '../../data/blade-cuts.ts';
import { newId } from '../../data/database.ts';
import type { Draft } from '../../draft/use-draft.ts';

/** What cables are stripped with: each tool with what it takes, how its blades stand and how tired they are. */
export function Strippers({ house }: { readonly house: Draft<House> }) {
  const { strippers } = house.record;
  const cuts = useBladeCuts(strippers);
  const [kind, setKind] = useState<StripperKind>(stripperKinds[0]!);
  return (
    <section aria-labelledby="strippers" className="strippers">
      <h2 id="strippers">Stripped with</h2>
      <p>
        An end is stripped with the first of these that takes its cable and makes its strip; another can be
        taken for any lead. The steps go in the order of the tool.
      </p>
      {strippers.length === 0 && (
        <Empty title="No tool to strip with">
          <p>Add what lies on the bench, a blade at least: until then every end says that it has none.</p>
        </Empty>
      )}
      {strippers.map((stripper, index) => (
        <StripperRow
          key={stripper.id}
          house={house}
          stripper={stripper}
          isFirst={index === 0}
          cuts={cuts?.get(stripper.id) ?? 0}
        />
      ))}
      <div className="stripper-add">
        <NativeSelect
          label="Kind of a new tool"
          value={kind}
          data={stripperKinds.map((each) => ({ value: each, label: each }))}
          onChange={({ currentTarget: { value } }) =>
            setKind(stripperKinds.find((each) => each === value) ?? kind)
          }
        />
        <Button
          onClick={() =>
            house.edit(`a ${kind}`, (now) => ({
              ...now,
              strippers: [...now.strippers, newStripper(kind, newId())],
            }))
          }
        >
          Add the tool
        </Button>
      </div>
    </section>
  );
}

interface StripperRowProps {
  readonly house: Draft<House>;
  readonly stripper: Stripper;
  readonly isFirst: boolean;
  readonly cuts: number;
}

function StripperRow(props: StripperRowProps) {
  const { house, stripper, isFirst, cuts } = props;
  const first = () =>
    house.edit(`the ${stripper.name} first`, (now) => ({
      ...now,
      strippers: [stripper, ...now.strippers.filter(({ id }) => id !== stripper.id)],
    }));
  const remove = () =>
    house.edit(`the ${stripper.name} away`, (now) => ({
      ...now,
      strippers: now.strippers.filter(({ id }) => id !== stripper.id),
    }));
  return (
    <details className="stripper">
      <summary>
        {stripper.name}
        <span className="soft">
          {stripper.kind === stripper.name ? '' : `${stripper.kind}, `}
          {takesText(stripper)}
          {stripper.kind === 'three-blade rotary tool' && `, bares ${baresText(stripper)}`}
        </span>
        <Wear stripper={stripper} cuts={cuts} />
      </summary>
      <StripperFields {...props} />
      <div className="stripper-actions">
        <Button variant="default" onClick={() => newBlades(house, stripper)}>
          New blades are in
        </Button>
        {!isFirst && (
          <Button variant="default" onClick={first}>
            Take it before the others
          </Button>
        )}
        <Button variant="subtle" onClick={remove}>
          Remove the {stripper.name}
        </Button>
      </div>
    </details>
  );
}

function Wear({ stripper, cuts }: Pick<StripperRowProps, 'stripper' | 'cuts'>) {
  const { bladeLife } = stripper;
  if (cuts === 0 && bladeLife === null) return null;
  return (
    <span className={isTired(stripper, cuts) ? 'not-yet' : 'soft'}>
      {isTired(stripper, cuts) ? '▲ ' : ''}
      {cuts} {cuts === 1 ? 'cut' : 'cuts'}
      {bladeLife === null ? '' : ` of about ${bladeLife}`}
    </span>
  );
}

function StripperFields({ house, stripper }: StripperRowProps) {
  const set = (label: string, change: Partial<Stripper>) =>
    editStripper(house, stripper, `${label}, ${stripper.name}`, change);
  const field = (name: string) => `${house.key}/stripper/${stripper.id}/${name}`;
  return (
    <div className="stripper-fields">
      <QuantityField
        field={field('name')}
        label="Name"
        description="as the steps call it"
        written={stripper.name}
        onRead={(text) => {
          if (text.trim() === '') throw new QuantityError(text, 'a name, by which the steps call it');
          set('name', { name: text.trim() });
        }}
      />
      <QuantityField
        field={field('takes')}
        label="Takes, outside diameter"
        description={
          stripper.kind === 'tube cutter' || stripper.kind === 'coring tool'
            ? 'of the tube'
            : 'over the jacket'
        }
        written={takesText(stripper)}
        onRead={(text) => set('what it takes', { takes: parseTakes(text) })}
      />
      {stripper.kind === 'three-blade rotary tool' && (
        <QuantityField
          field={field('bares')}
          label="Bares, from the tip"
          description="conductor / dielectric / braid"
          written={baresText(stripper)}
          onRead={(text) => set('what its blades bare', { bares: parseBares(text) } as Partial<Stripper>)}
        />
      )}
      {stripper.kind === 'coring tool' && (
        <>
          <QuantityField
            field={field('depth')}
            label="Cores how deep"
            description="empty where its stop can be set"
            written={stripper.depth === null ? '' : `${formatMillimetres(stripper.depth)} mm`}
            onRead={(text) => set('how deep it cores', { depth: parseDepth(text) } as Partial<Stripper>)}
          />
          <NativeSelect
            label="Turned"
            value={stripper.drive}
            data={['by hand', 'in a drill', 'either']}
            onChange={({ currentTarget: { value } }) =>
              set('how it is turned', { drive: value } as Partial<Stripper>)
            }
          />
        </>
      )}
      <TextInput
        label="Set to"
        description="in your words, shown at the step"
        maxLength={200}
        value={stripper.setting}
        onChange={({ currentTarget: { value } }) => set('how it is set', { setting: value })}
      />
      <QuantityField
        field={field('life')}
        label="Blades are good for"
        description="cuts; empty where nobody counts"
        inputMode="numeric"
        written={stripper.bladeLife === null ? '' : String(stripper.bladeLife)}
        onRead={(text) => set('how long its blades last', { bladeLife: parseBladeLife(text) })}
      />
    </div>
  );
}
