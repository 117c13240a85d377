import { addedPart } from '@gorvane/core/lead/added-part.ts';
import type { ExtraPart } from '@gorvane/core/lead/lead.ts';
import { formatMillimetres, parsePositiveLength } from '@gorvane/core/quantity/length.ts';
import { parseCount } from '@gorvane/core/quantity/scalar.ts';
import { useDraggable } from '@dnd-kit/core';
import { Button, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import { QuantityField } from '../../controls/quantity-field.tsx';
import { markerColours } from '../../drawing/wire-colour.ts';
import type { PaletteKind } from './added-extra.ts';
import { extraOf, palette, withExtra } from './added-extra.ts';
import type { StageProps } from './stage-props.ts';

/** Farthest that a part lies from its end, and longest that a tube is cut, metres. */
const farthest = 500;
const longest = 10;
const mostBeads = 200;

/** What the technician adds: from the tray on to the run, or by choosing; each is then placed, coloured, taken off. */
export function AddedParts({ lead, plan }: Pick<StageProps, 'lead' | 'plan'>) {
  const { record, edit } = lead;
  const [endId, setEndId] = useState(record.ends[0]!.id);
  const [problem, setProblem] = useState<string>();
  const end = record.ends.find(({ id }) => id === endId) ?? record.ends[0]!;
  const add = (what: PaletteKind) => {
    const extra = extraOf(record, { what, endId: end.id });
    setProblem(
      extra ? undefined : 'No bead that is sold goes over this cable: enter one in the Line lab, Choke.',
    );
    if (extra) edit(`${what} near end ${end.name}`, (now) => withExtra(now, extra));
  };
  const extras = record.extraParts.filter(({ kind }) => kind === 'added' || kind === 'choke');
  return (
    <section aria-labelledby="added-parts" className="added-parts">
      <h3 id="added-parts">Add a part</h3>
      <NativeSelect
        label="Near"
        description="or drag a part on to the run"
        value={end.id}
        data={record.ends.map(({ id, name }) => ({ value: id, label: `end ${name}` }))}
        onChange={({ currentTarget: { value } }) => setEndId(value)}
      />
      <div className="tray">
        {palette.map((what) => (
          <TrayPart key={what} what={what} onAdd={() => add(what)} />
        ))}
      </div>
      {problem && (
        <p className="out" role="alert">
          ■ {problem}
        </p>
      )}
      {extras.map((extra) => (
        <AddedRow key={extra.id} extra={extra} lead={lead} plan={plan} />
      ))}
    </section>
  );
}

function TrayPart({ what, onAdd }: { readonly what: PaletteKind; readonly onAdd: () => void }) {
  const { listeners, setNodeRef, transform } = useDraggable({ id: `tray ${what}` });
  return (
    <button
      type="button"
      ref={setNodeRef}
      className="tray-part"
      style={
        transform ? { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 5 } : undefined
      }
      {...listeners}
      aria-label={`Add ${what}`}
      onClick={onAdd}
    >
      {what}
    </button>
  );
}

interface AddedRowProps extends Pick<StageProps, 'lead' | 'plan'> {
  readonly extra: ExtraPart;
}

/** One added part: where it lies, its colour, its length, its last chance; or off again. */
function AddedRow({ extra, lead, plan }: AddedRowProps) {
  const { record, edit, key } = lead;
  const end = record.ends.find(({ id }) => id === extra.nearEndId)!;
  const what =
    extra.kind === 'added' ? extra.what : `choke of ${extra.kind === 'choke' ? extra.beads : 0} beads`;
  const change = (label: string, to: (now: ExtraPart) => ExtraPart) =>
    edit(`${label} of the ${what}`, (now) => ({
      ...now,
      extraParts: now.extraParts.map((other) => (other.id === extra.id ? to(other) : other)),
    }));
  const move = plan.thread.possible
    ? plan.thread.moments.flatMap(({ moves }) => moves).find(({ part }) => part.id === extra.id)
    : undefined;
  const isMissing = plan.parts.find(({ id }) => id === extra.id)?.missing === true;
  return (
    <fieldset className="added-row">
      <legend>
        {what}, end {end.name}
      </legend>
      <QuantityField
        field={`${key}/extra/${extra.id}/distance`}
        label="from the jacket edge"
        written={`${formatMillimetres(extra.distance)} mm`}
        onRead={(text) => {
          const distance = parsePositiveLength(text, farthest);
          change('place', (now) => ({ ...now, distance }));
        }}
      />
      {extra.kind === 'added' && addedPart(extra.what).coloured && (
        <NativeSelect
          label="colour"
          value={extra.colour ?? ''}
          data={markerColours}
          onChange={({ currentTarget: { value } }) =>
            change('colour', (now) => (now.kind === 'added' ? { ...now, colour: value } : now))
          }
        />
      )}
      {extra.kind === 'added' && addedPart(extra.what).length !== null && (
        <QuantityField
          field={`${key}/extra/${extra.id}/length`}
          label="covers"
          written={`${formatMillimetres(extra.length ?? addedPart(extra.what).length!)} mm`}
          onRead={(text) => {
            const length = parsePositiveLength(text, longest);
            change('length', (now) => (now.kind === 'added' ? { ...now, length } : now));
          }}
        />
      )}
      {extra.kind === 'choke' && (
        <QuantityField
          field={`${key}/extra/${extra.id}/beads`}
          label="beads"
          written={String(extra.beads)}
          onRead={(text) => {
            const beads = parseCount(text, { min: 1, max: mostBeads, expected: `1 to ${mostBeads} beads` });
            change('beads', (now) => (now.kind === 'choke' ? { ...now, beads } : now));
          }}
        />
      )}
      <Button
        variant="default"
        onClick={() =>
          edit(`${what} off`, (now) => ({
            ...now,
            extraParts: now.extraParts.filter(({ id }) => id !== extra.id),
          }))
        }
      >
        Take off
      </Button>
      <p className={isMissing ? 'out' : 'soft'}>
        {isMissing
          ? '■ The shop has no size that passes and grips: add one in Stores.'
          : move
            ? `Last chance: before ${move.lastChance.label}.`
            : 'Put round from the side: at any time.'}
      </p>
    </fieldset>
  );
}
