import type { Lead } from '@gorvane/core/lead/lead.ts';
import type { DragEndEvent } from '@dnd-kit/core';
import { DndContext, PointerSensor, useDndMonitor, useDroppable, useSensor, useSensors } from '@dnd-kit/core';
import type { ReactNode } from 'react';
import { useState } from 'react';
import type { Draft } from '../../draft/use-draft.ts';
import { extraOf, palette, withExtra } from './added-extra.ts';

interface PartDropProps {
  readonly lead: Draft<Lead>;
  readonly children: ReactNode;
}

/** Parts are dragged from the tray on to the run: dropped near an end, they are on the lead. */
export function PartDrop({ lead, children }: PartDropProps) {
  // By keyboard a part of the tray is a button: it goes near the end that is chosen.
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const dropped = ({ active, over }: DragEndEvent) => {
    const what = palette.find((kind) => `tray ${kind}` === String(active.id));
    const end = lead.record.ends.find(({ id }) => `near ${id}` === String(over?.id ?? ''));
    const extra = what && end && extraOf(lead.record, { what, endId: end.id });
    if (extra) lead.edit(`${what} near end ${end.name}`, (now) => withExtra(now, extra));
  };
  return (
    <DndContext sensors={sensors} onDragEnd={dropped}>
      {children}
    </DndContext>
  );
}

/** Lies over the run: while a part is dragged it shows where it can be dropped. */
export function RunDropZones({ lead }: { readonly lead: Lead }) {
  const [dragging, setDragging] = useState(false);
  useDndMonitor({
    onDragStart: ({ active }) => setDragging(String(active.id).startsWith('tray ')),
    onDragEnd: () => setDragging(false),
    onDragCancel: () => setDragging(false),
  });
  const [near, ...far] = lead.ends;
  return (
    <div className={dragging ? 'run-drop dragging' : 'run-drop'}>
      <DropZone endId={near!.id} name={near!.name} />
      <div>
        {far.map(({ id, name }) => (
          <DropZone key={id} endId={id} name={name} />
        ))}
      </div>
    </div>
  );
}

function DropZone({ endId, name }: { readonly endId: string; readonly name: string }) {
  const { setNodeRef, isOver } = useDroppable({ id: `near ${endId}` });
  return (
    <div ref={setNodeRef} className={isOver ? 'drop-zone over' : 'drop-zone'}>
      near end {name}
    </div>
  );
}
