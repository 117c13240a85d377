import type { Cable } from '@gorvane/core/cable/cable.ts';
import type { ChainItem } from '@gorvane/core/line/chain.ts';
import { chainItemLabel } from '@gorvane/core/line/chain.ts';
import { formatMetres } from '@gorvane/core/quantity/length.ts';
import { formatPrefixed } from '@gorvane/core/quantity/prefix.ts';
import type { Announcements, DragEndEvent } from '@dnd-kit/core';
import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  SortableContext,
  arrayMove,
  horizontalListSortingStrategy,
  sortableKeyboardCoordinates,
  useSortable,
} from '@dnd-kit/sortable';
import { IconGripVertical } from '@tabler/icons-react';
import type { KeyboardEvent } from 'react';
import { useRef } from 'react';
import { ChainItemShape } from '../../drawing/chain-item.tsx';

interface ChainRunProps {
  readonly items: readonly ChainItem[];
  readonly cables: readonly Cable[];
  readonly chosen: number;
  readonly onChoose: (place: number) => void;
  readonly onOrder: (items: readonly ChainItem[]) => void;
}

/** The figure under an item. */
export function chainItemFigure(item: ChainItem): string {
  switch (item.kind) {
    case 'cable':
    case 'section':
      return formatMetres(item.length);
    case 'series resistor':
    case 'shunt resistor':
      return formatPrefixed(item.value, 'ohm', 3);
    case 'series inductor':
      return formatPrefixed(item.value, 'H', 3);
    case 'shunt capacitor':
      return formatPrefixed(item.value, 'F', 3);
    case 'connector':
    case 'file':
      return '';
  }
}

/** What an item is taken by, one of each at every place. */
const handles = { item: '.chain-place > button:first-child', grip: '.chain-place > .grip' } as const;

/** The chain as a run, source at the left. Dragging by the grip, or Alt with an arrow key, changes the order. */
export function ChainRun({ items, cables, chosen, onChoose, onOrder }: ChainRunProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const list = useRef<HTMLOListElement>(null);
  const ids = items.map((_item, place) => String(place));
  const move = (from: number, to: number, handle: 'item' | 'grip') => {
    if (to < 0 || to >= items.length || from === to) return;
    onOrder(arrayMove([...items], from, to));
    onChoose(to);
    // Whoever moves an item by keyboard goes on with that item and not with the one that took its place.
    list.current?.querySelectorAll<HTMLElement>(handles[handle]).item(to).focus();
  };
  const placeOf = (id: number | string) => `place ${Number(id) + 1} of ${items.length}`;
  const announcements: Announcements = {
    onDragStart: ({ active }) => `Picked up the item at ${placeOf(active.id)}`,
    onDragOver: ({ over }) => (over ? `Now over ${placeOf(over.id)}` : 'Outside the chain'),
    onDragEnd: ({ over }) => (over ? `Put down at ${placeOf(over.id)}` : 'Put back'),
    onDragCancel: ({ active }) => `Put back at ${placeOf(active.id)}`,
  };
  const dropped = ({ active, over }: DragEndEvent) =>
    over && move(Number(active.id), Number(over.id), 'grip');
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={dropped}
      accessibility={{ announcements, restoreFocus: false }}
    >
      <SortableContext items={ids} strategy={horizontalListSortingStrategy}>
        <ol ref={list} className="chain-run" aria-label="Chain, source first">
          <li className="chain-end">source</li>
          {items.map((item, place) => (
            <ChainPlace
              key={place}
              id={String(place)}
              item={item}
              label={chainItemLabel(item, cables)}
              chosen={place === chosen}
              onChoose={() => onChoose(place)}
              onMove={(by) => move(place, place + by, 'item')}
            />
          ))}
          <li className="chain-end">far end</li>
        </ol>
      </SortableContext>
    </DndContext>
  );
}

function ChainPlace({
  id,
  item,
  label,
  chosen,
  onChoose,
  onMove,
}: {
  readonly id: string;
  readonly item: ChainItem;
  readonly label: string;
  readonly chosen: boolean;
  readonly onChoose: () => void;
  readonly onMove: (by: 1 | -1) => void;
}) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition } = useSortable({
    id,
  });
  const onKeyDown = (event: KeyboardEvent) => {
    if (!event.altKey || (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight')) return;
    event.preventDefault();
    onMove(event.key === 'ArrowLeft' ? -1 : 1);
  };
  const figure = chainItemFigure(item);
  return (
    <li
      ref={setNodeRef}
      className={chosen ? 'chain-place chosen' : 'chain-place'}
      style={{ transform: transform ? `translateX(${transform.x}px)` : undefined, transition }}
    >
      <button type="button" aria-pressed={chosen} onClick={onChoose} onKeyDown={onKeyDown}>
        <ChainItemShape item={item} />
        <span>{label}</span>
        <span className="reading soft">{figure}</span>
      </button>
      <button
        type="button"
        className="grip"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        aria-label={`Move ${label}`}
      >
        <IconGripVertical size={16} aria-hidden="true" />
      </button>
    </li>
  );
}
