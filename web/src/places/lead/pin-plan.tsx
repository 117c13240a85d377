import { conductorNames } from '@gorvane/core/strip/core-strip.ts';
import type { PinCheck } from '@gorvane/core/fit/pin-check.ts';
import { connect, PinPlanError } from '@gorvane/core/plan/connect.ts';
import type { Strand } from '@gorvane/core/plan/connect.ts';
import type { PinPlanChoices } from '@gorvane/core/lead/pin-plan.ts';
import { terminalBlockOf } from '@gorvane/core/connector/terminal-block.ts';
import { blockOrders, houseChoices, proposePinPlan, signalEnd } from '@gorvane/core/lead/pin-plan.ts';
import { roleOf } from '@gorvane/core/connector/signal.ts';
import { conductorsAtEnd } from '@gorvane/core/end/end-input.ts';
import type { PieceConductor } from '@gorvane/core/end/end-input.ts';
import type { EndPlan } from '@gorvane/core/plan/lead-plan.ts';
import type { DragEndEvent } from '@dnd-kit/core';
import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { NativeSelect } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { VerdictMark } from '../../controls/verdict.tsx';
import { conductorPaint } from '../../drawing/wire-colour.ts';
import type { StageProps } from './stage-props.ts';
import './pin-plan.css';

/** Plans that are taken whole. */
const presets: readonly { id: string; label: string; choices: Partial<PinPlanChoices> }[] = [
  { id: 'usual', label: 'the usual one', choices: {} },
  { id: 'shield one end', label: 'shield at the first end only', choices: { shield: 'first end' } },
  { id: 'cold open', label: 'cold open at unbalanced ends', choices: { cold: 'open' } },
  { id: 'second pair', label: 'second pair left empty', choices: { secondPair: 'leave empty' } },
];

/** Orders of a block, offered where the lead has one that no device speaks for. */
const blockPresets = blockOrders.map(({ label, order }) => ({
  id: label,
  label: `block ${label}`,
  choices: { blockOrder: order },
}));

const presetsFor = ({ lead, ends }: StageProps['plan']) =>
  lead.signal === 'balanced' &&
  ends.some(({ end, connector }) => terminalBlockOf(connector) !== null && end.deviceId === null)
    ? [...presets, ...blockPresets]
    : presets;

const spare = 'spare';
const idOf = (endId: string, { pieceId, conductor }: Strand) => [endId, pieceId, conductor].join('|');

/** Which conductor is on which contact, by drag, by touch or by choosing; what that does is said below. */
export function PinPlan(props: StageProps) {
  const { plan, lead, cards, house } = props;
  const offered = presetsFor(plan);
  const [refused, setRefused] = useState<{ readonly key: string; readonly message: string }>();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor),
  );
  const put = (endId: string, strand: Strand, contact: string | null) => {
    const end = lead.record.ends.find(({ id }) => id === endId)!;
    try {
      const next = connect(lead.record, end, cards.get(endId)!.record, house.record, strand, contact);
      setRefused(undefined);
      if (next !== lead.record) lead.edit(`pin plan, end ${end.name}`, () => next);
    } catch (error) {
      if (!(error instanceof PinPlanError)) throw error;
      setRefused({ key: idOf(endId, strand), message: error.message });
    }
  };
  const dropped = ({ active, over }: DragEndEvent) => {
    const [endId, pieceId, conductor] = String(active.id).split('|') as [string, string, string];
    const [overEnd, contact] = String(over?.id ?? '').split('|') as [string, string | undefined];
    if (contact && overEnd === endId) put(endId, { pieceId, conductor }, contact === spare ? null : contact);
  };
  return (
    <section aria-labelledby="pin-plan">
      <div className="stage-head">
        <h2 id="pin-plan">Pin plan</h2>
        <NativeSelect
          aria-label="Take a whole plan"
          value=""
          data={[
            { value: '', label: 'Take a whole plan…' },
            ...offered.map(({ id, label }) => ({ value: id, label })),
          ]}
          onChange={({ currentTarget: { value } }) => {
            const preset = offered.find(({ id }) => id === value);
            if (!preset) return;
            setRefused(undefined);
            lead.edit(`pin plan: ${preset.label}`, (now) => ({
              ...now,
              pinPlan: proposePinPlan(now, house.record.devices, {
                ...houseChoices(house.record),
                ...preset.choices,
              }),
            }));
          }}
        />
      </div>
      <Checks checks={plan.pinChecks} />
      <DndContext sensors={sensors} onDragEnd={dropped}>
        <div className="pin-ends">
          {plan.ends.map((end) => (
            <EndContacts key={end.end.id} end={end} props={props} refused={refused} onPut={put} />
          ))}
        </div>
      </DndContext>
      <p className="soft">
        Drag a conductor on to a contact, or choose its contact in the list. Colours are those of the cable.{' '}
        <Link to={`/print/wires/lead/${lead.record.id}`}>Wire list, to print</Link>
      </p>
    </section>
  );
}

function Checks({ checks }: { readonly checks: readonly PinCheck[] }) {
  if (checks.length === 0) return <VerdictMark verdict="fits" label="Nothing against this pin plan" />;
  return (
    <ul className="pin-checks">
      {checks.map(({ code, weight, message }) => (
        <li key={`${code} ${message}`} className={weight}>
          <VerdictMark
            verdict={weight === 'wrong' ? 'does not fit' : weight === 'risk' ? 'tight' : 'fits'}
            label={weight}
          />{' '}
          {message}
        </li>
      ))}
    </ul>
  );
}

interface EndContactsProps {
  readonly end: EndPlan;
  readonly props: StageProps;
  readonly refused: { readonly key: string; readonly message: string } | undefined;
  readonly onPut: (endId: string, strand: Strand, contact: string | null) => void;
}

/** The contacts of one end with what is on them, and its conductors with where each is. */
function EndContacts({ end, props: { lead, house }, refused, onPut }: EndContactsProps) {
  const { record } = lead;
  const at = signalEnd(lead.record, end.end, house.record.devices);
  const conductors = conductorsAtEnd(record, end.end);
  const contactOf = (strand: PieceConductor) =>
    record.pinPlan.find(
      ({ endId, pieceId, conductor }) =>
        endId === end.end.id && pieceId === strand.pieceId && conductor === strand.id,
    )?.contact ?? null;
  const places = [
    ...end.connector.contacts.map(({ id }) => ({ id, role: roleOf(record.signal, at, id) })),
    { id: spare, role: undefined },
  ];
  return (
    <div className="pin-end">
      <h3>
        End {end.end.name} <span className="soft">{end.connector.name}</span>
      </h3>
      <ul>
        {places.map(({ id, role }) => (
          <ContactPlace key={id} dropId={`${end.end.id}|${id}`} contact={id} role={role}>
            {conductors
              .filter((conductor) => (contactOf(conductor) ?? spare) === id)
              .map((conductor) => {
                const strand = { pieceId: conductor.pieceId, conductor: conductor.id };
                const key = idOf(end.end.id, strand);
                return (
                  <li key={key}>
                    <Chip dragId={key} conductor={conductor} name={conductorNames([conductor])} />
                    <NativeSelect
                      size="xs"
                      aria-label={`${conductorNames([conductor])}, end ${end.end.name}`}
                      value={id}
                      data={places.map((place) => ({
                        value: place.id,
                        label:
                          place.role && place.role !== place.id ? `${place.id}, ${place.role}` : place.id,
                      }))}
                      error={refused?.key === key ? refused.message : undefined}
                      onChange={({ currentTarget: { value } }) =>
                        onPut(end.end.id, strand, value === spare ? null : value)
                      }
                    />
                  </li>
                );
              })}
          </ContactPlace>
        ))}
      </ul>
    </div>
  );
}

function ContactPlace({
  dropId,
  contact,
  role,
  children,
}: {
  readonly dropId: string;
  readonly contact: string;
  readonly role: string | undefined;
  readonly children: React.ReactNode;
}) {
  const { setNodeRef, isOver } = useDroppable({ id: dropId });
  return (
    <li ref={setNodeRef} className={isOver ? 'contact over' : 'contact'}>
      <span className="contact-name">
        <strong>{contact}</strong> {role && role !== contact && <span className="soft">{role}</span>}
      </span>
      <ul>{children}</ul>
    </li>
  );
}

function Chip({
  dragId,
  conductor,
  name,
}: {
  readonly dragId: string;
  readonly conductor: PieceConductor;
  readonly name: string;
}) {
  const { attributes, listeners, setNodeRef, transform } = useDraggable({ id: dragId });
  return (
    <button
      type="button"
      ref={setNodeRef}
      className="conductor-chip"
      style={
        transform ? { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 5 } : undefined
      }
      {...attributes}
      {...listeners}
      aria-label={`${name}: drag to a contact`}
    >
      <span
        className="conductor-colour"
        style={{ background: conductorPaint(conductor) }}
        aria-hidden="true"
      />
      {name}
    </button>
  );
}
