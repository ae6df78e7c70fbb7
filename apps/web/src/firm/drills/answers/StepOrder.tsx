import {
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  SortableContext,
  arrayMove,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { IconButton } from '@mui/material';
import { ArrowDown, ArrowUp, DragHandle } from '../../../kit/icons';
import { translated, useWords } from '../../../words';
import { useDragWords } from '../../../kit/useDragWords';
import styles from '../Drills.module.css';

interface StepOrderProps {
  items: readonly { id: string; text: string }[];
  order: readonly string[];
  put: (order: string[]) => void;
  isOpen: boolean;
}

/** Steps put in order: dragged, or moved by their buttons. */
export function StepOrder({ items, order, put, isOpen }: StepOrderProps) {
  const words = useWords();
  const dragWords = useDragWords();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const move = (from: number, to: number): void => {
    if (isOpen && to >= 0 && to < order.length) put(arrayMove([...order], from, to));
  };
  const drop = ({ active, over }: DragEndEvent): void => {
    if (over) move(order.indexOf(String(active.id)), order.indexOf(String(over.id)));
  };
  return (
    <DndContext
      accessibility={dragWords}
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={drop}
    >
      <SortableContext items={[...order]} strategy={verticalListSortingStrategy}>
        <ol className={styles.steps} aria-label={words('drills.steps')}>
          {order.map((id, at) => (
            <Step
              key={id}
              id={id}
              text={translated(items.find((item) => item.id === id)?.text ?? '')}
              isOpen={isOpen}
              up={() => move(at, at - 1)}
              down={() => move(at, at + 1)}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

interface StepProps {
  id: string;
  text: string;
  isOpen: boolean;
  up: () => void;
  down: () => void;
}

function Step({ id, text, isOpen, up, down }: StepProps) {
  const words = useWords();
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id, disabled: !isOpen });
  return (
    <li ref={setNodeRef} style={{ transform: CSS.Transform.toString(transform), transition }}>
      <IconButton size="small" aria-label={text} disabled={!isOpen} {...attributes} {...listeners}>
        <DragHandle fontSize="small" />
      </IconButton>
      <span>{text}</span>
      <IconButton aria-label={words('drills.up', { step: text })} disabled={!isOpen} onClick={up}>
        <ArrowUp fontSize="small" />
      </IconButton>
      <IconButton aria-label={words('drills.down', { step: text })} disabled={!isOpen} onClick={down}>
        <ArrowDown fontSize="small" />
      </IconButton>
    </li>
  );
}
